import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  type ElementRef,
  afterNextRender,
  computed,
  inject,
  input,
  signal,
  viewChild,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { Router } from '@angular/router';
import { Words } from '../words/words';
import { FindLink } from './find-link';
import { linkIn, pixelsOf, readCode, reelPageIn } from './read-code';

/** How often a picture of the camera is looked through, ms. */
const LOOK_MS = 150;

/** The camera over a label: the link that its code belongs to opens at what is next. */
@Component({
  selector: 'ns-scan-page',
  imports: [MatButtonModule],
  template: `
    <div class="page">
      <h1 tabindex="-1">{{ words().look }}</h1>
      <p class="quiet">{{ words().open }}</p>
      <p class="told" role="status">{{ told() }}</p>
      <video #video muted playsinline [class.off]="!filming()"></video>
      <div class="ways">
        <label class="way">
          {{ words().photo }}
          <input
            type="file"
            accept="image/*"
            capture="environment"
            class="unseen"
            (change)="photo($event)"
          />
        </label>
        @if (!filming()) {
          <button mat-flat-button type="button" (click)="film()">{{ words().start }}</button>
        }
      </div>
    </div>
  `,
  styleUrl: './scan-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ScanPage {
  readonly siteId = input.required<string>();

  private readonly router = inject(Router);
  private readonly links = inject(FindLink);
  private readonly spoken = inject(Words);
  protected readonly words = computed(() => this.spoken.in('metric').pages.labels.scan);
  private readonly video = viewChild.required<ElementRef<HTMLVideoElement>>('video');
  private readonly canvas = document.createElement('canvas');
  private stream: MediaStream | null = null;
  private timer: ReturnType<typeof setInterval> | undefined;
  private over = false;

  protected readonly filming = signal(false);
  protected readonly told = signal('');

  constructor() {
    afterNextRender(() => void this.film());
    inject(DestroyRef).onDestroy(() => {
      this.over = true;
      this.stop();
    });
  }

  protected async film(): Promise<void> {
    this.told.set('');
    try {
      // Only where the page came over HTTPS or from this device is there a camera to ask for.
      const stream = await navigator.mediaDevices.getUserMedia({
        video: { facingMode: 'environment' },
      });
      if (this.over) {
        stopAll(stream);
        return;
      }
      this.stream = stream;
      const video = this.video().nativeElement;
      video.srcObject = stream;
      await video.play();
      this.filming.set(true);
      this.timer = setInterval(() => this.look(video), LOOK_MS);
    } catch {
      this.stop();
      this.told.set(this.words().noCamera);
    }
  }

  protected async photo(event: Event): Promise<void> {
    const [file] = (event.target as HTMLInputElement).files ?? [];
    if (!file) return;
    const picture = await createImageBitmap(file).catch(() => null);
    const pixels = picture && pixelsOf(picture, picture.width, picture.height, this.canvas);
    const text = pixels && readCode(pixels);
    if (text) await this.found(text);
    else this.told.set(this.words().nothing);
  }

  private look(video: HTMLVideoElement): void {
    const pixels = pixelsOf(video, video.videoWidth, video.videoHeight, this.canvas);
    const text = pixels && readCode(pixels);
    if (text) void this.found(text);
  }

  private async found(text: string): Promise<void> {
    const { notOurs, elsewhere, unknown } = this.words();
    const reel = reelPageIn(text);
    if (reel !== null) {
      this.stop();
      await this.router.navigateByUrl(reel);
      return;
    }
    const id = linkIn(text);
    if (id === null) {
      this.told.set(notOurs(text));
      return;
    }
    this.stop();
    const found = await this.links.find(id);
    if (this.over) return;
    if (typeof found === 'string') this.told.set(found === 'away' ? elsewhere : unknown);
    else await this.router.navigate(['/sites', found.siteId, 'links', id, found.stage]);
  }

  private stop(): void {
    clearInterval(this.timer);
    if (this.stream) stopAll(this.stream);
    this.stream = null;
    this.filming.set(false);
  }
}

function stopAll(stream: MediaStream): void {
  for (const track of stream.getTracks()) track.stop();
}
