import { ChangeDetectionStrategy, Component, computed, input, model } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import {
  CONTACT_PITCH_MM,
  PLUG_NOSE_MM,
  conductor,
  conductorAt,
  connector,
  connectorViews,
  type ConnectorId,
  type Contact,
  type SchemeId,
} from '@near-spoke/core/catalogue';

/** What a contact is marked with: a fault's shape and word. */
export interface ContactMark {
  readonly contact: Contact;
  readonly word: string;
}

const BODY_LEFT = -PLUG_NOSE_MM.width / 2;

/** A connector to scale in a stated view, its conductors by colour, letters and contact number. */
@Component({
  selector: 'ns-connector-face',
  imports: [MatButtonModule, MatIcon],
  templateUrl: './connector-face.html',
  styleUrl: './connector-face.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ConnectorFace {
  readonly connector = input.required<ConnectorId>();
  readonly scheme = input.required<SchemeId>();
  readonly marks = input<readonly ContactMark[]>([]);
  /** Only the face that mates, or the first view the maker works from. */
  readonly turnable = input(true);
  /** How often it has been turned; T turns it once more. */
  readonly turns = model(0);

  protected readonly part = computed(() => connector(this.connector()));
  private readonly views = computed(() => connectorViews(this.part()));
  protected readonly view = computed(() => {
    const views = this.views();
    return views[this.turns() % views.length] as (typeof views)[number];
  });
  protected readonly contacts = computed(() => {
    const marked = new Map(this.marks().map((mark) => [mark.contact, mark.word]));
    return this.view().contacts.map((contact) => {
      const id = conductorAt(this.scheme(), contact.contact);
      const wire = id ? conductor(id) : null;
      return {
        ...contact,
        y: -contact.yMm,
        letters: id ?? '',
        name: wire?.name ?? '',
        base: wire?.base ?? 'none',
        stripe: wire?.stripe ?? null,
        mark: marked.get(contact.contact) ?? null,
      };
    });
  });
  /** Eight slots in one row: too close for letters side by side. */
  protected readonly crowded = computed(
    () => new Set(this.contacts().map(({ y }) => y)).size === 1 && this.view().kind === 'card',
  );
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
  protected readonly body = { left: BODY_LEFT, ...PLUG_NOSE_MM };

  protected turn(): void {
    this.turns.update((count) => count + 1);
  }
}
