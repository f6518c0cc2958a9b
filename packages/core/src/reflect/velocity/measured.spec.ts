import { ofDeed, type CableDeed, type CableFactLike } from '../../link';
import { knownVelocity } from '.';

const GENERIC = { value: 0.7, u: 0.03 };

const fact = (
  id: string,
  reel: string,
  deed: CableDeed,
  more: Partial<CableFactLike> = {},
): CableFactLike => ({
  id,
  cable: 'cat6',
  reel,
  at: `2026-03-0${id}T08:00:00.000Z`,
  deed,
  ...more,
});

const velocity = (value: number, u = 0.001): CableDeed => ({
  kind: 'velocity',
  velocityFactor: { value, u },
  how: 'one-length',
});

describe('The velocity factor to go by', () => {
  it('is the catalogue’s until something was measured', () => {
    expect(knownVelocity([], 'cat6', 'R1', GENERIC)).toEqual({
      velocityFactor: GENERIC,
      from: 'catalogue',
      count: 0,
      at: null,
    });
    const other = [fact('1', 'R1', velocity(0.66), { cable: 'cat5e' })];
    expect(knownVelocity(other, 'cat6', 'R1', GENERIC).from).toBe('catalogue');
  });

  it('is that of the reel before that of others of the same cable', () => {
    const facts = [fact('1', 'R1', velocity(0.69)), fact('2', 'R2', velocity(0.7))];
    const own = knownVelocity(facts, 'cat6', 'R1', GENERIC);
    expect([own.from, own.velocityFactor.value, own.at]).toEqual([
      'reel',
      0.69,
      '2026-03-01T08:00:00.000Z',
    ]);
    const others = knownVelocity(facts, 'cat6', 'R3', GENERIC);
    expect([others.from, others.count]).toEqual(['cable', 2]);
    expect(others.velocityFactor.value).toBeCloseTo(0.695, 9);
    // They don't agree to within what they told, and reels differ anyway.
    expect(others.velocityFactor.u).toBeGreaterThan(0.005);
    expect(others.velocityFactor.u).toBeLessThan(GENERIC.u);
  });

  it('are told apart by what was measured', () => {
    const facts = [
      fact('1', 'R1', velocity(0.69)),
      fact('2', 'R1', { kind: 'reel', leftM: GENERIC }),
    ];
    expect(ofDeed(facts, 'velocity').map(({ id }) => id)).toEqual(['1']);
    expect(ofDeed(facts, 'place')).toEqual([]);
  });
});
