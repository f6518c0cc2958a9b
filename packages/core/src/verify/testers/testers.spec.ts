import { fourPairWiring } from '../../link';
import { plainBench } from '../circuit/bench';
import { madeWith } from '../circuit/made';
import { MAP_TESTER_IDS, SEES_PAIRING } from '../map-tester';
import { observe } from '../observe';
import { TESTER_CLASSES, classOf, keyOfTrial, procedureOf, tester, type Trial } from '.';

const wiring = fourPairWiring('T568B', 'T568B', true);

describe('The classes of testers', () => {
  it('are the map testers that the border names, and see split pairs as it says', () => {
    const maps = TESTER_CLASSES.filter(({ method }) => method === 'nets').map(({ id }) => id);
    expect(maps.sort()).toEqual([...MAP_TESTER_IDS].sort());
    for (const id of MAP_TESTER_IDS)
      expect(SEES_PAIRING.has(id)).withContext(id).toBe(!tester(id).blindTo.includes('split-pair'));
  });

  it('show in the form that they name, and ask for the fields that they name', () => {
    const made = madeWith(wiring, []);
    for (const { id, method, put } of TESTER_CLASSES) {
      if (id === 'own-lamps') continue;
      for (const trial of procedureOf({ id }, wiring)) {
        expect(observe(trial, made, plainBench(wiring)).method)
          .withContext(id)
          .toBe(method);
        for (const name of Object.keys(put))
          expect(Object.keys(trial)).withContext(id).toContain(name);
        expect(classOf(trial).id).toBe(id);
      }
    }
  });

  it('know a trial again, in whatever order its fields were written', () => {
    const from = { end: 'near', contact: '1' } as const;
    const to = { end: 'far', contact: '1' } as const;
    const one: Trial = { tester: 'beeper', moved: null, from, to };
    const other: Trial = { to, from, moved: null, tester: 'beeper' };
    expect(keyOfTrial(one)).toBe(keyOfTrial(other));
    expect(keyOfTrial(one)).not.toBe(keyOfTrial({ ...one, from: to, to: from }));
    expect(keyOfTrial(one)).not.toBe(keyOfTrial({ ...one, moved: 'near' }));
  });
});
