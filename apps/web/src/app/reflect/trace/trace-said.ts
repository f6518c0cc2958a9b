import { Injectable, computed, inject } from '@angular/core';
import { tellFirstLook } from '@near-spoke/core/reflect/analyse';
import { metresOf } from '@near-spoke/core/reflect/hand';
import { diagnosisOfLink, knownEnd, placeOnLink, tooLong } from '@near-spoke/core/reflect/place';
import { ofDeed } from '@near-spoke/core/link';
import { told } from '@near-spoke/words';
import { CableFacts } from '../../link/cable-facts';
import { OpenLink } from '../../link/open-link';
import { Words } from '../../words/words';
import { TraceWork } from '../trace-work';
import { FarEndSaid } from './far-end-said';
import { shown } from './shown-event';
import { ToldOfTrace } from './told-of-trace';
import { traceHeadline } from './trace-headline';
import { TracePlaces } from './trace-places';

/** Nearer than this two places are one that was kept already. Generic, m. */
const SAME_PLACE_M = 0.02;

/** What a trace's places mean for the open link, and what is said and kept of it. One for each page. */
@Injectable()
export class TraceSaid {
  private readonly open = inject(OpenLink);
  private readonly words = inject(Words);
  private readonly cables = inject(CableFacts);
  private readonly work = inject(TraceWork);
  private readonly far = inject(FarEndSaid);
  private readonly at = inject(TracePlaces);
  private readonly velocity = inject(ToldOfTrace).velocity;

  private readonly place = computed(() => {
    const [event, link] = [this.at.main(), this.open.link()];
    return event && link
      ? placeOnLink(event, metresOf(event.delayS.u, this.velocity().value), link)
      : null;
  });
  private readonly verdict = computed(() => {
    const event = this.at.main();
    return event && this.far.verdictOn(event);
  });
  /** What to measure first so that less has to be opened. */
  readonly better = computed(() => {
    const better = this.place()?.better;
    return better ? this.open.tell()(better.sentence) : '';
  });
  /** The wire map and the trace as one diagnosis. */
  readonly both = computed(() => {
    const [event, link] = [this.at.last(), this.open.link()];
    const faults = this.open.diagnosis()?.faults ?? [];
    return event && link ? diagnosisOfLink(event, faults, link, this.open.job()) : null;
  });
  /** What the end makes of every place before it, where it shows behind the link's own. */
  readonly doubt = computed(() => {
    const [end, main, link] = [this.at.last(), this.at.main(), this.open.link()];
    const before = main && main !== end ? main.distanceM : null;
    return end && link ? tooLong(end, before, this.velocity().value, link) : null;
  });
  /** What the trace's own end tells for free, where it is the link's. */
  readonly known = computed(() => {
    const [end, main, link] = [this.at.last(), this.at.main(), this.open.link()];
    return end && link ? knownEnd(end, main, link) : null;
  });
  readonly problems = computed(() =>
    told(this.work.explained()?.analysis.problems ?? [], this.open.tell()),
  );
  readonly isKept = computed(() => {
    const event = this.at.main();
    return (
      event !== null &&
      ofDeed(this.cables.all(), 'place').some(
        ({ linkId, deed }) =>
          linkId === this.open.id() &&
          deed.event === event.kind &&
          Math.abs(deed.distanceM.value - event.distanceM.value) < SAME_PLACE_M,
      )
    );
  });
  readonly headline = computed(() => {
    const [tell, look] = [this.open.tell(), this.at.look()];
    return traceHeadline(
      {
        file: this.work.file()?.name ?? '',
        isWorking: this.work.progress() !== null,
        isExplained: this.work.explained() !== null,
        seen: look ? tell(tellFirstLook(look)) : '',
        problem: this.problems()[0]?.sentence ?? '',
        verdict: told(this.verdict(), tell),
        place: told(this.place(), tell)?.sentence ?? '',
        isKept: this.isKept(),
      },
      tell.pages.trace,
    );
  });
  /** The place as the record tells it. */
  readonly toKeep = computed(() => {
    const event = this.at.main();
    if (!event) return '';
    const kept = this.words.kept(this.open.units());
    const verdict = told(this.verdict(), kept);
    if (verdict?.where === 'far-plug' || verdict?.where === 'near-plug')
      return `${verdict.sentence} ${verdict.why}`;
    const [place, doubt] = [told(this.place(), kept), told(this.doubt(), kept)];
    const { words, at, branch } = shown(event, this.velocity(), kept);
    const head = `${kept.pages.trace.keptAt(words.name, at)} ${branch}`.trim();
    return `${head} ${place?.sentence ?? ''} ${doubt ?? ''}`.trim();
  });
}
