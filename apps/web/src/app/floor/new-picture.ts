import { Injectable, inject, signal } from '@angular/core';
import { v7 } from 'uuid';
import { sha256Of } from '../files/sha256-of';
import { FloorDesk } from './floor-desk';
import { readPicture } from './read-picture';
import { SiteDrawings } from './site-drawings';

/** A file that becomes the picture of a plan. */
@Injectable()
export class NewPicture {
  private readonly desk = inject(FloorDesk);
  private readonly site = inject(SiteDrawings);
  /** A PDF of several pages, until it is told which one. */
  readonly asksPage = signal<{ readonly file: File; readonly count: number } | null>(null);
  /** Whether it is one of the plan that is open, or of a floor more. */
  readonly replaces = signal(false);

  async read(file: File, page: number | null): Promise<void> {
    const words = this.desk.words();
    const read = await readPicture(file, page);
    if (read.ok === 'pages') {
      this.asksPage.set({ file, count: read.count });
      return;
    }
    this.asksPage.set(null);
    this.desk.undoable.set(false);
    if (!read.ok) {
      this.desk.told.set(words.failed(file.name, words.why[read.reason]));
      return;
    }
    const { file: bytes, width, height } = read.picture;
    const before = this.replaces() ? this.desk.drawing() : null;
    const blob = await sha256Of(new Uint8Array(await bytes.arrayBuffer()));
    const name = before?.picture.name ?? file.name.replace(/\.[^.]+$/u, '');
    const drawing = before?.id ?? v7();
    const floorM = before?.picture.floorM ?? 0;
    const deed = { kind: 'picture', name, blob, width, height, floorM } as const;
    this.site.keep(words.deed.picture(name), drawing, deed, bytes);
    this.replaces.set(false);
    this.desk.open(drawing);
    this.desk.told.set(words.added(name));
  }
}
