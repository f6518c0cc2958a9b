import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { CutLayer } from '@near-spoke/core/catalogue';
import { METRES_PER, formatMm } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { NextThing } from '../shell/next-thing';
import { selectJob } from '../store/job';

const INCH_MM = METRES_PER.in * 1000;

const SAY: Readonly<Record<CutLayer, string>> = {
  jacket: 'Score the jacket',
  braid: 'Trim the braid',
  dielectric: 'Cut the dielectric',
  insulation: 'Strip each core',
  conductors: 'Trim the conductors',
};

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

  private readonly job = inject(Store).selectSignal(selectJob);
  protected readonly part = computed(() => this.job().catalogue.findConnector(this.connector()));
  protected readonly wire = computed(() => this.job().catalogue.findCable(this.cable()));
  protected readonly cuts = computed(() =>
    (this.part()?.cuts ?? []).map((cut, index) => ({
      ...cut,
      y: (this.wire()?.jacketMm ?? 6) + 20 + index * 7,
      text: `${SAY[cut.layer]}: ${cut.fromEndMm} mm ± ${cut.toleranceMm} mm (${formatMm(cut.fromEndMm, 'imperial')})`,
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
