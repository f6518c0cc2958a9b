import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  effect,
  inject,
  untracked,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatProgressBarModule } from '@angular/material/progress-bar';
import { Router } from '@angular/router';
import { FAR_ENDS, type FarEnd } from '@near-spoke/core/reflect/place';
import { CableFacts } from '../../link/cable-facts';
import { OpenLink } from '../../link/open-link';
import { KeyOf } from '../../shell/key-of';
import { NextThing } from '../../shell/next-thing';
import { OneOf, type Choice } from '../../shell/one-of';
import { Shortcuts } from '../../shell/shortcuts';
import { Unbroken } from '../../shell/unbroken';
import { LastTrace } from '../last-trace';
import { TRACE_FILES, TraceWork, type TraceFile } from '../trace-work';
import { FarEndSaid } from './far-end-said';
import { FirstLookChanged } from './first-look-changed';
import { HandEvents } from './hand-events';
import { Instrument } from './instrument';
import { ImpedanceView } from './impedance-view';
import { KeptAgain } from './kept-again';
import { KeptPlaces } from './kept-places';
import { KeptTraces } from './kept-traces';
import { MeasuredWith } from './measured-with';
import { Reflectometer } from './reflectometer';
import { ToldOfTrace } from './told-of-trace';
import { TraceEvents } from './trace-events';
import { TracePlaces } from './trace-places';
import { TraceSaid } from './trace-said';
import { TraceView } from './trace-view';

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
    KeptAgain,
    KeptPlaces,
    KeptTraces,
    MeasuredWith,
    Reflectometer,
    TraceEvents,
    TraceView,
    Unbroken,
  ],
  templateUrl: './trace-page.html',
  styleUrl: './trace-page.scss',
  providers: [
    CableFacts,
    FarEndSaid,
    HandEvents,
    Instrument,
    LastTrace,
    ToldOfTrace,
    TracePlaces,
    TraceSaid,
    TraceWork,
  ],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TracePage {
  protected readonly open = inject(OpenLink);
  private readonly router = inject(Router);
  private readonly cables = inject(CableFacts);
  private readonly work = inject(TraceWork);
  protected readonly told = inject(ToldOfTrace);
  protected readonly far = inject(FarEndSaid);
  protected readonly at = inject(TracePlaces);
  protected readonly said = inject(TraceSaid);

  /** What the page says of itself. */
  protected readonly say = computed(() => this.open.tell().pages.trace);
  protected readonly ends = computed((): readonly Choice<FarEnd>[] =>
    FAR_ENDS.map((id) => ({ id, name: this.say().farEnd[id] })),
  );
  protected readonly accept = TRACE_FILES;
  protected readonly file = this.work.file;
  protected readonly refused = this.work.refused;
  protected readonly progress = this.work.progress;
  protected readonly explained = this.work.explained;

  constructor() {
    const lastTrace = inject(LastTrace);
    // What is shown is explained by what stands in the fields, and by what is known of the cable by now.
    effect(() => {
      this.told.ofEchoes();
      untracked(() => {
        if (this.file()) void this.explain();
      });
    });
    effect(() => {
      this.open.id();
      this.work.clear();
      this.at.clear();
    });
    effect(() => {
      const [end, file] = [this.at.places().findLast((event) => event.end), this.file()];
      if (end && file) untracked(() => lastTrace.note({ name: file.name, delayS: end.delayS }));
    });
    effect(() => this.open.layer.set(this.at.layer()));
    inject(Shortcuts).add(inject(DestroyRef), {
      does: 'keep',
      what: 'The end of the trace is the known end',
      works: () => this.said.known() !== null,
      run: () => this.takeKnownEnd(),
    });
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
    this.at.clear();
    void this.explain();
  }

  protected cancel(): void {
    this.work.stop();
  }

  protected takeKnownEnd(): void {
    const factor = this.said.known()?.velocityFactor;
    if (factor) this.far.takeKnown(factor);
  }

  /** The action of the headline. */
  protected act(choose: () => void): void {
    const [event, link] = [this.at.main(), this.open.link()];
    if (!this.explained() || !event || !link) choose();
    else if (this.said.isKept())
      void this.router.navigate(['/sites', link.siteId, 'links', link.id, 'record']);
    else this.cables.keepPlace(event.kind, event.distanceM, this.said.toKeep());
  }

  private async explain(): Promise<void> {
    if (!this.told.wrong()) await this.work.explain(this.told.told());
  }
}
