import { Injectable, inject, signal } from '@angular/core';
import type { Report } from '@near-spoke/core/verify/explain';
import type { ExplainWork } from '@near-spoke/core/verify/explain';
import { Workbench } from './workbench';

/** Explains readings beside the page, so that it goes on answering keys. The last question counts. */
@Injectable()
export class Explainer {
  readonly report = signal<Report | null>(null);
  readonly failed = signal(false);
  private readonly workbench = inject(Workbench);
  private asked = 0;
  private working = false;

  ask(question: ExplainWork['explain']['ask']): void {
    // A question that is still being worked at is no longer wanted.
    if (this.working) this.workbench.drop();
    const asked = (this.asked += 1);
    this.working = true;
    this.report.set(null);
    this.failed.set(false);
    const over = (report: Report | null) => {
      if (asked !== this.asked) return;
      this.working = false;
      this.report.set(report);
      this.failed.set(report === null);
    };
    this.workbench.ask('explain', question).then(over, () => over(null));
  }
}
