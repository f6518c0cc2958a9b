import { computed, type Signal } from '@angular/core';
import type { UnitSystem } from '@near-spoke/core/units';
import { kept } from './kept';
import { isTextRecord, type Texts, type TypedText } from './number-fields';

/** What is typed into fields, over what stands there until something is; kept on this device. */
export class KeptTexts {
  private readonly own = computed(() => {
    // A bare number means something else on a site that measures in feet.
    const name = this.units() === 'imperial' ? `${this.name()}.imperial` : this.name();
    return kept<Texts>(name, {}, isTextRecord);
  });
  readonly texts: Signal<Texts> = computed(() => ({ ...this.usual(), ...this.own()() }));

  /** @param name of what is kept: of the page, or of a link on it */
  constructor(
    private readonly name: () => string,
    private readonly usual: () => Texts,
    private readonly units: () => UnitSystem = () => 'metric',
  ) {}

  readonly set = ({ id, text }: TypedText): void => {
    this.own().update((texts) => ({ ...texts, [id]: text }));
  };

  clear(): void {
    this.own().set({});
  }
}
