import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  inject,
  input,
  signal,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatProgressBar } from '@angular/material/progress-bar';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Router, RouterLink } from '@angular/router';
import type { Part } from '@near-spoke/contract';
import type { Cable, Connector, Range } from '@near-spoke/core/catalogue';
import { wiringOf } from '@near-spoke/core/link';
import { fitProblems } from '@near-spoke/core/terminate';
import { formatSheetMm } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { CableSection, ConductorSwatch, ConnectorFace, Cutback } from '../drawing';
import { NextThing } from '../shell/next-thing';
import { Shortcuts } from '../shell/shortcuts';
import { Words } from '../words/words';
import { CABLE_FAMILY_NAME, CONNECTOR_FAMILY_NAME, groupsOf } from '../site/part-groups';
import { AWAY_UNDO_MS, Deeds } from '../shell/deeds';
import { selectJob } from '../store/job';
import { linksFeature } from '../store/links/links';
import { partsFeature } from '../store/parts/parts';

type Row = [name: string, value: string];

type Said = (mm: number) => string;
const span = (range: Range | null, show: (value: number) => string): string =>
  range === null ? 'not asked for' : `${show(range.min)} to ${show(range.max)}`;

/** Every cable and connector that can be named, drawn and with its sizes; and those of one's own. */
@Component({
  selector: 'ns-catalogue-page',
  imports: [
    CableSection,
    ConductorSwatch,
    ConnectorFace,
    Cutback,
    MatButtonModule,
    MatFormFieldModule,
    MatInputModule,
    MatProgressBar,
    NextThing,
    RouterLink,
  ],
  templateUrl: './catalogue-page.html',
  styleUrl: './catalogue-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CataloguePage {
  readonly siteId = input.required<string>();
  readonly partId = input('');

  private readonly store = inject(Store);
  private readonly deeds = inject(Deeds);
  private readonly router = inject(Router);
  private readonly snack = inject(MatSnackBar);
  protected readonly job = this.store.selectSignal(selectJob);
  private readonly own = this.store.selectSignal(partsFeature.selectAll);
  private readonly words = inject(Words);
  protected readonly tell = computed(() => this.words.in(this.job().units));

  protected readonly loading = this.store.selectSignal(linksFeature.selectLoading);
  protected readonly search = signal('');
  protected readonly turns = signal(0);
  protected readonly groups = computed(() => {
    const { cables, connectors } = this.job().catalogue;
    const words = this.search().toLowerCase().split(/\s+/).filter(Boolean);
    const matches = ({ name }: { readonly name: string }) =>
      words.every((word) => name.toLowerCase().includes(word));
    const put = (part: Part) => ({ id: part.id, name: (part.cable ?? part.connector)?.name ?? '' });
    const away = this.own()
      .filter((part) => part.away)
      .map(put)
      .filter(matches);
    return [
      ...groupsOf(connectors.filter(matches), CONNECTOR_FAMILY_NAME),
      ...groupsOf(cables.filter(matches), CABLE_FAMILY_NAME).map(({ name, rows }) => ({
        name: `${name} cable`,
        rows,
      })),
      ...(away.length > 0 ? [{ name: 'Put away', rows: away }] : []),
    ];
  });
  private readonly firstId = computed(() => this.groups()[0]?.rows[0]?.id ?? '');
  protected readonly id = computed(() => this.partId() || this.firstId());
  protected readonly connector = computed(() => this.job().catalogue.findConnector(this.id()));
  protected readonly cable = computed(() => this.job().catalogue.findCable(this.id()));
  protected readonly ownPart = computed(() => this.own().find(({ id }) => id === this.id()));
  protected readonly isOwn = (id: string) => this.own().some((part) => part.id === id);

  /** What goes with the open part, and a cable to draw a connector with. */
  protected readonly partners = computed<readonly (Cable | Connector)[]>(() => {
    const { catalogue } = this.job();
    const [part, cable] = [this.connector(), this.cable()];
    const fits = (row: Cable, other: Connector) =>
      fitProblems({ cable: row, part: other, place: 'indoor' }, catalogue).length === 0;
    if (part) return catalogue.cables.filter((row) => fits(row, part));
    return cable ? catalogue.connectors.filter((row) => fits(cable, row)) : [];
  });
  protected readonly drawn = computed(() => {
    const part = this.connector();
    const cable = this.partners()[0] as Cable | undefined;
    if (!part || !cable) return null;
    const end = { place: '', connector: part.id, scheme: 'T568B' as const };
    const link = { near: end, far: end, cable: cable.id, schools: {} };
    return { part, cable, wiring: wiringOf(link, { ...this.job(), schools: {} }).near };
  });
  protected readonly rows = computed<readonly Row[]>(() => {
    const [part, cable] = [this.connector(), this.cable()];
    const mm: Said = (value) => formatSheetMm(value, this.job().units);
    if (cable) return rowsOfCable(cable, mm);
    return part ? rowsOfConnector(part, mm) : [];
  });
  protected readonly name = computed(() => (this.connector() ?? this.cable())?.name ?? '');

  constructor() {
    inject(Shortcuts).add(inject(DestroyRef), {
      does: 'turn',
      what: 'Turn the connector over',
      run: () => this.turns.update((n) => n + 1),
    });
  }

  protected act(): void {
    const own = this.ownPart();
    void this.router.navigate(
      own
        ? ['/sites', this.siteId(), 'catalogue', own.id, 'change']
        : ['/sites', this.siteId(), 'catalogue', this.id(), 'own'],
    );
  }

  protected putAway(part: Part): void {
    this.deeds.putPartAway(part);
    this.snack
      .open(`${this.name()} put away.`, 'Undo', { duration: AWAY_UNDO_MS })
      .onAction()
      .subscribe(() => this.deeds.takePartBack(part));
  }

  protected takeBack(part: Part): void {
    this.deeds.takePartBack(part);
  }
}

function rowsOfCable(cable: Cable, mm: Said): Row[] {
  const inner = cable.family === 'coax' ? 'Dielectric' : 'Insulation of a core';
  return [
    [cable.parts.includes('flat') ? 'Width' : 'Jacket', mm(cable.jacketMm)],
    [inner, mm(cable.insulationMm)],
    ['Conductor', `${mm(cable.conductorMm)}, ${cable.gaugeAwg} AWG, ${cable.stranding}`],
    ['Shield', [cable.shield, ...cable.parts].filter((row) => row !== 'dielectric').join(', ')],
    ['Impedance', cable.impedanceOhm === null ? 'not stated' : `${cable.impedanceOhm} ohm nominal`],
    ['Jacket made for', cable.environment],
  ];
}

function rowsOfConnector({ accepts, ...part }: Connector, mm: Said): Row[] {
  const rows: Row[] = [
    ['Jacket', span(accepts.jacketMm, mm)],
    ['Insulation or dielectric', span(accepts.insulationMm, mm)],
    ['Conductor', span(accepts.conductorMm, mm)],
    ['Gauge', span(accepts.gaugeAwg, (awg) => `${awg} AWG`)],
    ['Conductors', accepts.stranding.join(' or ')],
    ['Impedance', part.impedanceOhm === null ? 'not stated' : `${part.impedanceOhm} ohm`],
    ['Hex die', part.dieMm === null ? 'none' : mm(part.dieMm)],
    ['Joins a shield', part.shielded ? 'yes' : 'no'],
    ['Keeps water out', part.weatherproof ? 'yes' : 'no'],
  ];
  return rows.filter(([, value]) => value !== 'not asked for' && value !== 'none');
}
