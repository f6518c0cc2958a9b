import { inEnglish } from '../../testing/in-english';
import { PLAIN_LINK } from '../../testing/plain-link';
import { PLAIN_JOB, type Link } from '../../link';
import { diagnosisOfLink } from '.';

const LINK: Link = { ...PLAIN_LINK, lengthM: 60 };
const seen = (value: number, kind = 'open') => ({
  kind,
  end: true,
  distanceM: { value, u: 0.2 },
});
const OPEN_4 = { kind: 'open', near: ['4'] };
const told = (event: ReturnType<typeof seen>, faults = [OPEN_4], link: Partial<Link> = {}) =>
  inEnglish(diagnosisOfLink(event, faults, { ...LINK, ...link }, PLAIN_JOB));

describe('A wire map and a trace of one link', () => {
  it('are one diagnosis: the plug that the open is at, by its name', () => {
    expect(told(seen(0.3))).toEqual(jasmine.objectContaining({ where: 'near-end' }));
    expect(told(seen(0.3))?.sentence).toContain('near end’s Keystone jack');
    expect(told(seen(59.5))).toEqual(jasmine.objectContaining({ where: 'far-end' }));
    expect(told(seen(59.5))?.sentence).toContain('far end’s 8P8C plug');
    expect(told(seen(30))).toEqual(jasmine.objectContaining({ where: 'route' }));
    expect(told(seen(30))?.sentence).toContain('The open on contact 4 lies at 30.0 m of 60.0 m');
  });

  it('name every contact, and a length that can’t be', () => {
    const two = [{ kind: 'short', near: ['1', '2'] }];
    expect(told(seen(20, 'short'), two)?.sentence).toContain('The short on contacts 1 and 2');
    expect(told(seen(80))?.where).toBe('beyond');
  });

  it('say nothing together where they are not of one kind, or the length is not known', () => {
    expect(told(seen(30, 'short'))).toBeNull();
    expect(told(seen(30, 'series'), [{ kind: 'series', near: ['4'] }])).toBeNull();
    expect(told(seen(30), [])).toBeNull();
    expect(told(seen(30), [OPEN_4], { lengthM: null })).toBeNull();
  });
});
