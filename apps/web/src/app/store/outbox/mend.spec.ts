import type { Entry } from './deed';
import { asTyped, fieldName, mendFields, mended } from './mend';

const refused = (current: unknown, errors?: { path: string; reason: string }[]) => ({
  type: 'about:blank',
  title: 'x',
  status: 409,
  current,
  errors,
});

const change: Entry = {
  id: 'e',
  deed: {
    kind: 'change',
    of: 'link',
    id: 'L',
    patch: {
      version: 1,
      label: 'K7',
      lengthM: 50,
      near: { place: 'C1', connector: 'plug-8p8c', scheme: 'T568B' },
    },
  },
  what: 'Change of K7',
  holdUntil: 0,
  refused: refused({
    id: 'L',
    version: 3,
    label: 'K7',
    lengthM: 43,
    near: { place: 'C1/A', connector: 'plug-8p8c', scheme: 'T568B' },
  }),
  failures: 2,
};

describe('what was refused', () => {
  it('is shown where it differs from what is stored, both side by side', () => {
    expect(mendFields(change).map(({ path, mine, stored }) => [path, mine, stored])).toEqual([
      ['lengthM', 50, 43],
      ['near.place', 'C1', 'C1/A'],
    ]);
  });

  it('goes again for what is stored now, mended where a person said so', () => {
    const again = mended(change, { 'near.place': 'C1/A' });
    expect(again.deed).toEqual({
      kind: 'change',
      of: 'link',
      id: 'L',
      patch: {
        version: 3,
        label: 'K7',
        lengthM: 50,
        near: { place: 'C1/A', connector: 'plug-8p8c', scheme: 'T568B' },
      },
    });
    expect([again.refused, again.failures, again.id]).toEqual([null, 0, 'e']);
  });

  it('asks only for the fields that both have changed, and leaves the rest as it is now', () => {
    const current = {
      id: 'L',
      version: 3,
      label: 'K7b',
      lengthM: 43,
      near: { place: 'C1/A', connector: 'keystone', scheme: 'T568B' },
    };
    const entry: Entry = {
      ...change,
      refused: refused(current, [
        { path: 'lengthM', reason: 'was changed by somebody else' },
        { path: 'near.place', reason: 'was changed by somebody else' },
      ]),
    };
    expect(mendFields(entry).map(({ path, mine, stored }) => [path, mine, stored])).toEqual([
      ['lengthM', 50, 43],
      ['near.place', 'C1', 'C1/A'],
    ]);
    expect(mended(entry, { 'near.place': 'C1/A' }).deed).toEqual(
      jasmine.objectContaining({
        patch: {
          version: 3,
          label: 'K7b',
          lengthM: 50,
          near: { place: 'C1/A', connector: 'keystone', scheme: 'T568B' },
        },
      }),
    );
  });

  it('shows the fields that the server named, with its reasons, where nothing else is stored', () => {
    const entry: Entry = {
      ...change,
      deed: {
        kind: 'make',
        of: 'link',
        id: 'L',
        siteId: 'S',
        made: {
          label: 'K1',
          near: { place: 'C1', connector: 'x' },
          far: { place: 'Kiosk', connector: 'y' },
          cable: 'z',
        },
      },
      refused: refused(undefined, [{ path: 'label', reason: 'is in use' }]),
    };
    expect(mendFields(entry)).toEqual([
      { path: 'label', mine: 'K1', stored: undefined, reason: 'is in use' },
    ]);
    const { deed } = mended(entry, { label: 'K1b' });
    expect(deed.kind === 'make' && deed.of === 'link' && deed.made.label).toBe('K1b');
  });

  it('puts something away in the version that is stored now', () => {
    const entry: Entry = { ...change, deed: { kind: 'away', of: 'link', id: 'L', version: 1 } };
    expect(mended(entry, {}).deed).toEqual({
      kind: 'away',
      of: 'link',
      id: 'L',
      version: 3,
    });
  });

  it('is typed as what it was, and called as people call it', () => {
    expect(asTyped('12,5', 3)).toEqual({ value: 12.5 });
    expect(asTyped('long', 3)).toBeNull();
    expect(asTyped('', null)).toEqual({ value: null });
    expect(asTyped('7', 'a')).toEqual({ value: '7' });
    expect(fieldName('near.place')).toBe('Near place');
    expect(fieldName('lengthM')).toBe('Length, m');
  });
});
