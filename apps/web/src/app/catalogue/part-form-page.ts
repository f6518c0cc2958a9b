import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import { Router, RouterLink } from '@angular/router';
import type { Part, PartPatch } from '@near-spoke/contract';
import {
  COLOUR_LETTERS,
  JACKETS,
  parseCores,
  parseSlots,
  writeCores,
  writeSlots,
  type Cable,
  type Connector,
  type Jacket,
} from '@near-spoke/core/catalogue';
import { fitProblems } from '@near-spoke/core/terminate';
import { parseLength } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { v7 } from 'uuid';
import { Deeds } from '../shell/deeds';
import { selectJob } from '../store/job';
import { partsFeature } from '../store/parts/parts';
import { CABLE_FIELDS, CONNECTOR_FIELDS, type PartField } from './part-fields';

/** A cable or connector of one's own: begun from one that is there, with the sizes of its sheet. */
@Component({
  selector: 'ns-part-form-page',
  imports: [MatButtonModule, MatFormFieldModule, MatInputModule, MatSelectModule, RouterLink],
  templateUrl: './part-form-page.html',
  styleUrl: '../site/form.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PartFormPage {
  readonly siteId = input.required<string>();
  /** The part that it begins from, or that is changed. */
  readonly partId = input.required<string>();
  readonly mode = input<'own' | 'change'>('own');

  private readonly store = inject(Store);
  private readonly deeds = inject(Deeds);
  private readonly router = inject(Router);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly parts = this.store.selectSignal(partsFeature.selectAll);

  protected readonly places = JACKETS;
  protected readonly letters = COLOUR_LETTERS.join(' ');
  protected readonly tried = signal(false);
  private readonly baseCable = computed(() => this.job().catalogue.findCable(this.partId()));
  private readonly baseConnector = computed(() =>
    this.job().catalogue.findConnector(this.partId()),
  );
  protected readonly base = computed(() => this.baseCable() ?? this.baseConnector());
  protected readonly changed = computed(() =>
    this.mode() === 'change' ? this.parts().find(({ id }) => id === this.partId()) : undefined,
  );

  protected readonly name = signal('');
  protected readonly source = signal('');
  protected readonly cores = signal('');
  protected readonly environment = signal<Jacket>('indoor');
  protected readonly stranding = signal<Cable['stranding']>('solid');
  protected readonly slots = signal('');
  protected readonly weatherproof = signal(false);
  protected readonly isCable = computed(() => this.baseCable() !== undefined);
  /** What is typed in each size, by the field’s id. */
  private readonly typed = signal<Readonly<Record<string, string>>>({});

  protected readonly fields = computed(() => {
    const [cable, connector] = [this.baseCable(), this.baseConnector()];
    const rows = <T>(fields: readonly PartField<T>[], row: T) =>
      fields.flatMap(({ id, label, unit, read }) => {
        const usual = read(row);
        if (usual === null) return [];
        const text = this.typed()[id] ?? String(usual);
        return [{ id, label, unit, text, ...readSize(text, unit) }];
      });
    if (cable) return rows(CABLE_FIELDS, cable);
    return connector ? rows(CONNECTOR_FIELDS, connector) : [];
  });
  protected readonly hasCard = computed(() => (this.baseConnector()?.slots.length ?? 0) > 0);
  protected readonly slotsRead = computed(() =>
    parseSlots(this.slots(), this.baseConnector()?.contacts ?? []),
  );
  protected readonly coresRead = computed(() => parseCores(this.cores()));
  /** The row as it is described now; null while something can’t be read. */
  private readonly row = computed(() => {
    if (this.fields().some(({ value }) => value === null)) return null;
    const values = new Map(this.fields().map(({ id, value }) => [id, value as number]));
    const filled = <T>(fields: readonly PartField<T>[], row: T): T =>
      fields.reduce((sofar, { id, write }) => {
        const value = values.get(id);
        return value === undefined ? sofar : write(sofar, value);
      }, row);
    const [cable, connector, cores] = [this.baseCable(), this.baseConnector(), this.coresRead()];
    const common = { name: this.name().trim(), generic: false };
    if (cable)
      return cores.ok
        ? {
            cable: filled<Cable>(CABLE_FIELDS, {
              ...cable,
              ...common,
              cores: cores.cores,
              environment: this.environment(),
              stranding: this.stranding(),
              grade: this.name().trim(),
            }),
            connector: null,
          }
        : null;
    const slots = this.slotsRead();
    if (this.hasCard() && !slots.ok) return null;
    return connector
      ? {
          cable: null,
          connector: filled<Connector>(CONNECTOR_FIELDS, {
            ...connector,
            ...common,
            weatherproof: this.weatherproof(),
            slots: slots.ok ? slots.slots : connector.slots,
          }),
        }
      : null;
  });
  /** With what it goes together, as it is described now. */
  protected readonly partners = computed(() => {
    const row = this.row();
    const { catalogue } = this.job();
    if (!row) return null;
    const fits = (cable: Cable, part: Connector) =>
      fitProblems({ cable, part, place: 'indoor' }, catalogue).length === 0;
    const names = row.cable
      ? catalogue.connectors.filter((part) => fits(row.cable, part))
      : catalogue.cables.filter((cable) => fits(cable, row.connector));
    return names.map(({ name }) => name);
  });

  constructor() {
    effect(() => {
      const [cable, connector, part] = [this.baseCable(), this.baseConnector(), this.changed()];
      const base = cable ?? connector;
      if (!base) return;
      this.name.set(part ? base.name : '');
      this.source.set(part?.source ?? '');
      this.typed.set({});
      if (cable) {
        this.cores.set(writeCores(cable.cores));
        this.environment.set(cable.environment);
        this.stranding.set(cable.stranding);
      }
      if (connector) {
        this.weatherproof.set(connector.weatherproof);
        this.slots.set(writeSlots(connector.slots));
      }
    });
  }

  protected type(id: string, text: string): void {
    this.typed.update((all) => ({ ...all, [id]: text }));
  }

  protected save(): void {
    this.tried.set(true);
    const [row, part] = [this.row(), this.changed()];
    if (!row || this.name().trim() === '') return;
    const source = this.source().trim();
    const id = part?.id ?? v7();
    if (part) this.deeds.changePart(part, { version: part.version, source, ...sizes(row) });
    else this.deeds.addPart(id, { kind: row.cable ? 'cable' : 'connector', source, ...row });
    void this.router.navigate(['/sites', this.siteId(), 'catalogue', id]);
  }
}

/** What of it there is: the other stays as it is. */
const sizes = ({
  cable,
  connector,
}: Pick<Part, 'cable' | 'connector'>): Omit<PartPatch, 'version'> =>
  cable ? { cable } : { connector };

/** A size in the field’s unit; millimetres may also be written in inches. */
function readSize(
  text: string,
  unit: PartField<unknown>['unit'],
): { readonly value: number | null; readonly reason: string } {
  if (unit === 'mm') {
    const parsed = parseLength(text, { bareUnit: 'mm' });
    return parsed.ok
      ? { value: Math.round(parsed.lengthM * 1e6) / 1000, reason: '' }
      : { value: null, reason: parsed.reason };
  }
  const value = Number(text.trim().replace(',', '.'));
  return text.trim() !== '' && Number.isFinite(value)
    ? { value, reason: '' }
    : { value: null, reason: `‘${text}’ is not a number.` };
}
