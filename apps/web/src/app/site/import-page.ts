import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  inject,
  input,
  signal,
} from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { MatButtonModule } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Router, RouterLink } from '@angular/router';
import type { Problem } from '@near-spoke/contract';
import {
  scheduleEndpoints,
  type CellProblem,
  type ImportReport,
} from '@near-spoke/contract/schedule';
import { formatLength } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import type { Subscription } from 'rxjs';
import { isText, kept } from '../shell/kept';
import { NextThing } from '../shell/next-thing';
import { Api, isRefusal } from '../store/api/api';
import { linksActions } from '../store/links/links';
import { partsFeature } from '../store/parts/parts';
import { sitesFeature } from '../store/sites/sites';

/** A cable schedule: read, previewed with every bad cell, and imported whole or not at all. */
@Component({
  selector: 'ns-import-page',
  imports: [MatButtonModule, MatProgressBar, NextThing, RouterLink],
  templateUrl: './import-page.html',
  styleUrl: './import-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ImportPage {
  readonly siteId = input.required<string>();

  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly destroyed = inject(DestroyRef);
  private readonly sites = this.store.selectSignal(sitesFeature.selectEntities);
  private readonly catalogue = this.store.selectSignal(partsFeature.selectCatalogue);
  private readonly units = computed(() => this.sites()[this.siteId()]?.units ?? 'metric');

  /** What is pasted or typed, kept on this device until it is imported. */
  private readonly draft = computed(() => kept(`import.${this.siteId()}`, '', isText));
  protected readonly text = computed(() => this.draft()());

  protected readonly file = signal<{ readonly name: string; readonly content: Blob } | null>(null);
  protected readonly report = signal<ImportReport | null>(null);
  protected readonly problem = signal<Problem | null>(null);
  protected readonly busy = signal<Subscription | null>(null);
  protected readonly dragging = signal(false);

  protected readonly cells = computed(() => this.problem()?.cells ?? []);
  /** Bad cells that are counted, and not told one by one. */
  protected readonly moreCells = computed(
    () => (this.problem()?.errorCount ?? this.cells().length) - this.cells().length,
  );
  protected readonly preview = computed(() =>
    (this.report()?.links ?? []).map((link) => ({
      label: link.label,
      from: link.near.place,
      to: link.far.place,
      cable: this.catalogue().cable(link.cable).name,
      near: this.catalogue().connector(link.near.connector).name,
      far: this.catalogue().connector(link.far.connector).name,
      scheme:
        link.near.scheme === link.far.scheme
          ? link.near.scheme
          : `${link.near.scheme} to ${link.far.scheme}`,
      length: link.lengthM === null ? 'not known' : formatLength(link.lengthM, this.units()),
    })),
  );
  protected readonly example = computed(() =>
    [
      'label,from,to,cable,near connector,far connector,scheme,length',
      `K09,C1/A/09,Ticket kiosk 9,Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,${this.units() === 'metric' ? '46.5 m' : '152 ft'}`,
    ].join('\n'),
  );

  protected pick(event: Event): void {
    const box = event.target as HTMLInputElement;
    const chosen = box.files?.[0];
    if (chosen) this.read(chosen.name, chosen);
    box.value = '';
  }

  protected drop(event: DragEvent): void {
    event.preventDefault();
    this.dragging.set(false);
    const dropped = event.dataTransfer?.files[0];
    if (dropped) this.read(dropped.name, dropped);
  }

  protected write(text: string): void {
    this.draft().set(text);
  }

  protected paste(text: string): void {
    this.write(text);
    if (text.trim()) this.read('pasted text', new Blob([text]));
  }

  protected where({ line, column }: CellProblem): string {
    return column > 0 ? `Line ${line}, column ${column}` : `Line ${line}`;
  }

  protected cancel(): void {
    this.busy()?.unsubscribe();
    this.busy.set(null);
    this.startOver();
  }

  protected startOver(): void {
    this.file.set(null);
    this.report.set(null);
    this.problem.set(null);
  }

  protected importAll(): void {
    const file = this.file();
    if (!file) return;
    this.ask(file.content, false, () => {
      this.draft().set('');
      this.store.dispatch(linksActions.reload());
      void this.router.navigate(['/sites', this.siteId()]);
    });
  }

  private read(name: string, content: Blob): void {
    this.startOver();
    this.file.set({ name, content });
    this.ask(content, true, (report) => this.report.set(report));
  }

  private ask(content: Blob, dryRun: boolean, then: (report: ImportReport) => void): void {
    this.busy()?.unsubscribe();
    const asking = this.api
      .sendFile(
        scheduleEndpoints.read,
        { id: this.siteId(), query: { dryRun: String(dryRun) } },
        content,
        'text/csv',
      )
      .pipe(takeUntilDestroyed(this.destroyed))
      .subscribe({
        next: (report) => {
          this.busy.set(null);
          then(report);
        },
        error: (error: unknown) => {
          this.busy.set(null);
          this.report.set(null);
          this.problem.set(
            isRefusal(error)
              ? error.problem
              : { type: 'about:blank', title: 'Something went wrong', status: 500 },
          );
        },
      });
    if (!asking.closed) this.busy.set(asking);
  }
}
