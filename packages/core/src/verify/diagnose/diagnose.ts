import type { Contact } from '../../catalogue';
import { canonicalReading, pairsOf, type Reading, type Wiring } from '../../link';
import { arrangementOf } from './arrangement';
import type { Arrangement } from './arrangements';
import type { Message } from '../../message';
import { tell } from '../messages';
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
  readonly title: Message;
  readonly sentence: Message;
}

export interface Diagnosis {
  readonly verdict: 'pass' | 'fail' | 'unproven';
  readonly arrangement: Arrangement;
  /** The whole result in one sentence. */
  readonly summary: Message;
  readonly faults: readonly DescribedFault[];
  readonly actions: readonly Action[];
  /** What this result can't tell, by kind and in words. */
  readonly unseen: readonly Unseen[];
  readonly unseenNotes: readonly Message[];
}

/** Kinds of which a note tells that a tester can't see them. */
const NOTED: ReadonlySet<Unseen> = new Set([
  'split-pair',
  'high-resistance',
  'intermittent',
  'performance',
]);

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
      title: tell('fault-title', { kind: fault.kind }),
      sentence: sentenceOf(fault, faults, explanation, wiring),
    })),
    actions: actionsFor(faults, wiring, verdict),
    unseen: [...new Set(unseen)],
    unseenNotes: [
      ...relevant
        .filter((kind) => NOTED.has(kind))
        .map((kind) => tell('unseen-by-tester', { kind })),
      ...hidden.map(({ note }) => note),
    ],
  };
}

function summarise(
  verdict: Diagnosis['verdict'],
  arrangement: Arrangement,
  faults: readonly Fault[],
): Message {
  if (verdict === 'pass') return tell('found-good', { arrangement });
  if (verdict === 'unproven') return tell('found-order-only', { arrangement });
  return tell('found-faults', { count: faults.length });
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
        sentence: tell('do-verify-pairing', {}),
      },
    ];
  const all = faults.map((fault) => FAULTS[fault.kind].action(fault, wiring));
  const said = all.map(({ sentence }) => JSON.stringify(sentence));
  return all.filter((_, index) => said.indexOf(said[index] ?? '') === index);
}

const perhapsFewer = ({ fewest }: WiringExplanation) =>
  fewest
    ? []
    : [
        {
          kind: 'fewer-faults' as const,
          note: tell('unseen-fewer-faults', {}),
        },
      ];

/** Orders that could hide behind a short or among opens, which no continuity test can settle. */
function hiddenByFaults(
  shorts: readonly Fault[],
  { map, intact }: WiringExplanation,
): { readonly kind: Unseen; readonly note: Message }[] {
  const behind = shorts.filter((fault) => fault.near.filter((near) => intact.has(near)).length > 1);
  const opens = wiresOf(map).filter((contact) => !intact.has(contact));
  return [
    ...behind.map((fault) => ({
      kind: 'order-behind-short' as const,
      note: tell('unseen-order', { contacts: fault.near, why: 'short' }),
    })),
    ...(opens.length > 1
      ? [
          {
            kind: 'order-of-opens' as const,
            note: tell('unseen-order', { contacts: opens, why: 'open' }),
          },
        ]
      : []),
  ];
}
