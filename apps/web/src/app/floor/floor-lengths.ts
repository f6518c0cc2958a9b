import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import type { Pages } from '@near-spoke/words';
import type { FillRow, LengthRow } from './floor-rows';

/** So many rows are shown until all are asked for. */
const FIRST = 200;

/** How long each link is by the plan, and how full its ways are. */
@Component({
  selector: 'ns-floor-lengths',
  template: `
    <table>
      <thead>
        <tr>
          <th scope="col">{{ words().table.link }}</th>
          <th scope="col">{{ words().table.byPlan }}</th>
          <th scope="col">{{ words().table.kept }}</th>
        </tr>
      </thead>
      <tbody>
        @for (row of shown(); track row.id) {
          <tr [class.chosen]="row.id === chosen()">
            <th scope="row">
              <button
                type="button"
                [attr.aria-pressed]="row.id === chosen()"
                [attr.aria-label]="words().show(row.label)"
                (click)="choose.emit(row.id)"
              >
                {{ row.label }}
              </button>
            </th>
            @if (row.drawn) {
              <td class="mono">{{ row.drawn }}</td>
            } @else {
              <td class="quiet">{{ row.why }}</td>
            }
            <td class="mono" [class.doubt]="row.differs">{{ row.kept }}</td>
          </tr>
          @if (row.id === chosen() && row.by) {
            <tr class="chosen">
              <td colspan="3">{{ words().table.by }}: {{ row.by }}</td>
            </tr>
          }
        }
      </tbody>
    </table>
    @if (rows().length > shown().length) {
      <p>
        <button type="button" (click)="whole.set(true)">{{ words().all(rows().length) }}</button>
      </p>
    }
    @if (fills().length > 0) {
      <h2>{{ words().fills }}</h2>
      @for (row of fills(); track row.id) {
        <p [class.doubt]="row.isFull">
          {{ row.text }}
          @if (row.isFull) {
            — {{ words().tooFull }}
          }
        </p>
      }
    }
  `,
  styles: `
    :host {
      display: block;
    }
    button {
      min-width: 44px;
      min-height: 40px;
      padding: 0;
      border: 0;
      background: none;
      color: var(--copper-ink);
      font: inherit;
      font-weight: 650;
      text-align: left;
      text-decoration: underline;
      cursor: pointer;
    }
    th,
    td {
      padding: 0 0.6rem 0 0;
    }
    td.mono {
      white-space: nowrap;
    }
    .chosen {
      background: var(--copper-wash);
    }
    .doubt {
      color: var(--warn);
      font-weight: 650;
    }
    h2 {
      margin: 1rem 0 0.5rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FloorLengths {
  readonly rows = input.required<readonly LengthRow[]>();
  readonly fills = input.required<readonly FillRow[]>();
  readonly chosen = input.required<string>();
  readonly words = input.required<Pages['floor']>();
  readonly choose = output<string>();

  protected readonly whole = signal(false);
  /** The first ones: those that are not as kept come first. The one that is chosen is among them. */
  protected readonly shown = computed(() => {
    const rows = this.rows();
    if (this.whole() || rows.length <= FIRST) return rows;
    const chosen = rows.slice(FIRST).filter(({ id }) => id === this.chosen());
    return [...chosen, ...rows.slice(0, FIRST)];
  });
}
