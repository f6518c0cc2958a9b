import { computed, type Signal } from '@angular/core';
import { kept } from './kept';
import { isTextRecord, type Texts, type TypedText } from './number-fields';

/** What is typed into fields, over what stands there until something is; kept on this device. */
export class KeptTexts {
  private readonly own = computed(() => kept<Texts>(this.name(), {}, isTextRecord));
  readonly texts: Signal<Texts> = computed(() => ({ ...this.usual(), ...this.own()() }));

  /** @param name of what is kept: of the page, or of a link on it */
  constructor(
    private readonly name: () => string,
    private readonly usual: () => Texts,
  ) {}

  readonly set = ({ id, text }: TypedText): void => {
    this.own().update((texts) => ({ ...texts, [id]: text }));
  };

  clear(): void {
    this.own().set({});
  }
}
