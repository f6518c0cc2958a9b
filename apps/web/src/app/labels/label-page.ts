import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { Words } from '../words/words';
import { FindLink } from './find-link';

/** What the code of a label leads to: the link, at what is next of it. */
@Component({
  selector: 'ns-label-page',
  imports: [RouterLink],
  template: `
    <main>
      <h1 tabindex="-1">{{ words().title }}</h1>
      <p role="status">{{ why() }}</p>
      <p><a routerLink="/sites">Near Spoke</a></p>
    </main>
  `,
  styles: `
    main {
      display: grid;
      gap: 0.75rem;
      padding: 3rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LabelPage {
  readonly linkId = input.required<string>();

  private readonly router = inject(Router);
  private readonly links = inject(FindLink);
  private readonly spoken = inject(Words);
  protected readonly words = computed(() => this.spoken.in('metric').pages.labels.scan);
  protected readonly why = signal('');

  constructor() {
    effect(() => void this.open(this.linkId()));
  }

  private async open(id: string): Promise<void> {
    const found = await this.links.find(id);
    const { elsewhere, unknown } = this.words();
    if (typeof found === 'string') this.why.set(found === 'away' ? elsewhere : unknown);
    else
      await this.router.navigate(['/sites', found.siteId, 'links', id, found.stage], {
        replaceUrl: true,
      });
  }
}
