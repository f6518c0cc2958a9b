import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import type { CableFact } from '@near-spoke/contract/reflect';
import { ofDeed } from '@near-spoke/core/link';
import { OpenLink } from '../../link/open-link';
import { CableFacts } from '../../link/cable-facts';
import { Unbroken } from '../../shell/unbroken';
import type { ShownEvent } from './shown-event';

/** The places that were kept of this link, for its record; and the one that is looked at, to be kept. */
@Component({
  selector: 'ns-kept-places',
  imports: [DatePipe, MatButtonModule, RouterLink, Unbroken],
  template: `
    @if (event()) {
      <p>
        <button mat-stroked-button type="button" (click)="keep()">
          {{ say().keepPlace }}
        </button>
      </p>
    }
    @if (rows().length > 0) {
      <h3>{{ say().keptOfLink }}</h3>
      <ul>
        @for (fact of rows(); track fact.id) {
          <li>
            {{ fact.at | date: 'yyyy-MM-dd HH:mm' }}, {{ fact.author }}:
            {{ fact.deed.sentence | unbroken }}
            <button mat-button type="button" (click)="takeBack(fact)">{{ say().takeBack }}</button>
          </li>
        }
      </ul>
      @if (open.link(); as link) {
        <p>
          <a [routerLink]="['/sites', link.siteId, 'floor']" [queryParams]="{ link: link.id }">
            {{ say().onPlan }}
          </a>
        </p>
      }
    }
  `,
  styles: `
    h3 {
      margin: 1.25rem 0 0.5rem;
    }
    a {
      display: inline-flex;
      align-items: center;
      min-height: 44px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KeptPlaces {
  protected readonly open = inject(OpenLink);
  private readonly facts = inject(CableFacts);
  readonly event = input.required<ShownEvent | null>();
  /** What was made of it. */
  readonly sentence = input.required<string>();

  protected readonly say = computed(() => this.open.tell().pages.trace);
  protected readonly rows = computed(() =>
    ofDeed(this.facts.all(), 'place')
      .filter(({ linkId }) => linkId === this.open.id())
      .reverse(),
  );

  protected keep(): void {
    const event = this.event();
    if (event) this.facts.keepPlace(event.kind, event.distanceM, this.sentence());
  }

  protected takeBack(fact: CableFact): void {
    this.facts.takeBack(fact);
  }
}
