import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { Deeds } from '../shell/deeds';
import { NextThing } from '../shell/next-thing';
import { adaptersActions, adaptersFeature } from '../store/adapters/adapters';
import { linksFeature } from '../store/links/links';
import { AdapterBench } from './adapter-bench';

/** The Map stage of a link: the adapter that it is, or how to make it one. */
@Component({
  selector: 'ns-map-page',
  imports: [AdapterBench, MatButtonModule, MatProgressBar, NextThing, RouterLink],
  template: `
    @if (adapter(); as adapter) {
      <ns-adapter-bench [siteId]="siteId()" [adapterId]="adapter.id" [asked]="view()" />
      <p class="off">
        <button mat-button type="button" (click)="takeOff()">
          Take {{ adapter.name }} off this link
        </button>
      </p>
    } @else if (loading() === 'done' || free().length > 0) {
      <ns-next-thing
        sentence="Contact to contact, by the scheme: nothing to map."
        why="If two different devices hang on this link, map their contacts by signal: say what each one is."
        action="Map two devices"
        (act)="make()"
      />
      @if (free().length > 0) {
        <section>
          <h2>Or take an adapter of yours for this link</h2>
          <ul>
            @for (row of free(); track row.id) {
              <li>
                <span>
                  <strong>{{ row.name }}</strong>
                  <span class="quiet">{{ row.near.name }} to {{ row.far.name }}</span>
                </span>
                <button mat-stroked-button type="button" (click)="take(row.id)">Take it</button>
              </li>
            }
          </ul>
          <a mat-button [routerLink]="['/sites', siteId(), 'adapters']">All adapters</a>
        </section>
      }
    } @else if (loading() === 'failed') {
      <p role="alert" class="off">
        The adapters can’t be read: the server does not answer. They are read as soon as it is back.
      </p>
    } @else {
      <mat-progress-bar mode="indeterminate" aria-label="Reading the adapters" />
    }
  `,
  styles: `
    section {
      max-width: 48rem;
      padding-top: 1rem;
      border-top: 1px solid var(--line);
    }
    li {
      display: flex;
      flex-wrap: wrap;
      gap: 0.5rem 1rem;
      align-items: center;
      justify-content: space-between;
      padding: 0.5rem 0;
      border-bottom: 1px solid var(--hair);
    }
    li span span {
      display: block;
    }
    .off {
      padding-top: 1.5rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MapPage {
  readonly siteId = input.required<string>();
  readonly linkId = input.required<string>();
  /** From the address: the part of the work that is open. */
  readonly view = input<string | undefined>();

  private readonly store = inject(Store);
  private readonly deeds = inject(Deeds);
  private readonly router = inject(Router);
  private readonly shown = this.store.selectSignal(adaptersFeature.selectShown);
  private readonly links = this.store.selectSignal(linksFeature.selectEntities);
  protected readonly loading = this.store.selectSignal(adaptersFeature.selectLoading);
  protected readonly adapter = computed(() =>
    this.shown().find(({ linkId, away }) => linkId === this.linkId() && !away),
  );
  protected readonly free = computed(() =>
    this.shown().filter(({ linkId, away }) => linkId === null && !away),
  );

  constructor() {
    this.store.dispatch(adaptersActions.load());
  }

  protected make(): void {
    void this.router.navigate(['/sites', this.siteId(), 'adapters', 'new'], {
      queryParams: { link: this.links()[this.linkId()]?.label },
    });
  }

  protected take(id: string): void {
    const adapter = this.free().find((row) => row.id === id);
    if (adapter) this.deeds.changeAdapter(adapter, { linkId: this.linkId() });
  }

  protected takeOff(): void {
    const adapter = this.adapter();
    if (adapter) this.deeds.changeAdapter(adapter, { linkId: null });
  }
}
