import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Cable } from '@near-spoke/core/catalogue';
import { common } from '@near-spoke/core/message';
import { terminateMessage, type Cut } from '@near-spoke/core/terminate';
import { formatMm } from '@near-spoke/core/units';
import type { Tell } from '@near-spoke/words';

const LEFT_MM = 14;
/** Never drawn larger than as if it were so wide. */
const WIDTH_MM = 46;
/** A strip longer than this is drawn broken off at the cable’s side. */
const LONGEST_MM = 70;
const ROW_MM = 3.4;

/** How thick the end is under each layer, as a part of the jacket; the core at its own size. */
const UNDER: Readonly<Record<Cut['layer'], (cable: Cable) => number>> = {
  jacket: ({ family, jacketMm, insulationMm }) =>
    family === 'coax' ? insulationMm * 1.15 : jacketMm * 0.75,
  braid: ({ insulationMm }) => insulationMm,
  dielectric: ({ conductorMm }) => conductorMm,
  'to-centre': ({ conductorMm }) => conductorMm,
  insulation: ({ conductorMm }) => conductorMm,
  conductors: () => 0,
};

/** A cable's end with each layer's cut to scale, dimensioned from the end and from the finished tips. */
@Component({
  selector: 'ns-cutback',
  templateUrl: './cutback.html',
  styleUrl: './cutback.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Cutback {
  readonly cable = input.required<Cable>();
  /** What the sizes are for. */
  readonly name = input.required<string>();
  readonly generic = input(true);
  readonly cuts = input.required<readonly Cut[]>();
  /** How much braid lies folded back over the jacket. */
  readonly foldedMm = input(0);
  readonly tell = input.required<Tell>();

  protected readonly drawing = computed(() => {
    const cable = this.cable();
    const foldedMm = this.foldedMm();
    const tell = this.tell();
    const words = tell.pages.cutback;
    const cuts = [...this.cuts()].sort((a, b) => b.fromEndMm - a.fromEndMm);
    const longest = cuts[0]?.fromEndMm ?? 0;
    if (longest === 0) return null;
    const scale = Math.min(1, LONGEST_MM / longest);
    const endX = LEFT_MM + longest * scale;
    const x = (fromEndMm: number) => endX - fromEndMm * scale;
    const conductors = cuts.find((cut) => cut.layer === 'conductors');
    const rows = cuts.map((cut, index) => ({
      layer: cut.layer,
      x: x(cut.fromEndMm),
      y: cable.jacketMm / 2 + 3 + index * ROW_MM,
      letter: 'ABCDEF'[index] ?? '',
      text: `${tell(terminateMessage('cut-leaves', { layer: cut.layer }))} ${size(cut.fromEndMm, cut.toleranceMm, tell)}`,
    }));
    // From the outside in: each layer shows between its own cut and the next.
    const layers = cuts
      .filter(({ layer }) => layer !== 'conductors')
      .map((cut, index, own) => ({
        layer:
          foldedMm > 0 && cut.layer === 'jacket'
            ? 'braid'
            : cut.layer === 'to-centre'
              ? 'dielectric'
              : cut.layer,
        x: x(cut.fromEndMm),
        to: x(own[index + 1]?.fromEndMm ?? 0),
        // Folded back, the braid no longer lies on the dielectric.
        thick: UNDER[foldedMm > 0 && cut.layer === 'jacket' ? 'braid' : cut.layer](cable),
      }));
    const jacket = cuts.find((cut) => cut.layer === 'jacket');
    return {
      folded:
        foldedMm > 0
          ? {
              width: foldedMm * scale,
              x: x(jacket?.fromEndMm ?? 0) - foldedMm * scale,
              thick: cable.jacketMm + 0.8,
              text: words.folded(tell(common('cut', { mm: Math.round(foldedMm * 10) / 10 }))),
            }
          : null,
      jacketMm: cable.jacketMm,
      pairs: cable.family === 'four-pair',
      jacketX: x(jacket?.fromEndMm ?? 0),
      endX,
      layers,
      rows,
      scale,
      trim: conductors
        ? {
            x: x(conductors.fromEndMm),
            text: words.leaves(size(jacket?.fromDatumMm ?? 0, conductors.toleranceMm, tell)),
          }
        : null,
      width: Math.max(endX + 5, WIDTH_MM),
      top: -cable.jacketMm / 2 - 8,
      height: cable.jacketMm + 11 + rows.length * ROW_MM,
      spoken: words.fromEnd(
        [...rows.map(({ text }) => text), ...(foldedMm > 0 ? [words.foldedSpoken] : [])].join('; '),
      ),
      caption: this.generic() ? words.generic(this.name()) : words.ofSheet(this.name()),
      shortened: scale < 1 ? words.shortened : '',
    };
  });
  protected readonly lines = [-1.5, -0.5, 0.5, 1.5];
}

/** "30 mm ± 5 mm (1.18 in)", or "1 3/16 in ± 1/8 in (30 mm ± 5 mm)". */
function size(mm: number, toleranceMm: number, tell: Tell): string {
  const said = tell(
    toleranceMm > 0 ? common('cut-within', { mm, toleranceMm }) : common('cut', { mm }),
  );
  return tell.units === 'metric' ? `${said} (${formatMm(mm, 'imperial')})` : said;
}
