import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  inject,
  input,
  linkedSignal,
  signal,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { lightOf, type LampStep } from '@near-spoke/core/verify/entry';

const STEP_MS = 700;

/** How the lamps of a tester light, step after step, as it scans. */
@Component({
  selector: 'ns-lamp-scan',
  imports: [MatButtonModule],
  template: `
    <figure>
      <svg
        [attr.viewBox]="'0 0 ' + width() + ' ' + heightPx()"
        [style.max-width.px]="width() * 1.25"
        role="img"
        [attr.aria-label]="words()"
      >
        @for (lamp of lamps(); track lamp.name) {
          <g [attr.transform]="'translate(' + lamp.x + ' ' + lamp.y + ')'">
            @if (lamp.light === 'lit') {
              <g class="rays">
                @for (ray of rays; track ray) {
                  <line x1="0" y1="-17" x2="0" y2="-21" [attr.transform]="'rotate(' + ray + ')'" />
                }
              </g>
            }
            <circle r="13" [class]="lamp.light" />
            <text y="5">{{ lamp.short }}</text>
          </g>
        }
        @for (row of sides(); track row.name) {
          <text class="side" x="0" [attr.y]="row.y + 5">{{ row.name }}</text>
        }
      </svg>
      <figcaption>{{ words() }}</figcaption>
    </figure>
    @if (steps().length > 1) {
      <div class="buttons">
        <button mat-button type="button" (click)="go(-1)" aria-label="Step back">‹</button>
        <button mat-button type="button" (click)="playing.set(!playing())">
          {{ playing() ? 'Stop' : 'Run' }}
        </button>
        <button mat-button type="button" (click)="go(1)" aria-label="Step on">›</button>
      </div>
    }
  `,
  styleUrl: './lamp-scan.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LampScan {
  readonly names = input.required<readonly (readonly string[])[]>();
  readonly steps = input.required<readonly LampStep[]>();

  protected readonly rays = [0, 60, 120, 180, 240, 300];
  protected readonly at = linkedSignal({ source: this.steps, computation: () => 0 });
  protected readonly playing = signal(!matchMedia('(prefers-reduced-motion: reduce)').matches);
  private readonly all = computed(() => [...new Set(this.names().flat())]);
  private readonly step = computed(() => this.steps()[this.at()] ?? { step: '', lit: [], dim: [] });
  /** Near lamps over far ones; a tester of pairs has one row. */
  protected readonly sides = computed(() => {
    const names = (['near', 'far'] as const).filter((side) =>
      this.all().some((lamp) => lamp.startsWith(`${side} `)),
    );
    return names.map((name, index) => ({ name, y: 28 + index * 56 }));
  });
  protected readonly heightPx = computed(() => Math.max(1, this.sides().length) * 56);
  private readonly left = computed(() => (this.sides().length > 0 ? 60 : 30));
  protected readonly width = computed(() => {
    const most = Math.max(
      ...(this.sides().length > 0
        ? this.sides().map(({ name }) => this.all().filter((lamp) => lamp.startsWith(name)).length)
        : [this.all().length]),
    );
    return this.left() + most * 44;
  });
  protected readonly lamps = computed(() => {
    const sides = this.sides();
    const seen = new Map<string, number>();
    return this.all().map((name) => {
      const side = sides.find((row) => name.startsWith(row.name));
      const index = seen.get(side?.name ?? '') ?? 0;
      seen.set(side?.name ?? '', index + 1);
      return {
        name,
        short: name.replace(/^(near|far|pair) /, ''),
        x: this.left() + 20 + index * 44,
        y: side?.y ?? 28,
        light: lightOf(this.step(), name),
      };
    });
  });
  protected readonly words = computed(() => {
    const { step, lit, dim } = this.step();
    const shown = [...lit, ...dim.map((lamp) => `${lamp} dim`)].join(', ') || 'nothing lights';
    return this.steps().length > 1 ? `Step ${step}: ${shown}` : shown;
  });

  constructor() {
    const timer = setInterval(() => {
      if (this.playing()) this.at.update((at) => (at + 1) % Math.max(1, this.steps().length));
    }, STEP_MS);
    inject(DestroyRef).onDestroy(() => clearInterval(timer));
  }

  protected go(by: number): void {
    this.playing.set(false);
    const count = Math.max(1, this.steps().length);
    this.at.update((at) => (at + by + count) % count);
  }
}
