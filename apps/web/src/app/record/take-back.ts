import {
  ChangeDetectionStrategy,
  Component,
  afterNextRender,
  computed,
  inject,
  Injector,
  input,
  output,
  signal,
  viewChild,
  type ElementRef,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';

const MOST = 300;

/** Takes a fact back that is not true: asks why, since the fact and the reason both stay in the record. */
@Component({
  selector: 'ns-take-back',
  imports: [MatButtonModule, MatFormFieldModule, MatInputModule],
  template: `
    @if (asking()) {
      <form (submit)="$event.preventDefault(); take()">
        <mat-form-field subscriptSizing="dynamic">
          <mat-label>Why is this not true?</mat-label>
          <input
            matInput
            #box
            autocomplete="off"
            [attr.maxlength]="most"
            [value]="reason()"
            (input)="reason.set(box.value)"
            (keydown.escape)="asking.set(false)"
          />
          <mat-hint>“Read on another cable”. It stays in the record, taken back.</mat-hint>
        </mat-form-field>
        <button mat-flat-button type="submit" [disabled]="!ready()">Take it back</button>
        <button mat-button type="button" (click)="asking.set(false)">Leave it</button>
      </form>
    } @else {
      <button mat-button class="ask" type="button" [attr.aria-label]="label()" (click)="ask()">
        Take back…
      </button>
    }
  `,
  styles: `
    :host {
      display: inline-block;
    }
    form {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 8px;
      padding-block: 4px;
    }
    mat-form-field {
      min-inline-size: min(28rem, 80vw);
    }
    @media print {
      :host {
        display: none;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TakeBack {
  /** What it is, for who only hears it: "Take back: all eight straight through". */
  readonly what = input.required<string>();
  readonly taken = output<string>();

  protected readonly most = MOST;
  protected readonly asking = signal(false);
  protected readonly reason = signal('');
  protected readonly ready = computed(() => this.reason().trim() !== '');
  protected readonly label = computed(() => `Take back: ${this.what()}`);
  private readonly box = viewChild<ElementRef<HTMLInputElement>>('box');
  private readonly injector = inject(Injector);

  protected ask(): void {
    this.asking.set(true);
    afterNextRender(() => this.box()?.nativeElement.focus(), { injector: this.injector });
  }

  protected take(): void {
    if (!this.ready()) return;
    this.taken.emit(this.reason().trim());
    this.asking.set(false);
    this.reason.set('');
  }
}
