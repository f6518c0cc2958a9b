import { ChangeDetectionStrategy, Component, computed, input, model } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import {
  CONTACT_PITCH_MM,
  PLUG_NOSE_MM,
  conductor,
  connectorViews,
  outline,
  type Connector,
  type Contact,
} from '@near-spoke/core/catalogue';
import type { EndWiring } from '@near-spoke/core/link';
import { OutlineFace, type DrawnContact } from './outline-face';

/** So many slots of a row have room for their letters side by side. */
const SIDE_BY_SIDE = 4;

/** What a contact is marked with: a fault's shape and word. */
export interface ContactMark {
  readonly contact: Contact;
  readonly word: string;
}

/** A connector to scale in a stated view, its conductors by colour, letters and contact number. */
@Component({
  selector: 'ns-connector-face',
  imports: [MatButtonModule, MatIcon, OutlineFace],
  templateUrl: './connector-face.html',
  styleUrl: './connector-face.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ConnectorFace {
  readonly part = input.required<Connector>();
  /** Which core is meant for which contact. */
  readonly wiring = input.required<EndWiring>();
  readonly marks = input<readonly ContactMark[]>([]);
  /** Only the face that mates, or the first view the maker works from. */
  readonly turnable = input(true);
  /** How often it has been turned; T turns it once more. */
  readonly turns = model(0);

  private readonly views = computed(() => connectorViews(this.part()));
  protected readonly viewCount = computed(() => this.views().length);
  protected readonly view = computed(() => {
    const views = this.views();
    return views[this.turns() % views.length] as (typeof views)[number];
  });
  /** Modular plans and faces and colour cards are drawn here, other shells by their outline. */
  protected readonly drawn = computed(() => {
    const { kind } = this.view();
    const id = this.part().outline;
    const modular = id !== null && outline(id).shape === 'modular';
    return kind === 'plan' || kind === 'card' || (kind === 'face' && modular) ? kind : 'other';
  });
  protected readonly contacts = computed<readonly DrawnContact[]>(() => {
    const marked = new Map(this.marks().map((mark) => [mark.contact, mark.word]));
    const cores = new Map(
      this.wiring().contacts.map(({ contact, core, looks }) => [contact, looks ?? core]),
    );
    const seen =
      this.view().kind === 'joint'
        ? [...cores.keys()].map((contact) => ({ contact, xMm: 0, yMm: 0 }))
        : this.view().contacts;
    return seen.map(({ contact, xMm, yMm }) => {
      const core = cores.get(contact) ?? null;
      const wire = core === null ? null : conductor(core);
      return {
        contact,
        xMm,
        y: -yMm,
        letters: core ?? '',
        name: wire?.name ?? 'empty',
        base: wire?.base ?? 'none',
        stripe: wire?.stripe ?? null,
        mark: marked.get(contact) ?? null,
      };
    });
  });
  /** Eight slots in one row: too close for letters side by side. */
  protected readonly crowded = computed(
    () =>
      this.view().kind === 'card' &&
      this.contacts().length > SIDE_BY_SIDE &&
      new Set(this.contacts().map(({ y }) => y)).size === 1,
  );
  /** Under screws, not between blades. */
  protected readonly screwed = computed(() => this.part().family === 'screw-terminals');
  protected readonly latchUp = computed(() => this.view().id.endsWith('-up'));
  protected readonly spoken = computed(
    () =>
      `${this.part().name}. ${this.view().label}. From left: ` +
      [...this.contacts()]
        .sort((a, b) => a.y - b.y || a.xMm - b.xMm)
        .map(({ contact, name, mark }) => `${contact} ${name}${mark ? ` (${mark})` : ''}`)
        .join(', '),
  );

  protected readonly pitch = CONTACT_PITCH_MM;
  protected readonly body = computed(() => {
    const id = this.part().outline;
    const width = id === null ? PLUG_NOSE_MM.width : outline(id).widthMm;
    return { left: -width / 2, width };
  });
  /** Where a plan is broken off, across the body. */
  protected readonly breakLine = computed(() => {
    const step = this.body().width / 8;
    return [0.5, -0.9, 0.9, -0.9, 0.9, -0.9, 0.9, -0.5].map((up) => `l${step} ${up}`).join('');
  });

  protected wire(xMm: number): string {
    return `M${xMm} 0.75V8L${xMm * 0.62} 9.6`;
  }

  protected turn(): void {
    this.turns.update((count) => count + 1);
  }
}
