import { ChangeDetectionStrategy, Component, computed, input, model, signal } from '@angular/core';
import { SHELL, compareContacts, conductor, type Contact } from '@near-spoke/core/catalogue';
import {
  coreAt,
  wireContacts,
  type ContactNode,
  type End,
  type Wiring,
} from '@near-spoke/core/link';
import { sameNode, toggleJoint, type WireEntry } from './wire-entry';

const ROW_PX = 46;
const WIDTH_PX = 260;

/** Contacts of both ends in two columns: drag or tap from one to another to join or part them. */
@Component({
  selector: 'ns-wire-board',
  templateUrl: './wire-board.html',
  styleUrl: './wire-board.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WireBoard {
  readonly wiring = input.required<Wiring>();
  readonly entry = model.required<WireEntry>();

  protected readonly rowPx = ROW_PX;
  protected readonly widthPx = WIDTH_PX;
  protected readonly from = signal<ContactNode | null>(null);
  private pressed: ContactNode | null = null;

  /** The contacts of each end, with the shell where there is one, or where one was seen. */
  private readonly contacts = computed<Readonly<Record<End, readonly Contact[]>>>(() => {
    const wiring = this.wiring();
    const shell =
      [wiring.near, wiring.far].some((end) => coreAt(end, SHELL) !== null) ||
      this.entry().some(({ from, to }) => from.contact === SHELL || to.contact === SHELL);
    const of = (end: End) => [
      ...[...wireContacts(wiring[end])].sort(compareContacts),
      ...(shell ? [SHELL] : []),
    ];
    return { near: of('near'), far: of('far') };
  });
  private readonly rowCount = computed(() =>
    Math.max(this.contacts().near.length, this.contacts().far.length),
  );
  protected readonly heightPx = computed(() => this.rowCount() * ROW_PX);
  protected readonly columns = computed(() =>
    (['near', 'far'] as const).map((end) => ({
      end,
      rows: this.contacts()[end].map((contact) => ({
        node: { end, contact },
        wire: this.wireAt({ end, contact }),
      })),
    })),
  );
  protected readonly lines = computed(() =>
    this.entry().map(({ from, to }) => {
      const wire = this.wireAt(from);
      return {
        key: `${from.end}${from.contact}${to.end}${to.contact}`,
        path: this.path(from, to),
        colour: wire?.base ?? 'var(--quiet)',
        stripe: wire?.stripe ?? null,
      };
    }),
  );

  private wireAt({ end, contact }: ContactNode) {
    const core = contact === SHELL ? null : coreAt(this.wiring()[end], contact);
    return core === null ? null : conductor(core);
  }

  protected isFrom(node: ContactNode): boolean {
    const from = this.from();
    return from !== null && sameNode(from, node);
  }

  protected name(node: ContactNode, wireName: string | undefined): string {
    const joined = this.entry()
      .flatMap(({ from, to }) => (sameNode(from, node) ? [to] : sameNode(to, node) ? [from] : []))
      .map(({ end, contact }) => `${end} ${contact}`);
    const what =
      node.contact === SHELL ? 'shield' : `contact ${node.contact}, ${wireName ?? 'no core'}`;
    return `${node.end} ${what}, ${joined.length > 0 ? `joined to ${joined.join(' and ')}` : 'joined to nothing'}`;
  }

  /** The first tap chooses, the second joins or parts. */
  protected tap(node: ContactNode): void {
    const from = this.from();
    if (!from) {
      this.from.set(node);
      return;
    }
    this.from.set(null);
    if (!sameNode(from, node)) this.entry.set(toggleJoint(this.entry(), from, node));
  }

  /** Lets go of the pointer, so that where it is lifted is told by the contact under it. */
  protected press(event: PointerEvent, node: ContactNode): void {
    this.pressed = node;
    const target = event.target as Element;
    if (target.hasPointerCapture(event.pointerId)) target.releasePointerCapture(event.pointerId);
  }

  /** A drag to another contact joins or parts the two; one that ends where it began is a tap. */
  protected lift(node: ContactNode): void {
    const from = this.pressed;
    this.pressed = null;
    if (!from || sameNode(from, node)) return;
    this.from.set(null);
    this.entry.set(toggleJoint(this.entry(), from, node));
  }

  private path(from: ContactNode, to: ContactNode): string {
    const y = ({ end, contact }: ContactNode) =>
      (this.contacts()[end].indexOf(contact) + 0.5) * ROW_PX;
    const x = ({ end }: ContactNode) => (end === 'near' ? 0 : WIDTH_PX);
    const [y1, y2] = [y(from), y(to)];
    if (from.end !== to.end)
      return `M${x(from)} ${y1}C${WIDTH_PX / 2} ${y1} ${WIDTH_PX / 2} ${y2} ${x(to)} ${y2}`;
    const bow = from.end === 'near' ? 60 : WIDTH_PX - 60;
    return `M${x(from)} ${y1}C${bow} ${y1} ${bow} ${y2} ${x(to)} ${y2}`;
  }
}
