import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  signal,
  untracked,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import { Router, RouterLink } from '@angular/router';
import { adapterInput, type Adapter } from '@near-spoke/contract/map';
import { mateOf } from '@near-spoke/core/catalogue';
import { PLAIN_OPTIONS, PORTS, type Port } from '@near-spoke/core/map';
import {
  LENGTH_UNIT,
  formatLength,
  parseLength,
  writeLength,
  type UnitSystem,
} from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { v7 } from 'uuid';
import { Deeds } from '../shell/deeds';
import { kept } from '../shell/kept';
import { adaptersActions, adaptersFeature } from '../store/adapters/adapters';
import { selectJob } from '../store/job';
import { linksFeature } from '../store/links/links';
import { PortEditor } from './port-editor';

interface Draft {
  readonly name: string;
  readonly note: string;
  readonly near: Port;
  readonly far: Port;
  readonly cable: string | null;
  readonly length: string;
}

const BLANK: Port = {
  id: '',
  name: '',
  connector: 'd-sub-9',
  gender: 'plug',
  contacts: [],
  leastSupplyV: null,
  leadAwg: null,
};

const portShape = adapterInput.shape.near;
const isDraft = (stored: unknown): stored is Draft =>
  typeof stored === 'object' &&
  stored !== null &&
  'near' in stored &&
  'far' in stored &&
  [stored.near, stored.far].every(
    (port) => (port as Port).contacts.length === 0 || portShape.safeParse(port).success,
  );

/** The two devices of an adapter, its cable and its name. */
@Component({
  selector: 'ns-adapter-form-page',
  imports: [
    MatButtonModule,
    MatFormFieldModule,
    MatInputModule,
    MatSelectModule,
    PortEditor,
    RouterLink,
  ],
  templateUrl: './adapter-form-page.html',
  styleUrl: './adapter-form-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AdapterFormPage {
  readonly siteId = input.required<string>();
  /** Empty for a new one. */
  readonly adapterId = input('');
  /** The label of the link that a new adapter is for. */
  readonly link = input<string | undefined>();

  private readonly store = inject(Store);
  private readonly deeds = inject(Deeds);
  private readonly router = inject(Router);
  private readonly shown = this.store.selectSignal(adaptersFeature.selectShown);
  private readonly links = this.store.selectSignal(linksFeature.selectAll);
  protected readonly job = this.store.selectSignal(selectJob);
  protected readonly loading = this.store.selectSignal(adaptersFeature.selectLoading);
  protected readonly adapter = computed(() =>
    this.shown().find(({ id }) => id === this.adapterId()),
  );
  protected readonly itsLink = computed(() => {
    const adapter = this.adapter();
    return this.links().find((link) =>
      adapter ? link.id === adapter.linkId : link.label === this.link(),
    );
  });
  protected readonly cables = computed(() => this.job().catalogue.cables);
  protected readonly linkCable = computed(() => {
    const link = this.itsLink();
    if (!link) return '';
    const length =
      link.lengthM === null ? 'length not stated' : formatLength(link.lengthM, this.job().units);
    return `${this.job().catalogue.cable(link.cable).name}, ${length}`;
  });
  protected readonly known = computed(() => {
    const firms = new Map(
      this.shown()
        .filter(({ away }) => !away)
        .flatMap(({ id, near, far }) =>
          (['near', 'far'] as const).map((end) => {
            const port = end === 'near' ? near : far;
            return [port.name, { ...port, id: port.id === '' ? `${id}-${end}` : port.id }] as const;
          }),
        )
        .filter(([, port]) => !PORTS.some(({ id }) => id === port.id)),
    );
    return [
      { group: 'Built in', ports: PORTS },
      ...(firms.size > 0 ? [{ group: 'Of your adapters', ports: [...firms.values()] }] : []),
    ];
  });

  private readonly stored = computed(() =>
    kept<Draft | null>(
      `draft.adapter.${this.adapterId() || `new ${this.link() ?? ''}`.trim()}`,
      null,
      (value): value is Draft | null => value === null || isDraft(value),
    ),
  );
  protected readonly draft = linkedSignal<Draft>(() => {
    const waiting = untracked(() => this.stored()());
    return waiting ?? this.begun();
  });
  protected readonly tried = signal(false);
  protected readonly problems = computed(() => {
    const { name, near, far, length } = this.draft();
    const parsed = readLength(length, this.job().units);
    return [
      ...(name.trim() === '' ? ['Give the adapter a name.'] : []),
      ...[
        { port: near, end: 'near' },
        { port: far, end: 'far' },
      ].flatMap(({ port, end }) => [
        ...(port.name.trim() === '' ? [`Name the device at the ${end} end.`] : []),
        ...(port.contacts.length === 0
          ? [`Say what at least one contact of the ${end} end carries.`]
          : []),
      ]),
      ...(parsed.ok ? [] : [parsed.reason]),
    ];
  });

  constructor() {
    this.store.dispatch(adaptersActions.load());
    // What is typed outlives a reload.
    effect(() => {
      const draft = this.draft();
      untracked(() => {
        if (this.touched()) this.stored().set(draft);
      });
    });
  }

  private readonly touched = signal(false);

  protected set(changes: Partial<Draft>): void {
    this.touched.set(true);
    this.draft.update((draft) => ({ ...draft, ...changes }));
  }

  protected leave(): void {
    this.stored().set(null);
    const { path, id } = this.back();
    void this.router.navigate([...path, ...id]);
  }

  protected save(): void {
    this.tried.set(true);
    if (this.problems().length > 0) return;
    const { name, note, near, far, cable, length } = this.draft();
    const parsed = readLength(length, this.job().units);
    const lengthM = parsed.ok ? parsed.lengthM : null;
    const adapter = this.adapter();
    const link = this.itsLink();
    const fields = {
      name: name.trim(),
      note: note.trim(),
      near,
      far,
      cable,
    };
    this.stored().set(null);
    if (adapter) {
      // Joins by hand that name contacts which are gone would be refused.
      const has = (port: Port, contact: string | null) =>
        contact === null || port.contacts.some((row) => row.contact === contact);
      const joins = adapter.options.joins.filter(
        (join) => has(near, join.near) && has(far, join.far),
      );
      this.deeds.changeAdapter(adapter, {
        ...fields,
        options: { ...adapter.options, joins, lengthM },
      });
      this.open(adapter.id);
      return;
    }
    const made: Adapter = {
      ...fields,
      id: v7(),
      options: { ...PLAIN_OPTIONS, joins: [], measured: [], lengthM },
      linkId: link?.id ?? null,
      version: 1,
      away: false,
    };
    this.deeds.addAdapter(made);
    this.open(made.id);
  }

  private open(id: string): void {
    const link = this.itsLink();
    void this.router.navigate(
      link
        ? ['/sites', this.siteId(), 'links', link.id, 'map']
        : ['/sites', this.siteId(), 'adapters', id],
    );
  }

  private back() {
    const path = ['/sites', this.siteId(), 'adapters'];
    return { path, id: this.adapterId() ? [this.adapterId()] : [] };
  }

  private begun(): Draft {
    const adapter = this.adapter();
    if (adapter)
      return {
        name: adapter.name,
        note: adapter.note,
        near: adapter.near,
        far: adapter.far,
        cable: adapter.cable,
        length:
          adapter.options.lengthM === null
            ? ''
            : writeLength(adapter.options.lengthM, this.job().units),
      };
    const link = this.itsLink();
    const portAt = (end: 'near' | 'far'): Port => {
      const part = link ? this.job().catalogue.connector(link[end].connector) : null;
      return part?.outline && part.gender !== 'joint'
        ? {
            ...BLANK,
            connector: part.outline,
            gender: mateOf(part.gender),
            name: link?.[end].place ?? '',
          }
        : { ...BLANK, name: link?.[end].place ?? '' };
    };
    return {
      name: link ? `${link.label} adapter` : '',
      note: '',
      near: portAt('near'),
      far: portAt('far'),
      cable: null,
      length: '',
    };
  }
}

/** An empty length is not stated; a bare number is of the site’s unit. */
function readLength(
  text: string,
  units: UnitSystem,
):
  | { readonly ok: true; readonly lengthM: number | null }
  | { readonly ok: false; readonly reason: string } {
  if (text.trim() === '') return { ok: true, lengthM: null };
  const parsed = parseLength(text, { bareUnit: LENGTH_UNIT[units] });
  return parsed.ok ? { ok: true, lengthM: parsed.lengthM } : parsed;
}
