import { BUILT_IN, CABLES, OUTLINES } from '../../catalogue';
import {
  LEVELS,
  PLAIN_OPTIONS,
  PORTS,
  adapterCard,
  adapterStanding,
  adapterTask,
  buzzInReach,
  namedContact,
  planWalk,
  solveAdapter,
  spiceSubcircuit,
  withPartners,
  writeNets,
  type Port,
  type ProbeReading,
} from '../../map';
import { seeded } from '../seeded';
import type { Cases } from './digest';

/** Cables that adapters are made of: bare, one that is too thin, ribbon, pairs. */
const CABLES_TRIED = [null, 'screened-9', 'usb-2', 'cat6-uutp-solid', ...ribbons()];

function ribbons(): string[] {
  return CABLES.filter(({ family }) => family === 'ribbon')
    .map(({ id }) => id)
    .slice(0, 1);
}

function told(near: Port, far: Port, cable: string | null) {
  const adapter = {
    name: 'Case',
    note: 'As told.',
    near,
    far,
    cable,
    options: { ...PLAIN_OPTIONS, lengthM: 3 },
  };
  const solution = solveAdapter(adapter, null, BUILT_IN);
  const task = adapterTask(adapter, null, BUILT_IN);
  const standing = adapterStanding(task, solution, []);
  return [
    solution,
    standing,
    writeNets(solution, task),
    spiceSubcircuit('Case', solution, task),
    adapterCard({
      adapter,
      solution,
      task,
      remarks: standing.remarks,
      date: '4 May 2026',
      ready: standing.tests.shellMayClose,
    }),
  ];
}

/** Names as they stand in tables of makers, and one that says nothing. */
const NAMES = [
  'TXD',
  'RXD',
  'RTS',
  'CTS',
  'DTR',
  'DSR',
  'GND',
  'SG',
  '5V',
  '+12V',
  'VCC',
  '3V3',
  'SDA',
  'SCL',
  'MOSI',
  'MISO',
  'SCK',
  'CS',
  'A',
  'B',
  'D+',
  'D-',
  'HOT',
  'COLD',
  'L',
  'R',
  'DGND',
  '0V',
  'NC',
  'SHIELD',
  'MIC',
  'PTT',
  'ALARM',
  'X7',
];
const OUTLINES_TRIED = ['d-sub-9', 'd-sub-15', 'din-5', 'modular-8p8c'] as const;

/** A device of which somebody has written a table in a hurry. */
function someDevice(random: ReturnType<typeof seeded>, index: number): Port {
  const row =
    OUTLINES.find(({ id }) => id === OUTLINES_TRIED[index % OUTLINES_TRIED.length]) ?? OUTLINES[0];
  if (!row) throw new Error('No outline');
  const contacts = row.places.map(({ contact }) =>
    namedContact(contact, random.pick(NAMES), {
      ...(random.below(3) === 0 ? { direction: random.pick(['in', 'out', 'both'] as const) } : {}),
      ...(random.below(3) === 0 ? { level: random.pick(LEVELS).id } : {}),
      ...(random.below(5) === 0
        ? { volts: random.pick([3.3, 5, 12, 24]), leastV: 4.5, mostV: 15 }
        : {}),
      ...(random.below(6) === 0 ? { currentA: random.pick([0.01, 0.5, 3]) } : {}),
    }),
  );
  return {
    id: `d${index}`,
    name: `Device ${index}`,
    connector: row.id,
    gender: index % 2 === 0 ? 'plug' : 'socket',
    contacts: withPartners(contacts),
    leastSupplyV: index % 3 === 0 ? 2.7 : null,
    leadAwg: index % 4 === 0 ? 26 : null,
  };
}

/** Cores are found out with a beeper in a cable that is not as its drawing says. */
function buzz(random: ReturnType<typeof seeded>, count: number) {
  const near = Array.from({ length: count }, (_, index) => String(index + 1));
  const far = random.shuffle(near);
  const open = random.below(2) === 0 ? random.pick(near) : null;
  const short = random.below(2) === 0 ? random.shuffle(near).slice(0, 2) : [];
  const copper = (name: string) => (short.includes(name) ? (short[0] ?? name) : name);
  const farOf = (name: string) => far[near.indexOf(name)];
  const expected = near.map((name) => ({ near: name, far: name }));
  const task = { near, far: near, expected: random.below(2) === 0 ? expected : [] };
  const readings: ProbeReading[] = [];
  const said = [];
  for (let turn = 0; turn < 80; turn += 1) {
    const buzzed = buzzInReach(task, readings);
    said.push(buzzed);
    const { next } = buzzed;
    if (!next) break;
    const beep =
      next.kind === 'pair'
        ? near.some(
            (name) =>
              name !== open && farOf(name) === next.far && copper(name) === copper(next.near),
          ) && next.near !== open
        : next.others.some((other) => copper(other) === copper(next.near));
    readings.push({ ...next, beep });
  }
  return said;
}

/** Every device with every other, and how cores are found out. */
export const MAP_CASES: Cases = {
  ...Object.fromEntries(
    PORTS.map((near, index) => [
      `from ${near.id}`,
      () =>
        PORTS.map((far, other) =>
          told(near, far, CABLES_TRIED[(index + other) % CABLES_TRIED.length] ?? null),
        ),
    ]),
  ),
  levels: () => LEVELS,
  ports: () => PORTS,
  walks: () => Array.from({ length: 24 }, (_, index) => planWalk(index + 2)),
  ...Object.fromEntries(
    Array.from({ length: 12 }, (_, group) => [
      `devices of one’s own, ${group + 1}`,
      () => {
        const random = seeded(100 + group);
        return Array.from({ length: 6 }, (_, index) =>
          told(
            someDevice(random, group + index),
            someDevice(random, 2 * group + index + 1),
            random.pick(CABLES_TRIED),
          ),
        );
      },
    ]),
  ),
  ...Object.fromEntries(
    Array.from({ length: 8 }, (_, index) => [
      `a buzz, ${index + 1}`,
      () => buzz(seeded(200 + index), 3 + index),
    ]),
  ),
};
