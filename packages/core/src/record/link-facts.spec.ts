import { inEnglish } from '../testing/in-english';
import { PLAIN_JOB, type Link } from '../link';
import { linkFacts } from './link-facts';

describe('linkFacts', () => {
  const link: Link = {
    label: 'K1',
    hub: 'C1',
    near: { place: 'C1/A/01', connector: 'keystone-punch-down', scheme: 'T568A' },
    far: { place: 'Kiosk 1', connector: 'plug-8p8c', scheme: 'T568B' },
    cable: 'cat6-uutp-solid',
    lengthM: 30.48,
    route: [{ name: 'Tray T1', atM: 3.048 }],
    environment: 'indoor',
    schools: {},
    note: '',
  };
  const told = (rest: Partial<Link>, units: 'metric' | 'imperial' = 'metric') =>
    new Map(
      inEnglish(linkFacts({ ...link, ...rest }, PLAIN_JOB), units).map(([name, value]) => [
        name,
        value,
      ]),
    );

  it('say what is known, in the person’s unit, and that a scheduled length is not measured', () => {
    expect(told({}).get('Length')).toBe('30.5 m, as scheduled; not measured here');
    expect(told({}, 'imperial').get('Length')).toBe('100 ft, as scheduled; not measured here');
    expect(told({}, 'imperial').get('Route')).toBe('Tray T1 (10 ft)');
    const loop = { route: [{ name: 'Loop', atM: 3.048, extraM: 6.096 }] };
    expect(told(loop, 'imperial').get('Route')).toBe('Loop (10 ft, 20 ft wound up)');
    expect(told({}).get('Far end')).toBe('8P8C plug, T568B, at Kiosk 1');
    expect(told({ environment: 'outdoor' }).get('Place')).toBe('outdoor run');
  });

  it('say that a length is not known, and leave out what is empty', () => {
    const facts = told({ lengthM: null, route: [] });
    expect(facts.get('Length')).toBe('not known');
    expect([...facts.keys()]).toEqual(['Cable', 'Length', 'Near end', 'Far end', 'Hub']);
    expect(told({ note: 'Behind the lockers' }).get('Note')).toBe('Behind the lockers');
  });
});
