import {
  conductor,
  faceContacts,
  outline,
  type ConductorId,
  type Contact,
  type FaceView,
  type Outline,
  type OutlineRef,
} from '../../catalogue';
import { path, rectangle, ring, words, type Figure, type Mark } from '../../figure';

export interface FacePart {
  readonly connector: OutlineRef;
  readonly gender: 'plug' | 'socket';
}

export interface FaceFigure extends Figure {
  /** Contacts for touching and for pointing at, centre as the origin, y down. */
  readonly contacts: readonly {
    readonly contact: Contact;
    readonly xMm: number;
    readonly yMm: number;
    readonly radiusMm: number;
    /** Half of how wide and high it is, for touching it. */
    readonly halfMm: readonly [across: number, along: number];
  }[];
}

const MARGIN_MM = 2;

/** The shell and what tells the two ways round apart; `up` is where the latch, key or narrow row is. */
function shellOf(row: Outline, up: boolean): Mark[] {
  const [w, h] = [row.widthMm / 2, row.heightMm / 2];
  const side = up ? -1 : 1;
  const notch = (width: number, depth: number) =>
    path(rectangle(-width / 2, side > 0 ? h : -h - depth, width, depth), 'paper');
  const key = path(rectangle(-w * 0.12, side > 0 ? h - w * 0.18 : -h, w * 0.24, w * 0.18), 'ink');
  const shapes: Readonly<Record<Outline['shape'], () => Mark[]>> = {
    modular: () => [
      notch(row.widthMm * 0.36, 1.6),
      path(rectangle(-w, -h, row.widthMm, row.heightMm), 'paper'),
    ],
    d: () => {
      const slant = 1.2;
      const [top, bottom] = up ? [w - slant, w] : [w, w - slant];
      return [path(`M${-top} ${-h}L${top} ${-h}L${bottom} ${h}L${-bottom} ${h}z`, 'paper')];
    },
    round: () => [path(ring(0, 0, w), 'paper'), ...(row.turns ? [] : [key])],
    coaxial: () => [path(ring(0, 0, w), 'paper')],
    row: () => [
      path(rectangle(-w, -h, row.widthMm, row.heightMm), 'paper'),
      ...(row.key === 'notch'
        ? [path(rectangle(-2.2, side > 0 ? h - 0.9 : -h, 4.4, 0.9), 'ink')]
        : []),
    ],
    jack: () => [path(rectangle(-w, -h, row.widthMm, row.heightMm), 'paper')],
  };
  return shapes[row.shape]();
}

const closest = ({ places }: Outline): number =>
  Math.min(
    ...places.flatMap((a, index) =>
      places.slice(index + 1).map((b) => Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm)),
    ),
    4.6,
  );

type Drawn = FaceFigure['contacts'][number];

/** A ring in the core's colour, one in its stripe's, and the number inside on paper. */
function disc({ contact, xMm, yMm, radiusMm: r }: Drawn, core: ConductorId | null): Mark[] {
  const paint = core === null ? null : conductor(core);
  return [
    path(ring(xMm, yMm, r), paint?.base ?? 'paper', 'ink', core === null ? 0.12 : 0.2),
    ...(paint?.stripe ? [path(ring(xMm, yMm, r * 0.86), null, paint.stripe, r * 0.2)] : []),
    path(ring(xMm, yMm, r * 0.68), 'paper', null),
    words(
      xMm,
      yMm + r * 0.36,
      contact,
      r * (contact.length > 2 ? 0.7 : 1),
      'middle',
      core !== null,
    ),
  ];
}

const BLADE_HALF_MM = [0.5, 1.6] as const;

/** A blade reaches inward from its contact's place. */
const bladeMiddle = (yMm: number): number => yMm + (yMm > 0 ? -0.7 : 0.7);

/** A modular contact is a blade; its number stands outside the shell. */
function blade({ contact, xMm, yMm }: Drawn, core: ConductorId | null, edgeMm: number): Mark[] {
  const paint = core === null ? null : conductor(core);
  const top = bladeMiddle(yMm) - 1.4;
  return [
    path(rectangle(xMm - 0.36, top, 0.72, 2.8), paint?.base ?? 'paper', 'ink', 0.15),
    ...(paint?.stripe ? [path(rectangle(xMm - 0.13, top, 0.26, 2.8), paint.stripe, null)] : []),
    words(xMm, yMm > 0 ? edgeMm + 1.1 : -edgeMm - 0.4, contact, 1, 'middle', core !== null),
  ];
}

/**
 * A connector's face as it is seen: its shell, and each contact in its core's colours with its number.
 * Centre as the origin.
 *
 * @param coreOf the core on a contact; null where there is none
 */
export function faceFigure(
  { connector, gender }: FacePart,
  view: FaceView,
  coreOf: (contact: Contact) => ConductorId | null,
): FaceFigure {
  const row = outline(connector);
  const radiusMm = closest(row) * 0.46;
  const modular = row.shape === 'modular';
  const at = faceContacts({ outline: connector, gender }, view).map(
    ({ contact, xMm, yMm }): Drawn => ({
      contact,
      xMm,
      yMm: -yMm,
      radiusMm,
      halfMm: modular ? BLADE_HALF_MM : [radiusMm, radiusMm],
    }),
  );
  const drawn = modular ? blade : disc;
  const edge = row.heightMm / 2;
  return {
    widthMm: row.widthMm + 2 * MARGIN_MM,
    heightMm: row.heightMm + 2 * (MARGIN_MM + (modular ? 1.6 : 0)),
    marks: [
      ...shellOf(row, view.latch === 'up'),
      ...at.flatMap((one) => drawn(one, coreOf(one.contact), edge)),
    ],
    contacts: modular ? at.map((one) => ({ ...one, yMm: bladeMiddle(one.yMm) })) : at,
  };
}
