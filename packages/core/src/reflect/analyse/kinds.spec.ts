import { inputImpedance } from '../line/input-impedance';
import { keepMedia } from '../line/medium';
import { frequencies, over } from '../line/plane';
import { lineOf, type Change } from './guess';
import {
  asTaps,
  branchAsLine,
  kindsBefore,
  ofKinds,
  pairsAsTaps,
  shorterBranch,
  supposedAnew,
} from './kinds';

const change = (kind: Change['kind'], delayNs: number, size: number, stubNs = 0): Change => ({
  kind,
  delayS: delayNs * 1e-9,
  size,
  stubS: stubNs * 1e-9,
});
const kinds = (list: readonly Change[]) => list.map(({ kind }) => kind).join();

describe('What a change may turn out to be', () => {
  it('is another impedance, or what throws back the same way', () => {
    expect(kinds(ofKinds(change('end', 10, 0.5)))).toBe('step,series');
    expect(kinds(ofKinds(change('end', 10, -0.5)))).toBe('step,shunt');
    expect(kinds(ofKinds(change('tap', 10, 0, 5)))).toBe('tap');
    // An end that took all can be no joint of as much.
    expect(ofKinds(change('end', 10, 1)).map(({ size }) => size)).toEqual([0.9, 0.9]);
  });

  it('is decided of the last change once something lies behind it', () => {
    expect(kindsBefore([])).toEqual([[]]);
    const lists = kindsBefore([change('step', 5, 0.1), change('end', 10, 0.5)]);
    expect(lists.map(kinds)).toEqual(['step,step', 'step,series']);
  });

  it('is a branch where it goes down by about a third and its open end is seen', () => {
    const [branch] = asTaps([change('step', 20, -0.33)], 32e-9);
    expect(branch?.[0]?.kind).toBe('tap');
    expect(branch?.[0]?.stubS).toBeCloseTo(12e-9, 15);
    expect(asTaps([change('step', 20, -0.33)], 15e-9)).toEqual([]);
    expect(asTaps([change('step', 20, -0.05)], 32e-9)).toEqual([]);
    const pairs = pairsAsTaps([
      change('step', 20, -0.3),
      change('step', 30, 0.4),
      change('end', 50, 1),
    ]);
    expect(pairs.map(kinds)).toContain('tap,end');
  });

  it('is a branch of two that were supposed, in the place of the first, and leaves the others', () => {
    const list = [
      change('step', 5, 0.1),
      change('step', 20, -0.33),
      change('step', 32, 0.5),
      change('end', 60, 1),
    ];
    const found = pairsAsTaps(list);
    expect(found.map(kinds)).toEqual(['step,tap,end', 'step,tap,step']);
    expect(found[0]?.map(({ delayS }) => Math.round(delayS * 1e9))).toEqual([5, 20, 60]);
    expect(found[0]?.[1]?.stubS).toBeCloseTo(12e-9, 15);
  });

  it('is supposed anew of the last few, in every mixture', () => {
    const lists = supposedAnew([change('step', 5, 0.1), change('step', 10, 0.2)]);
    expect(lists.map(kinds).sort()).toEqual([
      'series,series',
      'series,step',
      'step,series',
      'step,step',
    ]);
  });

  it('calls the shorter of branch and rest the branch: both give the same trace', () => {
    const long = [change('tap', 20, 0, 40), change('end', 30, 1)];
    const [tap, end] = shorterBranch(long);
    expect(tap?.stubS).toBeCloseTo(10e-9, 15);
    expect(end?.delayS).toBeCloseTo(60e-9, 15);
    const short = [change('tap', 20, 0, 5), change('end', 30, 1)];
    expect(shorterBranch(short)).toBe(short);
    const shorted = [change('tap', 20, 0, 40), change('end', 30, -1)];
    expect(shorterBranch(shorted)).toBe(shorted);
  });

  it('calls an open branch where a resistance ends the line the line, and the resistance one across it', () => {
    const as = [change('series', 10, 0.3), change('tap', 20, 0, 40), change('end', 20.1, 0.2)];
    const line = branchAsLine(as);
    expect(kinds(line)).toBe('series,shunt,end');
    expect(line[2]?.delayS).toBeCloseTo(60e-9, 15);
    // What is seen into either is the same at every frequency.
    const plane = frequencies([1e6, 17e6, 93e6, 411e6]);
    const into = (changes: readonly Change[]) => {
      const { near } = inputImpedance(
        lineOf({ impedanceOhm: 75, loss: { skin: 20, resistance: 0, dielectric: 0 }, changes }),
        keepMedia(plane),
      );
      return over(near[0]?.num ?? plane, near[0]?.den ?? plane);
    };
    const [one, other] = [into(as.with(2, change('end', 20, 0.2))), into(line)];
    for (const part of ['re', 'im'] as const)
      one[part].forEach((ohm, k) => expect(other[part][k]).toBeCloseTo(ohm, 6));
  });

  it('leaves a branch as it is where the line goes on behind it', () => {
    const on = [change('tap', 20, 0, 40), change('end', 25, 0.2)];
    expect(branchAsLine(on)).toBe(on);
    const open = [change('tap', 20, 0, 40), change('end', 20, 1)];
    expect(branchAsLine(open)).toBe(open);
  });
});
