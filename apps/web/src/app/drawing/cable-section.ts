import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { conductor, type Cable } from '@near-spoke/core/catalogue';
import { formatSheetMm, type UnitSystem } from '@near-spoke/core/units';

/** Every section is drawn at one scale: so many millimetres across. */
const WIDTH_MM = 15;

/** Cores that lie in the middle of a bundle of so many. */
const MIDDLE: Readonly<Record<number, number>> = { 9: 2, 10: 2 };

interface DrawnCore {
  readonly x: number;
  readonly y: number;
  readonly base: string;
  readonly stripe: string | null;
}

/** A cut through a cable, to scale: jacket, shields, dielectric, cores. */
@Component({
  selector: 'ns-cable-section',
  template: `
    <svg [attr.viewBox]="viewBox()" role="img" [attr.aria-label]="spoken()">
      @if (flat()) {
        <rect
          class="jacket"
          [attr.x]="-cable().jacketMm / 2"
          [attr.y]="-cable().insulationMm * 0.75"
          [attr.width]="cable().jacketMm"
          [attr.height]="cable().insulationMm * 1.5"
          [attr.rx]="cable().insulationMm * 0.6"
        />
      } @else {
        <circle class="jacket" r="0" [attr.r]="cable().jacketMm / 2" />
        <circle class="inside" r="0" [attr.r]="inner()" />
      }
      @if (cable().shield !== 'none') {
        <circle
          class="shield"
          [class.braid]="cable().shield === 'braid'"
          r="0"
          [attr.r]="inner() * 0.97"
        />
      }
      @for (core of cores(); track $index) {
        <circle
          class="core"
          [attr.cx]="core.x"
          [attr.cy]="core.y"
          [attr.r]="coreRadius()"
          [attr.fill]="core.base"
        />
        @if (core.stripe; as stripe) {
          <rect
            [attr.x]="core.x - coreRadius() * 0.2"
            [attr.y]="core.y - coreRadius() * 0.95"
            [attr.width]="coreRadius() * 0.4"
            [attr.height]="coreRadius() * 1.9"
            [attr.fill]="stripe"
          />
        }
        <circle
          class="copper"
          [attr.cx]="core.x"
          [attr.cy]="core.y"
          [attr.r]="cable().conductorMm / 2"
        />
      }
    </svg>
  `,
  styles: `
    svg {
      display: block;
      width: min(100%, 260px);
      margin-inline: auto;
    }
    .jacket {
      fill: var(--line);
      stroke: var(--ink);
      stroke-width: 0.1;
    }
    .inside {
      fill: var(--raised);
    }
    .shield {
      fill: none;
      stroke: var(--quiet);
      stroke-width: 0.18;
    }
    .braid {
      stroke-width: 0.4;
      stroke-dasharray: 0.3 0.15;
    }
    .core {
      stroke: var(--ink);
      stroke-width: 0.06;
    }
    .copper {
      fill: var(--gold);
      stroke: var(--ink);
      stroke-width: 0.05;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CableSection {
  readonly cable = input.required<Cable>();
  readonly units = input<UnitSystem>('metric');

  protected readonly flat = computed(() => this.cable().parts.includes('flat'));
  private readonly coax = computed(() => this.cable().family === 'coax');
  protected readonly viewBox = computed(() => {
    const width = Math.max(WIDTH_MM, this.cable().jacketMm + 1);
    const height = this.flat() ? 5 : width * 0.8;
    return [-width / 2, -height / 2, width, height].join(' ');
  });
  protected readonly inner = computed(() => {
    const { jacketMm, insulationMm } = this.cable();
    return this.coax() ? (jacketMm + insulationMm) / 4 : jacketMm * 0.41;
  });
  protected readonly coreRadius = computed(() => this.cable().insulationMm / 2);
  protected readonly cores = computed(() => {
    const { cores, insulationMm, pitchMm, jacketMm } = this.cable();
    return cores.map(({ id }, index): DrawnCore => {
      const paint = this.coax() ? { base: 'var(--paper)', stripe: null } : conductor(id);
      const pitch = pitchMm ?? Math.min(insulationMm * 1.1, jacketMm / (cores.length + 0.6));
      const along = (index - (cores.length - 1) / 2) * pitch;
      const [x, y] = this.flat() ? [along, 0] : this.packed(index, cores.length);
      return { x, y, base: paint.base, stripe: paint.stripe };
    });
  });
  protected readonly spoken = computed(() => {
    const { name, jacketMm, insulationMm, conductorMm } = this.cable();
    const what = this.coax() ? 'dielectric' : 'insulation';
    const said = (mm: number) => formatSheetMm(mm, this.units());
    return `${name}, cut through: jacket ${said(jacketMm)}, ${what} ${said(insulationMm)}, conductor ${said(conductorMm)}.`;
  });

  /** Where a core lies: pairs side by side, single cores in rings, close together. */
  private packed(index: number, count: number): [number, number] {
    const step = this.cable().insulationMm * 1.04;
    const pairs = count / 2;
    if (pairs > 1 && pairs <= 4 && this.cable().cores.every(({ pair }) => pair !== null)) {
      const angle = (2 * Math.PI * Math.floor(index / 2)) / pairs + Math.PI / 4;
      const [out, along] = [step * 1.25, (index % 2 === 0 ? -0.5 : 0.5) * step];
      return [
        out * Math.cos(angle) - along * Math.sin(angle),
        out * Math.sin(angle) + along * Math.cos(angle),
      ];
    }
    const inner = MIDDLE[count] ?? (count <= 6 ? 0 : 1);
    if (index < inner) return inner === 1 ? [0, 0] : [(index - 0.5) * step, 0];
    let [ring, first] = [inner === 2 ? 1.5 : 1, inner];
    let places = Math.min(count - inner, count <= 10 ? count : 6);
    while (index - first >= places) {
      first += places;
      ring += 1;
      places = Math.min(6 * Math.ceil(ring), count - first);
    }
    const least = places > 1 ? step / (2 * Math.sin(Math.PI / places)) : 0;
    const radius = inner === 0 && first === 0 ? least : Math.max(ring * step, least);
    const angle = (2 * Math.PI * (index - first)) / places;
    return [radius * Math.sin(angle), -radius * Math.cos(angle)];
  }
}
