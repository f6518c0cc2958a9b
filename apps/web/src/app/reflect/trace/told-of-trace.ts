import { Injectable, computed, inject } from '@angular/core';
import { sourceShare } from '@near-spoke/core/reflect/setup';
import { ANY_VELOCITY, toldBy, velocityTold } from '@near-spoke/core/reflect/told';
import { CableFacts } from '../../link/cable-facts';
import { OpenLink } from '../../link/open-link';
import { KeptTexts } from '../../shell/kept-texts';
import type { Texts, TypedText } from '../../shell/number-fields';
import { typedNumbers } from '../../shell/typed-number';
import { Instrument } from './instrument';
import { TRACE_BOUNDS, cableTexts, isOfCable, typedIn, type TraceNumber } from './trace-fields';

/** What is told of a trace beside its file: what is typed, over what is known of the cable. One for each page. */
@Injectable()
export class ToldOfTrace {
  private readonly open = inject(OpenLink);
  private readonly facts = inject(CableFacts).known;

  private readonly instrument = inject(Instrument);
  private readonly ofCable = new KeptTexts(
    () => `reflect.${this.open.id()}`,
    () => cableTexts(this.facts()),
  );
  /** Of the link’s cable, and of the instrument. */
  readonly typed = {
    texts: computed((): Texts => ({ ...this.ofCable.texts(), ...this.instrument.typed.texts() })),
    set: (typed: TypedText): void =>
      (isOfCable(typed.id) ? this.ofCable : this.instrument.typed).set(typed),
  };
  private readonly numbers = computed(() =>
    typedNumbers<TraceNumber>(this.typed.texts(), TRACE_BOUNDS),
  );
  /** What can’t be read of it, in words; nothing where all can. */
  readonly wrong = computed(() => {
    const say = this.open.tell().pages.trace;
    const names = this.numbers().wrong.map((id) => say.fields[id]);
    return names.length > 0 ? say.cantBe(names.join(', ')) : '';
  });
  readonly velocity = computed(
    () => velocityTold(typedIn(this.numbers().value), this.facts()) ?? ANY_VELOCITY,
  );
  readonly told = computed(() =>
    toldBy(typedIn(this.numbers().value), this.instrument.pulse(), this.facts()),
  );
  /** What is told but for the velocity factor: where an echo stands is one thing, what it is another. */
  readonly ofEchoes = computed(() => {
    const { velocityFactor: _, ...rest } = this.told();
    return JSON.stringify(rest);
  });
  /** What a source does to sizes that does not match the cable, in words. */
  readonly sourceNote = computed(() => {
    const { sourceOhm, impedanceOhm } = this.told();
    const share = sourceOhm && impedanceOhm ? sourceShare(sourceOhm, impedanceOhm) : null;
    return share
      ? this.open.tell().pages.trace.sourceUnlike(sourceOhm ?? 0, impedanceOhm ?? 0, share)
      : '';
  });
}
