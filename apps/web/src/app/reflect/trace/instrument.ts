import { Injectable, computed } from '@angular/core';
import { isOneOf, isText, isTexts, kept } from '../../shell/kept';
import { KeptTexts } from '../../shell/kept-texts';

export const LAUNCHES = ['auto', 'pulse', 'step'] as const;
export type LaunchTold = (typeof LAUNCHES)[number];

/** Names are told apart by these many letters. */
const LONGEST_NAME = 60;

/** What traces are taken with: asked once, and kept by its name on this device; the usual one has none. */
@Injectable()
export class Instrument {
  private readonly others = kept('reflect.instruments', [], isTexts);
  readonly name = kept('reflect.instrument', '', isText);
  readonly names = computed(() => ['', ...this.others()]);
  private readonly pulses = computed(() =>
    kept<LaunchTold>(`reflect.pulse${this.suffix()}`, 'auto', isOneOf(...LAUNCHES)),
  );
  /** What it sends. */
  readonly pulse = computed(() => this.pulses()());
  /** Its source, its input and its edges. */
  readonly typed = new KeptTexts(
    () => `reflect.with${this.suffix()}`,
    () => ({ source: '50', scope: '1000000' }),
  );

  setPulse(pulse: LaunchTold): void {
    this.pulses().set(pulse);
  }

  /** Takes one by its name; one that is new begins with a usual source and input. */
  take(text: string): void {
    const name = text.trim().slice(0, LONGEST_NAME);
    if (!this.names().includes(name)) this.others.update((all) => [...all, name]);
    this.name.set(name);
  }

  private readonly suffix = () => (this.name() === '' ? '' : `.${this.name()}`);
}
