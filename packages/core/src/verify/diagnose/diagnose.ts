import type { Contact } from '../../catalogue';
import { canonicalReading, pairsOf, type Reading, type Wiring } from '../../link';
import { arrangementOf } from './arrangement';
import type { Arrangement } from './arrangements';
import { list } from '../faults/fault-words';
import type { LEFT_OPEN } from './left-open';
import { sentenceOf } from './sentence-of';
import { explainWiring, type WiringExplanation } from './explain-wiring';
import type { Fault } from '../fault';
import { FAULTS, type Action } from '../faults';
import { openFaults, shortFaults, splitFaults, wiringFaults } from './name-faults';
import type { MapTesterId } from '../map-tester';
import { tester, type Blindness } from '../testers';
import { wiresOf } from './wiring-distance';

export interface TestResult {
  readonly wiring: Wiring;
  readonly tester: MapTesterId;
  readonly nets: Reading;
  /** Contact pairs that a pairing tester reports as split. */
  readonly splitPairs: readonly (readonly [Contact, Contact])[];
}

export type Unseen = Blindness | (typeof LEFT_OPEN)[number];

export interface DescribedFault extends Fault {
  readonly title: string;
  readonly sentence: string;
}

export interface Diagnosis {
  readonly verdict: 'pass' | 'fail' | 'unproven';
  readonly arrangement: Arrangement;
  /** The whole result in one sentence. */
  readonly summary: string;
  readonly faults: readonly DescribedFault[];
  readonly actions: readonly Action[];
  /** What this result can't tell, by kind and in words. */
  readonly unseen: readonly Unseen[];
  readonly unseenNotes: readonly string[];
}

const UNSEEN_NOTE: Readonly<Partial<Record<Unseen, string>>> = {
  'split-pair': 'This tester can’t see split pairs: order and shorts are checked, pairing is not.',
  'high-resistance': 'A poor joint that still conducts shows as good.',
  intermittent: 'A contact that opens when the cable is moved shows only while it is moved.',
  performance: 'Continuity says nothing about speed: that takes a certification measurement.',
};

/**
 * What is wrong with a link, from one reading: the fewest faults that explain it, each in a
 * sentence, and what to do. Applying the faults to the good link (applyFaults) gives the reading
 * back.
 *
 * The reading must name each contact at most once; a contact that it does not name is joined to
 * nothing.
 */
export function diagnose(result: TestResult): Diagnosis {
  const { wiring } = result;
  // One spelling, so that a tester's order of telling changes nothing.
  const nets = canonicalReading(result.nets);
  const explanation = explainWiring(nets, wiring);
  const shorts = shortFaults(nets, explanation, wiring);
  const faults = [
    ...wiringFaults(explanation, wiring),
    ...openFaults(explanation, wiring),
    ...shorts,
    ...splitFaults(result.splitPairs, explanation.map, wiring),
  ];
  const { blindTo } = tester(result.tester);
  // One pair alone can't be split with another.
  const pairingUnproven = blindTo.includes('split-pair') && pairsOf(wiring.near).length > 1;
  const relevant = blindTo.filter((kind) => kind !== 'split-pair' || pairingUnproven);
  const verdict = faults.length > 0 ? 'fail' : pairingUnproven ? 'unproven' : 'pass';
  const arrangement = arrangementOf(explanation, wiring);
  const hidden = [...hiddenByFaults(shorts, explanation), ...perhapsFewer(explanation)];
  const unseen: Unseen[] = [...relevant, ...hidden.map(({ kind }) => kind)];
  return {
    verdict,
    arrangement,
    summary: summarise(verdict, arrangement, faults),
    faults: faults.map((fault) => ({
      ...fault,
      title: FAULTS[fault.kind].title,
      sentence: sentenceOf(fault, faults, explanation, wiring),
    })),
    actions: actionsFor(faults, wiring, verdict),
    unseen: [...new Set(unseen)],
    unseenNotes: [
      ...relevant.flatMap((kind) => UNSEEN_NOTE[kind] ?? []),
      ...hidden.map(({ note }) => note),
    ],
  };
}

const ARRANGEMENT_NAME: Readonly<Record<Arrangement, string>> = {
  straight: 'straight',
  crossover: 'crossover',
  'full-crossover': 'full crossover',
  rollover: 'rollover',
  irregular: 'irregular',
  none: 'not known',
};

function summarise(
  verdict: Diagnosis['verdict'],
  arrangement: Arrangement,
  faults: readonly Fault[],
): string {
  const order = ARRANGEMENT_NAME[arrangement];
  if (verdict === 'pass') return `Good: ${order}, no opens, no shorts, no split pairs.`;
  if (verdict === 'unproven') return `Order and shorts verified (${order}), pairing not.`;
  return faults.length === 1 ? 'One fault found.' : `${faults.length} faults found.`;
}

function actionsFor(
  faults: readonly Fault[],
  wiring: Wiring,
  verdict: Diagnosis['verdict'],
): Action[] {
  if (verdict === 'unproven')
    return [
      {
        end: 'either',
        sentence:
          'To verify pairing, test with a tester that measures crosstalk, or read the colours pair by pair at both ends.',
      },
    ];
  const all = faults.map((fault) => FAULTS[fault.kind].action(fault, wiring));
  return all.filter(
    (action, index) => all.findIndex((other) => other.sentence === action.sentence) === index,
  );
}

const perhapsFewer = ({ fewest }: WiringExplanation) =>
  fewest
    ? []
    : [
        {
          kind: 'fewer-faults' as const,
          note: 'That no smaller set of faults explains this reading was not proven: mend what is told first, and test again.',
        },
      ];

/** Orders that could hide behind a short or among opens, which no continuity test can settle. */
function hiddenByFaults(
  shorts: readonly Fault[],
  { map, intact }: WiringExplanation,
): { readonly kind: Unseen; readonly note: string }[] {
  const behind = shorts.filter((fault) => fault.near.filter((near) => intact.has(near)).length > 1);
  const opens = wiresOf(map).filter((contact) => !intact.has(contact));
  return [
    ...behind.map((fault) => ({
      kind: 'order-behind-short' as const,
      note: `While ${list([...fault.near])} are shorted, their order can’t be seen: test again after the repair.`,
    })),
    ...(opens.length > 1
      ? [
          {
            kind: 'order-of-opens' as const,
            note: `While ${list(opens)} are open, their order can’t be seen: test again after the repair.`,
          },
        ]
      : []),
  ];
}
