import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import { Router, RouterLink } from '@angular/router';
import type { Cord } from '@near-spoke/contract/cords';
import { SCHEMES } from '@near-spoke/core/catalogue';
import { LENGTH_UNIT, parseLength } from '@near-spoke/core/units';
import { TESTERS, tester, type TesterId } from '@near-spoke/core/verify';
import { cordBenchOf, testersFor } from '@near-spoke/core/verify/explain';
import { Store } from '@ngrx/store';
import { Deeds } from '../../shell/deeds';
import { kept } from '../../shell/kept';
import { NextThing } from '../../shell/next-thing';
import { cordsActions, cordsFeature } from '../../store/cords/cords';
import { selectJob } from '../../store/job';

const isTester = (stored: unknown): stored is TesterId => TESTERS.some((row) => row.id === stored);

/** A site's batches of cords, and a new one. */
@Component({
  selector: 'ns-cords-page',
  imports: [
    FormsModule,
    MatButtonModule,
    MatFormFieldModule,
    MatInputModule,
    MatSelectModule,
    NextThing,
    RouterLink,
  ],
  templateUrl: './cords-page.html',
  styleUrl: './cords-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CordsPage {
  readonly siteId = input.required<string>();

  private readonly store = inject(Store);
  private readonly deeds = inject(Deeds);
  private readonly router = inject(Router);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly shown = this.store.selectSignal(cordsFeature.selectShown);
  protected readonly loading = this.store.selectSignal(cordsFeature.selectLoading);
  protected readonly batches = computed(() =>
    this.shown()
      .filter(({ siteId }) => siteId === this.siteId())
      .map((batch) => ({
        ...batch,
        testerName: tester(batch.tester).name,
        made: `${this.job().catalogue.cable(batch.cord.cable).name}, ${batch.cord.near.scheme === batch.cord.far.scheme ? batch.cord.near.scheme : 'crossover'}`,
        count:
          batch.passed === undefined
            ? 'not sent yet'
            : `${batch.passed} good, ${batch.failed ?? 0} faulty`,
      })),
  );

  protected readonly schemes = SCHEMES;
  protected readonly name = signal('');
  protected readonly note = signal('');
  protected readonly cable = signal('cat6-uutp-stranded');
  protected readonly near = signal('plug-8p8c');
  protected readonly far = signal('plug-8p8c');
  protected readonly nearScheme = signal<Cord['near']['scheme']>('T568B');
  protected readonly farScheme = signal<Cord['near']['scheme']>('T568B');
  /** What is typed; what cords usually have, until then. */
  private readonly typedLength = signal<string | null>(null);
  protected readonly length = computed(
    () => this.typedLength() ?? (this.job().units === 'metric' ? '2 m' : '7 ft'),
  );
  private readonly chosen = kept<TesterId>('cords.tester', 'pair-lamps', isTester);
  protected readonly cables = computed(() => this.job().catalogue.cables);
  protected readonly connectors = computed(() => this.job().catalogue.connectors);
  private readonly lengthM = computed(() => {
    if (this.length().trim() === '') return null;
    const parsed = parseLength(this.length(), {
      bareUnit: LENGTH_UNIT[this.job().units],
      comma: 'decimal',
    });
    return parsed.ok && parsed.lengthM > 0 && parsed.lengthM <= 1000 ? parsed.lengthM : undefined;
  });
  private readonly cord = computed((): Cord | null => {
    const lengthM = this.lengthM();
    return lengthM === undefined
      ? null
      : {
          cable: this.cable(),
          near: { connector: this.near(), scheme: this.nearScheme() },
          far: { connector: this.far(), scheme: this.farScheme() },
          lengthM,
        };
  });
  protected typeLength(text: string): void {
    this.typedLength.set(text);
  }

  protected readonly testers = computed(() => {
    const cord = this.cord();
    return cord ? testersFor(cordBenchOf(cord, this.job()).wiring) : [];
  });
  protected readonly tester = computed(
    () => this.testers().find(({ id }) => id === this.chosen())?.id ?? this.testers()[0]?.id,
  );
  protected readonly problem = computed(() =>
    this.lengthM() === undefined
      ? `‘${this.length()}’ is not a length of a cord. Write 2 m or 7 ft.`
      : this.testers().length === 0
        ? 'Nothing joins these two ends: choose other connectors or another cable.'
        : '',
  );
  protected readonly told = computed(() =>
    this.batches().length > 0
      ? {
          sentence: 'Go on with a batch, or begin one.',
          why: 'One key a good cord: label, test, next.',
        }
      : {
          sentence: 'Say what the cords are and which tester is at hand.',
          why: 'Then each good cord takes one key, and the client gets one table of all.',
        },
  );

  constructor() {
    effect(() => this.store.dispatch(cordsActions.load({ siteId: this.siteId() })));
  }

  protected choose(id: TesterId): void {
    this.chosen.set(id);
  }

  protected begin(): void {
    const [cord, id] = [this.cord(), this.tester()];
    if (!cord || !id || this.problem()) return;
    const batchId = this.deeds.beginCords(this.siteId(), {
      name: this.name().trim() || `Cords of ${new Date().toISOString().slice(0, 10)}`,
      note: this.note().trim(),
      cord,
      tester: id,
    });
    void this.router.navigate(['/sites', this.siteId(), 'cords', batchId]);
  }
}
