import type { Job, Link } from '../link';
import type { Progress } from '../terminate';
import { linkStanding, type LinkStanding, type Tick } from './link-state';
import type { LinkState } from './link-states';
import type { Tested } from './tested';

export interface EndSummary {
  readonly state: Progress['state'];
  readonly done: number;
  readonly total: number;
}

/** What a list shows of a link. */
export interface LinkSummaryFields {
  readonly state: LinkState;
  readonly next: LinkStanding['next'];
  readonly ends: { readonly near: EndSummary; readonly far: EndSummary };
  readonly testedAt: string | null;
}

/** A link with where it stands. Ticks are in order of time. */
export function summariseLink<T extends Link>(
  link: T,
  ticks: readonly Tick[],
  tested: Tested,
  job: Job,
): T & LinkSummaryFields {
  const { state, next, ends } = linkStanding(link, ticks, tested, job);
  const summary = ({ state: made, doneSteps, plan }: Progress): EndSummary => ({
    state: made,
    done: doneSteps.size,
    total: plan.steps.length,
  });
  return {
    ...link,
    state,
    next,
    ends: { near: summary(ends.near), far: summary(ends.far) },
    testedAt: lastTestedAt(tested),
  };
}

function lastTestedAt({ reading, tests }: Tested): string | null {
  const instants = [reading, ...tests].flatMap((taken) => taken?.takenAt ?? []);
  return instants.sort().at(-1) ?? null;
}
