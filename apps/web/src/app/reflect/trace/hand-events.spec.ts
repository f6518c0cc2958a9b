import type { TraceEvent } from '@near-spoke/core/reflect/analyse';
import { tellIn } from '@near-spoke/words';
import { ENGLISH } from '@near-spoke/words/en';
import { HandEvents } from './hand-events';
import { shown } from './shown-event';

const VELOCITY = { value: 0.7, u: 0.007 };
const event = (nanoseconds: number, kind: TraceEvent['kind'], end = false): TraceEvent => ({
  delayS: { value: nanoseconds * 1e-9, u: 0.05e-9 },
  // Of another velocity factor: what counts is where the one in use puts it.
  distanceM: { value: 0, u: 0 },
  kind,
  reflection: { value: 0.19, u: 0.01 },
  end,
  confidence: 0.99,
  ohm: 147,
  branchS: null,
});

describe('HandEvents', () => {
  const found = [event(100, 'rise'), event(300, 'open', true)];
  const delays = (hand: HandEvents) =>
    hand.of(found, VELOCITY).map(({ delayS, kind }) => [kind, Math.round(delayS.value * 1e9)]);

  it('stand where the velocity factor puts them, in their order', () => {
    const hand = new HandEvents();
    hand.add({ value: 200e-9, u: 0.2e-9 });
    expect(delays(hand)).toEqual([
      ['rise', 100],
      ['hand', 200],
      ['open', 300],
    ]);
    const [first] = hand.of(found, VELOCITY);
    expect(first?.distanceM.value).toBeCloseTo(10.49, 2);
    expect(first?.distanceM.u).toBeCloseTo(0.105, 3);
    const [slower] = hand.of(found, { value: 0.35, u: 0 });
    expect(slower?.distanceM.value).toBeCloseTo(5.25, 2);
  });

  it('go when they are taken out, found or put there', () => {
    const hand = new HandEvents();
    hand.add({ value: 200e-9, u: 0.2e-9 });
    const [rise, put] = hand.of(found, VELOCITY);
    if (rise) hand.remove(rise, found);
    expect(delays(hand).map(([kind]) => kind)).toEqual(['hand', 'open']);
    if (put) hand.remove(put, found);
    expect(delays(hand).map(([kind]) => kind)).toEqual(['open']);
  });

  it('are as they were found when another trace is taken', () => {
    const hand = new HandEvents();
    const [rise] = hand.of(found, VELOCITY);
    if (rise) hand.remove(rise, found);
    hand.add({ value: 50e-9, u: 0.2e-9 });
    hand.clear();
    expect(delays(hand).map(([kind]) => kind)).toEqual(['rise', 'open']);
  });

  it('are told with what lies within for 95 %, and the sum to check them by', () => {
    const hand = new HandEvents();
    hand.add({ value: 200e-9, u: 0.2e-9 });
    const [rise, put, open] = hand
      .of(found, VELOCITY)
      .map((one) => shown(one, VELOCITY, tellIn(ENGLISH, 'metric')));
    expect(rise?.at).toBe('10.49 m ± 0.21 m');
    expect(rise?.back).toBe('19 % back');
    expect(rise?.ohms).toBe('147 Ω');
    expect(rise?.sum).toContain('0.7 × 299 792 458 m/s × 100.00 ns / 2 = 10.49 m');
    // Nothing is known of what a person put there but where it is.
    expect([put?.sure, put?.back, put?.ohms]).toEqual(['', '', '']);
    expect(open?.words.name).toBe('Open');
    const [feet] = hand
      .of(found, VELOCITY)
      .map((one) => shown(one, VELOCITY, tellIn(ENGLISH, 'imperial')));
    expect(feet?.at).toMatch(/ft/);
  });
});
