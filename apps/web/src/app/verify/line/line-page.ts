import {
  ChangeDetectionStrategy,
  Component,
  computed,
  type ElementRef,
  inject,
  input,
  viewChildren,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import { RouterLink } from '@angular/router';
import {
  LINE_ROWS,
  NO_LINE_READINGS,
  RINGER_LIMITS,
  judgeLine,
  lineMessage,
  ringerLoad,
  type LineReadings,
} from '@near-spoke/core/verify/telephone';
import { told } from '@near-spoke/words';
import { OpenLink } from '../../link/open-link';
import { isText, isTexts, kept } from '../../shell/kept';
import { NextThing } from '../../shell/next-thing';
import { typedNumber } from '../../shell/typed-number';

/** A telephone line measured step by step: what to measure next, and whose the fault is. */
@Component({
  selector: 'ns-line-page',
  imports: [
    MatButtonModule,
    MatFormFieldModule,
    MatInputModule,
    MatSelectModule,
    NextThing,
    RouterLink,
  ],
  templateUrl: './line-page.html',
  styleUrl: './line-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LinePage {
  /** Where it was asked from. */
  readonly back = input('');
  private readonly open = inject(OpenLink);
  protected readonly link = computed(() => this.open.link());
  private readonly boxes = viewChildren<ElementRef<HTMLInputElement>>('volts');
  protected readonly tell = this.open.tell;
  /** What the page says of itself. */
  protected readonly say = computed(() => this.tell().pages.line);
  protected readonly limits = RINGER_LIMITS;
  private readonly typed = computed(() =>
    kept<readonly string[]>(`line.${this.open.id()}`, [], isTexts),
  );
  private readonly loadTexts = computed(() => kept(`ringers.${this.open.id()}`, '', isText));
  protected readonly most = kept<number>(
    'ringer.most',
    4,
    (stored) => stored === 4 || stored === 5,
  );
  protected readonly loads = computed(() => this.loadTexts()());
  protected readonly rows = computed(() =>
    LINE_ROWS.map((row, index) => ({
      ...row,
      index,
      order: this.tell()(lineMessage('line-order', { reading: row.id })),
      usual: this.tell()(lineMessage('line-usual', { reading: row.id })),
      text: this.typed()()[index] ?? '',
    })),
  );
  protected readonly problem = computed(() => {
    const bad = this.rows().find(({ text }) => Number.isNaN(voltsOf(text)));
    return bad ? this.say().noVoltage(bad.text) : '';
  });
  protected readonly verdict = computed(() =>
    judgeLine(
      this.rows().reduce((readings: LineReadings, { id, text }) => {
        const volts = voltsOf(text);
        return Number.isNaN(volts) ? readings : { ...readings, [id]: volts };
      }, NO_LINE_READINGS),
    ),
  );
  protected readonly side = computed(() => {
    const { side } = this.verdict();
    return side ? this.say().whose(this.say().sides[side]) : '';
  });
  protected readonly why = computed(() =>
    [this.side(), ...this.verdict().remarks.map(this.tell())].filter(Boolean).join(' '),
  );
  protected readonly ringers = computed(() => {
    const numbers = this.loads()
      .split(/[\s;]+/)
      .filter(Boolean)
      .map((word) => Number(word.replace(',', '.')));
    if (numbers.length === 0) return null;
    return numbers.every((load) => load >= 0 && load < 100)
      ? told(ringerLoad(numbers, this.most()), this.tell())
      : { enough: false, sentence: this.say().noLoads, sum: 0 };
  });

  constructor() {
    this.open.layer.set(null);
  }

  protected set(index: number, text: string): void {
    this.typed().set(this.rows().map((row) => (row.index === index ? text : row.text)));
  }

  protected setLoads(text: string): void {
    this.loadTexts().set(text);
  }

  /** To the next measurement; when the answer is there, over again. */
  protected act(): void {
    const { next } = this.verdict();
    if (next === null) this.typed().set([]);
    const index = Math.max(
      0,
      LINE_ROWS.findIndex(({ id }) => id === next),
    );
    this.boxes()[index]?.nativeElement.focus();
  }
}

const voltsOf = (text: string): number | null => typedNumber(text, 'V');
