import type { Tell } from '@near-spoke/words';

/** What stands at the head of the page: what is so, why, and what to do next. */
export interface Headline {
  readonly sentence: string;
  readonly why: string;
  readonly action: string;
}

/** How far a trace is: being worked at, explained or not, with the place that is asked for. */
export interface TraceStands {
  readonly file: string;
  readonly isWorking: boolean;
  readonly isExplained: boolean;
  /** What is seen at once, in words. */
  readonly seen: string;
  /** The first thing that is wrong with the capture, in words. */
  readonly problem: string;
  /** What the place means for the link, in words; null where there is none. */
  readonly verdict: { readonly sentence: string; readonly why: string } | null;
  /** Where it lies, in words. */
  readonly place: string;
  readonly isKept: boolean;
}

export function traceHeadline(stands: TraceStands, say: Tell['pages']['trace']): Headline {
  const { file, seen, problem, verdict, place } = stands;
  if (stands.isWorking) return { sentence: say.working, why: seen || file, action: '' };
  if (!stands.isExplained)
    return {
      sentence: seen ? say.onlySeen : say.giveTrace,
      why: seen || say.giveHow,
      action: say.choose,
    };
  if (!verdict) return { sentence: problem || say.nothing, why: file, action: say.chooseOther };
  const why = verdict.why || place;
  return stands.isKept
    ? { sentence: verdict.sentence, why: say.kept(why), action: say.openRecord }
    : { sentence: verdict.sentence, why, action: say.keep };
}
