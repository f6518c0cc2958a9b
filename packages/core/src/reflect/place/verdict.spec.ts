import { inEnglish } from '../../testing/in-english';
import { lengthOf, type LengthHow } from '../../link';
import { LIGHT_M_S } from '../../units';
import { FAR_ENDS, isGoodEnd, knownEnd, verdictOf, whereabouts, type FarEnd } from '.';

const KINDS = ['open', 'short', 'rise', 'drop', 'series', 'tap', 'matched', 'hand'] as const;
type Kind = (typeof KINDS)[number];

const link = (lengthM: number | null, lengthHow: LengthHow = 'taped') => ({ lengthM, lengthHow });
const event = (kind: Kind, value: number, u = 0.01) => ({
  kind,
  end: kind === 'open' || kind === 'short',
  distanceM: { value, u },
});
const told = (kind: Kind, value: number, farEnd: FarEnd = 'unsaid', of = link(4.2)) =>
  inEnglish(verdictOf(event(kind, value), of, farEnd)).sentence;

describe('What an event says of a link', () => {
  it('names the kind at every place, and says “whole” of nothing but the end as it is said to be', () => {
    const places = { 'near-plug': 0.03, route: 2, 'far-plug': 4.2, beyond: 9 } as const;
    const names: Readonly<Record<Kind, string>> = {
      open: 'Open',
      short: 'Short',
      rise: 'Impedance rises',
      drop: 'Impedance drops',
      series: 'Resistance in the way',
      tap: 'Something across',
      matched: 'Nothing comes back',
      hand: 'Your mark',
    };
    const whole: string[] = [];
    for (const kind of KINDS)
      for (const [where, at] of Object.entries(places))
        for (const farEnd of FAR_ENDS) {
          const verdict = inEnglish(verdictOf(event(kind, at), link(4.2), farEnd));
          expect(verdict.where)
            .withContext(`${kind} ${where}`)
            .toBe(where as 'route');
          if (verdict.whole) whole.push(`${kind} ${where} ${farEnd}`);
          else expect(verdict.sentence).withContext(`${kind} ${where}`).toContain(names[kind]);
          expect(/whole/.test(verdict.sentence)).toBe(verdict.whole);
        }
    expect(whole.sort()).toEqual([
      'matched far-plug terminated',
      'open far-plug open',
      'short far-plug short',
    ]);
  });

  it('tells a dead short at the far plug as what it is', () => {
    expect(told('short', 4.2)).toMatch(
      /^Short at the far end, 4\.20 m ± 0\.02 m: the plug, or the \d+ cm before it\.$/,
    );
    expect(told('short', 4.2, 'open')).toContain('Short at the far end');
    expect(told('open', 4.2, 'open')).toBe('The cable is whole to its far end, 4.20 m ± 0.02 m.');
    expect(told('open', 4.2, 'terminated')).toContain('Open at the far end');
    expect(told('short', 0.03)).toContain('Short at the near end');
  });

  it('does not take a cut before the end for the end: 20 cm on a short lead, 6.5 m on 120 m', () => {
    expect(told('open', 4.0, 'open')).toBe('Open at 4.00 m ± 0.02 m.');
    const long = link(120, 'taped');
    expect(whereabouts(event('open', 113.5, 0.2), long)).toBe('route');
    // As it is only scheduled, nobody can tell: that is said, and what would.
    const loose = inEnglish(verdictOf(event('open', 113.5, 0.2), link(120, 'scheduled'), 'open'));
    expect(loose.whole).toBeFalse();
    expect(loose.sentence).toMatch(/the far end as you say it is, or up to 7\.\d m before it\.$/);
    expect(loose.why).toContain('only scheduled');
    expect(loose.why).toContain('Tape the cable');
  });

  it('compares with the length as it is known, and with no length knows no end', () => {
    const u = (how: LengthHow) => lengthOf(link(50, how))?.u ?? 0;
    expect(u('taped')).toBeLessThan(u('reflected'));
    expect(u('reflected')).toBeLessThan(u('scheduled'));
    expect(lengthOf({ lengthM: null })).toBeNull();
    expect(whereabouts(event('open', 40), link(null))).toBe('unknown');
    expect(isGoodEnd(event('open', 50), link(50), 'open')).toBeTrue();
    expect(isGoodEnd(event('open', 50), link(50), 'unsaid')).toBeFalse();
    expect(isGoodEnd(event('short', 50), link(50), 'open')).toBeFalse();
  });

  it('calls nothing whole by an end that the distances were scaled by', () => {
    const scaled = inEnglish(verdictOf(event('open', 4.2), link(4.2), 'open', true));
    expect(scaled.whole).toBeFalse();
    expect(scaled.sentence).toContain('the end that you took as known');
    expect(scaled.why).toContain('a cut before it would look the same');
  });

  it('tells feet where a site has them', () => {
    const { sentence } = inEnglish(verdictOf(event('short', 4.2), link(4.2), 'unsaid'), 'imperial');
    expect(sentence).toContain('13.78 ft');
    expect(sentence).not.toMatch(/\d m\b|cm/);
  });
});

describe('A trace with a known end', () => {
  const VF = 0.71;
  const at = (metres: number, u = 0.003) => {
    const value = (2 * metres) / (VF * LIGHT_M_S);
    return {
      end: metres > 20,
      delayS: { value, u: value * 0.0005 },
      distanceM: { value: metres, u: metres * u * 5 },
    };
  };

  it('gives the scale for free: every place before the end, and the velocity factor', () => {
    const known = inEnglish(knownEnd(at(22.32), at(10.75), link(22)));
    expect(known?.velocityFactor.value).toBeCloseTo((VF * 22) / 22.32, 4);
    expect(known?.sentence).toMatch(
      /^This is the known end: 10\.75 m becomes 10\.60 m ± 0\.0\d m, and the velocity factor 0\.6998\.$/,
    );
  });

  it('is offered only where the length is known better than the distance', () => {
    expect(inEnglish(knownEnd(at(22.32), null, link(22, 'scheduled')))).toBeNull();
    expect(inEnglish(knownEnd(at(22.32), null, link(null)))).toBeNull();
    // A cut on the way, or an end behind the link's own, is no scale.
    for (const metres of [11, 19, 25, 44])
      expect(inEnglish(knownEnd({ ...at(metres), end: true }, null, link(22))))
        .withContext(`${metres} m`)
        .toBeNull();
    expect(inEnglish(knownEnd({ ...at(22.32), end: false }, null, link(22)))).toBeNull();
    expect(inEnglish(knownEnd(at(22.32), null, link(22)))?.sentence).toContain(
      '22.32 m is 22.00 m',
    );
  });
});
