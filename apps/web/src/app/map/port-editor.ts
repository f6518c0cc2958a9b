import {
  ChangeDetectionStrategy,
  Component,
  computed,
  input,
  linkedSignal,
  output,
  signal,
} from '@angular/core';
import { MatAutocompleteModule } from '@angular/material/autocomplete';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import {
  OUTLINES,
  otherWayRound,
  outline,
  parseOutline,
  type Contact,
  type OutlineRef,
} from '@near-spoke/core/catalogue';
import {
  DIRECTIONS,
  LEVELS,
  ROLES,
  namedContact,
  level,
  parsePins,
  sheetLevelsOf,
  thresholdsOf,
  withPartners,
  type Direction,
  type PinProblem,
  type Port,
  type PortContact,
  type SheetLevels,
} from '@near-spoke/core/map';
import { Reads } from '../shell/reads';
import { typedNumber } from '../shell/typed-number';

/** The connector of one's own, in the list of connectors. */
const OWN = 'own';
const MOST_SHOWN = 60;

type NumberField = 'volts' | 'leastV' | 'mostV' | 'currentA';

const NUMBERS: readonly { readonly id: NumberField; readonly name: string }[] = [
  { id: 'volts', name: 'Voltage' },
  { id: 'leastV', name: 'Least voltage' },
  { id: 'mostV', name: 'Most voltage' },
  { id: 'currentA', name: 'Current' },
];

/** A data sheet’s figures, as it names them. */
const SHEET: readonly { readonly id: keyof SheetLevels; readonly name: string }[] = [
  { id: 'vOl', name: 'VOL' },
  { id: 'vOh', name: 'VOH' },
  { id: 'vIl', name: 'VIL' },
  { id: 'vIh', name: 'VIH' },
  { id: 'max', name: 'max' },
];

/** What figures of one’s own begin from where the family has none. */
const USUAL: SheetLevels = { vOl: 0.4, vOh: 2.4, vIl: 0.8, vIh: 2, max: 5 };

/** What the device does with a signal. */
const DIRECTION_NAME: Readonly<Record<Direction, string>> = {
  out: 'gives it',
  in: 'takes it',
  both: 'both ways',
  passive: 'neither',
  unknown: 'not known',
};

/** The level list’s choice for figures of one’s own. */
const OWN_LEVELS = 'own-levels';

/** A device's connector and what its contacts carry: chosen, typed, pasted, or read from a file. */
@Component({
  selector: 'ns-port-editor',
  imports: [
    MatAutocompleteModule,
    MatButtonModule,
    MatFormFieldModule,
    MatInputModule,
    MatSelectModule,
    Reads,
  ],
  templateUrl: './port-editor.html',
  styleUrl: './port-editor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PortEditor {
  readonly port = input.required<Port>();
  readonly end = input.required<'near' | 'far'>();
  /** Ports that can be begun from: built in, and of the firm's adapters. */
  readonly known =
    input.required<readonly { readonly group: string; readonly ports: readonly Port[] }[]>();
  readonly portChange = output<Port>();

  protected readonly roles = ROLES;
  protected readonly directions = DIRECTIONS.map((id) => ({ id, name: DIRECTION_NAME[id] }));
  protected readonly levels = LEVELS;
  protected readonly numbers = NUMBERS;
  protected readonly sheet = SHEET;
  protected readonly ownLevels = OWN_LEVELS;
  protected readonly sought = linkedSignal(() => this.connectorName());
  protected readonly connectorName = computed(() => outline(this.port().connector).name);
  /** Where it is not certain which way round the numbers run: the same face, turned. */
  protected readonly twin = computed(() => {
    const { connector } = this.port();
    return typeof connector === 'string' ? otherWayRound(connector) : null;
  });
  protected readonly isOwn = computed(() => typeof this.port().connector !== 'string');
  protected readonly connectors = computed(() => {
    const words = this.sought().trim().toLowerCase().split(/\s+/);
    const chosen = this.sought() === this.connectorName();
    const fitting = OUTLINES.filter(
      ({ name }) => chosen || words.every((word) => name.toLowerCase().includes(word)),
    );
    return fitting.slice(0, MOST_SHOWN);
  });
  protected readonly ownText = signal('grid 2 x 5 pitch 2.54');
  protected readonly ownProblem = signal('');
  protected readonly pasting = signal(false);
  protected readonly pasted = signal('');
  protected readonly problems = signal<readonly PinProblem[]>([]);

  protected readonly rows = computed(() => {
    const { contacts, connector } = this.port();
    const byName = new Map(contacts.map((row) => [row.contact, row]));
    return outline(connector).places.map(({ contact }) => ({
      contact,
      row: byName.get(contact) ?? null,
      own: sheetOf(byName.get(contact)),
    }));
  });

  protected begin(id: string): void {
    const port = this.known()
      .flatMap(({ ports }) => ports)
      .find((row) => row.id === id);
    if (port) this.portChange.emit(port);
  }

  protected set(changes: Partial<Port>): void {
    this.portChange.emit({ ...this.port(), id: '', ...changes });
  }

  protected setConnector(id: string): void {
    if (id === OWN) this.readOwn();
    else this.plugIn(id);
  }

  protected readOwn(): void {
    const parsed = parseOutline(this.ownText(), 'Own connector');
    this.ownProblem.set(parsed.ok ? '' : `Line ${parsed.line}: ${parsed.reason}`);
    if (parsed.ok) this.plugIn(parsed.outline);
  }

  /** One cell of the table. A contact without a signal is not in the pin table. */
  protected write(contact: Contact, changes: Partial<PortContact>): void {
    const { contacts } = this.port();
    const before = contacts.find((row) => row.contact === contact);
    const signalName = changes.signal ?? before?.signal ?? '';
    const rest = contacts.filter((row) => row.contact !== contact);
    if (signalName.trim() === '') {
      this.setContacts(rest);
      return;
    }
    const renamed = changes.signal !== undefined && changes.signal !== before?.signal;
    const made =
      before && !renamed
        ? { ...before, ...changes }
        : namedContact(contact, signalName, {
            ...(before ? { level: before.level } : {}),
            ...(before && before.direction !== 'passive' ? { direction: before.direction } : {}),
          });
    this.setContacts([...rest, made]);
  }

  /** A family, figures of one's own, or nothing stated. */
  protected writeLevel(row: PortContact, id: string): void {
    if (id !== OWN_LEVELS) {
      this.write(row.contact, { level: id === '' ? null : id, thresholds: null });
      return;
    }
    const family = level(row.level)?.thresholds;
    this.write(row.contact, { thresholds: family ?? thresholdsOf(USUAL) });
  }

  protected writeSheet(row: PortContact, field: keyof SheetLevels, text: string): void {
    const value = typedNumber(text, 'V');
    const before = sheetOf(row);
    if (!before || value === null || Number.isNaN(value)) return;
    this.write(row.contact, { thresholds: thresholdsOf({ ...before, [field]: value }) });
  }

  /** Of the port as a whole: to what its supply falls, how thick its leads are. */
  protected setNumber(field: 'leastSupplyV' | 'leadAwg', text: string): void {
    const value = typedNumber(text, field === 'leadAwg' ? 'AWG' : 'V');
    // What can’t be read is said at the field, and takes nothing away.
    if (!Number.isNaN(value)) this.set({ [field]: value });
  }

  protected writeNumber(contact: Contact, field: NumberField, text: string): void {
    const value = typedNumber(text, field === 'currentA' ? 'A' : 'V');
    if (!Number.isNaN(value)) this.write(contact, { [field]: value });
  }

  protected readPasted(): void {
    const parsed = parsePins(this.pasted(), this.port().connector);
    this.problems.set(parsed.ok ? [] : parsed.problems);
    if (!parsed.ok) return;
    this.set({ contacts: parsed.contacts });
    this.pasting.set(false);
    this.pasted.set('');
  }

  protected async readFile(files: FileList | null): Promise<void> {
    const file = files?.[0];
    if (!file) return;
    this.pasted.set(await file.slice(0, 100_000).text());
    this.pasting.set(true);
    this.readPasted();
  }

  private plugIn(connector: OutlineRef): void {
    const names = new Set(outline(connector).places.map(({ contact }) => contact));
    const contacts = this.port().contacts.filter(({ contact }) => names.has(contact));
    this.set({ connector, contacts: partnered(contacts) });
  }

  private setContacts(contacts: readonly PortContact[]): void {
    const order = outline(this.port().connector).places.map(({ contact }) => contact);
    const sorted = [...contacts].sort(
      (a, b) => order.indexOf(a.contact) - order.indexOf(b.contact),
    );
    this.set({ contacts: partnered(sorted) });
  }
}

const sheetOf = (row: PortContact | undefined): SheetLevels | null =>
  row?.thresholds ? sheetLevelsOf(row.thresholds) : null;

/** Partners anew: one that is not partner in turn is nobody's any more. */
function partnered(contacts: readonly PortContact[]): PortContact[] {
  const partnerOf = new Map(contacts.map(({ contact, partner }) => [contact, partner]));
  return withPartners(
    contacts.map((row) =>
      row.partner !== null && partnerOf.get(row.partner) !== row.contact
        ? { ...row, partner: null }
        : row,
    ),
  );
}
