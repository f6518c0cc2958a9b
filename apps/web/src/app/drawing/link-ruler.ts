import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  ElementRef,
  afterNextRender,
  computed,
  inject,
  input,
  signal,
} from '@angular/core';
import { outline, type Connector } from '@near-spoke/core/catalogue';
import {
  wireContacts,
  wiringOf,
  type End,
  type Job,
  type Link,
  type Net,
} from '@near-spoke/core/link';
import type { UnitSystem } from '@near-spoke/core/units';
import { rulerLayout, type RulerPlace } from './ruler-layout';
import { wireLines } from './wire-lines';

export interface EndWork {
  readonly done: number;
  readonly total: number;
}

/** The width of an A4 page between its margins. */
const PAPER_PX = 660;
const CABLE_Y = 78;
const ROW_PX = 6;
const SCALE_Y = 122;
/** All conductors together, however many there are. */
const WIRES_PX = 52;

/** What a connector looks like from the side. */
function sideOf({
  gender,
  outline: id,
}: Connector): 'plug' | 'socket' | 'round' | 'shell' | 'joint' {
  if (gender === 'joint') return 'joint';
  const shape = id ? outline(id).shape : 'modular';
  if (shape === 'coaxial' || shape === 'round') return 'round';
  return shape === 'modular' ? gender : 'shell';
}

/** The open link to scale, from its near end to its far end, with the layer of the open stage. */
@Component({
  selector: 'ns-link-ruler',
  templateUrl: './link-ruler.html',
  styleUrl: './link-ruler.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LinkRuler {
  readonly link = input.required<Link>();
  /** The parts and schools that the link shares with its site. */
  readonly job = input.required<Job>();
  readonly units = input<UnitSystem>('metric');
  /** Steps done at each end, and the end that is worked on. */
  readonly work = input<Readonly<Record<End, EndWork>> | null>(null);
  readonly at = input<End | null>(null);
  /** What a tester showed: the conductors are drawn in place of the jacket. */
  readonly nets = input<readonly Net[] | null>(null);

  /** Where a trace tells of something. */
  readonly places = input<readonly RulerPlace[]>([]);

  protected readonly cableY = CABLE_Y;
  protected readonly scaleY = SCALE_Y;
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  protected readonly width = signal(900);
  protected readonly layout = computed(() => {
    const { lengthM, route } = this.link();
    return rulerLayout({
      lengthM,
      route,
      widthPx: this.width(),
      units: this.units(),
      places: this.places(),
      // A place is told by the points around it.
      spoken: this.places().flatMap(({ atM }) =>
        [
          route.findLast((point) => point.atM <= atM),
          route.find((point) => point.atM > atM),
        ].flatMap((point) => point?.name ?? []),
      ),
    });
  });
  protected readonly middle = computed(() => (this.layout().x0 + this.layout().x1) / 2);

  protected readonly ends = computed(() =>
    (['near', 'far'] as const).map((end) => ({
      end,
      side: sideOf(this.job().catalogue.connector(this.link()[end].connector)),
      place: this.link()[end].place,
      work: this.work()?.[end] ?? null,
      here: this.at() === end,
    })),
  );

  protected readonly wires = computed(() => {
    const nets = this.nets();
    if (!nets) return null;
    const wiring = wiringOf(this.link(), this.job());
    const { x0, x1 } = this.layout();
    const [near, far] = [wireContacts(wiring.near), wireContacts(wiring.far)];
    const count = Math.max(near.length, far.length);
    const rowPx = Math.min(ROW_PX, WIRES_PX / count);
    const y = (contacts: readonly string[], contact: string) => {
      const place = contacts.indexOf(contact);
      return CABLE_Y + ((place < 0 ? count + 0.2 : place) - (count - 1) / 2) * rowPx;
    };
    const [a, b] = [x0 + (x1 - x0) * 0.44, x0 + (x1 - x0) * 0.56];
    return wireLines(nets, wiring).map((line) => {
      const from = y(near, line.near);
      return {
        ...line,
        paths:
          line.reached.length === 0
            ? [`M${x0} ${from}H${this.middle() - 9}`, `M${this.middle() + 9} ${from}H${x1}`]
            : line.reached.map(
                (to) =>
                  `M${x0} ${from}H${a}C${b} ${from} ${a} ${y(far, to)} ${b} ${y(far, to)}H${x1}`,
              ),
        open: line.reached.length === 0 ? from : null,
      };
    });
  });
  /** Where the drawn cable begins, from above. */
  protected readonly top = computed(() => CABLE_Y - (this.wires() ? 28 : 10));
  protected readonly anyWrong = computed(() => this.wires()?.some((line) => !line.right) ?? false);

  protected readonly summary = computed(() => {
    const { near, far, route } = this.link();
    const { total } = this.layout();
    const points = route.length > 0 ? `, past ${route.map(({ name }) => name).join(', ')}` : '';
    const seen = this.layout().places.map(({ name }) => name);
    const told = seen.length > 0 ? ` Seen: ${seen.join('; ')}.` : '';
    return `${near.place} to ${far.place}, ${total ?? 'length not known'}${points}.${told}`;
  });

  constructor() {
    const destroyed = inject(DestroyRef);
    afterNextRender(() => {
      const element = this.host.nativeElement;
      // Where it is not shown, it is drawn for paper.
      const measure = () => this.width.set(Math.max(280, element.clientWidth || PAPER_PX));
      const observer = new ResizeObserver(measure);
      observer.observe(element);
      measure();
      destroyed.onDestroy(() => observer.disconnect());
    });
  }
}
