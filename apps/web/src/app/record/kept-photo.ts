import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import type { Photo } from '@near-spoke/contract';
import { blobEndpoints, pathOf } from '@near-spoke/contract';
import { recordMessage } from '@near-spoke/core/record';
import { KeptFiles } from '../files/kept-files';
import { OpenLink } from '../link/open-link';

/** A photo that was kept: from the server, or from what waits here to be sent. It opens whole. */
@Component({
  selector: 'ns-kept-photo',
  template: `
    @if (missing()) {
      <p class="quiet">This photo is not on this device, and the server does not give it now.</p>
    } @else {
      <a [href]="source()" target="_blank" rel="noopener">
        <img
          [src]="source()"
          [alt]="alt()"
          [width]="photo().widthPx"
          [height]="photo().heightPx"
          (error)="missing.set(true)"
        />
      </a>
    }
  `,
  styles: `
    img {
      display: block;
      inline-size: 100%;
      block-size: auto;
      max-block-size: 20rem;
      object-fit: contain;
      border: 1px solid var(--line);
      background: var(--hair);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KeptPhoto {
  readonly photo = input.required<Photo>();

  private readonly files = inject(KeptFiles);
  private readonly tell = inject(OpenLink).tell;
  protected readonly missing = signal(false);
  private readonly own = signal('');
  protected readonly source = computed(
    () => this.own() || pathOf(blobEndpoints.one, { id: this.photo().blob }),
  );
  protected readonly alt = computed(() => {
    const { where, text } = this.photo();
    const there = this.tell()(recordMessage('where', { where }));
    return text ? `${there}: ${text}` : `Photo, ${there.toLowerCase()}`;
  });

  constructor() {
    effect((onCleanup) => {
      const waiting = this.files.waitingFile(this.photo().blob);
      this.missing.set(false);
      if (!waiting) {
        this.own.set('');
        return;
      }
      const url = URL.createObjectURL(waiting);
      this.own.set(url);
      onCleanup(() => URL.revokeObjectURL(url));
    });
  }
}
