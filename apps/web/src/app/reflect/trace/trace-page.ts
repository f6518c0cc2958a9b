import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  effect,
  inject,
  signal,
  untracked,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatProgressBarModule } from '@angular/material/progress-bar';
import { Router } from '@angular/router';
import type { LinkSummary } from '@near-spoke/contract';
import { tellFirstLook } from '@near-spoke/core/reflect/analyse';
import { metresOf } from '@near-spoke/core/reflect/hand';
import {
  FAR_ENDS,
  diagnosisOfLink,
  isGoodEnd,
  knownEnd,
  placeOnLink,
  tooLong,
  verdictOf,
  type FarEnd,
} from '@near-spoke/core/reflect/place';
import { sourceShare } from '@near-spoke/core/reflect/setup';
import { ofDeed } from '@near-spoke/core/reflect/velocity';
import { ANY_VELOCITY, toldBy, velocityTold } from '@near-spoke/core/reflect/told';
import { WITHIN_95, type Uncertain } from '@near-spoke/core/units';
import { told } from '@near-spoke/words';
import { OpenLink } from '../../link/open-link';
import { isOneOf, kept } from '../../shell/kept';
import { KeptTexts } from '../../shell/kept-texts';
import { NextThing } from '../../shell/next-thing';
import { OneOf, type Choice } from '../../shell/one-of';
import { Shortcuts } from '../../shell/shortcuts';
import { NumberFields, type TypedText } from '../../shell/number-fields';
import { typedNumbers } from '../../shell/typed-number';
import { Unbroken } from '../../shell/unbroken';
import { Words } from '../../words/words';
import { CableFacts } from '../../link/cable-facts';
import { LastTrace } from '../last-trace';
import { HandEvents } from './hand-events';
import { ImpedanceView } from './impedance-view';
import { FirstLookChanged } from './first-look-changed';
import { KeptPlaces } from './kept-places';
import { KeptTraces } from './kept-traces';
import { Reflectometer } from './reflectometer';
import { seenBy } from './seen-by';
import { branchEnd, shown, type ShownEvent } from './shown-event';
import { TraceEvents } from './trace-events';
import { TRACE_BOUNDS, TRACE_FIELDS, typedIn, usualTexts, type TraceNumber } from './trace-fields';
import { TraceView, type PlaceSeen } from './trace-view';
import { TRACE_FILES, TraceWork, type TraceFile } from '../trace-work';
import { KeyOf } from '../../shell/key-of';

/** Nearer than this two places are one that was kept already. Generic, m. */
const SAME_PLACE_M = 0.02;

const LAUNCHES = ['auto', 'pulse', 'step'] as const;

/** A trace of this link: taken in, explained, and told as a place on its route. */
@Component({
  selector: 'ns-trace-page',
  imports: [
    KeyOf,
    OneOf,
    MatButtonModule,
    MatProgressBarModule,
    NextThing,
    ImpedanceView,
    FirstLookChanged,
    KeptPlaces,
    KeptTraces,
    NumberFields,
    Reflectometer,
    TraceEvents,
    TraceView,
    Unbroken,
  ],
  templateUrl: './trace-page.html',
  styleUrl: './trace-page.scss',
  providers: [CableFacts, HandEvents, LastTrace, TraceWork],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TracePage {
  protected readonly open = inject(OpenLink);
  private readonly words = inject(Words);
  private readonly router = inject(Router);
  private readonly work = inject(TraceWork);
  private readonly hand = inject(HandEvents);

  /** What the page says of itself. */
  protected readonly say = computed(() => this.open.tell().pages.trace);
  protected readonly fields = computed(() =>
    TRACE_FIELDS.map((field) => ({ ...field, name: this.say().fields[field.id] })),
  );
  protected readonly accept = TRACE_FILES;
  protected readonly launches = computed(() =>
    LAUNCHES.map((id) => ({ id, name: this.say().launches[id] })),
  );
  protected readonly pulse = kept('reflect.pulse', 'auto', isOneOf(...LAUNCHES));
  protected readonly file = this.work.file;
  protected readonly refused = this.work.refused;
  protected readonly progress = this.work.progress;
  protected readonly explained = this.work.explained;
  private readonly chosen = signal<Uncertain | null>(null);

  /** What a person says is on the far end; nothing of it is taken for granted. */
  private readonly farEnds = computed(() =>
    kept<FarEnd>(`reflect.farEnd.${this.open.id()}`, 'unsaid', isOneOf(...FAR_ENDS)),
  );
  protected readonly farEnd = computed(() => this.farEnds()());
  protected readonly ends = computed((): readonly Choice<FarEnd>[] =>
    FAR_ENDS.map((id) => ({ id, name: this.say().farEnd[id] })),
  );

  /** The velocity factor that the end of a trace gave, as it was written. */
  private readonly endFactors = computed(() =>
    kept(`reflect.endFactor.${this.open.id()}`, '', (stored) => typeof stored === 'string'),
  );
  private readonly lastTrace = inject(LastTrace);
  private readonly cables = inject(CableFacts);
  private readonly facts = this.cables.known;
  protected readonly source = computed(() => this.say().velocityFrom(this.cables.velocityOf('')));
  /** What is typed, over what is known of the cable. */
  protected readonly typed = new KeptTexts(
    () => `reflect.${this.open.id()}`,
    () => usualTexts(this.facts()),
  );
  private readonly numbers = computed(() =>
    typedNumbers<TraceNumber>(this.typed.texts(), TRACE_BOUNDS),
  );
  protected readonly wrong = computed(() => {
    const names = this.numbers().wrong.map((id) => this.say().fields[id]);
    return names.length > 0 ? this.say().cantBe(names.join(', ')) : '';
  });
  protected readonly velocity = computed(
    () => velocityTold(typedIn(this.numbers().value), this.facts()) ?? ANY_VELOCITY,
  );

  private readonly found = computed(() => this.explained()?.analysis.events ?? []);
  protected readonly events = computed(() => {
    const [velocity, tell] = [this.velocity(), this.open.tell()];
    return this.hand.of(this.found(), velocity).map((event) => shown(event, velocity, tell));
  });
  protected readonly places = computed(() => this.events().filter(({ kind }) => kind !== 'ghost'));
  /** What is seen at once, until it is explained. */
  protected readonly look = computed(() =>
    this.explained() ? null : seenBy(this.work.opened()?.look, this.velocity()),
  );
  protected readonly marked = computed((): readonly PlaceSeen[] => {
    const [look, velocity, say] = [this.look(), this.velocity(), this.say()];
    if (look)
      return look.places.map(({ distanceM }) => ({ distanceM, words: { name: say.atFirstLook } }));
    return this.places().flatMap((place) => [
      place,
      ...branchEnd(place, velocity).map((distanceM) => ({
        distanceM,
        words: { name: say.branchEnd },
      })),
    ]);
  });
  /** The event that is asked for: the one that was chosen, else the first that is no good end. */
  protected readonly main = computed(() => {
    const [places, link] = [this.places(), this.open.link()];
    return (
      places.find(({ delayS }) => delayS === this.chosen()) ??
      places.find((event) => !link || !this.isGood(event)) ??
      places.at(-1) ??
      null
    );
  });
  protected readonly place = computed(() => {
    const [event, link] = [this.main(), this.open.link()];
    return event && link
      ? placeOnLink(event, metresOf(event.delayS.u, this.velocity().value), link)
      : null;
  });
  /** What to measure first so that less has to be opened. */
  protected readonly better = computed(() => {
    const better = this.place()?.better;
    return better ? this.open.tell()(better.sentence) : '';
  });
  /** The wire map and the trace as one diagnosis. */
  protected readonly both = computed(() => {
    const [event, link] = [this.places().at(-1), this.open.link()];
    const faults = this.open.diagnosis()?.faults ?? [];
    return event && link ? diagnosisOfLink(event, faults, link, this.open.job()) : null;
  });
  /** What the end makes of every place before it, where it shows behind the link's own. */
  protected readonly doubt = computed(() => {
    const [end, main, link] = [this.places().at(-1), this.main(), this.open.link()];
    const before = main && main !== end ? main.distanceM : null;
    return end && link ? tooLong(end, before, this.velocity().value, link) : null;
  });
  /** The place as the record tells it. */
  protected readonly keptSentence = computed(() => {
    const [event, link] = [this.main(), this.open.link()];
    if (!event) return '';
    const kept = this.words.kept(this.open.units());
    const verdict = link ? told(this.verdictOn(event, link), kept) : null;
    if (verdict?.where === 'far-plug' || verdict?.where === 'near-plug')
      return `${verdict.sentence} ${verdict.why}`;
    const [place, doubt] = [told(this.place(), kept), told(this.doubt(), kept)];
    const { words, at, branch } = shown(event, this.velocity(), kept);
    const head = `${kept.pages.trace.keptAt(words.name, at)} ${branch}`.trim();
    return `${head} ${place?.sentence ?? ''} ${doubt ?? ''}`.trim();
  });
  protected readonly problems = computed(() =>
    told(this.explained()?.analysis.problems ?? [], this.open.tell()),
  );

  protected readonly next = computed(() => {
    const [name, say, look] = [this.file()?.name ?? '', this.say(), this.look()];
    const seen = look ? this.open.tell()(tellFirstLook(look)) : '';
    if (this.progress() !== null) return { sentence: say.working, why: seen || name, action: '' };
    if (!this.explained())
      return {
        sentence: seen ? say.onlySeen : say.giveTrace,
        why: seen || say.giveHow,
        action: say.choose,
      };
    const [place, event, link] = [this.place(), this.main(), this.open.link()];
    if (!place || !event || !link)
      return {
        sentence: this.problems()[0]?.sentence ?? say.nothing,
        why: name,
        action: say.chooseOther,
      };
    const { sentence, why } = told(this.verdictOn(event, link), this.open.tell());
    const said = { sentence, why: why || this.open.tell()(place.sentence) };
    return this.keptHere()
      ? { ...said, why: say.kept(said.why), action: say.openRecord }
      : { ...said, action: say.keep };
  });

  /** What the trace's own end tells for free, where it is the link's. */
  protected readonly known = computed(() => {
    const [end, main, link] = [this.places().at(-1), this.main(), this.open.link()];
    return end && link ? knownEnd(end, main, link) : null;
  });
  protected readonly keptHere = computed(() => {
    const event = this.main();
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

  private readonly told = computed(() =>
    toldBy(typedIn(this.numbers().value), this.pulse(), this.facts()),
  );
  /** What a source does to sizes that does not match the cable. */
  protected readonly sourceNote = computed(() => {
    const { sourceOhm, impedanceOhm } = this.told();
    const share = sourceOhm && impedanceOhm ? sourceShare(sourceOhm, impedanceOhm) : null;
    return share && this.explained()?.analysis.trace
      ? this.say().sourceUnlike(sourceOhm ?? 0, impedanceOhm ?? 0, share)
      : '';
  });
  /** What is told but for the velocity factor: where an echo stands is one thing, what it is another. */
  private readonly toldOfEchoes = computed(() => {
    const { velocityFactor: _, ...rest } = this.told();
    return JSON.stringify(rest);
  });

  constructor() {
    // What is shown is explained by what stands in the fields, and by what is known of the cable by now.
    effect(() => {
      this.toldOfEchoes();
      untracked(() => {
        if (this.file()) void this.explain();
      });
    });
    effect(() => {
      this.open.id();
      this.work.clear();
      this.hand.clear();
    });
    effect(() => {
      const [end, file] = [this.places().findLast((event) => event.end), this.file()];
      if (end && file)
        untracked(() => this.lastTrace.note({ name: file.name, delayS: end.delayS }));
    });
    inject(Shortcuts).add(inject(DestroyRef), {
      does: 'keep',
      what: 'The end of the trace is the known end',
      works: () => this.known() !== null,
      run: () => this.takeKnownEnd(),
    });
    effect(() => {
      const link = this.open.link();
      this.open.layer.set({
        kind: 'places',
        places: this.places()
          .filter((event) => !link || !this.isGood(event))
          .map(({ distanceM, words }) => ({
            atM: distanceM.value,
            withinM: WITHIN_95 * distanceM.u,
            name: words.name,
          })),
      });
    });
  }

  protected set(typed: TypedText): void {
    this.typed.set(typed);
  }

  protected setPulse(kind: 'auto' | 'pulse' | 'step'): void {
    this.pulse.set(kind);
  }

  protected async takeFile(file: File | undefined): Promise<void> {
    const read = file ? await this.work.read(file) : null;
    if (read) this.take(read);
  }

  protected drop(event: DragEvent): void {
    event.preventDefault();
    void this.takeFile(event.dataTransfer?.files[0]);
  }

  protected paste(event: ClipboardEvent): void {
    const text = event.clipboardData?.getData('text') ?? '';
    if (event.target instanceof HTMLInputElement || text.split('\n').length < 3) return;
    event.preventDefault();
    this.take({ name: 'pasted', bytes: text });
  }

  protected take(file: TraceFile): void {
    this.file.set(file);
    this.chosen.set(null);
    this.hand.clear();
    void this.explain();
  }

  protected cancel(): void {
    this.work.stop();
  }

  protected sayFarEnd(what: FarEnd): void {
    this.farEnds().set(what);
  }

  private verdictOn(event: ShownEvent, link: LinkSummary) {
    const scaled = this.endFactors()() !== '' && this.endFactors()() === this.typed.texts()['vf'];
    return verdictOf(event, link, this.farEnd(), scaled);
  }

  /** Everything is told anew by the velocity factor that the known end gives. */
  protected takeKnownEnd(): void {
    const factor = this.known()?.velocityFactor;
    if (!factor) return;
    const text = factor.value.toFixed(4);
    this.endFactors().set(text);
    this.typed.set({ id: 'vf', text });
    this.typed.set({ id: 'vfU', text: Math.max(0.0001, factor.u).toFixed(4) });
  }

  protected act(choose: () => void): void {
    const event = this.main();
    if (!this.explained() || !event || !this.open.link()) choose();
    else if (this.keptHere())
      void this.router.navigate([
        '/sites',
        this.open.link()?.siteId,
        'links',
        this.open.id(),
        'record',
      ]);
    else this.cables.keepPlace(event.kind, event.distanceM, this.keptSentence());
  }

  private isGood(event: ShownEvent): boolean {
    const link = this.open.link();
    return link ? isGoodEnd(event, link, this.farEnd()) : false;
  }

  protected choose({ delayS }: ShownEvent): void {
    this.chosen.set(delayS);
  }

  protected add(delayS: Uncertain): void {
    this.hand.add(delayS);
  }

  protected remove(event: ShownEvent): void {
    this.hand.remove(event, this.found());
  }

  private async explain(): Promise<void> {
    if (this.wrong()) return;
    await this.work.explain(this.told());
  }
}
