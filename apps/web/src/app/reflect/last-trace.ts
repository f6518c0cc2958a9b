import { Injectable, computed, inject } from '@angular/core';
import type { Uncertain } from '@near-spoke/core/units';
import { OpenLink } from '../link/open-link';
import { kept } from '../shell/kept';

/** What the last trace of a link told, for the pages beside it: nothing is copied by hand. */
export interface TraceEnd {
  readonly name: string;
  /** There and back, to the trace's own end. */
  readonly delayS: Uncertain;
}

const isUncertain = (stored: unknown): stored is Uncertain =>
  typeof stored === 'object' &&
  stored !== null &&
  typeof (stored as Partial<Uncertain>).value === 'number' &&
  typeof (stored as Partial<Uncertain>).u === 'number';

const isTraceEnd = (stored: unknown): stored is TraceEnd | null =>
  stored === null ||
  (typeof stored === 'object' &&
    typeof (stored as Partial<TraceEnd>).name === 'string' &&
    isUncertain((stored as Partial<TraceEnd>).delayS));

/** The end of the open link's last trace; kept on this device. */
@Injectable()
export class LastTrace {
  private readonly open = inject(OpenLink);
  private readonly kept = computed(() =>
    kept<TraceEnd | null>(`reflect.end.${this.open.id()}`, null, isTraceEnd),
  );
  readonly end = computed(() => this.kept()());

  note(end: TraceEnd): void {
    this.kept().set(end);
  }
}
