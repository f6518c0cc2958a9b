import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatIcon } from '@angular/material/icon';
import { MatInputModule } from '@angular/material/input';
import type { Photo } from '@near-spoke/contract';
import { recordMessage, type Where } from '@near-spoke/core/record';
import { signature } from '@near-spoke/core/record/sections';
import { scalePhoto } from '../files/scale-photo';
import { sha256Of } from '../files/sha256-of';
import { OpenLink } from '../link/open-link';
import { Deeds } from '../shell/deeds';
import { OneOf, type Choice } from '../shell/one-of';
import { taken } from '../store/facts/taken';
import { KeptPhoto } from './kept-photo';
import { TakeBack } from './take-back';

const PLACES: readonly Where[] = ['near', 'along', 'far'];

/** What a person notes of a link in own words, and photos of its ends and its way. */
@Component({
  selector: 'ns-notes',
  imports: [
    DatePipe,
    KeptPhoto,
    MatButtonModule,
    MatFormFieldModule,
    MatIcon,
    MatInputModule,
    OneOf,
    TakeBack,
  ],
  templateUrl: './notes.html',
  styleUrl: './notes.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Notes {
  private readonly open = inject(OpenLink);
  private readonly deeds = inject(Deeds);

  protected readonly signed = (fact: Parameters<typeof signature>[0]) =>
    this.open.tell()(signature(fact));
  protected readonly whereName = (where: Where) =>
    this.open.tell()(recordMessage('where', { where }));
  protected readonly places = computed((): readonly Choice<Where>[] =>
    PLACES.map((id) => ({ id, name: this.whereName(id) })),
  );
  protected readonly where = signal<Where>('near');
  protected readonly text = signal('');
  protected readonly trouble = signal('');
  protected readonly ready = computed(() => this.text().trim() !== '');
  protected readonly photos = computed(() => [...this.open.facts().photos].reverse());

  protected keepNote(): void {
    const link = this.open.link();
    if (!link || !this.ready()) return;
    this.deeds.keepWithLink('note', link, { where: this.where(), text: this.text().trim() });
    this.text.set('');
  }

  /** Keeps photos, with what is typed as what they show. */
  protected async keepPhotos(picked: FileList | null): Promise<void> {
    const link = this.open.link();
    const files = [...(picked ?? [])];
    if (!link || files.length === 0) return;
    const [where, text] = [this.where(), this.text().trim().slice(0, MOST_CAPTION)];
    this.trouble.set('');
    for (const file of files)
      try {
        const { file: scaled, widthPx, heightPx } = await scalePhoto(file);
        const blob = await sha256Of(new Uint8Array(await scaled.arrayBuffer()));
        const seen = { blob, where, text, widthPx, heightPx, bytes: scaled.size };
        this.deeds.keepWithLink('photo', link, seen, scaled);
        this.text.set('');
      } catch {
        this.trouble.set(
          `${file.name} is no picture that this browser can read. Take it as JPEG or PNG.`,
        );
      }
  }

  protected takeBack(photo: Photo, reason: string): void {
    const link = this.open.link();
    if (!link) return;
    const about = { of: 'link', id: link.id } as const;
    this.deeds.takeFactBack(about, taken('photo', photo, reason), `Taken back on ${link.label}`);
  }
}

const MOST_CAPTION = 300;
