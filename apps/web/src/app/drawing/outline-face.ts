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
/** Height of a D-sub's flange. */
const FLANGE_MM = 12.4;

/** A regular hexagon with a flat on top, so many millimetres across its flats. */
function hexagon(acrossMm: number): string {
  const far = acrossMm / Math.sqrt(3);
  const half = acrossMm / 2;
  return `M${-far / 2} ${-half}H${far / 2}L${far} 0L${far / 2} ${half}H${-far / 2}L${-far} 0Z`;
}

const ring = (radius: number) =>
  `M${-radius} 0A${radius} ${radius} 0 1 1 ${radius} 0A${radius} ${radius} 0 1 1 ${-radius} 0Z`;

/** The two slots of a bayonet's coupling. */
const bayonet = (radius: number) =>
  `${ring(radius)}M${-radius} -1H${1.6 - radius}V1H${-radius}M${radius} -1H${radius - 1.6}V1H${radius}`;

interface CoaxShape {
  readonly coupling: string;
  readonly opening: number;
  /** The slotted contact inside the coupling, where it has one. */
  readonly fingers: number | null;
  readonly dielectric: number;
  readonly pin: number;
}

/**
 * Coaxial plugs seen from the front, radii in mm: couplings and openings generic, F nut 11.1 mm (7/16 in)
 * across its flats, pins 1.35 mm (BNC), 1.6 mm (N) and 3.2 mm (RCA); an F plug shows the cable's own
 * centre conductor.
 */
const COAX_SHAPES: Readonly<Record<string, CoaxShape>> = {
  bnc: { coupling: bayonet(7.25), opening: 4.9, fingers: 4.1, dielectric: 2.3, pin: 0.68 },
  n: { coupling: hexagon(20), opening: 7.94, fingers: 4, dielectric: 1.6, pin: 0.8 },
  f: { coupling: hexagon(11.1), opening: 4.76, fingers: null, dielectric: 2.3, pin: 0.51 },
  rca: { coupling: ring(4.4), opening: 4, fingers: 3.7, dielectric: 2.4, pin: 1.6 },
};

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
    const flange = this.shape() === 'd' && !this.crowded() ? 7 : 0;
    const [w, h] = {
      d: [width + 2 * flange + 2, (flange > 0 ? FLANGE_MM : height) + 2 * MARGIN_MM],
      round: [width + 2 * MARGIN_MM, height + 2 * MARGIN_MM],
      coaxial: [width + 2 * MARGIN_MM + 10, height + 2 * MARGIN_MM + 3],
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
  protected readonly coax = computed(() => COAX_SHAPES[this.part().outline ?? ''] ?? null);
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
    // Numbers of a D-sub stand outside its flange.
    const half = this.shape() === 'd' && !this.crowded() ? FLANGE_MM / 2 : this.size().height / 2;
    return item.y <= 0
      ? { x: item.xMm, y: -half - font * 0.4 }
      : { x: item.xMm, y: half + font * 1.1 };
  }
}
