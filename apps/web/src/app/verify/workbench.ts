import { Injectable, type OnDestroy } from '@angular/core';
import { WorkerBench } from '../shell/worker-bench';
import type { ExplainWork } from '@near-spoke/core/verify/explain';

/** Works out beside the page what would hold it up. One for each page that needs it. */
@Injectable()
export class Workbench extends WorkerBench<ExplainWork> implements OnDestroy {
  constructor() {
    super(() => new Worker(new URL('./verify.worker', import.meta.url), { type: 'module' }));
  }

  ngOnDestroy(): void {
    this.drop();
  }
}
