import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { cable, connector, type CableId, type ConnectorId } from '@near-spoke/core/catalogue';
import type { Cut } from '@near-spoke/core/terminate';
import { METRES_PER } from '@near-spoke/core/units';

const LEFT_MM = 14;
/** Room for the dimensions’ text. */
const WIDTH_MM = 62;

/** A cable's end with its cuts to scale, dimensioned from the end and from the finished tips. */
@Component({
  selector: 'ns-cutback',
  templateUrl: './cutback.html',
  styleUrl: './cutback.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Cutback {
  readonly cable = input.required<CableId>();
  readonly connector = input.required<ConnectorId>();
  readonly cuts = input.required<readonly Cut[]>();

  protected readonly drawing = computed(() => {
    const { jacketMm } = cable(this.cable());
    const jacket = this.cuts().find((cut) => cut.layer === 'jacket');
    const conductors = this.cuts().find((cut) => cut.layer === 'conductors');
    const stripMm = jacket?.fromEndMm ?? 0;
    const endX = LEFT_MM + stripMm;
    return {
      jacketMm,
      stripX: LEFT_MM,
      endX,
      trimX: conductors ? endX - conductors.fromEndMm : null,
      width: Math.max(endX + 4, WIDTH_MM),
      strip: size(stripMm, jacket?.toleranceMm ?? 0),
      exposed: conductors ? size(jacket?.fromDatumMm ?? 0, conductors.toleranceMm) : null,
      name: connector(this.connector()).name,
    };
  });
  protected readonly lines = [-1.5, -0.5, 0.5, 1.5];
}

/** "30 mm ± 5 mm (1.18 in)". */
function size(mm: number, toleranceMm: number): string {
  const inches = ((mm / 1000) * (1 / METRES_PER.in)).toFixed(2);
  return `${mm} mm${toleranceMm > 0 ? ` ± ${toleranceMm} mm` : ''} (${inches} in)`;
}
