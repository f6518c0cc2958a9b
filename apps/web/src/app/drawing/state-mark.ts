import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { LinkState } from '@near-spoke/core/record';

interface Mark {
  readonly colour: string;
  /** SVG path in a box of 20 x 20; stroked, and filled where `fill` says so. */
  readonly stroke?: string;
  readonly fill?: string;
}

const RING = 'M10 3.5a6.5 6.5 0 1 1 0 13a6.5 6.5 0 1 1 0-13z';
const DISC = 'M10 5.5a4.5 4.5 0 1 1 0 9a4.5 4.5 0 1 1 0-9z';

/** A shape for each state, so that colour is never all that tells. */
export const STATE_MARK: Readonly<Record<LinkState, Mark>> = {
  'does-not-fit': { colour: 'var(--bad)', stroke: 'M4 4h12v12h-12zM4 10h12' },
  planned: { colour: 'var(--quiet)', stroke: RING },
  'half-made': { colour: 'var(--calm)', stroke: RING, fill: 'M10 3.5a6.5 6.5 0 0 0 0 13z' },
  made: { colour: 'var(--calm)', fill: RING },
  remade: { colour: 'var(--calm)', stroke: RING, fill: DISC },
  fail: { colour: 'var(--bad)', stroke: 'M4.5 4.5l11 11M15.5 4.5l-11 11' },
  unproven: { colour: 'var(--warn)', stroke: 'M10 2.5l7.5 7.5l-7.5 7.5l-7.5-7.5z' },
  pass: { colour: 'var(--good)', stroke: 'M3.5 10.5l4.5 5l8.5-11' },
};

/** The shape of a link's state. The word stands beside it; alone it must be given a name. */
@Component({
  selector: 'ns-state-mark',
  template: `
    <svg viewBox="0 0 20 20" width="20" height="20" aria-hidden="true">
      @if (mark().fill; as fill) {
        <path [attr.d]="fill" [style.fill]="mark().colour" />
      }
      @if (mark().stroke; as stroke) {
        <path [attr.d]="stroke" fill="none" stroke-width="2.4" [style.stroke]="mark().colour" />
      }
    </svg>
  `,
  styles: `
    :host {
      display: inline-flex;
      flex: none;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StateMark {
  readonly state = input.required<LinkState>();
  protected readonly mark = computed(() => STATE_MARK[this.state()]);
}
