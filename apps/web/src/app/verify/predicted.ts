import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Fault, Place, TesterId } from '@near-spoke/core/verify';
import { madeWith, observe, type Bench } from '@near-spoke/core/verify/explain';
import { lampFace, ownFace, type CircuitStep } from '@near-spoke/core/verify/entry';
import { LampScan } from './entry/lamp-scan';

/** What the lamps of a tester do on a good link, and on this one as it was found before. */
@Component({
  selector: 'ns-predicted',
  imports: [LampScan],
  template: `
    @if (face(); as face) {
      <h3>A good link shows</h3>
      <ns-lamp-scan [names]="names()" [steps]="face.good" />
      @if (found(); as found) {
        <h3>This link shows, as found before</h3>
        <ns-lamp-scan [names]="names()" [steps]="found" />
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Predicted {
  readonly tester = input.required<TesterId>();
  readonly bench = input.required<Bench>();
  /** The circuit of a tester of one's own, in place of a class. */
  readonly own = input<readonly CircuitStep[] | null>(null);
  readonly moved = input<Place | null>(null);
  /** What is known to be wrong with the link. */
  readonly faults = input<readonly Fault[]>([]);

  protected readonly face = computed(() => {
    const [id, own] = [this.tester(), this.own()];
    if (own) return ownFace(own, this.bench(), this.moved());
    return lampFace(id, this.bench(), this.moved());
  });
  protected readonly names = computed(() => this.face()?.steps.map(({ lamps }) => lamps) ?? []);
  protected readonly found = computed(() => {
    const face = this.face();
    if (!face || this.faults().length === 0) return null;
    const made = madeWith(this.bench().wiring, this.faults());
    const shown = observe(face.trial, made, this.bench());
    return shown.method === 'lamps' ? shown.steps : null;
  });
}
