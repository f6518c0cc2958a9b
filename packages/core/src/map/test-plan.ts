import { SHIELD, type Contact } from '../catalogue';
import type { End } from '../link';
import { level } from './level';
import { neighbours } from './neighbours';
import { rowsOf } from './nets';
import type { Port, PortContact } from './port';
import { meaningOf } from './signal';
import type { Net, Solution, Spot } from './solution';

export const TEST_STAGES = ['unpowered', 'supply', 'signals', 'function'] as const;
export type TestStage = (typeof TEST_STAGES)[number];

/** Said at the top of each stage. */
export const STAGE_RULES: Readonly<Record<TestStage, string>> = {
  unpowered: 'Both devices unplugged, nothing powered. Beeper on the adapter alone.',
  supply:
    'Only the supply, fused or limited, and nothing plugged in at the other end. Local codes and the device’s instruction come first; work on mains is for a licensed electrician.',
  signals: 'Sender plugged in, receiver not yet. Nothing is sent.',
  function: 'Both devices plugged in.',
};

interface StepBase {
  /** The same for the same measurement, so that its result stays with it. */
  readonly id: string;
  readonly stage: TestStage;
  readonly sentence: string;
}

export type TestStep = StepBase &
  (
    | { readonly kind: 'beep' | 'silence'; readonly probes: readonly [Spot, Spot] }
    | {
        readonly kind: 'volts';
        readonly probes: readonly [Spot, Spot];
        /** What is right, in any of these ranges. */
        readonly ranges: readonly (readonly [fromV: number, toV: number])[];
      }
    | { readonly kind: 'works' }
  );

/** A net, or a contact that is left open: its spots are one piece of copper. */
interface Piece {
  readonly name: string;
  readonly spots: readonly Spot[];
}

const at = ({ end, contact }: Spot): string => `${end} ${contact}`;
const id = (kind: string, [a, b]: readonly [Spot, Spot]): string =>
  `${kind} ${a.end} ${a.contact} ${b.end} ${b.contact}`;

const spotsOf = (net: Pick<Net, 'near' | 'far'>): Spot[] => [
  ...net.near.map((contact): Spot => ({ end: 'near', contact })),
  ...net.far.map((contact): Spot => ({ end: 'far', contact })),
];

/**
 * The fewest measurements that find every open, every bridge between neighbours and every wire in the
 * wrong place, in the order that harms nothing: k - 1 beeps for a net of k contacts; silence once for two
 * nets that stand beside each other at either end, and always between supply and ground; then volts of the
 * supply, idle levels, and what the adapter is for.
 */
export function planTests(
  solution: Pick<Solution, 'nets' | 'unmatched'>,
  ports: Readonly<Record<End, Port>>,
): TestStep[] {
  const pieces: Piece[] = [
    ...solution.nets.map((net) => ({ name: net.signal, spots: spotsOf(net) })),
    ...spotsOf(solution.unmatched).map((spot) => ({ name: at(spot), spots: [spot] })),
  ];
  return [
    ...solution.nets.flatMap(continuity),
    ...shieldSteps(solution.nets),
    ...isolation(pieces, solution.nets, ports),
    ...solution.nets.flatMap((net) => {
      const known = supplyStep(net, solution.nets, ports);
      return known.length > 0 ? known : unknownSupplyStep(net, solution.nets, ports);
    }),
    ...solution.nets.flatMap((net) => idleStep(net, solution.nets, ports)),
    ...functionSteps(solution.nets, ports),
  ];
}

function continuity(net: Net): TestStep[] {
  const [first, ...others] = spotsOf(net);
  if (!first) return [];
  return others.map((spot): TestStep => {
    const probes = [first, spot] as const;
    return {
      id: id('beep', probes),
      stage: 'unpowered',
      kind: 'beep',
      probes,
      sentence: `Beep ${at(first)} to ${at(spot)}: ${net.signal}.`,
    };
  });
}

function isolation(
  pieces: readonly Piece[],
  nets: readonly Net[],
  ports: Readonly<Record<End, Port>>,
): TestStep[] {
  const pieceAt = (end: End, contact: Contact) =>
    pieces.findIndex(({ spots }) =>
      spots.some((spot) => spot.end === end && spot.contact === contact),
    );
  const steps = new Map<string, TestStep>();
  const add = (probes: readonly [Spot, Spot], pair: readonly [number, number], why: string) => {
    const [a, b] = pair;
    if (a < 0 || b < 0 || a === b) return;
    const name = [Math.min(a, b), Math.max(a, b)].join();
    if (steps.has(name)) return;
    steps.set(name, {
      id: id('silence', probes),
      stage: 'unpowered',
      kind: 'silence',
      probes,
      sentence: `No beep ${at(probes[0])} to ${at(probes[1])}: ${pieces[a]?.name} and ${pieces[b]?.name} ${why}.`,
    });
  };
  const first = (net: Net): Spot | undefined => spotsOf(net)[0];
  const grounds = nets.filter((net) => isKind(net, 'ground', ports));
  for (const supply of nets.filter((net) => isKind(net, 'supply', ports)))
    for (const ground of grounds) {
      const [a, b] = [first(supply), first(ground)];
      if (a && b) add([a, b], [nets.indexOf(supply), nets.indexOf(ground)], 'must never touch');
    }
  for (const end of ['near', 'far'] as const)
    for (const [a, b] of neighbours(ports[end].connector).filter((pair) =>
      // Where neither holds a core, nothing was soldered that could have run over.
      pair.some((contact) => nets.some((net) => net[end].includes(contact))),
    ))
      add(
        [
          { end, contact: a },
          { end, contact: b },
        ],
        [pieceAt(end, a), pieceAt(end, b)],
        'stand beside each other',
      );
  return [...steps.values()];
}

const allRows = (net: Net, ports: Readonly<Record<End, Port>>): PortContact[] => {
  const { near, far } = rowsOf(net, ports);
  return [...near, ...far];
};

const isKind = (net: Net, role: PortContact['role'], ports: Readonly<Record<End, Port>>) =>
  allRows(net, ports).some((row) => row.role === role && row.partner === null);

/** A ground's contact at one end, to put the black probe on. */
function groundAt(end: End, nets: readonly Net[], ports: Readonly<Record<End, Port>>): Spot | null {
  const contact = nets.find((net) => isKind(net, 'ground', ports) && net[end].length > 0)?.[end][0];
  return contact === undefined ? null : { end, contact };
}

const other = (end: End): End => (end === 'near' ? 'far' : 'near');

/** Generic: how far a supply without load may be from what is written on it. */
const SUPPLY_TOLERANCE = 0.1;
const round = (volts: number): number => Number(volts.toFixed(2));
const range = ([from, to]: readonly [number, number]) => `${from} to ${to} V`;

function supplyStep(
  net: Net,
  nets: readonly Net[],
  ports: Readonly<Record<End, Port>>,
): TestStep[] {
  for (const end of ['near', 'far'] as const) {
    const source = rowsOf(net, ports)[end].find(
      ({ role, direction }) => role === 'supply' && direction === 'out',
    );
    const to = other(end);
    const contact = net[to][0];
    const ground = groundAt(to, nets, ports);
    if (!source || contact === undefined || !ground) continue;
    const probes = [{ end: to, contact }, ground] as const;
    const { volts } = source;
    const ranges =
      volts === null
        ? []
        : [
            [
              round(source.leastV ?? volts * (1 - SUPPLY_TOLERANCE)),
              round(volts * (1 + SUPPLY_TOLERANCE)),
            ] as const,
          ];
    return [
      {
        id: id('supply', probes),
        stage: 'supply',
        kind: 'volts',
        probes,
        ranges,
        sentence: `Red on ${at(probes[0])}, black on ${at(ground)}: ${
          ranges[0] ? range(ranges[0]) : 'the supply’s voltage'
        }, with the sign right. A lamp that lights here proves supply and ground.`,
      },
    ];
  }
  return [];
}

/** A supply of which the tables and the answers do not say who gives it. */
function unknownSupplyStep(
  net: Net,
  nets: readonly Net[],
  ports: Readonly<Record<End, Port>>,
): TestStep[] {
  const rows = rowsOf(net, ports);
  const [near] = rows.near.filter(({ role }) => role === 'supply');
  const [far] = rows.far.filter(({ role }) => role === 'supply');
  const ground = groundAt('far', nets, ports);
  if (!near || !far || !ground) return [];
  const probes = [{ end: 'far', contact: far.contact }, ground] as const;
  const volts = near.volts ?? far.volts;
  const ranges =
    volts === null
      ? []
      : [[round(volts * (1 - SUPPLY_TOLERANCE)), round(volts * (1 + SUPPLY_TOLERANCE))] as const];
  return [
    {
      id: id('supply', probes),
      stage: 'supply',
      kind: 'volts',
      probes,
      ranges,
      sentence: `Find out first which device gives ${net.signal}, and plug in that one alone. Red on ${at(probes[0])}, black on ${at(ground)}, or the same contacts’ partners at the other end: ${
        ranges[0] ? range(ranges[0]) : 'the supply’s voltage'
      }, with the sign right.`,
    },
  ];
}

/** The shield's joints at either end; where both are bonded, the beeps from shell to shell say it. */
function shieldSteps(nets: readonly Net[]): TestStep[] {
  const shield = nets.find(({ core }) => core === SHIELD);
  if (!shield || (shield.near.length > 0 && shield.far.length > 0)) return [];
  const end: End = shield.near.length > 0 ? 'near' : 'far';
  const [contact] = shield[end];
  if (contact === undefined) return [];
  return [
    {
      id: `shield ${end} ${contact}`,
      stage: 'unpowered',
      kind: 'works',
      sentence: `Beep ${end} ${contact} to the cable’s shield: joined. Beep the ${other(end)} connector’s shell to it: silent, since the shield is bonded at the ${end} end only.`,
    },
  ];
}

/** Serial data rests at a one; of other signals only the two levels are known, not which. */
const RESTS_AT_ONE = new Set(['transmit', 'receive']);

function idleRanges(row: PortContact): (readonly [number, number])[] {
  const family = level(row.level);
  const limits = row.thresholds ?? family?.thresholds;
  if (!limits || (family && family.kind !== 'single')) return [];
  const low = [limits.outLowMinV, limits.outLowMaxV] as const;
  const high = [limits.outHighMinV, limits.outHighMaxV] as const;
  if (!RESTS_AT_ONE.has(meaningOf(row.signal).concept)) return [low, high];
  return [family?.inverted ? low : high];
}

function idleStep(net: Net, nets: readonly Net[], ports: Readonly<Record<End, Port>>): TestStep[] {
  for (const end of ['near', 'far'] as const) {
    const sender = rowsOf(net, ports)[end].find(
      ({ role, direction }) => role === 'signal' && direction === 'out',
    );
    const to = other(end);
    const contact = net[to][0];
    const ground = groundAt(to, nets, ports);
    if (!sender || contact === undefined || !ground) continue;
    const ranges = idleRanges(sender);
    if (ranges.length === 0) continue;
    const probes = [{ end: to, contact }, ground] as const;
    return [
      {
        id: id('idle', probes),
        stage: 'signals',
        kind: 'volts',
        probes,
        ranges,
        sentence: `Red on ${at(probes[0])}, black on ${at(ground)}: ${net.signal} rests at ${ranges
          .map(range)
          .join(' or ')}.`,
      },
    ];
  }
  return [];
}

interface Function {
  readonly id: string;
  readonly concepts: readonly string[];
  readonly sentence: string;
}

const FUNCTIONS: readonly Function[] = [
  {
    id: 'serial',
    concepts: ['transmit', 'receive', 'bus', 'pair-a', 'pair-b', 'pair-c', 'pair-d'],
    sentence: 'Send a known text each way it can go: it arrives unchanged, ten times out of ten.',
  },
  {
    id: 'clocked',
    concepts: ['clock', 'data', 'to-device', 'from-device'],
    sentence: 'Let the device tell its own name or number over clock and data: the same ten times.',
  },
  {
    id: 'picture',
    concepts: ['video'],
    sentence: 'Look at the picture: steady, no bars that roll.',
  },
  {
    id: 'sound',
    concepts: ['audio'],
    sentence: 'Listen: sound without hum, also with the picture on.',
  },
  {
    id: 'supply',
    concepts: ['supply'],
    sentence: 'Let the fed device work as hard as it can for a minute: it does not restart.',
  },
];

function functionSteps(nets: readonly Net[], ports: Readonly<Record<End, Port>>): TestStep[] {
  const concepts = new Set(
    nets.flatMap((net) =>
      net.near.length > 0 && net.far.length > 0
        ? allRows(net, ports).map(({ role, signal }) =>
            role === 'supply' ? 'supply' : meaningOf(signal).concept,
          )
        : [],
    ),
  );
  const known = FUNCTIONS.filter((row) => row.concepts.some((concept) => concepts.has(concept)));
  const step = (name: string, sentence: string): TestStep => ({
    id: `works ${name}`,
    stage: 'function',
    kind: 'works',
    sentence,
  });
  return known.length > 0
    ? known.map((row) => step(row.id, row.sentence))
    : [
        step(
          'all',
          'Use both devices as they will be used: every function that goes over this adapter once.',
        ),
      ];
}
