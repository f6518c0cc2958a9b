import { Injectable, computed, inject, signal } from '@angular/core';
import { metresPerUnit, type DrawingDeed, type WayKind } from '@near-spoke/core/plan/drawing';
import type { Point } from '@near-spoke/core/plan/lengths';
import { formatDistance } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { v7 } from 'uuid';
import { ALIKE } from '../shell/alike';
import { KeptTexts } from '../shell/kept-texts';
import { sitesFeature } from '../store/sites/sites';
import { Words } from '../words/words';
import { USUAL, typedFor, type Tool } from './floor-fields';
import { SiteDrawings } from './site-drawings';

/** What is next on a plan, as its page says it; without an action where a press on the plan is it. */
export interface FloorTold {
  readonly sentence: string;
  readonly why: string;
  readonly action: string;
  readonly off: string;
}

export const say = (sentence: string, why = '', action = '', off = ''): FloorTold => ({
  sentence,
  why,
  action,
  off,
});

/** The plan that is open, what is being drawn on it, and with what. */
@Injectable()
export class FloorDesk {
  private readonly site = inject(SiteDrawings);
  private readonly spoken = inject(Words);
  private readonly sites = inject(Store).selectSignal(sitesFeature.selectEntities);
  readonly units = computed(() => this.sites()[this.site.siteId()]?.units ?? 'metric');
  readonly tell = computed(() => this.spoken.in(this.units()));
  readonly words = computed(() => this.tell().pages.floor);

  readonly tool = signal<Tool>('look');
  readonly kind = signal<WayKind>('tray');
  readonly begun = signal<readonly Point[]>([]);
  readonly told = signal('');
  readonly undoable = signal(false);
  private readonly opened = signal('');

  readonly drawing = computed(() => {
    const all = this.site.drawings();
    return all.find(({ id }) => id === this.opened()) ?? all[0] ?? null;
  });
  readonly typed = new KeptTexts(
    () => `floor.${this.site.siteId()}`,
    () => ({ ...USUAL[this.units()], sheetName: this.drawing()?.picture.name ?? '' }),
    () => this.units(),
  );
  readonly given = computed(() => typedFor(this.typed.texts(), this.units()), ALIKE);
  readonly ways = computed(
    () => new Map(this.site.drawings().flatMap(({ ways }) => ways.map((way) => [way.way, way]))),
  );
  readonly wayNames = computed(() => new Map([...this.ways()].map(([id, { name }]) => [id, name])));
  readonly suggestedName = computed(() => {
    const words = this.words();
    const taken = new Set(this.wayNames().values());
    const kind = words.wayKinds[this.kind()];
    let number = 1;
    while (taken.has(words.wayNamed(kind, number))) number += 1;
    return words.wayNamed(kind, number);
  });
  private readonly wayName = computed(
    () => (this.typed.texts()['wayName'] ?? '').trim() || this.suggestedName(),
  );

  readonly wayTold = computed((): FloorTold => {
    const words = this.words();
    return this.begun().length > 1
      ? say(this.wayName(), words.points(this.begun().length), words.done)
      : say(words.aboutKinds[this.kind()]);
  });
  readonly scaleTold = computed((): FloorTold => {
    const words = this.words();
    const drawing = this.drawing();
    const count = this.begun().length;
    const far = (metres: number, digits: number) => formatDistance(metres, this.units(), digits);
    return say(
      words.scalePoints[count] ?? '',
      drawing?.scale
        ? words.scaleNow(
            far(drawing.scale.metres, 2),
            far(metresPerUnit(drawing.scale) * drawing.picture.width, 1),
          )
        : words.whyUnscaled,
      count === 2 ? words.setScale : '',
      count === 2 && this.given().metres === null ? (words.scalePoints[2] ?? '') : '',
    );
  });

  take(tool: Tool): void {
    this.tool.set(tool);
    this.begun.set([]);
    this.told.set('');
    this.undoable.set(false);
  }

  open(drawing: string): void {
    this.opened.set(drawing);
    this.begun.set([]);
  }

  become(kind: WayKind): void {
    this.kind.set(kind);
    this.begun.set([]);
  }

  endWay(): void {
    const points = this.begun();
    const of = this.kind();
    if (points.length < (of === 'tray' ? 2 : 1)) return;
    const name = this.wayName();
    const { wayM: heightM, areaMm2 } = this.given();
    const area = of === 'tray' ? areaMm2 : null;
    const way = { way: v7(), name, of, points: [...points], heightM, areaMm2: area };
    this.keep(this.words().deed.way(name), { kind: 'way', ...way }, this.words().put(name));
    this.begun.set([]);
    this.typed.set({ id: 'wayName', text: '' });
  }

  setScale(): void {
    const [from, to] = this.begun();
    const { metres } = this.given();
    const name = this.drawing()?.picture.name ?? '';
    if (!from || !to || metres === null) return;
    this.take('look');
    this.keep(this.words().deed.scale(name), { kind: 'scale', from, to, metres });
  }

  rename(): void {
    const picture = this.drawing()?.picture;
    if (!picture) return;
    const { name, floorM } = this.given();
    const changed = { ...picture, name: name || picture.name, floorM };
    this.keep(this.words().deed.picture(changed.name), changed);
  }

  takeOff(what: 'way' | 'place' | 'drawing', id: string): void {
    const name = { way: this.wayNames().get(id), place: id, drawing: this.drawing()?.picture.name };
    if (what === 'drawing') this.take('look');
    this.keep(this.words().deed.off(name[what] ?? ''), { kind: 'off', what, id });
  }

  /** @param told as it is said then; what was done itself, where that is enough */
  keep(what: string, deed: DrawingDeed, told = what): void {
    const drawing = this.drawing();
    if (!drawing) return;
    this.site.keep(what, drawing.id, deed);
    this.told.set(told);
    this.undoable.set(true);
  }

  undo(): void {
    const last = this.site.last();
    if (last) this.site.takeBack(last, this.words().tookBack);
    this.told.set('');
    this.undoable.set(false);
  }
}
