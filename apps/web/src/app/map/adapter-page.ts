import { ChangeDetectionStrategy, Component, computed, effect, inject, input } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Title } from '@angular/platform-browser';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { AWAY_UNDO_MS, Deeds } from '../shell/deeds';
import { adaptersFeature } from '../store/adapters/adapters';
import { linksFeature } from '../store/links/links';
import { AdapterBench } from './adapter-bench';

/** One adapter of the library. */
@Component({
  selector: 'ns-adapter-page',
  imports: [AdapterBench, MatButtonModule, RouterLink],
  template: `
    <div class="page">
      @if (adapter(); as adapter) {
        <header>
          <h1 tabindex="-1">{{ adapter.name }}</h1>
          @if (link(); as link) {
            <a [routerLink]="['/sites', siteId(), 'links', link.id, 'map']"
              >Link {{ link.label }}</a
            >
          }
          @if (adapter.away) {
            <p class="quiet">put away</p>
          }
          <p class="note quiet">{{ adapter.note }}</p>
          <a mat-button [routerLink]="['/sites', siteId(), 'adapters']">All adapters</a>
          @if (!adapter.away) {
            <button mat-button type="button" (click)="putAway()">Put it away</button>
          }
        </header>
      }
      <ns-adapter-bench [siteId]="siteId()" [adapterId]="adapterId()" [asked]="view()" />
    </div>
  `,
  styles: `
    .page {
      max-width: 90rem;
      padding: 0.75rem 2rem 2rem;
    }
    header {
      display: flex;
      flex-wrap: wrap;
      gap: 0 1rem;
      align-items: baseline;
      min-height: 48px;
    }
    h1 {
      font-size: 1.75rem;
      font-weight: 650;
      line-height: 1.2;
    }
    .note {
      flex: 1 1 12rem;
    }
    @media (max-width: 600px) {
      .page {
        padding: 0.25rem 1rem 1.5rem;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AdapterPage {
  readonly siteId = input.required<string>();
  readonly adapterId = input.required<string>();
  /** From the address: the part of the work that is open. */
  readonly view = input<string | undefined>();

  private readonly store = inject(Store);
  private readonly deeds = inject(Deeds);
  private readonly router = inject(Router);
  private readonly snack = inject(MatSnackBar);
  private readonly shown = this.store.selectSignal(adaptersFeature.selectShown);
  private readonly links = this.store.selectSignal(linksFeature.selectEntities);
  protected readonly adapter = computed(() =>
    this.shown().find(({ id }) => id === this.adapterId()),
  );
  protected readonly link = computed(() => this.links()[this.adapter()?.linkId ?? '']);

  constructor() {
    const title = inject(Title);
    effect(() => title.setTitle(`${this.adapter()?.name ?? 'Adapter'} · Near Spoke`));
  }

  protected putAway(): void {
    const adapter = this.adapter();
    if (!adapter) return;
    this.deeds.putAdapterAway(adapter);
    void this.router.navigate(['/sites', this.siteId(), 'adapters']);
    this.snack
      .open(`${adapter.name} was put away.`, 'Undo', { duration: AWAY_UNDO_MS })
      .onAction()
      .subscribe(() => this.deeds.takeAdapterBack(adapter));
  }
}
