import * as z from 'zod';
import { readingOf, seenOf, testReading, type TestReading, type TestReadingInput } from '.';

const parse = (reading: TestReadingInput): TestReading => testReading.parse(reading);
/** As it goes over the wire. */
const wire: z.ZodType = testReading;
const sentOf = (kept: unknown): unknown => z.encode(wire, kept);
const there = (reading: TestReadingInput): TestReading => {
  const { trial, shown } = seenOf(parse(reading));
  return readingOf(trial, shown);
};

/** One reading of every class of tester. */
const READINGS: readonly TestReadingInput[] = [
  {
    tester: 'identifying-remote',
    nets: [{ near: ['1'], far: ['1'] }, { near: ['2'] }],
  },
  { tester: 'pairing', moved: 'far', nets: [], splitPairs: [['1', '2']] },
  { tester: 'pair-lamps', steps: [{ step: 'pair 1', lit: ['A'] }] },
  { tester: 'sequential-lamps', moved: 'near', steps: [{ step: '4', lit: [], dim: ['4'] }] },
  {
    tester: 'own-lamps',
    circuit: [
      {
        name: 'all',
        lamps: ['A'],
        parts: [
          { kind: 'supply', plus: 'p', minus: 'near:2', volts: 9, ohm: 1 },
          { kind: 'diode', name: 'A', anode: 'p', cathode: 'near:1', forwardV: 1.9, ohm: 10 },
          { kind: 'resistor', a: 'far:1', b: 'far:2', ohm: 0.01 },
        ],
      },
    ],
    steps: [{ step: 'all', lit: ['A'] }],
  },
  { tester: 'beeper', from: 'near 4', to: 'far S', beeps: true },
  { tester: 'ohmmeter', from: 'near 4', to: 'near 5', joined: ['4', '5'], ohm: 12.4 },
  { tester: 'ohmmeter', from: 'near 4', to: 'near 5', ohm: null },
  { tester: 'reflectometer', pairs: [{ pair: 2, place: 'far', shows: 'open' }] },
  { tester: 'tone', from: '3', heard: ['3', '6'] },
  { tester: 'look', end: 'near', cores: { '1': 'white-orange', '2': 'orange' } },
  { tester: 'coax-trio', ohms: [null, 4.2, 79.1] },
];

describe('A reading of a tester', () => {
  for (const reading of READINGS)
    it(`goes to core and comes back the same: ${reading.tester}`, () =>
      expect(there(reading)).toEqual(parse(reading)));

  it('is read again as it is kept and sent: what comes out goes in', () => {
    for (const reading of READINGS) {
      const kept = parse(reading);
      const sent = JSON.parse(JSON.stringify(sentOf(kept))) as TestReadingInput;
      expect(parse(sent)).withContext(reading.tester).toEqual(kept);
    }
  });

  it('has split pairs of a tester that sees them only', () => {
    const nets = [{ near: ['1'], far: ['1'] }];
    const blind = seenOf(parse({ tester: 'identifying-remote', nets, splitPairs: [['1', '2']] }));
    expect(blind.shown).toEqual(jasmine.objectContaining({ splitPairs: null }));
    const sees = seenOf(parse({ tester: 'pairing', nets }));
    expect(sees.shown).toEqual(jasmine.objectContaining({ splitPairs: [] }));
  });

  it('names contacts of an end, and nothing else', () => {
    const from = (text: string) =>
      testReading.safeParse({ tester: 'beeper', from: text, to: 'far 1', beeps: false }).success;
    expect(from('near 4')).toBeTrue();
    expect(from('far S')).toBeTrue();
    for (const text of ['4', 'middle 4', 'near', 'near 4 5', 'near §'])
      expect(from(text)).toBeFalse();
  });

  it('is what its own tester shows: no other’s', () => {
    const mixed = { tester: 'beeper', from: 'near 1', to: 'far 1', heard: ['1'] };
    expect(testReading.safeParse(mixed).success).toBeFalse();
    expect(
      testReading.safeParse({ tester: 'tone', from: '1', heard: [], beeps: true }).success,
    ).toBeFalse();
    expect(
      testReading.safeParse({ tester: 'ohmmeter', from: 'near 1', to: 'far 1', ohm: -2 }).success,
    ).toBeFalse();
  });
});
