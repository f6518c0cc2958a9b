import { ChangeDetectionStrategy, Component, computed, input, model } from '@angular/core';
import type { EntryForm } from '@near-spoke/core/verify/entry';
import { OneOf } from '../../shell/one-of';

/** What a tester showed, line by line, beside what a good link shows. */
@Component({
  selector: 'ns-line-entry',
  imports: [OneOf],
  template: `
    <table>
      <thead>
        <tr>
          <th scope="col">Measure</th>
          <th scope="col">Good</th>
          <th scope="col">Shown</th>
        </tr>
      </thead>
      <tbody>
        @for (row of form().rows; track $index; let index = $index) {
          <tr [class.wrong]="problem()?.row === index">
            <th scope="row">{{ row.label }}</th>
            <td class="mono">{{ row.good }}</td>
            <td>
              @if (row.choices; as choices) {
                <ns-one-of
                  [label]="row.label"
                  [choices]="named(choices)"
                  [chosen]="texts()[index] ?? ''"
                  (choose)="set(index, $event)"
                />
              } @else {
                <input
                  #box
                  class="mono"
                  autocomplete="off"
                  spellcheck="false"
                  [attr.aria-label]="row.label"
                  [attr.aria-invalid]="problem()?.row === index"
                  [value]="texts()[index] ?? ''"
                  (input)="set(index, box.value)"
                />
              }
            </td>
          </tr>
        }
      </tbody>
    </table>
    <p class="typo" role="status">{{ problem()?.reason }}</p>
  `,
  styleUrl: './line-entry.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LineEntry {
  readonly form = input.required<EntryForm>();
  readonly texts = model.required<readonly string[]>();

  private readonly read = computed(() => this.form().read(this.texts()));
  protected readonly problem = computed(() => {
    const read = this.read();
    return read.ok ? null : read;
  });

  protected readonly named = (choices: readonly string[]) =>
    choices.map((name) => ({ id: name, name }));

  protected set(index: number, text: string): void {
    const count = this.form().rows.length;
    this.texts.set(
      Array.from({ length: count }, (_, row) => (row === index ? text : (this.texts()[row] ?? ''))),
    );
  }
}
