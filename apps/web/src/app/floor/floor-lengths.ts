import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import type { Pages } from '@near-spoke/words';
import type { FillRow, LengthRow } from './floor-rows';

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
        @for (row of rows(); track row.id) {
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
}
