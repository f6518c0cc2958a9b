import type { LinkSummary } from '@near-spoke/contract';
import type { Test } from '@near-spoke/contract/tests';
import { compareContacts } from '@near-spoke/core/catalogue';
import { pairsOf, type Wiring } from '@near-spoke/core/link';
import { mapContacts, type Diagnosis as Found } from '@near-spoke/core/verify';
import type { Pages, Told } from '@near-spoke/words';
import { headline } from '../shell/sentences';

type Diagnosis = Told<Found>;

/** The pairs that a tester can name as split, each in the order of its contacts. */
export const splitPairsOf = (wiring: Wiring | null): [string, string][] =>
  wiring
    ? pairsOf(wiring.near)
        .map(({ tip, ring }) => [tip, ring].sort(compareContacts) as [string, string])
        .sort(([a], [b]) => compareContacts(a, b))
    : [];

/** How a link's wire map is typed: which near contacts, a good one, and several reached at once. */
export function typedAs(wiring: Wiring | null) {
  const { near, far } = wiring ? mapContacts(wiring) : { near: [], far: [] };
  const gap = far.some((contact) => contact.length > 1) ? ' ' : '';
  return {
    span: near.length > 1 ? `${near[0] ?? ''} to ${near.at(-1) ?? ''}` : (near[0] ?? ''),
    good: far.length <= 10 ? far.join(gap) : `${far.slice(0, 6).join(gap)}${gap}…`,
    several: `(${far.slice(0, 2).join(gap)})`,
  };
}

/** What the last result says to do. */
export function verdictSentence(
  link: LinkSummary,
  test: Test | null,
  diagnosis: Diagnosis | null,
  paired: boolean,
  next: string,
  say: Pages['verify'],
) {
  const proof = paired ? say.pairingTest : say.wireMap;
  if (link.state === 'pass')
    return {
      sentence: say.proven,
      why: test?.summary ?? diagnosis?.summary ?? '',
      action: say.openRecord,
    };
  if (test) {
    const again = link.state === 'unproven' ? proof : say.testAgain;
    return test.verdict === 'differs'
      ? {
          sentence: test.summary,
          why: say.below,
          action: again,
        }
      : { sentence: next, why: test.summary, action: again };
  }
  const first = diagnosis?.actions[0]?.sentence ?? '';
  if (diagnosis?.verdict === 'unproven')
    return { sentence: diagnosis.summary, why: first, action: proof };
  const told = headline(first);
  return {
    sentence: told.first,
    why: `${told.rest} ${diagnosis?.faults[0]?.sentence ?? ''}`.trim(),
    action: say.testAgain,
  };
}
