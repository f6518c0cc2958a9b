import type { ListRange } from '@angular/cdk/collections';
import {
  CdkFixedSizeVirtualScroll,
  CdkVirtualForOf,
  CdkVirtualScrollViewport,
} from '@angular/cdk/scrolling';
import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  Injector,
  afterNextRender,
  type ElementRef,
  computed,
  effect,
  inject,
  input,
  output,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { MatIcon } from '@angular/material/icon';
import { Router } from '@angular/router';
import { LINK_STATES } from '@near-spoke/words/states';
import { Store } from '@ngrx/store';
import { StateMark } from '../drawing';
import { linksFeature } from '../store/links/links';
import { Shortcuts } from './shortcuts';
import type { Things } from './find/things';
import { isOpened, rowsFound, type SpokeRow } from './spoke-rows';
import { SpokenLanguage } from '../words/language';

const ROW_PX = 56;

/**
 * The site's links by hub: up and down move, Enter opens. Thousands of them scroll smoothly. What is typed finds
 * links, and whatever else has a name.
 */
@Component({
  selector: 'ns-spokes',
  imports: [
    CdkFixedSizeVirtualScroll,
    CdkVirtualForOf,
    CdkVirtualScrollViewport,
    MatIcon,
    StateMark,
  ],
  templateUrl: './spokes.html',
  styleUrl: './spokes.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Spokes {
  readonly siteId = input.required<string>();
  readonly openId = input('');
  readonly picked = output();

  private readonly injector = inject(Injector);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly viewport = viewChild(CdkVirtualScrollViewport);
  private readonly box = viewChild.required<ElementRef<HTMLInputElement>>('box');

  protected readonly rowPx = ROW_PX;
  private readonly language = inject(SpokenLanguage).id;
  protected readonly stateName = computed(() => LINK_STATES[this.language()]);
  protected readonly links = this.store.selectSignal(linksFeature.selectAll);
  protected readonly loading = this.store.selectSignal(linksFeature.selectLoading);
  protected readonly search = signal('');
  private readonly hasLinks = computed(() => this.links().length > 0);
  private readonly things = signal<Things | null>(null);
  protected readonly rows = computed(() =>
    rowsFound(this.links(), this.things()?.all() ?? [], this.search()),
  );
  protected readonly found = computed(() => this.rows().filter(isOpened).length);
  protected readonly activeId = signal('');
  private readonly drawn = signal<ListRange>({ start: 0, end: 0 });
  /** What is still to be brought in sight: the list had not grown to it yet. */
  private wanted = '';
  /** Whether the active row is in the page: rows out of sight are not drawn. */
  protected readonly activeShown = computed(() => {
    const { start, end } = this.drawn();
    return this.rows()
      .slice(start, end)
      .some((row) => row.id === this.activeId());
  });

  constructor() {
    const injector = this.injector;
    inject(Shortcuts).add(inject(DestroyRef), {
      does: 'list',
      run: () => this.focusList(),
    });
    effect(() => this.things()?.siteId.set(this.siteId()));
    effect((onCleanup) => {
      const drawing = this.viewport()?.renderedRangeStream.subscribe((range) => {
        const first = this.drawn().end === 0 && range.end > 0;
        this.drawn.set(range);
        // Only a list that is laid out can be scrolled, and no further than it is laid out.
        const id = this.wanted || (first ? this.openId() : '');
        if (id) afterNextRender(() => this.bring(id), { injector });
        this.wanted = '';
      });
      onCleanup(() => drawing?.unsubscribe());
    });
    effect(() => {
      const id = this.openId();
      if (id && this.hasLinks()) untracked(() => this.activate(id));
    });
  }

  /** Goes to the box, ready for another search. */
  seek(): void {
    this.box().nativeElement.focus();
    this.box().nativeElement.select();
  }

  /** What else there is comes when something is sought. */
  protected async look(): Promise<void> {
    const { Things } = await import('./find/things');
    const things = this.injector.get(Things);
    this.things.set(things);
    await things.look();
  }

  protected readonly idOf = (_: number, row: SpokeRow) => row.id;

  protected type(event: Event): void {
    this.search.set((event.target as HTMLInputElement).value);
    this.activeId.set('');
    this.viewport()?.scrollToIndex(0);
  }

  protected onBoxKey(event: KeyboardEvent): void {
    if (event.key === 'ArrowDown') {
      event.preventDefault();
      this.focusList();
    } else if (event.key === 'Enter') {
      const first = this.rows().find(isOpened);
      if (first) this.open(first);
    } else if (event.key === 'Escape') {
      this.clear();
    }
  }

  protected onListKey(event: KeyboardEvent): void {
    const page = Math.max(1, Math.floor((this.viewport()?.getViewportSize() ?? 0) / ROW_PX) - 1);
    const steps: Readonly<Record<string, number>> = {
      ArrowDown: 1,
      ArrowUp: -1,
      PageDown: page,
      PageUp: -page,
      Home: -Infinity,
      End: Infinity,
    };
    const step = steps[event.key];
    if (step !== undefined) {
      event.preventDefault();
      this.move(step);
    } else if (event.key === 'Enter') {
      event.preventDefault();
      const row = this.rows().find(({ id }) => id === this.activeId());
      if (row) this.open(row);
    }
  }

  protected open(row: SpokeRow): void {
    if (row.kind === 'thing') {
      // What was found has been opened; the links are wanted again.
      this.clear();
      this.box().nativeElement.blur();
      row.thing.open();
    } else {
      this.activeId.set(row.id);
      // At the stage that the link needs next.
      const stage = row.kind === 'link' ? row.link.next.stage : '';
      void this.router.navigate(['/sites', this.siteId(), 'links', row.id, stage]);
    }
    this.picked.emit();
  }

  private clear(): void {
    this.box().nativeElement.value = '';
    this.search.set('');
  }

  private move(step: number): void {
    const rows = this.rows().filter(isOpened);
    if (rows.length === 0) return;
    const at = rows.findIndex((row) => row.id === this.activeId());
    const to = Math.min(Math.max(at + step, 0), rows.length - 1);
    const next = rows[to];
    if (next) this.activate(next.id);
  }

  private focusList(): void {
    this.viewport()?.elementRef.nativeElement.focus();
    if (!this.rows().some((row) => row.id === this.activeId())) this.move(0);
  }

  private activate(id: string): void {
    this.activeId.set(id);
    this.wanted = this.bring(id) ? '' : id;
  }

  /** Whether the row is in sight now: a list that has just changed may not be that long yet. */
  private bring(id: string): boolean {
    const viewport = this.viewport();
    const index = this.rows().findIndex((row) => row.id === id);
    if (!viewport || index < 0) return false;
    const top = viewport.measureScrollOffset('top');
    const [from, to] = [index * ROW_PX, (index + 1) * ROW_PX];
    // Keep the hub's heading in sight where there is one above.
    const wanted =
      from - ROW_PX < top ? Math.max(0, from - ROW_PX) : to - viewport.getViewportSize();
    if (from - ROW_PX >= top && wanted <= top) return true;
    viewport.scrollToOffset(wanted);
    return Math.abs(viewport.measureScrollOffset('top') - wanted) <= 1;
  }
}
