import { compareWithDrawing } from './compare';

const drawn = ['1', '2', '3', '4'].map((name) => ({ near: name, far: name }));
const kinds = (found: readonly (readonly [string, string])[], over = true) =>
  compareWithDrawing(
    drawn,
    found.map(([near, far]) => ({ near, far })),
    [],
    over,
  ).map(({ kind, near }) => [kind, ...near]);

describe('what was found against the drawing', () => {
  it('says nothing of an adapter that is as drawn', () => {
    expect(
      kinds([
        ['1', '1'],
        ['2', '2'],
        ['3', '3'],
        ['4', '4'],
      ]),
    ).toEqual([]);
  });

  it('calls two that took each other’s place one difference', () => {
    expect(
      kinds([
        ['1', '1'],
        ['2', '3'],
        ['3', '2'],
        ['4', '4'],
      ]),
    ).toEqual([['swapped', '2', '3']]);
  });

  it('tells each of three that went round', () => {
    expect(
      kinds([
        ['1', '2'],
        ['2', '3'],
        ['3', '1'],
        ['4', '4'],
      ]),
    ).toEqual([
      ['elsewhere', '1'],
      ['elsewhere', '2'],
      ['elsewhere', '3'],
    ]);
  });

  it('waits for the last probe before it misses a core, and tells a core that is not drawn', () => {
    const found = [
      ['1', '1'],
      ['2', '2'],
      ['3', '3'],
      ['5', '5'],
    ] as const;
    expect(kinds(found, false)).toEqual([['extra', '5']]);
    expect(kinds(found)).toEqual([
      ['missing', '4'],
      ['extra', '5'],
    ]);
  });
});
