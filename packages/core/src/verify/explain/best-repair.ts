import type { Advice, RepairAdvice, State } from './advice';
import { inTurn } from './in-turn';
import { placesOf, repairMinutes, type RepairKey } from './repair';
import { repairs } from './shares';
import type { Standing } from './standing';
import type { Conditions } from './trials-for';

/** Repairs that are told beside the one that is advised have at least this share. */
const TOLD_SHARE = 0.05;
/** An account that is less likely than this sends nobody to mend. */
const MENDED_SHARE = 0.01;
/** How often one end is made anew before the whole link is. */
export const MOST_REMAKES = 2;
const MOST_REPLACEMENTS = 2;
/** The same where each time something else is seen, and from which share on that is put down to the hands. */
const MOST_OWN_REMAKES = 5;
const OWN_SHARE = 0.8;
/** The repair to make, of those that have not just failed; null where all have. */
export function bestRepair(
  state: State,
  standing: Standing,
  { walkMinutes }: Conditions,
): RepairAdvice | null {
  const turn = inTurn(state, walkMinutes);
  const chosen = turn.find(
    ({ key, share }) =>
      share >= MENDED_SHARE && (isLeft(key, standing) || isOnesOwn(key, share, standing)),
  );
  return chosen
    ? {
        kind: 'repair',
        key: chosen.key,
        probability: chosen.share,
        minutes: chosen.minutes,
        shares: toldShares(state),
        at: state.at,
        because: isOnesOwn(chosen.key, chosen.share, standing)
          ? 'something-new'
          : chosen === turn[0]
            ? 'called-for'
            : 'rest-failed',
      }
    : null;
}

/** Whether a repair has not just failed, and none of its ends was made anew too often. */
function isLeft(key: RepairKey, standing: Standing): boolean {
  const { failed, changed, remakes, replacements } = standing;
  const places = placesOf(key);
  return (
    places.length === 0 ||
    (!places.every((place) => failed.has(place) || changed.has(place)) &&
      places.every((place) =>
        place === 'cable' ? replacements < MOST_REPLACEMENTS : remakes[place] < MOST_REMAKES,
      ))
  );
}

/** Whether what is seen since an end was made anew came with it, as good as surely. */
const isOnesOwn = (key: RepairKey, share: number, { changed, remakes }: Standing): boolean =>
  share >= OWN_SHARE &&
  key !== '' &&
  placesOf(key).every((place) => changed.has(place) && remakes[place] < MOST_OWN_REMAKES);

const toldShares = ({ candidates }: State): RepairAdvice['shares'] =>
  repairs(candidates)
    .filter(([, share]) => share >= TOLD_SHARE)
    .map(([key, share]) => ({ key, share }));

/** The whole link made anew, or nothing left to advise. */
export function anew(
  { replacements }: Standing,
  { at }: State,
  { walkMinutes }: Conditions,
  because: RepairAdvice['because'],
): Advice {
  if (replacements >= MOST_REPLACEMENTS) return { kind: 'doubt' };
  return {
    kind: 'repair',
    key: 'near+cable+far',
    probability: 1,
    minutes: repairMinutes('near+cable+far', at, walkMinutes),
    shares: [],
    at,
    because,
  };
}
