import type { Joint, Line, Section, Termination } from './line';
import type { Media } from './medium';
import { blank, plus, scaled, times, type Plane } from './plane';

/**
 * The impedance seen into a line at every point, as volts (`num`) over amperes (`den`), which stay finite
 * where the impedance does not. Only their ratio counts.
 */
export interface InputImpedance {
  readonly num: Plane;
  readonly den: Plane;
}

/** What is seen along a line, from each of its pieces on. */
export interface Seen {
  /** At the near end of each piece. */
  readonly near: readonly InputImpedance[];
  /** At its far end, what lies in the way or across there with it. */
  readonly far: readonly InputImpedance[];
  /** What both were scaled by on their way through the piece, so that neither runs away. */
  readonly scales: readonly Float64Array[];
}

/**
 * Looks into a line: from its far end, piece by piece, to its near end.
 *
 * Source: the textbook transmission line, Γ e^(−2γ), joints as impedances in series and across.
 */
export function inputImpedance({ sections, joints, termination }: Line, media: Media): Seen {
  const near: InputImpedance[] = [];
  const far: InputImpedance[] = [];
  const scales: Float64Array[] = [];
  for (let i = sections.length - 1; i >= 0; i -= 1) {
    const section = sections[i] as Section;
    const behind = near[i + 1];
    far[i] = behind
      ? besideJoint(joints[i] as Joint, behind, media)
      : atEnd(termination, section, media);
    const { here, scale } = throughPiece(section, far[i] as InputImpedance, media);
    [near[i], scales[i]] = [here, scale];
  }
  return { near, far, scales };
}

function atEnd(end: Termination, section: Section, media: Media): InputImpedance {
  const num = end.kind === 'matched' ? impedanceOf(section, media) : blank(media.size);
  const den = blank(media.size);
  if (end.kind === 'open') num.re.fill(1);
  else den.re.fill(1);
  if (end.kind === 'resistor') num.re.fill(end.ohm);
  return { num, den };
}

/** Volts and amperes at a joint's near side; of a branch, both times what stands across it. */
function besideJoint(joint: Joint, { num, den }: InputImpedance, media: Media): InputImpedance {
  switch (joint.kind) {
    case 'plain':
      return { num, den };
    case 'series':
      return { num: plus(num, joint.ohm, den), den };
    case 'shunt':
      return { num, den: plus(den, 1 / joint.ohm, num) };
    case 'tap': {
      const { volts, amperes } = acrossStub(joint.stub, media);
      return { num: times(num, volts), den: plus(times(den, volts), 1, times(num, amperes)) };
    }
  }
}

/** A piece's impedance at every point. */
export const impedanceOf = ({ impedanceOhm, loss }: Section, media: Media): Plane =>
  scaled(media.of(loss).impedance, impedanceOhm);

/** Volts over amperes of an open branch: Z (1 + e) over (1 − e). */
export function acrossStub(
  stub: Section,
  media: Media,
): { readonly volts: Plane; readonly amperes: Plane } {
  const left = media.left(stub);
  const ones = blank(media.size);
  ones.re.fill(1);
  return {
    volts: times(impedanceOf(stub, media), plus(ones, 1, left)),
    amperes: plus(ones, -1, left),
  };
}

/** To and fro through a piece: volts go + back, amperes (go − back) / Z. */
function throughPiece(section: Section, { num, den }: InputImpedance, media: Media) {
  const left = media.left(section);
  const ohm = impedanceOf(section, media);
  const here: InputImpedance = { num: blank(media.size), den: blank(media.size) };
  const scale = new Float64Array(media.size);
  const { re: leftRe, im: leftIm } = left;
  const { re: ohmRe, im: ohmIm } = ohm;
  const { re: numRe, im: numIm } = num;
  const { re: denRe, im: denIm } = den;
  const { re: hereNumRe, im: hereNumIm } = here.num;
  const { re: hereDenRe, im: hereDenIm } = here.den;
  for (let k = 0; k < media.size; k += 1) {
    const nRe = numRe[k] as number;
    const nIm = numIm[k] as number;
    const dRe = denRe[k] as number;
    const dIm = denIm[k] as number;
    const zRe = ohmRe[k] as number;
    const zIm = ohmIm[k] as number;
    const zdRe = zRe * dRe - zIm * dIm;
    const zdIm = zRe * dIm + zIm * dRe;
    const eRe = leftRe[k] as number;
    const eIm = leftIm[k] as number;
    const backRe = eRe * (nRe - zdRe) - eIm * (nIm - zdIm);
    const backIm = eRe * (nIm - zdIm) + eIm * (nRe - zdRe);
    const goRe = nRe + zdRe;
    const goIm = nIm + zdIm;
    const by = 1 / (Math.abs(goRe) + Math.abs(goIm));
    const all = by / (zRe * zRe + zIm * zIm);
    const lessRe = (goRe - backRe) * all;
    const lessIm = (goIm - backIm) * all;
    hereNumRe[k] = (goRe + backRe) * by;
    hereNumIm[k] = (goIm + backIm) * by;
    hereDenRe[k] = lessRe * zRe + lessIm * zIm;
    hereDenIm[k] = lessIm * zRe - lessRe * zIm;
    scale[k] = by;
  }
  return { here, scale };
}
