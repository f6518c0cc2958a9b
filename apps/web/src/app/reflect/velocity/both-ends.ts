import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  output,
  signal,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { NOTHING, type Message } from '@near-spoke/core/message';
import {
  pairEnds,
  placeFromTwoEnds,
  type SeenFromEnd,
  type TwoEnds,
} from '@near-spoke/core/reflect/velocity';
import { ANY_VELOCITY, toldBy } from '@near-spoke/core/reflect/told';
import { placeOnLink, type PlaceKind } from '@near-spoke/core/reflect/place';
import { WITHIN_95, formatUncertain, type Uncertain } from '@near-spoke/core/units';
import type { Tell } from '@near-spoke/words';
import { OpenLink } from '../../link/open-link';
import { CableFacts } from '../../link/cable-facts';
import { fieldsIn } from '../../shell/in-units';
import type { KeptTexts } from '../../shell/kept-texts';
import { NumberFields, type NumberField } from '../../shell/number-fields';
import { typedNumbers } from '../../shell/typed-number';
import { Unbroken } from '../../shell/unbroken';
import { Words } from '../../words/words';
import { EndTrace } from './end-trace';
import { giveOrTake } from './give-or-take';

const LENGTH_FIELD: readonly NumberField[] = [{ id: 'length', name: 'Whole length', unit: 'm' }];
const DELAY_FIELDS: readonly NumberField[] = [
  { id: 'near', name: 'Delay from here', unit: 'ns' },
  { id: 'far', name: 'Delay from the far end', unit: 'ns' },
];
const BOUNDS = {
  length: [0.1, 20_000, 'm'],
  near: [0.01, 1e6, 'ns'],
  far: [0.01, 1e6, 'ns'],
} as const;

/** A place by its name, and where on the link's route it is. */
type Told = TwoEnds & {
  readonly kind: PlaceKind;
  readonly name: string;
  /** From here, with what it is within for 95 %. */
  readonly at: string;
  readonly where: Message;
};

/** One place from both ends, by two traces or by two delays: free of the velocity factor. */
@Component({
  selector: 'ns-both-ends',
  imports: [EndTrace, MatButtonModule, NumberFields, Unbroken],
  templateUrl: './both-ends.html',
  styleUrl: './velocity-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BothEnds {
  /** Where what is typed is kept. */
  readonly typed = input.required<KeptTexts>();
  readonly spreads = input.required<{ readonly lengthU: number; readonly delayU: number }>();
  /** A velocity factor that was measured on this page. */
  readonly measured = input.required<Uncertain | null>();
  readonly keep = output<Uncertain>();

  protected readonly open = inject(OpenLink);
  private readonly words = inject(Words);
  private readonly facts = inject(CableFacts);
  protected readonly lengthField = computed(() => fieldsIn(LENGTH_FIELD, this.open.units()));
  protected readonly delayFields = DELAY_FIELDS;
  protected readonly giveOrTake = giveOrTake;
  protected readonly told = computed(() => toldBy({}, 'auto', this.facts.known()));
  protected readonly near = signal<readonly SeenFromEnd[]>([]);
  protected readonly far = signal<readonly SeenFromEnd[]>([]);
  private readonly numbers = computed(() =>
    typedNumbers(this.typed().texts(), BOUNDS, this.open.units()),
  );
  private readonly lengthM = computed((): Uncertain | null => {
    const { length } = this.numbers().value;
    return length === null ? null : { value: length, u: this.spreads().lengthU };
  });
  protected readonly traced = computed(() => this.near().length > 0 && this.far().length > 0);
  /** Of two traces, every place that both saw; of two delays, the one that they tell. */
  protected readonly places = computed((): readonly Told[] => {
    const [lengthM, { value, wrong }] = [this.lengthM(), this.numbers()];
    if (!lengthM) return [];
    if (this.traced())
      return pairEnds(
        this.near(),
        this.far(),
        lengthM,
        this.measured() ?? this.facts.known()?.velocityFactor ?? ANY_VELOCITY,
      ).map((pair) => this.withRoute(pair.near.kind, pair));
    const { near, far } = value;
    if (wrong.length > 0 || near === null || far === null) return [];
    const { delayU } = this.spreads();
    const of = (nanoseconds: number) => ({ value: nanoseconds * 1e-9, u: delayU });
    return [this.withRoute('hand', placeFromTwoEnds(lengthM, of(near), of(far), this.measured()))];
  });
  protected readonly none = computed(() => {
    const waiting = this.near().length > 0 || this.far().length > 0;
    if (this.traced() && !this.lengthM())
      return 'Type the whole length: the place is a share of it.';
    if (this.traced())
      return 'No echo from here and one from the far end are of the same place: the length or the velocity factor is wrong, or there are two faults and neither end sees past its own.';
    return waiting
      ? 'The other end’s trace is still wanted.'
      : 'Two traces, or the two delays: their ratio gives the place; the velocity factor does not count.';
  });

  constructor() {
    effect(() =>
      this.open.layer.set({
        kind: 'places',
        places: this.places()
          .filter(({ agree }) => agree !== false)
          .map(({ name, placeM }) => ({
            atM: placeM.value,
            withinM: WITHIN_95 * placeM.u,
            name,
          })),
      }),
    );
  }

  protected keepPlace({ kind, placeM, where }: Told): void {
    const kept = this.words.kept(this.open.units());
    const name = this.nameOf(kind, kept.pages.trace);
    this.facts.keepPlace(
      kind,
      placeM,
      `${kept.pages.trace.keptFromBoth(name, formatUncertain(placeM, kept.units))} ${kept(where)}`,
    );
  }

  private nameOf(kind: PlaceKind, say: Tell['pages']['trace']): string {
    return kind === 'hand' ? say.ofBothEnds : say.kinds[kind].name;
  }

  private withRoute(kind: Told['kind'], ends: TwoEnds): Told {
    const link = this.open.link();
    const seen = { distanceM: ends.placeM, end: false };
    return {
      ...ends,
      kind,
      at: formatUncertain(ends.placeM, this.open.units()),
      name: this.nameOf(kind, this.open.tell().pages.trace),
      // Where the ends don't agree there is nothing to open.
      where:
        link && ends.agree !== false ? placeOnLink(seen, ends.placeM.u, link).sentence : NOTHING,
    };
  }
}
