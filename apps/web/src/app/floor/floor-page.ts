import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  type ElementRef,
  computed,
  effect,
  inject,
  input,
  untracked,
  viewChild,
} from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { MatAutocompleteModule } from '@angular/material/autocomplete';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { blobEndpoints, pathOf } from '@near-spoke/contract';
import { drawingEndpoints } from '@near-spoke/contract/drawing';
import { WAY_KINDS, snap } from '@near-spoke/core/plan/drawing';
import { formatDistance } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { KeptFiles } from '../files/kept-files';
import { NextThing } from '../shell/next-thing';
import { NumberFields } from '../shell/number-fields';
import { OneOf } from '../shell/one-of';
import { Api, type Refusal } from '../store/api/api';
import { linksActions } from '../store/links/links';
import { FloorDesk, say } from './floor-desk';
import { TOOLS, fieldsOf } from './floor-fields';
import { FloorLengths } from './floor-lengths';
import { FloorMap, type FloorKey, type RoughPoint } from './floor-map';
import { floorMarks } from './floor-marks';
import { FloorPlaces } from './floor-places';
import { FloorSight } from './floor-sight';
import { NewPicture } from './new-picture';
import { SiteDrawings } from './site-drawings';

/** Floor plans of a site: set to scale, with places and ways, they tell how long runs are and where a fault lies. */
@Component({
  selector: 'ns-floor-page',
  imports: [
    FloorLengths,
    FloorMap,
    MatAutocompleteModule,
    MatButtonModule,
    MatFormFieldModule,
    MatInputModule,
    NextThing,
    NumberFields,
    OneOf,
  ],
  templateUrl: './floor-page.html',
  styleUrl: './floor-page.scss',
  providers: [FloorDesk, FloorPlaces, FloorSight, NewPicture, SiteDrawings],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FloorPage {
  readonly siteId = input.required<string>();
  /** A link whose run, and fault if one was found, is shown at once. */
  readonly link = input<string>();

  private readonly api = inject(Api);
  private readonly files = inject(KeptFiles);
  private readonly store = inject(Store);
  private readonly destroyed = inject(DestroyRef);
  private readonly site = inject(SiteDrawings);
  protected readonly desk = inject(FloorDesk);
  protected readonly sight = inject(FloorSight);
  protected readonly places = inject(FloorPlaces);
  protected readonly newPicture = inject(NewPicture);
  private readonly picker = viewChild.required<ElementRef<HTMLInputElement>>('picker');
  protected readonly words = this.desk.words;

  protected readonly floors = computed(() =>
    this.site.drawings().map(({ id, picture }) => ({ id, name: picture.name })),
  );
  protected readonly tools = computed(() =>
    TOOLS.map((id) => ({ id, name: this.words().tools[id] })),
  );
  protected readonly kinds = computed(() =>
    WAY_KINDS.map((id) => ({ id, name: this.words().wayKinds[id] })),
  );
  protected readonly fields = computed(() =>
    fieldsOf(
      this.desk.tool(),
      this.desk.kind(),
      this.desk.suggestedName(),
      this.words(),
      this.desk.units(),
    ),
  );
  protected readonly pageField = computed(() => [
    { id: 'page', name: this.words().page, unit: '' },
  ]);
  protected readonly url = computed(() => {
    const blob = this.desk.drawing()?.picture.blob;
    if (!blob) return '';
    const waiting = this.files.waitingFile(blob);
    return waiting ? URL.createObjectURL(waiting) : pathOf(blobEndpoints.one, { id: blob });
  });
  protected readonly armed = computed(() => {
    const tool = this.desk.tool();
    if (tool === 'place') return this.places.isOne();
    return tool === 'way' || (tool === 'scale' && this.desk.begun().length < 2);
  });

  protected readonly marks = computed(() => {
    const drawing = this.desk.drawing();
    if (!drawing) return { lines: [], spots: [] };
    const [tool, looked] = [this.desk.tool(), this.sight.link()];
    const drawn = new Set(drawing.places.map(({ place }) => place));
    const ends = looked
      ? [looked.near.place, looked.far.place, looked.hub].filter((name) => drawn.has(name))
      : [];
    return floorMarks({
      drawing,
      hubs: this.sight.hubs(),
      begun: this.desk.begun(),
      chosen: new Set(tool === 'place' ? [this.places.name()] : ends),
      showsScale: tool === 'scale',
      lengths: this.sight.lengths(),
      legs: tool === 'look' ? (this.sight.run()?.legs ?? []) : [],
      here: tool === 'look' ? this.sight.here() : null,
      hereName: this.words().mark(looked?.label ?? ''),
    });
  });

  protected readonly onIt = computed(() => {
    const [drawing, tool, words] = [this.desk.drawing(), this.desk.tool(), this.words()];
    const high = (metres: number) => words.figure(formatDistance(metres, this.desk.units()));
    if (tool === 'way')
      return (drawing?.ways ?? []).map(({ way: id, name, of, heightM }) => ({
        id,
        name,
        what: 'way' as const,
        about: `${words.wayKinds[of]}, ${high(heightM)}`,
      }));
    if (tool !== 'place') return [];
    return (drawing?.places ?? []).map(({ place, heightM }) => ({
      id: place,
      name: place,
      what: 'place' as const,
      about: high(heightM),
    }));
  });

  protected readonly headline = computed(() => {
    const [drawing, words] = [this.desk.drawing(), this.words()];
    if (!drawing) return say(words.none, words.whyNone, words.addFirst);
    const tool = this.desk.tool();
    if (tool === 'scale') return this.desk.scaleTold();
    if (tool === 'way') return this.desk.wayTold();
    if (tool === 'place') return this.places.told();
    return drawing.scale
      ? this.sight.told()
      : say(words.unscaled(drawing.picture.name), words.whyUnscaled, words.toScale);
  });

  constructor() {
    effect(() => this.site.siteId.set(this.siteId()));
    effect(() => this.sight.looked.set(this.link() ?? ''));
    // What waits to be sent is shown from this device; what was shown before is let go of.
    effect((onCleanup) => {
      const url = this.url();
      onCleanup(() => {
        if (url.startsWith('blob:')) URL.revokeObjectURL(url);
      });
    });
    effect(() => {
      const sheet = this.sight.sheet();
      if (sheet !== '') untracked(() => this.desk.open(sheet));
    });
  }

  protected goOn(): void {
    const drawing = this.desk.drawing();
    const tool = this.desk.tool();
    if (!drawing) this.picker().nativeElement.click();
    else if (tool === 'scale') this.desk.setScale();
    else if (tool === 'way') this.desk.endWay();
    else if (!drawing.scale) this.desk.take('scale');
    else if (this.sight.rows().every(({ drawn }) => drawn === ''))
      this.desk.take(this.sight.lengths().undrawn.length > 0 ? 'place' : 'way');
    else this.takeOver();
  }

  /** Enter in the field of the scale sets it: nothing else is asked for there. */
  protected enter(event: Event): void {
    event.preventDefault();
    if (this.desk.tool() === 'scale') this.desk.setScale();
  }

  protected picked(id: string): void {
    if (this.desk.tool() === 'place' && !this.armed()) this.places.aim(id);
  }

  protected put({ at, reach }: RoughPoint): void {
    const { begun, drawing, kind, tool } = this.desk;
    const before = begun().at(-1) ?? null;
    if (tool() === 'place') {
      this.places.put(at);
      return;
    }
    if (tool() === 'scale') {
      begun.update((points) => [...points, snap(at, [], 0, before).at].slice(0, 2));
      return;
    }
    const own = before ? [{ points: begun() }] : [];
    const point = snap(at, [...(drawing()?.ways ?? []), ...own], reach, before).at;
    begun.update((points) => [...points, point]);
    if (kind() !== 'tray') this.desk.endWay();
  }

  protected struck(key: FloorKey): void {
    this.desk.begun.update((points) => (key === 'back' ? points.slice(0, -1) : []));
  }

  /** @param replaces whether it is to be another picture of the plan that is open */
  protected choose(replaces: boolean): void {
    this.newPicture.replaces.set(replaces);
    this.picker().nativeElement.click();
  }

  protected chosen(picker: HTMLInputElement): void {
    const [file] = picker.files ?? [];
    if (file) void this.newPicture.read(file, null);
    picker.value = '';
  }

  protected takePage(event: Event): void {
    event.preventDefault();
    const asked = this.newPicture.asksPage();
    if (asked) void this.newPicture.read(asked.file, this.desk.given().page);
  }

  private takeOver(): void {
    const { slackM, reachM } = this.desk.given();
    this.desk.undoable.set(false);
    this.api
      .call(drawingEndpoints.takeOver, { id: this.siteId(), body: { slackM, reachM } })
      .pipe(takeUntilDestroyed(this.destroyed))
      .subscribe({
        next: ({ changed, same, measured, routes }) => {
          this.desk.told.set(this.words().taken(changed, same, measured, routes));
          this.store.dispatch(linksActions.reload());
        },
        error: ({ problem }: Refusal) =>
          this.desk.told.set(
            problem.status === 0 ? this.words().offline : (problem.detail ?? problem.title),
          ),
      });
  }
}
