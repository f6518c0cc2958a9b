import { PLAIN_JOB, fourPairWiring, wiringOf, type Wiring } from '../link';
import type { TesterId } from '../verify';

const linkOf = (cable: string, connector: string): Wiring => {
  const end = { place: '', connector, scheme: 'T568B' as const };
  return wiringOf({ cable, near: end, far: end, schools: {} }, PLAIN_JOB);
};

/** Five single conductors, two of them crossed: as between two plugs of devices. */
const crossed = (): Wiring => {
  const end = (contacts: readonly string[]): Wiring['near'] => ({
    rule: 'its own pinout',
    turns: false,
    contacts: (['R', 'G', 'Y', 'BK', 'W'] as const).map((core, index) => ({
      contact: contacts[index] ?? '',
      core,
      pair: null,
      member: null,
    })),
  });
  return { near: end(['1', '2', '3', '5', '7']), far: end(['1', '3', '2', '5', '8']) };
};

/** Kinds of links that sessions of repair are played on, each with kits of testers as people carry them. */
export const SESSION_LINKS: readonly {
  readonly name: string;
  readonly wiring: Wiring;
  readonly kits: readonly (readonly TesterId[])[];
}[] = [
  {
    name: 'eight contacts',
    wiring: fourPairWiring('T568B', 'T568B', false),
    kits: [
      ['identifying-remote'],
      ['identifying-remote', 'look', 'beeper'],
      ['identifying-remote', 'pairing', 'look'],
      ['pairing', 'look', 'reflectometer', 'beeper'],
    ],
  },
  {
    name: 'shielded',
    wiring: fourPairWiring('T568A', 'T568A', true),
    kits: [
      ['identifying-remote', 'look', 'beeper'],
      ['pairing', 'look', 'reflectometer'],
      ['pairing'],
    ],
  },
  {
    name: 'coaxial',
    wiring: linkOf('rg-59', 'f-compression-rg-59'),
    kits: [['coax-trio'], ['coax-trio', 'look', 'beeper'], ['identifying-remote', 'look']],
  },
  {
    name: 'telephone',
    wiring: linkOf('cord-4', 'plug-6p4c'),
    kits: [['identifying-remote'], ['identifying-remote', 'look', 'tone'], ['pairing', 'look']],
  },
  {
    name: 'adapter',
    wiring: crossed(),
    kits: [
      ['identifying-remote', 'look'],
      ['beeper', 'look'],
      ['identifying-remote', 'beeper'],
    ],
  },
];
