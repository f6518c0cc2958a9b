import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, DestroyRef, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import type { Reading } from '@near-spoke/contract';
import type { Test } from '@near-spoke/contract/tests';
import { ENDS, wireRows } from '@near-spoke/core/link';
import { ofDeed } from '@near-spoke/core/reflect/velocity';
import {
  ENTERED_TEXT,
  END_NAME,
  STATE_NAME,
  linkFacts,
  tickedKeys,
  togetherWith,
} from '@near-spoke/core/record';
import { remakeCauseName, tickKeys } from '@near-spoke/core/terminate';
import { SEVERAL_FAULTS, tester } from '@near-spoke/core/verify';
import { Store } from '@ngrx/store';
import { ConductorSwatch, LinkRuler, StateMark } from '../drawing';
import { CableFacts } from '../link/cable-facts';
import { OpenLink } from '../link/open-link';
import { Deeds } from '../shell/deeds';
import { NextThing } from '../shell/next-thing';
import { Shortcuts } from '../shell/shortcuts';
import { linkIdOf } from '../store/outbox/deed';
import { outboxActions, outboxFeature } from '../store/outbox/outbox';
import { TakeBack } from './take-back';

/** Everything known of the link, on one page that prints. */
@Component({
  selector: 'ns-record-page',
  imports: [
    ConductorSwatch,
    DatePipe,
    LinkRuler,
    MatButtonModule,
    MatIcon,
    NextThing,
    StateMark,
    TakeBack,
  ],
  templateUrl: './record-page.html',
  styleUrl: './record-page.scss',
  providers: [CableFacts],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RecordPage {
  protected readonly open = inject(OpenLink);
  private readonly store = inject(Store);
  private readonly deeds = inject(Deeds);
  private readonly waiting = this.store.selectSignal(outboxFeature.selectWaiting);

  protected readonly stateName = STATE_NAME;
  protected readonly endName = END_NAME;
  protected readonly howEntered = ENTERED_TEXT;
  protected readonly link = computed(() => this.open.link());
  protected readonly unsent = computed(
    () => this.waiting().filter(({ deed }) => linkIdOf(deed) === this.open.id()).length,
  );
  protected readonly facts = computed(() => {
    const link = this.link();
    return link ? linkFacts(link, this.open.units(), this.open.job()) : [];
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
      const { plan, doneSteps } = standing.ends[end];
      return {
        end,
        place: this.link()?.[end].place ?? '',
        done: doneSteps.size,
        total: plan.steps.length,
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
  private readonly cables = inject(CableFacts);
  /** Where traces told that a fault is, the newest first. */
  protected readonly places = computed(() =>
    ofDeed(this.cables.all(), 'place')
      .filter(({ linkId }) => linkId === this.open.id())
      .reverse(),
  );
  protected readonly traces = computed(() => [...this.open.facts().traces].reverse());
  /** Ends that were cut off and made again, and why. */
  protected readonly remakes = computed(() =>
    this.open
      .facts()
      .ticks.filter(({ cause }) => cause !== '')
      .map((tick) => ({ ...tick, why: remakeCauseName(tick.cause) })),
  );
  /** What other classes of testers showed, the newest first. */
  protected readonly others = computed(() =>
    [...this.open.facts().tests].reverse().map((row) => ({
      ...row,
      unseen: row.missed.map((kind) => SEVERAL_FAULTS[kind]).join(', '),
    })),
  );
  /** What was taken back, the newest first. */
  protected readonly voided = computed(() => [...this.open.facts().voided].reverse());
  protected readonly earlier = computed(() => this.open.facts().readings.slice(0, -1).reverse());

  constructor() {
    this.open.layer.set(null);
    // The server's copies show what was just entered here.
    this.store.dispatch(outboxActions.release());
    inject(Shortcuts).add(inject(DestroyRef), {
      key: 'p',
      what: 'Print the record',
      run: () => this.print(),
    });
  }

  protected takeReadingBack(reading: Reading, reason: string): void {
    const { id: of, takenAt, author: takenBy, diagnosis } = reading;
    this.takeBack({ of, kind: 'reading', takenAt, takenBy, summary: diagnosis.summary, reason });
  }

  protected takeTestBack(test: Test, reason: string): void {
    const { id: of, takenAt, author: takenBy, summary } = test;
    this.takeBack({ of, kind: 'test', takenAt, takenBy, summary, reason });
  }

  private takeBack(told: Parameters<Deeds['takeFactBack']>[1]): void {
    const link = this.link();
    if (!link) return;
    const about = { of: 'link', id: link.id } as const;
    this.deeds.takeFactBack(about, told, `Taken back on ${link.label}`);
  }

  protected print(): void {
    window.print();
  }
}
