import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  type ElementRef,
  ViewEncapsulation,
  afterNextRender,
  effect,
  inject,
  input,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import type { Point } from '@near-spoke/core/plan/lengths';
import {
  CRS,
  circleMarker,
  imageOverlay,
  layerGroup,
  map as leafletMap,
  polyline,
  type ImageOverlay,
  type LatLng,
  type LatLngBoundsLiteral,
  type LatLngTuple,
  type Map as LeafletMap,
} from 'leaflet';
import type { FloorLine, FloorMarks, FloorSpot } from './floor-marks';

/** What a key does on the plan besides moving it. */
export type FloorKey = 'back' | 'drop';

/** A point that was put by hand, and how near to it something has to be to be meant. */
export interface RoughPoint {
  readonly at: Point;
  readonly reach: number;
}

/** How near a finger or pointer comes, px on the screen. */
const REACH_PX = 14;
const SPOT_PX: Readonly<Record<FloorSpot['of'], number>> = {
  place: 5,
  hub: 8,
  end: 9,
  riser: 7,
  drop: 4,
  begun: 5,
  fault: 11,
};
/** Leaflet’s own zoom goes by powers of two: a plan may be so many times smaller or larger than its picture. */
const ZOOM = { min: -5, max: 4 };

const toMap = ({ x, y }: Point): LatLngTuple => [-y, x];
const fromMap = ({ lat, lng }: LatLng): Point => ({ x: lng, y: -lat });

/** A plan with what is drawn on it, to be moved about and drawn on. */
@Component({
  selector: 'ns-floor-map',
  imports: [MatButtonModule],
  template: `
    <div
      #board
      class="board"
      role="application"
      [class.armed]="armed()"
      [attr.aria-label]="label()"
      aria-describedby="floor-keys"
      (keydown)="press($event)"
    ></div>
    <span class="cross" aria-hidden="true"></span>
    <span id="floor-keys" class="unseen">{{ keys() }}</span>
    <div class="zoom">
      <button mat-stroked-button type="button" [attr.aria-label]="larger()" (click)="zoom(1)">
        +
      </button>
      <button mat-stroked-button type="button" [attr.aria-label]="smaller()" (click)="zoom(-1)">
        −
      </button>
      <button mat-stroked-button type="button" (click)="fit()">{{ whole() }}</button>
    </div>
  `,
  styleUrl: './floor-map.scss',
  // What Leaflet makes has no attribute of this component.
  encapsulation: ViewEncapsulation.None,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FloorMap {
  /** Where the picture is; empty while it is not here. */
  readonly url = input.required<string>();
  readonly width = input.required<number>();
  readonly height = input.required<number>();
  readonly marks = input.required<FloorMarks>();
  /** Whether a press puts a point. */
  readonly armed = input(false);
  readonly label = input.required<string>();
  readonly keys = input.required<string>();
  readonly larger = input.required<string>();
  readonly smaller = input.required<string>();
  readonly whole = input.required<string>();
  readonly put = output<RoughPoint>();
  readonly pick = output<string>();
  readonly struck = output<FloorKey>();

  private readonly board = viewChild.required<ElementRef<HTMLElement>>('board');
  private readonly map = signal<LeafletMap | null>(null);
  private readonly drawn = layerGroup();
  private picture: ImageOverlay | null = null;
  private size = '';

  constructor() {
    const gone = inject(DestroyRef);
    afterNextRender(() => {
      const map = leafletMap(this.board().nativeElement, {
        crs: CRS.Simple,
        minZoom: ZOOM.min,
        maxZoom: ZOOM.max,
        zoomSnap: 0.25,
        zoomControl: false,
        attributionControl: false,
        doubleClickZoom: false,
        zoomAnimation: false,
        fadeAnimation: false,
      });
      this.drawn.addTo(map);
      map.on('click', ({ latlng }) => this.tell(fromMap(latlng)));
      const watch = new ResizeObserver(() => map.invalidateSize({ pan: false }));
      watch.observe(this.board().nativeElement);
      gone.onDestroy(() => {
        watch.disconnect();
        map.remove();
      });
      this.map.set(map);
    });
    effect(() => this.show());
    effect(() => this.draw(this.marks()));
  }

  protected press(event: KeyboardEvent): void {
    const does: Readonly<Record<string, () => void>> = {
      Enter: () => this.tell(fromMap(this.map()?.getCenter() ?? ({ lat: 0, lng: 0 } as LatLng))),
      Backspace: () => this.struck.emit('back'),
      Escape: () => this.struck.emit('drop'),
    };
    const run = does[event.key];
    if (!run || !this.armed()) return;
    event.preventDefault();
    event.stopPropagation();
    if (!event.repeat) run();
  }

  protected zoom(by: number): void {
    this.map()?.zoomIn(by);
  }

  protected fit(): void {
    this.map()?.fitBounds(this.bounds(), { animate: false });
  }

  private bounds(): LatLngBoundsLiteral {
    return [toMap({ x: 0, y: this.height() }), toMap({ x: this.width(), y: 0 })];
  }

  private tell(at: Point): void {
    const map = this.map();
    if (map && this.armed()) this.put.emit({ at, reach: REACH_PX / 2 ** map.getZoom() });
  }

  /** The picture; all of it where it has another size. What was sent meanwhile is the same at another address. */
  private show(): void {
    const map = this.map();
    const [url, bounds] = [this.url(), this.bounds()];
    if (!map) return;
    const size = `${this.width()} ${this.height()}`;
    if (this.picture && url !== '' && size === this.size) {
      this.picture.setUrl(url);
      return;
    }
    this.size = size;
    this.picture?.remove();
    this.picture = url === '' ? null : imageOverlay(url, bounds, { className: 'plan' }).addTo(map);
    map.fitBounds(bounds, { animate: false });
    map.setMaxBounds(map.getBounds().extend(bounds).pad(0.5));
  }

  private draw({ lines, spots }: FloorMarks): void {
    if (!this.map()) return;
    this.drawn.clearLayers();
    for (const line of lines) this.drawLine(line);
    for (const spot of spots) this.drawSpot(spot);
  }

  private drawLine({ of, points, name }: FloorLine): void {
    const line = polyline(points.map(toMap), { className: `line ${of}`, interactive: name !== '' });
    if (name !== '') line.bindTooltip(named(name), { sticky: true });
    this.drawn.addLayer(line);
  }

  private drawSpot({ id, of, at, name, named: always }: FloorSpot): void {
    const spot = circleMarker(toMap(at), { className: `spot ${of}`, radius: SPOT_PX[of] });
    if (name !== '')
      spot.bindTooltip(named(name), {
        permanent: always,
        direction: of === 'fault' ? 'bottom' : 'auto',
        offset: of === 'fault' ? [0, SPOT_PX[of]] : [SPOT_PX[of], 0],
        className: of,
      });
    spot.on('click', () => this.pick.emit(id));
    this.drawn.addLayer(spot);
  }
}

/** A name as what it is, whatever is in it: Leaflet takes a text for HTML. */
function named(name: string): HTMLElement {
  const element = document.createElement('span');
  element.textContent = name;
  return element;
}
