import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  untracked,
} from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import {
  NonNullableFormBuilder,
  ReactiveFormsModule,
  type AbstractControl,
  type ValidationErrors,
} from '@angular/forms';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import { Router } from '@angular/router';
import type { LinkInput, LinkSummary } from '@near-spoke/contract';
import {
  JACKETS,
  SCHEMES,
  SCHOOLS,
  chosenIds,
  type Jacket,
  type SchemeId,
  type SchoolChoices,
} from '@near-spoke/core/catalogue';
import { parseRoute, writeRoute } from '@near-spoke/core/formats';
import {
  ENDS,
  LENGTH_HOW,
  LENGTH_SAID,
  hubOf,
  schoolsOf,
  type LengthHow,
  type Link as CoreLink,
} from '@near-spoke/core/link';
import { NOT_TESTED, summariseLink, taskOf } from '@near-spoke/core/record';
import { planTermination, schoolMismatch, schoolsInUse } from '@near-spoke/core/terminate';
import { LENGTH_UNIT, parseLength, writeLength, type UnitSystem } from '@near-spoke/core/units';
import { told } from '@near-spoke/words';
import { Store } from '@ngrx/store';
import { v7 } from 'uuid';
import { Deeds } from '../shell/deeds';
import { kept } from '../shell/kept';
import { Words } from '../words/words';
import { selectJob } from '../store/job';
import { factsActions } from '../store/facts/facts';
import { linksActions, linksFeature } from '../store/links/links';
import { sitesFeature } from '../store/sites/sites';
import { schoolFields } from './school-fields';
import { CABLE_FAMILY_NAME, connectorsFor, groupsOf } from './part-groups';

const END_FIELDS = [
  {
    name: 'Near end',
    place: 'nearPlace',
    connector: 'nearConnector',
    scheme: 'nearScheme',
    hub: true,
    example: 'C1/A/09',
  },
  {
    name: 'Far end',
    place: 'farPlace',
    connector: 'farConnector',
    scheme: 'farScheme',
    hub: false,
    example: 'Ticket kiosk 9',
  },
] as const;

/** Schools that a link can leave; the scheme is chosen at each end, plugs and joints with the connector. */
const LINK_SCHOOLS = SCHOOLS.filter(({ id }) => !['scheme', 'plug', 'joint'].includes(id));

/** A link as people describe it: new, or changed. What does not fit is said while it is chosen. */
@Component({
  selector: 'ns-link-form-page',
  imports: [
    MatButtonModule,
    MatFormFieldModule,
    MatInputModule,
    MatSelectModule,
    ReactiveFormsModule,
  ],
  templateUrl: './link-form-page.html',
  styleUrl: './form.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LinkFormPage {
  readonly siteId = input('');
  readonly linkId = input('');

  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly deeds = inject(Deeds);
  private readonly entities = this.store.selectSignal(linksFeature.selectOpened);
  private readonly links = this.store.selectSignal(linksFeature.selectAll);
  private readonly sites = this.store.selectSignal(sitesFeature.selectEntities);
  private readonly site = computed(() => this.sites()[this.siteId()]);
  protected readonly units = computed(() => this.site()?.units ?? 'metric');
  protected readonly routeExample = computed(() => ROUTE_EXAMPLE[this.units()]);
  private readonly bareUnit = computed(() => LENGTH_UNIT[this.units()]);

  private readonly job = this.store.selectSignal(selectJob);
  protected readonly places = JACKETS;
  protected readonly cables = computed(() =>
    groupsOf(this.job().catalogue.cables, CABLE_FAMILY_NAME),
  );
  protected readonly schemes = SCHEMES;
  protected readonly ends = END_FIELDS;
  protected readonly link = computed(() => this.entities()[this.linkId()]);

  private readonly build = inject(NonNullableFormBuilder);
  protected readonly form = this.build.group({
    label: ['', [filled, (control: AbstractControl<string>) => this.labelTaken(control)]],
    nearPlace: ['', filled],
    farPlace: ['', filled],
    hub: '',
    cable: 'cat6-uutp-solid',
    environment: this.build.control<Jacket>('indoor'),
    nearConnector: 'keystone-punch-down',
    nearScheme: this.build.control<SchemeId>('T568B'),
    farConnector: 'plug-8p8c',
    farScheme: this.build.control<SchemeId>('T568B'),
    length: ['', (control: AbstractControl<string>) => this.badLength(control)],
    lengthHow: this.build.control<LengthHow>('scheduled'),
    route: ['', (control: AbstractControl<string>) => this.badRoute(control)],
    note: '',
    schools: schoolFields(this.build, LINK_SCHOOLS, () => ''),
  });
  private readonly value = toSignal(this.form.valueChanges, { initialValue: this.form.value });

  protected readonly lengthHows = LENGTH_HOW;
  protected readonly lengthSaid = LENGTH_SAID;

  /** The link as it is described now. */
  private readonly described = computed(() => {
    this.value();
    return this.read();
  });
  protected readonly connectors = computed(() => {
    const { catalogue } = this.job();
    const { cable, environment } = this.described();
    const row = catalogue.findCable(cable);
    return row ? connectorsFor(row, environment, catalogue) : [];
  });
  private readonly words = inject(Words);
  private readonly tell = computed(() => this.words.in(this.units()));
  /** What does not go together, for either end, and where an end leaves the job's schools. */
  protected readonly misfits = computed(() =>
    this.tasks().flatMap(({ end, task }) =>
      told(planTermination(task, this.job().catalogue).fit.problems, this.tell()).map(
        ({ what, have, need, off, suggestion }) =>
          `${end}: ${what}: ${have}, needs ${need}${off ? `, ${off}` : ''}. ${suggestion}`,
      ),
    ),
  );
  protected readonly mismatches = computed(() =>
    this.tasks().flatMap(
      ({ task }) =>
        told(
          schoolMismatch(
            task.connector,
            schoolsOf(this.described(), this.job()),
            chosenIds(this.job().schools, this.described().schools),
          ),
          this.tell(),
        ) ?? [],
    ),
  );
  /** The schools that these ends follow, and what the job has chosen. */
  protected readonly schools = computed(() => {
    const used = new Set(this.tasks().flatMap(({ task }) => schoolsInUse(task)));
    const held = schoolsOf({ schools: {} }, this.job());
    return LINK_SCHOOLS.filter(({ id }) => used.has(id)).map((school) => ({
      ...school,
      jobs: school.options.find(({ id }) => id === held[school.id])?.name ?? '',
    }));
  });
  private readonly tasks = computed(() => {
    const link = this.described();
    const { catalogue } = this.job();
    const known = (id: string) => catalogue.findConnector(id) !== undefined;
    if (!catalogue.findCable(link.cable)) return [];
    return ENDS.filter((end) => known(link[end].connector)).map((end) => ({
      end: end === 'near' ? 'Near end' : 'Far end',
      task: taskOf(link, end, this.job()),
    }));
  });
  /** Whether an end’s contacts follow T568A or T568B. */
  protected fourPair(connector: 'nearConnector' | 'farConnector'): boolean {
    const id = this.form.controls[connector].value;
    return this.job().catalogue.findConnector(id)?.wiring === 'four-pair';
  }
  protected readonly mixed = computed(() => {
    const { nearScheme, farScheme } = this.value();
    return (
      nearScheme !== farScheme && this.fourPair('nearConnector') && this.fourPair('farConnector')
    );
  });

  /** What is typed, kept until it is saved or left. */
  private readonly draft = computed(() =>
    kept<object | null>(`draft.link.${this.linkId() || this.siteId()}`, null, isObject),
  );

  constructor() {
    effect(() => {
      const linkId = this.linkId();
      if (linkId) this.store.dispatch(factsActions.load({ about: { of: 'link', id: linkId } }));
    });
    // A label typed before the links were there is judged when they are.
    effect(() => {
      this.links();
      untracked(() => this.form.controls.label.updateValueAndValidity());
    });
    effect(() => {
      this.value();
      if (this.form.dirty) untracked(this.draft).set(this.form.getRawValue());
    });
    effect(() => {
      const link = this.link();
      const scheme = this.site()?.defaultScheme;
      const draft = untracked(this.draft());
      if (!this.form.pristine) return;
      if (draft) {
        this.form.patchValue(draft);
        this.form.markAsDirty();
        return;
      }
      if (link) this.form.patchValue(fieldsOf(link, this.units()));
      else if (scheme)
        this.form.patchValue({
          nearScheme: scheme,
          farScheme: scheme,
          farConnector:
            schoolsOf({ schools: {} }, this.job()).plug === 'pass-through'
              ? 'plug-8p8c-pass-through'
              : 'plug-8p8c',
        });
    });
  }

  protected save(): void {
    this.form.markAllAsTouched();
    if (this.form.invalid) return;
    const fields = this.read();
    const current = this.link();
    if (current) {
      this.deeds.changeLink(current, { version: current.version, ...fields });
      const changed = { ...current, ...fields, version: current.version + 1 };
      this.store.dispatch(linksActions.stored({ link: changed }));
      this.go(current.id);
      return;
    }
    const id = v7();
    this.deeds.addLink(this.siteId(), { ...fields, id });
    const made = { ...fields, id, siteId: this.siteId(), version: 1 };
    this.store.dispatch(
      linksActions.stored({
        link: told(summariseLink(made, [], NOT_TESTED, this.job()), this.tell()),
      }),
    );
    this.go(id);
  }

  protected leave(): void {
    this.go(this.linkId());
  }

  private go(linkId: string): void {
    this.form.markAsPristine();
    this.draft().set(null);
    const link = linkId ? ['links', linkId] : [];
    void this.router.navigate(['/sites', this.siteId(), ...link]);
  }

  private read() {
    const raw = this.form.getRawValue();
    const length = parseLength(raw.length, { bareUnit: this.bareUnit() });
    const route = parseRoute(raw.route, { bareUnit: this.bareUnit() });
    const current = this.link();
    // What nobody has touched is what it was, to the last figure.
    const was = current && fieldsOf(current, this.units());
    return {
      label: raw.label.trim(),
      hub: raw.hub.trim() || hubOf(raw.nearPlace),
      near: { place: raw.nearPlace.trim(), connector: raw.nearConnector, scheme: raw.nearScheme },
      far: { place: raw.farPlace.trim(), connector: raw.farConnector, scheme: raw.farScheme },
      cable: raw.cable,
      lengthM:
        current && was?.length === raw.length ? current.lengthM : length.ok ? length.lengthM : null,
      lengthHow: raw.lengthHow,
      route:
        current && was?.route === raw.route ? [...current.route] : route.ok ? [...route.route] : [],
      environment: raw.environment,
      schools: chosen(raw.schools),
      note: raw.note.trim(),
    } satisfies LinkInput & CoreLink;
  }

  private labelTaken({ value }: AbstractControl<string>): ValidationErrors | null {
    const taken = this.links().some(
      (link) => link.label === value.trim() && link.id !== this.linkId(),
    );
    return taken ? { reason: 'Another link of this site has this label.' } : null;
  }

  private badLength({ value }: AbstractControl<string>): ValidationErrors | null {
    if (value.trim() === '') return null;
    const parsed = parseLength(value, { bareUnit: this.bareUnit() });
    if (!parsed.ok) return { reason: parsed.reason };
    return parsed.lengthM > 0 ? null : { reason: 'A length must be more than 0.' };
  }

  private badRoute({ value, parent }: AbstractControl<string>): ValidationErrors | null {
    const length = parseLength(String(parent?.get('length')?.value ?? ''), {
      bareUnit: this.bareUnit(),
    });
    const parsed = parseRoute(
      value,
      { bareUnit: this.bareUnit() },
      length.ok ? length.lengthM : null,
    );
    return parsed.ok ? null : { reason: parsed.reason };
  }
}

/** The schools that are chosen here; an empty choice is as the job does it. */
function chosen(raw: Readonly<Record<string, { choice: string; reason: string }>>) {
  const rows = Object.entries(raw).filter(([, { choice }]) => choice !== '');
  return Object.fromEntries(rows) as SchoolChoices & LinkInput['schools'];
}

const ROUTE_EXAMPLE = {
  metric: 'Tray T1 @ 3.5 m | Slack loop @ 20 m + 3 m | Floor box 9 @ 44 m',
  imperial: 'Tray T1 @ 12 ft | Slack loop @ 66 ft + 10 ft | Floor box 9 @ 145 ft',
} as const;

const isObject = (stored: unknown): stored is object =>
  typeof stored === 'object' && stored !== null;

function filled({ value }: AbstractControl<string>): ValidationErrors | null {
  return value.trim() === '' ? { reason: 'Write something here.' } : null;
}

function fieldsOf(link: LinkSummary, units: UnitSystem) {
  return {
    label: link.label,
    nearPlace: link.near.place,
    farPlace: link.far.place,
    hub: link.hub,
    cable: link.cable,
    environment: link.environment,
    schools: Object.fromEntries(
      LINK_SCHOOLS.map(({ id }) => [id, link.schools[id] ?? { choice: '', reason: '' }]),
    ),
    nearConnector: link.near.connector,
    nearScheme: link.near.scheme,
    farConnector: link.far.connector,
    farScheme: link.far.scheme,
    length: link.lengthM === null ? '' : writeLength(link.lengthM, units),
    lengthHow: link.lengthHow ?? 'scheduled',
    route: writeRoute(link.route, units),
    note: link.note,
  };
}
