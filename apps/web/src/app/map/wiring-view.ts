import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  inject,
  linkedSignal,
  signal,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import { SHIELD, conductor, type Contact } from '@near-spoke/core/catalogue';
import type { End } from '@near-spoke/core/link';
import {
  cardRows,
  coreText,
  parseMeasured,
  writeMeasured,
  type CardRow,
  type Handshake,
  type ShieldChoice,
  type Unused,
} from '@near-spoke/core/map';
import { isOneOf, kept } from '../shell/kept';
import { OneOf } from '../shell/one-of';
import { ANSWER_KEYS, keyName } from '../shell/keys';
import { Shortcuts } from '../shell/shortcuts';
import { AdapterFace } from './adapter-face';
import { CoreLine } from './core-line';
import { OpenAdapter } from './open-adapter';
import { RibbonDrawing } from './ribbon-drawing';
import { KeyOf } from '../shell/key-of';

interface MakingChoice {
  readonly key: 'shield' | 'handshake' | 'unused';
  readonly label: string;
  /** An empty id is no choice of ours: the solver's. */
  readonly options: readonly {
    readonly id: ShieldChoice | Handshake | Unused | '';
    readonly name: string;
  }[];
}

const MAKING: readonly MakingChoice[] = [
  {
    key: 'shield',
    label: 'Shield bonded',
    options: [
      { id: '', name: 'by what the ports carry' },
      { id: 'near-end', name: 'near end only' },
      { id: 'far-end', name: 'far end only' },
      { id: 'both', name: 'both ends' },
      { id: 'capacitor', name: 'near end, far end by a capacitor' },
      { id: 'open', name: 'nowhere' },
    ],
  },
  {
    key: 'handshake',
    label: 'Handshake lines',
    options: [
      { id: 'through', name: 'wired through' },
      { id: 'loop', name: 'looped back at each end' },
      { id: 'open', name: 'left open' },
    ],
  },
  {
    key: 'unused',
    label: 'Unused cores',
    options: [
      { id: 'insulate', name: 'kept long and insulated' },
      { id: 'cut', name: 'cut back' },
    ],
  },
];

const SIDES = [
  { id: 'wiring', name: 'the wires' },
  { id: 'mating', name: 'the mating side' },
] as const;

const SEVERITY = {
  stop: { word: 'Stop', mark: '■' },
  warn: { word: 'Careful', mark: '▲' },
  note: { word: 'Note', mark: '●' },
} as const;

/** Keys of a question’s choices; E is taken. */

/** Both faces with the cores between them, the table in step, what was found, and what was chosen. */
@Component({
  selector: 'ns-wiring-view',
  imports: [
    KeyOf,
    OneOf,
    AdapterFace,
    CoreLine,
    MatButtonModule,
    MatFormFieldModule,
    MatInputModule,
    MatSelectModule,
    RibbonDrawing,
  ],
  templateUrl: './wiring-view.html',
  styleUrl: './wiring-view.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WiringView {
  protected readonly open = inject(OpenAdapter);
  protected readonly making = MAKING;
  protected readonly sides = SIDES;
  protected readonly severity = SEVERITY;
  protected readonly answers = ANSWER_KEYS.map(keyName);
  protected readonly side = kept<'wiring' | 'mating'>(
    'adapter.side',
    'wiring',
    isOneOf('wiring', 'mating'),
  );

  protected readonly rows = computed(() => {
    const solved = this.open.solved();
    if (!solved) return [];
    const joins = this.open.adapter()?.options.joins ?? [];
    return cardRows(solved, solved.task).map((row) => ({
      ...row,
      id: `${row.near.join()}>${row.far.join()}`,
      text: coreText(row),
      letters: lettersOf(row),
      byHand: joins.some(
        ({ near, far }) =>
          (near !== null && row.near.includes(near)) || (far !== null && row.far.includes(far)),
      ),
    }));
  });
  protected readonly at = linkedSignal<string, number>({
    source: this.open.id,
    computation: () => 0,
  });
  protected readonly row = computed(() => this.rows()[Math.min(this.at(), this.rows().length - 1)]);
  protected readonly typed = signal('');
  protected readonly problem = signal('');
  protected readonly colourProblem = signal('');
  protected readonly measured = computed(() =>
    writeMeasured(this.open.adapter()?.options.measured ?? []),
  );
  protected readonly questions = computed(() => this.open.solved()?.questions ?? []);
  protected readonly findings = computed(() => this.open.solved()?.findings ?? []);
  protected readonly coreChoices = computed(() => this.open.solved()?.task.cable?.cores ?? []);

  constructor() {
    inject(Shortcuts).add(
      inject(DestroyRef),
      { does: 'down', repeats: true, run: () => this.move(1) },
      { does: 'up', repeats: true, run: () => this.move(-1) },
      { does: 'write', what: 'Type where this row goes', run: () => this.focusEntry() },
      { does: 'turn', what: 'Turn the faces over', run: () => this.turn() },
      { does: 'undo', what: 'Take the last change back', run: () => this.open.undoChange() },
      ...ANSWER_KEYS.map((does, index) => ({
        does,
        works: () => this.questions().length > 0,
        run: () => this.answer(0, index),
      })),
    );
  }

  protected choose(index: number): void {
    this.at.set(index);
    this.typed.set('');
    this.problem.set('');
  }

  protected pick(end: End, contact: Contact): void {
    const index = this.rows().findIndex((row) => row[end].includes(contact));
    if (index >= 0) this.choose(index);
  }

  protected answer(question: number, choice: number): void {
    const joins = this.questions()[question]?.choices[choice]?.joins;
    if (joins) this.open.join(joins);
  }

  protected make({ key }: MakingChoice, id: string): void {
    this.open.setOptions({ [key]: id === '' ? null : id });
  }

  /** Colours as they were measured, near before far. */
  protected measure(text: string): void {
    const parsed = parseMeasured(text);
    this.colourProblem.set(parsed.ok ? '' : parsed.reason);
    if (parsed.ok) this.open.setOptions({ measured: [...parsed.cores] });
  }

  protected turn(): void {
    this.side.set(this.side() === 'wiring' ? 'mating' : 'wiring');
  }

  /** "5" joins the row's near contact with far 5; "-" leaves it open. */
  protected enter(): void {
    const row = this.row();
    const text = this.typed().trim();
    if (!row || text === '') return;
    const end: End = row.near.length > 0 ? 'near' : 'far';
    const to: End = end === 'near' ? 'far' : 'near';
    const [from] = row[end];
    if (from === undefined) return;
    if (text === '-') {
      this.open.join(row[end].map((contact) => joinOf(end, contact, null)));
    } else {
      const named = text.split(/[\s,]+/);
      const stranger = named.find((contact) => !this.open.contacts(to).includes(contact));
      if (stranger !== undefined) {
        this.problem.set(
          `The ${to} end has no contact ${stranger}: it has ${this.open.contacts(to).join(', ')}.`,
        );
        return;
      }
      this.open.join(named.map((contact) => joinOf(end, from, contact)));
    }
    this.typed.set('');
    this.problem.set('');
    this.move(1);
  }

  protected release(): void {
    const row = this.row();
    for (const end of ['near', 'far'] as const)
      for (const contact of row?.[end] ?? []) this.open.release(end, contact);
  }

  private move(by: number): void {
    const last = this.rows().length - 1;
    this.choose(Math.max(0, Math.min(last, this.at() + by)));
    document.getElementById(`adapter-row-${this.at()}`)?.scrollIntoView({ block: 'nearest' });
  }

  private focusEntry(): void {
    document.getElementById('adapter-entry')?.focus();
  }
}

const joinOf = (end: End, from: Contact, to: Contact | null) =>
  end === 'near' ? { near: from, far: to } : { near: to, far: from };

/** A core's letters, or what there is instead. */
function lettersOf({ core, farCore, near, far }: CardRow): string {
  if (core === SHIELD) return 'shield';
  if (core === null)
    return near.length * far.length > 0
      ? 'no core yet'
      : near.length + far.length > 1
        ? 'looped'
        : 'open';
  const letters = (id: string) => (conductor(id).name === id ? id : id.replace(/\.\d+$/, ''));
  return farCore === null || farCore === core
    ? letters(core)
    : `${letters(core)} → ${letters(farCore)}`;
}
