import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatSelectModule } from '@angular/material/select';
import { labelEndpoints } from '@near-spoke/contract/labels';
import type { Marks, ReelStanding } from '@near-spoke/core/plan/reels';
import { formatDistance } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { saveFile } from '../files/save-file';
import { fieldsIn } from '../shell/in-units';
import { KeptTexts } from '../shell/kept-texts';
import { NextThing } from '../shell/next-thing';
import { NumberFields } from '../shell/number-fields';
import { OneOf } from '../shell/one-of';
import { typedNumbers } from '../shell/typed-number';
import { Api } from '../store/api/api';
import { selectJob } from '../store/job';
import { linksFeature } from '../store/links/links';
import { sitesFeature } from '../store/sites/sites';
import { Words } from '../words/words';
import { reelCards } from './reel-cards';
import { SiteReels } from './site-reels';

const BOUNDS = { length: [0.1, 20_000, 'm'], mark: [0, 1_000_000, 'm'] } as const;
const USUAL = { metric: { length: '305' }, imperial: { length: '1000' } };

/** The reels and boxes of a site: what is left on each, what was cut from it, and at which mark the next cut begins. */
@Component({
  selector: 'ns-reels-page',
  imports: [MatButtonModule, MatFormFieldModule, MatSelectModule, NextThing, NumberFields, OneOf],
  templateUrl: './reels-page.html',
  styleUrl: './reels-page.scss',
  providers: [SiteReels],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReelsPage {
  readonly siteId = input.required<string>();
  /** The one that a label's code has led to. */
  readonly reel = input<string>();

  private readonly api = inject(Api);
  private readonly spoken = inject(Words);
  private readonly store = inject(Store);
  private readonly destroyed = inject(DestroyRef);
  private readonly reels = inject(SiteReels);
  private readonly links = this.store.selectSignal(linksFeature.selectEntities);
  private readonly all = this.store.selectSignal(linksFeature.selectAll);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly sites = this.store.selectSignal(sitesFeature.selectEntities);
  private readonly units = computed(() => this.sites()[this.siteId()]?.units ?? 'metric');
  private readonly tell = computed(() => this.spoken.in(this.units()));
  protected readonly words = computed(() => this.tell().pages.reels);

  protected readonly typed = new KeptTexts(
    () => `reels.${this.siteId()}`,
    () => USUAL[this.units()],
    () => this.units(),
  );
  protected readonly marks = signal<Marks>('up');
  private readonly chosen = signal<string | null>(null);
  protected readonly told = signal('');

  protected readonly fields = computed(() => {
    const { fields, hints } = this.words();
    return fieldsIn(
      [
        { id: 'name', name: fields.name, unit: '', hint: hints.name, text: true },
        { id: 'length', name: fields.length, unit: 'm', hint: hints.length },
        { id: 'mark', name: fields.mark, unit: 'm', hint: hints.mark },
      ],
      this.units(),
    );
  });
  protected readonly marksWays = computed(() => [
    { id: 'up' as const, name: this.words().up },
    { id: 'down' as const, name: this.words().down },
  ]);
  /** Those that links of this site are made of. */
  protected readonly cables = computed(() =>
    [...new Set(this.all().map(({ cable }) => cable))].map((id) => ({
      id,
      name: this.job().catalogue.cable(id).name,
    })),
  );
  protected readonly cable = computed(() => this.chosen() ?? this.cables()[0]?.id ?? '');
  protected readonly name = computed(() => (this.typed.texts()['name'] ?? '').trim());
  private readonly made = computed(() => {
    const { value, wrong } = typedNumbers(this.typed.texts(), BOUNDS, this.units());
    const { length, mark } = value;
    const name = this.name();
    if (wrong.length > 0 || length === null || name === '' || this.cable() === '') return null;
    return { name, lengthM: length, markM: mark };
  });
  protected readonly taken = computed(() =>
    this.reels.standings().some(({ name }) => name === this.name()),
  );

  protected readonly cards = computed(() =>
    reelCards(this.reels.standings(), this.links(), this.job().catalogue, this.tell()),
  );
  protected readonly headline = computed(() => {
    const words = this.words();
    const there = this.reels.standings().filter(({ gone }) => !gone);
    const doubtful = there.filter(({ disagree }) => disagree).map(({ name }) => name);
    const sureM = there.reduce((sum, reel) => sum + (reel.sureM ?? 0), 0);
    const why = there.length === 0 ? words.whyNone : doubtful.length > 0 ? words.whyDisagree : '';
    const sentence =
      there.length === 0
        ? words.none
        : doubtful.length > 0
          ? words.disagree(doubtful.join(', '))
          : words.sentence(there.length, formatDistance(sureM, this.units(), 1));
    return { sentence, why, action: this.made() ? words.add(this.name()) : '' };
  });

  constructor() {
    effect(() => this.reels.siteId.set(this.siteId()));
  }

  protected choose(cable: string): void {
    this.chosen.set(cable);
  }

  protected add(): void {
    const made = this.made();
    if (!made) return;
    const { name, lengthM, markM } = made;
    const deed = { kind: 'got', lengthM, markM, marks: this.marks() } as const;
    this.reels.keep(this.words().deed.got(name), { name, cable: this.cable() }, deed);
    this.typed.set({ id: 'name', text: '' });
    this.typed.set({ id: 'mark', text: '' });
  }

  protected useUp(reel: Pick<ReelStanding, 'name' | 'cable'>): void {
    this.reels.keep(this.words().deed.gone(reel.name), reel, { kind: 'gone' });
  }

  protected takeBack(factId: string): void {
    this.reels.takeBack(factId, this.words().tookBack);
  }

  protected label(reel: string): void {
    const query = { reel, origin: location.origin, language: this.tell().language };
    this.api
      .file(labelEndpoints.reel, { id: this.siteId(), query })
      .pipe(takeUntilDestroyed(this.destroyed))
      .subscribe({
        next: (file) => {
          const name = `${reel}.pdf`;
          saveFile(file, name);
          this.told.set(this.words().labelSaved(name));
        },
        error: () => this.told.set(this.words().failed),
      });
  }
}
