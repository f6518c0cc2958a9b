import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import type { Contact } from '@near-spoke/core/catalogue';
import type { End } from '@near-spoke/core/link';
import { AdapterFace } from './adapter-face';
import { OpenAdapter } from './open-adapter';

/** Both ends from the side where a probe goes in, with the contacts to touch. */
@Component({
  selector: 'ns-two-faces',
  imports: [AdapterFace],
  template: `
    @for (item of open.ends(); track item.end) {
      <figure>
        <figcaption>
          <strong>{{ item.end === 'near' ? 'Near' : 'Far' }}</strong> {{ item.title }}
        </figcaption>
        <ns-adapter-face
          [part]="item.part"
          side="mating"
          [cores]="item.cores"
          [chosen]="chosen()[item.end]"
        />
      </figure>
    }
  `,
  styles: `
    :host {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 1rem 2rem;
    }
    figcaption {
      margin-bottom: 0.5rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TwoFaces {
  readonly chosen = input.required<Readonly<Record<End, readonly Contact[]>>>();
  protected readonly open = inject(OpenAdapter);
}
