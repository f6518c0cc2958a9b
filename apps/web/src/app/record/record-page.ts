import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { rxResource } from '@angular/core/rxjs-interop';
import { MatIcon } from '@angular/material/icon';
import { editEndpoints } from '@near-spoke/contract/edit';
import { ENDS, wireRows, type End } from '@near-spoke/core/link';
import { ofDeed } from '@near-spoke/core/link';
import {
  diagnosisOf,
  driftsOf,
  linkFacts,
  recordMessage,
  tickedKeys,
  togetherWith,
  type Entered,
  type LinkState,
  type DriftPoint,
} from '@near-spoke/core/record';
import {
  linkChanges,
  recordSections,
  signature,
  type BackHere,
  type RecordSection,
} from '@near-spoke/core/record/sections';
import { terminateMessage, tickKeys, type RemakeCause } from '@near-spoke/core/terminate';
import { tester } from '@near-spoke/core/verify';
import { common } from '@near-spoke/core/message';
import { formatOhm, formatUncertain } from '@near-spoke/core/units';
import { told, type Told } from '@near-spoke/words';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { ConductorSwatch, LinkRuler, StateMark } from '../drawing';
import { CableFacts } from '../link/cable-facts';
import { OpenLink } from '../link/open-link';
import { Deeds } from '../shell/deeds';
import { NextThing } from '../shell/next-thing';
import { Unbroken } from '../shell/unbroken';
import { Api } from '../store/api/api';
import { taken } from '../store/facts/taken';
import { linkIdOf } from '../store/outbox/deed';
import { outboxActions, outboxFeature } from '../store/outbox/outbox';
import { DriftPlot } from './drift-plot';
import { Notes } from './notes';
import { TakeBack } from './take-back';

/** Everything known of the link, on one page that prints. */
@Component({
  selector: 'ns-record-page',
  imports: [
    ConductorSwatch,
    DatePipe,
    DriftPlot,
    LinkRuler,
    MatButtonModule,
    MatIcon,
    NextThing,
    Notes,
    RouterLink,
    StateMark,
    TakeBack,
    Unbroken,
  ],
  templateUrl: './record-page.html',
  styleUrl: './record-page.scss',
  providers: [CableFacts],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RecordPage {
  protected readonly open = inject(OpenLink);
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly deeds = inject(Deeds);
  private readonly waiting = this.store.selectSignal(outboxFeature.selectWaiting);

  protected readonly tell = this.open.tell;
  protected readonly say = computed(() => this.tell().pages.record);
  protected readonly causeName = (cause: RemakeCause | '') =>
    cause === '' ? '' : this.tell()(terminateMessage('remake-cause', { cause }));
  protected readonly size = (mm: number) => this.tell()(common('cut', { mm }));
  protected readonly signed = (fact: Parameters<typeof signature>[0]) =>
    this.tell()(signature(fact));
  protected readonly stateName = (state: LinkState) =>
    this.tell()(recordMessage('link-state', { state }));
  protected readonly endName = (end: End) => this.tell()(recordMessage('link-end', { end }));
  protected readonly howEntered = (entered: Entered) =>
    this.tell()(recordMessage('entered', { entered }));
  protected readonly summary = (reading: Parameters<typeof diagnosisOf>[0]) =>
    this.tell()(diagnosisOf(reading).summary);
  protected readonly link = computed(() => this.open.link());
  protected readonly unsent = computed(
    () => this.waiting().filter(({ deed }) => linkIdOf(deed) === this.open.id()).length,
  );
  protected readonly facts = computed(() => {
    const link = this.link();
    return link
      ? linkFacts(link, this.open.job()).map(
          ([name, value]) => [this.tell()(name), this.tell()(value)] as const,
        )
      : [];
  });
  protected readonly latest = computed(() => this.open.latest());
  protected readonly diagnosis = computed(() => this.open.diagnosis());
  protected readonly testerName = computed(() => tester(this.latest()?.tester ?? 'pairing').name);
  /** Contact by contact, what the last test showed. */
  protected readonly wires = computed(() => {
    const wiring = this.open.wiring();
    return wiring ? wireRows(this.latest()?.nets ?? [], wiring) : [];
  });
  protected readonly work = computed(() => {
    const standing = this.open.standing();
    if (!standing) return [];
    const ticks = this.open.facts().ticks;
    return ENDS.map((end) => {
      const ticked = tickedKeys(ticks, end);
      const together = togetherWith(ticks, end);
      const { plan, doneSteps } = told(standing.ends[end], this.tell());
      return {
        end,
        place: this.link()?.[end].place ?? '',
        done: doneSteps.size,
        total: plan.steps.length,
        remakes: ticks.filter((tick) => tick.end === end && tick.cause !== ''),
        steps: plan.steps
          .filter((step) => tickKeys(step).some((key) => ticked.has(key)))
          .map((step) => {
            const keys = tickKeys(step);
            const last = ticks
              .filter((tick) => tick.end === end && tick.done && keys.includes(tick.key))
              .at(-1);
            return {
              step,
              last,
              together: keys.flatMap((key) => together.get(key) ?? [])[0] ?? null,
              checks: step.checks.filter(({ id }) => ticked.has(`${step.id}/${id}`)),
            };
          }),
      };
    });
  });
  /** What was measured more than once, each with a sentence. */
  protected readonly drifts = computed(() => {
    const { tests, traces } = this.open.facts();
    const units = this.open.units();
    const said = (unit: 'ohm' | 'm', point: DriftPoint) =>
      unit === 'm' ? formatUncertain(point, units) : formatOhm(point.value);
    return driftsOf(tests, traces).map(({ name, unit, points, isMoved }) => {
      const [first, last] = [points[0], points.at(-1)].map((point) =>
        point ? said(unit, point) : '',
      );
      const say = isMoved ? this.say().moved : this.say().steady;
      return {
        name: this.tell()(name),
        points,
        isMoved,
        sentence: say(first ?? '', last ?? '', points.length),
      };
    });
  });
  private readonly cables = inject(CableFacts);
  /** Where traces told that a fault is. */
  private readonly places = computed(() =>
    ofDeed(this.cables.all(), 'place').filter(({ linkId }) => linkId === this.open.id()),
  );
  /** What is told entry by entry: the same on paper. */
  private readonly sections = computed(() =>
    recordSections({ ...this.open.facts(), places: this.places() }),
  );
  /** Who has changed what of the link: known to the server alone. */
  private readonly version = computed(
    () => {
      const link = this.link();
      return link ? { id: link.id, version: link.version } : undefined;
    },
    { equal: (a, b) => a?.id === b?.id && a?.version === b?.version },
  );
  private readonly edits = rxResource({
    params: () => this.version(),
    stream: ({ params: { id } }) => this.api.call(editEndpoints.ofLink, { id }),
  });
  protected readonly told = computed((): readonly Told<RecordSection>[] => {
    const link = this.link();
    const edits = this.edits.hasValue() ? this.edits.value().edits : [];
    const sections = told(this.sections(), this.tell());
    if (!link || edits.length === 0) return sections;
    const entries = told(linkChanges(link, edits, this.open.job()), this.tell());
    return [...sections, { title: this.say().changes, entries }];
  });

  constructor() {
    this.open.layer.set(null);
    // The server's copies show what was just entered here.
    this.store.dispatch(outboxActions.release());
  }

  protected takeBack(kind: BackHere, id: string, reason: string): void {
    const link = this.link();
    const { notes, readings, tests } = this.open.facts();
    const told = [
      ...notes.map((fact) => taken('note', fact, reason)),
      ...readings.map((fact) => taken('reading', fact, reason)),
      ...tests.map((fact) => taken('test', fact, reason)),
    ].find((row) => row.kind === kind && row.of === id);
    if (!link || !told) return;
    const about = { of: 'link', id: link.id } as const;
    this.deeds.takeFactBack(about, told, `Taken back on ${link.label}`);
  }

  protected print(): void {
    window.print();
  }
}
