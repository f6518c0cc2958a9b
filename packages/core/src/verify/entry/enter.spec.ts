import { inEnglish } from '../../testing/in-english';
import { PLAIN_JOB, fourPairWiring, wiringOf } from '../../link';
import { parseOhm } from '../../units';
import { plainBench } from '../circuit/bench';
import { madeWith } from '../circuit/made';
import { observe } from '../observe';
import { completeFault } from '../explain/complete-fault';
import { compareTest, judgeTest } from '../explain/judge-test';
import { placeOf, testersFor, type TesterId } from '../testers';
import { entryForm, type EntryForm } from './form';
import { lampFace, parseLamps, turnLamp, type LampFace } from './lamps';

const bench = plainBench(fourPairWiring('T568B', 'T568B', true), {
  lengthM: 40,
  gaugeAwg: 24,
  temperatureC: 20,
});
const coax = plainBench(
  wiringOf(
    {
      near: { place: '', connector: 'bnc-crimp-50-rg-58', scheme: 'T568B' },
      far: { place: '', connector: 'bnc-crimp-50-rg-58', scheme: 'T568B' },
      cable: 'rg-58',
      schools: {},
    },
    PLAIN_JOB,
  ),
  { lengthM: 25, gaugeAwg: 20, temperatureC: 20 },
  50,
);

function faceOf(id: TesterId): LampFace {
  const face = lampFace(id, bench);
  if (!face) throw new Error(`${id} has no lamps`);
  return face;
}

/** The lines of a class that has some. */
function linesOf(id: TesterId, of: Parameters<typeof entryForm>[1]): EntryForm {
  const form = entryForm(id, of);
  if (!form) throw new Error(`${id} has no lines`);
  return form;
}

describe('Entering what a tester showed', () => {
  it('reads what a good link shows, as it is written, as a good link: every class, pairs and coax', () => {
    let forms = 0;
    for (const on of [bench, coax])
      for (const { id } of testersFor(on.wiring)) {
        const form = entryForm(id, { bench: on, lengthM: 40, units: 'metric' });
        if (!form) continue;
        const read = form.read(form.rows.map(({ good }) => good));
        if (!read.ok) throw new Error(`${id}: ${read.reason}`);
        expect(read.seen.length).withContext(id).toBeGreaterThan(0);
        for (const seen of read.seen)
          expect(compareTest(seen, on).good)
            .withContext(`${id} ${inEnglish(compareTest(seen, on).summary)}`)
            .toBeTrue();
        forms += 1;
      }
    expect(forms).toBeGreaterThanOrEqual(7);
  });

  it('leaves out lines that are empty, and says which one can’t be read', () => {
    const form = linesOf('ohmmeter', { bench, lengthM: 40, units: 'metric' });
    const read = form.read(['', '7.1', '', '']);
    expect(read.ok && read.seen.length).toBe(1);
    expect(form.read(['7', 'seven'])).toEqual(jasmine.objectContaining({ ok: false, row: 1 }));
    expect(form.goodByOneKey).toBeFalse();
    expect(linesOf('beeper', { bench, lengthM: 40, units: 'metric' }).goodByOneKey).toBeTrue();
  });

  it('asks for all three readings of a trio', () => {
    const form = linesOf('coax-trio', { bench: coax, lengthM: 25, units: 'metric' });
    const part = form.read(['OL', '1.2', '']);
    expect(part.ok).toBeFalse();
    const shorted = form.read(['0.9', '0.9', '0.9']);
    if (!shorted.ok) throw new Error(shorted.reason);
    expect(shorted.seen.map((seen) => compareTest(seen, coax).good)).toEqual([false]);
  });

  it('reads lengths as places: metres, feet, or in words where the length is not known', () => {
    const form = linesOf('reflectometer', { bench, lengthM: 40, units: 'metric' });
    const read = form.read(['39.2', '12 m short', '131 ft', 'near']);
    if (!read.ok) throw new Error(read.reason);
    const [seen] = read.seen;
    expect(seen?.shown).toEqual({
      method: 'lengths',
      pairs: [
        { pair: 1, place: 'far', shows: 'open' },
        { pair: 2, place: 'cable', shows: 'short' },
        { pair: 3, place: 'far', shows: 'open' },
        { pair: 4, place: 'near', shows: 'open' },
      ],
    });
    const unknown = linesOf('reflectometer', { bench, lengthM: null, units: 'metric' });
    expect(unknown.read(['12 m'])).toEqual(jasmine.objectContaining({ ok: false }));
    expect(unknown.read(['cable short']).ok).toBeTrue();
    expect([0.5, 20, 39].map((metres) => placeOf(metres, 40))).toEqual(['near', 'cable', 'far']);
    expect([0.1, 1.9].map((metres) => placeOf(metres, 2))).toEqual(['near', 'far']);
  });

  it('reads colours in letters, and names one that the cable has not', () => {
    const form = linesOf('look', { bench, lengthM: 40, units: 'metric' });
    const swapped = form.read(['', 'w-o o w-g w-bl bl g w-br br shield']);
    if (!swapped.ok) throw new Error(swapped.reason);
    const told = swapped.seen.map((seen) => compareTest(seen, bench));
    expect(told.map(({ good }) => good)).toEqual([false]);
    expect(inEnglish(told[0]?.summary)).toContain('on 4');
    const strange = form.read(['pk', '']);
    expect(strange.ok ? '' : strange.reason).toContain('‘pk’ is none of this cable’s colours');
  });
});

describe('Entering lamps', () => {
  const faults = [completeFault({ kind: 'open', near: ['4'], end: 'far' }, bench.wiring)];

  it('reads pairs that light', () => {
    const face = faceOf('pair-lamps');
    const all = parseLamps('1234', face, bench);
    expect(all.ok && all.steps).toEqual(face.good);
    const dark = parseLamps('2 3? 4', face, bench);
    expect(dark.ok && dark.steps).toEqual([
      { step: 'all', lit: ['pair 2', 'pair 4'], dim: ['pair 3'] },
    ]);
    expect(parseLamps('9', face, bench).ok).toBeFalse();
  });

  it('reads a scan as a wire map is read: what it shows of an open conductor', () => {
    const face = faceOf('sequential-lamps');
    const typed = parseLamps('123-5678S', face, bench);
    if (!typed.ok) throw new Error(typed.reason);
    const shown = observe(face.trial, madeWith(bench.wiring, faults), bench);
    expect({ method: 'lamps', steps: typed.steps }).toEqual(shown as never);
    const good = parseLamps('12345678S', face, bench);
    const seen = {
      trial: face.trial,
      shown: { method: 'lamps' as const, steps: good.ok ? good.steps : [] },
    };
    expect(judgeTest(seen, bench).verdict).toBe('as-expected');
  });

  it('takes a lamp on: dark, lit, dim, dark', () => {
    const [step] = faceOf('pair-lamps').good;
    if (!step) throw new Error('no step');
    const dim = turnLamp(step, 'pair 2');
    expect([dim.lit.includes('pair 2'), dim.dim]).toEqual([false, ['pair 2']]);
    const dark = turnLamp(dim, 'pair 2');
    expect([dark.lit.includes('pair 2'), dark.dim]).toEqual([false, []]);
    expect(turnLamp(dark, 'pair 2').lit).toContain('pair 2');
  });
});

describe('Reading ohms', () => {
  it('takes what meters show', () => {
    const read = (text: string) => {
      const parsed = parseOhm(text);
      return parsed.ok ? parsed.ohm : parsed.reason;
    };
    expect(['5.2', '5,2 Ω', '1.2k', '2M', '300 m', 'OL', 'open', '-', '.5 ohm'].map(read)).toEqual([
      5.2,
      5.2,
      1200,
      2e6,
      0.3,
      null,
      null,
      null,
      0.5,
    ]);
    expect(read('5..2')).toBe("'5..2' is not a resistance. Write 5.2 or 1.2 k, OL for open.");
  });
});
