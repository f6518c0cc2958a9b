import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  model,
  signal,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import type { Instrument, InstrumentKind } from '@near-spoke/contract/instruments';
import { isRefusal } from '../store/api/api';
import { Instruments } from '../store/instruments/instruments';
import { isText, kept } from './kept';

const HOST = /^[a-zA-Z0-9.:-]{1,255}$/;

/**
 * Which instrument is spoken to. One on the network is entered by its address, and spoken to once a person has
 * read that address again and said that it is theirs.
 */
@Component({
  selector: 'ns-instrument-choice',
  imports: [MatButtonModule, MatFormFieldModule, MatInputModule, MatSelectModule],
  template: `
    <div class="row">
      <mat-form-field>
        <mat-label>{{ name() }}</mat-label>
        <mat-select [value]="chosen()" (valueChange)="choose($event)">
          @for (row of rows(); track row.id) {
            <mat-option [value]="row.id">{{ row.told }}</mat-option>
          } @empty {
            <mat-option disabled>None is known yet</mat-option>
          }
        </mat-select>
      </mat-form-field>
      <button mat-button type="button" (click)="adding.set(!adding())">
        {{ adding() ? 'Enter none' : 'Enter another' }}
      </button>
    </div>
    @if (open(); as row) {
      <div class="ask" role="group" aria-label="Confirm the address">
        <p>
          The computer that Near Spoke runs on will connect to
          <strong class="mono">{{ row.host }}, port {{ row.port }}</strong
          >. Is that your instrument?
        </p>
        <button mat-stroked-button type="button" (click)="confirm(row)">Yes, use it</button>
        <button mat-button type="button" (click)="putAway(row)">No, take it out</button>
      </div>
    }
    @if (adding()) {
      <form class="row" (submit)="enter($event)">
        <mat-form-field>
          <mat-label>Host or address</mat-label>
          <input matInput #host autocomplete="off" (input)="hostText.set(host.value)" />
        </mat-form-field>
        <mat-form-field class="port">
          <mat-label>Port</mat-label>
          <input matInput #port inputmode="numeric" (input)="portText.set(port.value)" />
        </mat-form-field>
        <button mat-stroked-button type="submit" [disabled]="address() === null">Enter it</button>
      </form>
    }
    @if (problem()) {
      <p class="problem" role="alert">{{ problem() }}</p>
    }
  `,
  styles: `
    .row,
    .ask {
      display: flex;
      flex-wrap: wrap;
      gap: 0.5rem 0.75rem;
      align-items: center;
    }
    .ask p {
      flex: 1 1 18rem;
    }
    .port {
      width: 8rem;
    }
    .problem {
      color: var(--bad);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class InstrumentChoice {
  readonly kind = input.required<InstrumentKind>();
  /** The id of the instrument that can be spoken to; "" while there is none. */
  readonly chosen = model('');

  private readonly instruments = inject(Instruments);
  private readonly last = computed(() => kept(`instrument.${this.kind()}`, '', isText));
  private readonly all = computed(() => this.instruments.of(this.kind())());
  protected readonly adding = signal(false);
  protected readonly hostText = signal('');
  protected readonly portText = signal('');
  protected readonly problem = signal('');
  private readonly wanted = signal('');

  protected readonly name = computed(() =>
    this.kind() === 'tester' ? 'Tester on the bench' : 'Reflectometer',
  );
  protected readonly rows = computed(() =>
    this.all().map((row) => ({
      id: row.id,
      told: `${row.answers ?? (row.name || 'No answer')}, ${row.host}:${row.port}${row.confirmed ? '' : ' (not confirmed)'}`,
    })),
  );
  /** The one that is wanted and waits for a person to say that it is theirs. */
  protected readonly open = computed(() =>
    this.all().find(({ id, confirmed }) => id === this.wanted() && !confirmed),
  );
  protected readonly address = computed(() => {
    const [host, port] = [this.hostText().trim(), Number(this.portText().trim())];
    return HOST.test(host) && Number.isInteger(port) && port > 0 && port < 65_536
      ? { host, port }
      : null;
  });

  constructor() {
    void this.instruments.look();
    effect(() => {
      const usable = this.all().filter(({ confirmed }) => confirmed);
      const found =
        usable.find(({ id }) => id === this.last()()) ??
        usable.find(({ answers }) => answers !== null) ??
        usable[0];
      if (!usable.some(({ id }) => id === this.chosen())) this.chosen.set(found?.id ?? '');
    });
  }

  protected choose(id: string): void {
    this.wanted.set(id);
    if (this.all().find((row) => row.id === id)?.confirmed) this.use(id);
  }

  protected async enter(event: Event): Promise<void> {
    event.preventDefault();
    const address = this.address();
    if (!address) return;
    await this.telling(async () => {
      const entered = await this.instruments.enter({ kind: this.kind(), ...address });
      this.wanted.set(entered.id);
      this.adding.set(false);
    });
  }

  protected confirm(row: Instrument): Promise<void> {
    return this.telling(async () => {
      await this.instruments.confirm(row);
      this.use(row.id);
    });
  }

  protected putAway(row: Instrument): Promise<void> {
    return this.telling(() => this.instruments.putAway(row));
  }

  private use(id: string): void {
    this.chosen.set(id);
    this.last().set(id);
  }

  private async telling(work: () => Promise<void>): Promise<void> {
    this.problem.set('');
    try {
      await work();
    } catch (error) {
      const told = isRefusal(error)
        ? (error.problem.errors?.[0]?.reason ?? error.problem.detail)
        : '';
      this.problem.set(told ?? 'It could not be kept. Try again.');
    }
  }
}
