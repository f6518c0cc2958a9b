import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { DatePipe } from '@angular/common';
import { MatButtonModule } from '@angular/material/button';
import type { LinkSummary, Reading } from '@near-spoke/contract';
import { ENDS, wiringOf, type End, type Job } from '@near-spoke/core/link';
import { tester, type Diagnosis as Found } from '@near-spoke/core/verify';
import type { Told } from '@near-spoke/words';
import { ConnectorFace, StateMark } from '../drawing';
import { Words } from '../words/words';

type Diagnosis = Told<Found>;

/** A reading's diagnosis: what is wrong, where, what to do, and what the tester can't see. */
@Component({
  selector: 'ns-reading-result',
  imports: [ConnectorFace, DatePipe, MatButtonModule, StateMark],
  templateUrl: './reading-result.html',
  styleUrl: './reading-result.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReadingResult {
  readonly link = input.required<LinkSummary>();
  readonly job = input.required<Job>();
  readonly reading = input.required<Reading>();
  readonly diagnosis = input.required<Diagnosis>();
  readonly remake = output<End>();
  private readonly words = inject(Words);

  protected readonly say = computed(() => this.words.in('metric').pages.verify);
  protected readonly word = computed(() => this.say().verdicts[this.diagnosis().verdict]);
  protected readonly testerName = computed(() => tester(this.reading().tester).name);
  protected readonly ends = computed(() =>
    ENDS.map((end) => ({
      end,
      at: this.link()[end],
      part: this.job().catalogue.connector(this.link()[end].connector),
      wiring: wiringOf(this.link(), this.job())[end],
      marks: this.diagnosis().faults.flatMap((fault) =>
        fault[end].map((contact) => ({ contact, word: fault.title.toLowerCase() })),
      ),
      // Only where an action is about this end, or may be.
      remake: this.diagnosis().actions.some(
        (action) => action.end === end || action.end === 'either',
      ),
    })),
  );
}
