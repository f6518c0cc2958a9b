import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { outline, type Connector, type ConnectorView } from '@near-spoke/core/catalogue';

/** A contact with the paint of its core, as it is seen: y grows downward. */
export interface DrawnContact {
  readonly contact: string;
  readonly xMm: number;
  readonly y: number;
  readonly letters: string;
  readonly name: string;
  readonly base: string;
  readonly stripe: string | null;
  readonly mark: string | null;
}

/** Room for numbers around a face, mm. */
const MARGIN_MM = 4;
/** A face is never drawn larger than as if it were so wide. */
const LEAST_WIDTH_MM = 22;
const BLOCK_ROW_MM = 2;
const JOINT_ROW_MM = 3;

/** Faces other than modular ones: D, round and coaxial shells, rows, blocks and joints, in millimetres. */
@Component({
  selector: 'ns-outline-face',
  templateUrl: './outline-face.html',
  styleUrl: './outline-face.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OutlineFace {
  readonly part = input.required<Connector>();
  readonly view = input.required<ConnectorView>();
  readonly contacts = input.required<readonly DrawnContact[]>();
  readonly spoken = input.required<string>();

  private readonly row = computed(() => {
    const id = this.part().outline;
    return id ? outline(id) : null;
  });
  protected readonly shape = computed(() =>
    this.view().kind === 'face' ? (this.row()?.shape ?? 'row') : this.view().kind,
  );
  protected readonly size = computed(() => ({
    width: this.row()?.widthMm ?? 0,
    height: this.row()?.heightMm ?? 0,
  }));
  protected readonly pins = computed(() => this.part().gender === 'plug');
  /** The wiring side of a plug shows cups, not pins. */
  protected readonly wiringSide = computed(() => this.view().id.startsWith('wiring'));
  protected readonly keyUp = computed(() => this.view().id.endsWith('-up'));
  protected readonly box = computed(() => {
    const { width, height } = this.size();
    const count = this.contacts().length;
    const flange = this.shape() === 'd' ? 7 : 0;
    const [w, h] = {
      d: [width + 2 * flange + 2, height + 2 * MARGIN_MM + 2],
      round: [width + 2 * MARGIN_MM, height + 2 * MARGIN_MM],
      coaxial: [width + 2 * MARGIN_MM + 6, height + 2 * MARGIN_MM],
      row: [width + 2 * MARGIN_MM, height + 3 * MARGIN_MM],
      block: [36, (Math.ceil(count / 4) * 2 + 1) * BLOCK_ROW_MM],
      joint: [34, count * JOINT_ROW_MM + 3],
    }[this.shape() as 'd'] ?? [30, 20];
    const wide = Math.max(w ?? 0, LEAST_WIDTH_MM);
    return { x: -wide / 2, y: -(h ?? 0) / 2, width: wide, height: h ?? 0, font: wide * 0.043 };
  });
  protected readonly viewBox = computed(() => {
    const { x, y, width, height } = this.box();
    return [x, y, width, height].join(' ');
  });

  /** The shell of a D-sub: its wide side where the wide row is. */
  protected readonly dPath = computed(() => {
    const { width, height } = this.size();
    const top = this.wideUp() ? width / 2 : width / 2 - 1.5;
    const bottom = this.wideUp() ? width / 2 - 1.5 : width / 2;
    const half = height / 2;
    return `M${-top} ${-half}H${top}L${bottom} ${half}H${-bottom}Z`;
  });
  private readonly wideUp = computed(() => !this.keyUp());
  protected readonly radius = computed(() => this.size().width / 2);
  protected readonly crowded = computed(() => this.contacts().length > 15);
  protected readonly rows = computed(() =>
    this.contacts().map((contact, index) => ({
      ...contact,
      y: (index - (this.contacts().length - 1) / 2) * JOINT_ROW_MM,
      // Joints lie staggered, never beside one another.
      at: ((index % 3) - 1) * 5,
    })),
  );

  /** Where a contact's number stands: outward from the shell. */
  protected label(item: DrawnContact): { x: number; y: number } {
    const font = this.box().font;
    if (this.shape() === 'round') {
      const far = Math.hypot(item.xMm, item.y) || 1;
      const out = (this.radius() + font * 0.9) / far;
      return { x: item.xMm * out, y: item.y * out + font * 0.35 };
    }
    const half = this.size().height / 2;
    return item.y <= 0
      ? { x: item.xMm, y: -half - font * 0.5 }
      : { x: item.xMm, y: half + font * 1.2 };
  }
}
