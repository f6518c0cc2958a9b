import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { chosenSchools } from '@near-spoke/core/catalogue';
import { cutsOf, terminateMessage } from '@near-spoke/core/terminate';
import { METRES_PER, formatMm } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { NextThing } from '../shell/next-thing';
import { Words } from '../words/words';
import { selectJob } from '../store/job';

const INCH_MM = METRES_PER.in * 1000;

/** A strip template that the browser prints at 1:1: drawn in millimetres, with a ruler to check it by. */
@Component({
  selector: 'ns-template-page',
  imports: [NextThing],
  templateUrl: './template-page.html',
  styleUrl: './template-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TemplatePage {
  readonly cable = input('');
  readonly connector = input('');
  /** How coax is stripped, where a link does it otherwise than its site. */
  readonly strip = input('');

  private readonly words = inject(Words);
  private readonly job = inject(Store).selectSignal(selectJob);
  protected readonly part = computed(() => this.job().catalogue.findConnector(this.connector()));
  protected readonly wire = computed(() => this.job().catalogue.findCable(this.cable()));
  private readonly made = computed(() => {
    const part = this.part();
    return part
      ? cutsOf(part, { strip: this.strip() || chosenSchools(this.job().schools).strip })
      : [];
  });
  protected readonly cuts = computed(() =>
    this.made().map((cut, index) => ({
      ...cut,
      y: (this.wire()?.jacketMm ?? 6) + 20 + index * 7,
      text: `${this.words.in('metric')(terminateMessage('cut-order', { layer: cut.layer }))}: ${cut.fromEndMm} mm ± ${cut.toleranceMm} mm (${formatMm(cut.fromEndMm, 'imperial')})`,
    })),
  );
  /** As long as an upright page holds; what is longer is printed from the PDF, which lies down. */
  protected readonly lengthMm = 160;
  protected readonly tooLong = computed(() => this.cuts().some(({ fromEndMm }) => fromEndMm > 150));
  protected readonly heightMm = computed(
    () => (this.wire()?.jacketMm ?? 6) + 28 + this.cuts().length * 7,
  );
  protected readonly mmTicks = Array.from({ length: 101 }, (_, mm) => ({
    x: mm,
    long: mm % 10 === 0,
    figure: mm % 10 === 0 ? String(mm) : '',
  }));
  protected readonly inchTicks = Array.from({ length: 65 }, (_, part) => ({
    x: (part * INCH_MM) / 16,
    long: part % 16 === 0,
    figure: part % 16 === 0 ? String(part / 16) : '',
  }));
  protected readonly fourInchMm = 4 * INCH_MM;

  protected print(): void {
    window.print();
  }
}
