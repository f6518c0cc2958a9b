import { asDeed } from './earlier-deeds';

const signed = { id: 'f', at: '2026-05-04T08:00:00.000Z', author: 'tech 1' };

describe('What an earlier program left waiting', () => {
  it('is sent as what it was: a fact about a link', () => {
    const tick = { ...signed, linkId: 'L', end: 'near', key: 'crimp', done: true };
    expect(asDeed({ kind: 'tick', linkId: 'L', tick })).toEqual({
      kind: 'fact',
      of: 'tick',
      about: { of: 'link', id: 'L' },
      fact: { ...tick, device: '' },
    });
    const voided = { ...signed, linkId: 'L', of: 'r', kind: 'reading', reason: 'On K05.' };
    const { linkId, ...rest } = voided;
    expect(asDeed({ kind: 'void', linkId, voided })['fact']).toEqual({
      ...rest,
      subject: 'L',
      device: '',
    });
  });

  it('takes back what it took back, which was a fact of its own kind then', () => {
    const fact = { ...signed, siteId: 'S', deed: { kind: 'undone', of: 'm' } };
    expect(asDeed({ kind: 'cable-fact', fact })).toEqual(
      jasmine.objectContaining({
        of: 'void',
        about: { of: 'site', id: 'S' },
        fact: jasmine.objectContaining({ ...signed, of: 'm', kind: 'cable', subject: 'S' }),
      }),
    );
    const reel = { ...signed, siteId: 'S', deed: { kind: 'reel', leftM: { value: 1, u: 0.1 } } };
    expect(asDeed({ kind: 'cable-fact', fact: reel })).toEqual(
      jasmine.objectContaining({ of: 'cable', fact: { ...reel, device: '' } }),
    );
  });

  it('keeps the device that a fact names', () => {
    const now = { kind: 'fact', of: 'tick', fact: { ...signed, device: 'van tablet' } };
    expect(asDeed(now)).toEqual(now);
  });

  it('edits what it edited', () => {
    const adapter = { id: 'A', name: 'Gauge', version: 1, away: false };
    expect(asDeed({ kind: 'adapter-new', adapter })).toEqual({
      kind: 'make',
      of: 'adapter',
      id: 'A',
      siteId: '',
      made: { id: 'A', name: 'Gauge' },
    });
    expect(asDeed({ kind: 'link-away', linkId: 'L', version: 3 })).toEqual({
      kind: 'away',
      of: 'link',
      id: 'L',
      version: 3,
    });
    const now = { kind: 'back', of: 'link', id: 'L' };
    expect(asDeed(now)).toBe(now);
  });
});
