import type { Joint, Line, Loss, Section, Termination } from './line';
import { acrossStub, impedanceOf, type InputImpedance, type Seen } from './input-impedance';
import type { Media } from './medium';
import { addTo, blank, multiplyIn, plus, times, type Plane } from './plane';

/**
 * How much what is told of a line changes when its parts change a little: each by what its own piece or
 * joint makes of it, all along the line at once instead of one look into it for each.
 *
 * @param seen of the line as it is
 * @param slope what a little more volts and amperes at the near end make of what is told
 * @param moved the same line with parts changed a little; of the same kinds. Where a loss changes, it does in
 *   every piece that has it
 * @returns for each of them the difference, to the first order
 */
export function jacobianAlong(
  line: Line,
  { near, far, scales }: Seen,
  slope: InputImpedance,
  moved: readonly Line[],
  media: Media,
): Plane[] {
  const size = slope.num.re.length;
  const out = moved.map(() => blank(size));
  const losses = new Map<Loss, OfLoss>();
  let here = slope;
  for (const [i, section] of line.sections.entries()) {
    const piece = pieceOf(section, media, scales[i] as Float64Array);
    const effect = effectOf(piece, far[i] as InputImpedance, here);
    const perDelay = multiplyIn(effect.ofExponent, media.of(section.loss).wave);
    const ofLoss = losses.get(section.loss) ?? { delay: blank(size), share: blank(size), is: [] };
    losses.set(section.loss, ofLoss);
    // What a loss does grows with the wave that is there already: by shares of it, all pieces together.
    addTo(ofLoss.delay, section.delayS, perDelay);
    addTo(ofLoss.share, 1, effect.ofShare);
    for (const [q, other] of moved.entries()) {
      const is = other.sections[i] as Section;
      const plane = out[q] as Plane;
      if (is.delayS !== section.delayS) addTo(plane, is.delayS - section.delayS, perDelay);
      if (is.impedanceOhm !== section.impedanceOhm)
        addTo(plane, is.impedanceOhm / section.impedanceOhm - 1, effect.ofShare);
      if (is.loss !== section.loss) ofLoss.is[q] = is.loss;
    }
    here = throughPiece(piece, here);
    const joint = line.joints[i];
    if (joint) {
      const behind = near[i + 1] as InputImpedance;
      for (const [q, other] of moved.entries())
        addJoint(out[q] as Plane, joint, other.joints[i] as Joint, behind, here, media);
      here = throughJoint(joint, here, media);
      continue;
    }
    for (const [q, other] of moved.entries())
      addEnd(out[q] as Plane, section, line.termination, other, here, media);
  }
  for (const [was, { delay, share, is }] of losses)
    for (const [q, after] of is.entries()) {
      if (!after) continue;
      const [before, then] = [media.of(was), media.of(after)];
      addGrown(out[q] as Plane, before.wave, then.wave, delay);
      addGrown(out[q] as Plane, before.impedance, then.impedance, share);
    }
  return out;
}

/** What all pieces of one loss do together, where their waves and impedances grow by a share; and the losses after. */
interface OfLoss {
  readonly delay: Plane;
  readonly share: Plane;
  readonly is: (Loss | undefined)[];
}

/** So much of an effect as the share that something grew by, point by point. */
function addGrown(out: Plane, was: Plane, is: Plane, effect: Plane): void {
  for (let k = 0; k < out.re.length; k += 1) {
    const re = was.re[k] as number;
    const im = was.im[k] as number;
    const moreRe = (is.re[k] as number) - re;
    const moreIm = (is.im[k] as number) - im;
    const all = re * re + im * im;
    const byRe = (moreRe * re + moreIm * im) / all;
    const byIm = (moreIm * re - moreRe * im) / all;
    const eRe = effect.re[k] as number;
    const eIm = effect.im[k] as number;
    out.re[k] = (out.re[k] as number) + byRe * eRe - byIm * eIm;
    out.im[k] = (out.im[k] as number) + byRe * eIm + byIm * eRe;
  }
}

interface Piece {
  readonly left: Plane;
  /** Its impedance at every point. */
  readonly ohm: Plane;
  readonly scale: Float64Array;
}

const pieceOf = (section: Section, media: Media, scale: Float64Array): Piece => ({
  left: media.left(section),
  ohm: impedanceOf(section, media),
  scale,
});

/** Volts and amperes are 1 + e, Z (1 − e) and (1 − e) / Z, 1 + e of those at the far end. */
function throughPiece({ left, ohm, scale }: Piece, { num, den }: InputImpedance): InputImpedance {
  const size = scale.length;
  const out: InputImpedance = { num: blank(size), den: blank(size) };
  const { re: leftRe, im: leftIm } = left;
  const { re: ohmRe, im: ohmIm } = ohm;
  const { re: numRe, im: numIm } = num;
  const { re: denRe, im: denIm } = den;
  const { re: outNumRe, im: outNumIm } = out.num;
  const { re: outDenRe, im: outDenIm } = out.den;
  for (let k = 0; k < size; k += 1) {
    const eRe = leftRe[k] as number;
    const eIm = leftIm[k] as number;
    const zRe = ohmRe[k] as number;
    const zIm = ohmIm[k] as number;
    const by = scale[k] as number;
    const nRe = (numRe[k] as number) * by;
    const nIm = (numIm[k] as number) * by;
    const dRe = (denRe[k] as number) * by;
    const dIm = (denIm[k] as number) * by;
    const all = zRe * zRe + zIm * zIm;
    const dzRe = (dRe * zRe + dIm * zIm) / all;
    const dzIm = (dIm * zRe - dRe * zIm) / all;
    // (1 + e) n + (1 − e) d / Z
    const plusRe = nRe + dzRe;
    const plusIm = nIm + dzIm;
    const lessRe = nRe - dzRe;
    const lessIm = nIm - dzIm;
    outNumRe[k] = plusRe + eRe * lessRe - eIm * lessIm;
    outNumIm[k] = plusIm + eRe * lessIm + eIm * lessRe;
    // Z (1 − e) n + (1 + e) d, which is Z times what e has the other sign in.
    const otherRe = plusRe - (eRe * lessRe - eIm * lessIm);
    const otherIm = plusIm - (eRe * lessIm + eIm * lessRe);
    outDenRe[k] = zRe * otherRe - zIm * otherIm;
    outDenIm[k] = zRe * otherIm + zIm * otherRe;
  }
  return out;
}

/**
 * What a piece's parts do to what is told. A wave's exponent more by ν, and an impedance larger by a share
 * ζ, make ν · 2 e (r − q / Z) (Z d − n) + ζ (1 − e) (r Z d − q n / Z) of it, where n, d are what stands at
 * the far end and r, q what more of them makes at the near end.
 */
function effectOf(
  { left, ohm, scale }: Piece,
  { num, den }: InputImpedance,
  { num: volts, den: amperes }: InputImpedance,
): { readonly ofExponent: Plane; readonly ofShare: Plane } {
  const size = scale.length;
  const [ofExponent, ofShare] = [blank(size), blank(size)];
  const { re: leftRe, im: leftIm } = left;
  const { re: ohmRe, im: ohmIm } = ohm;
  const { re: numRe, im: numIm } = num;
  const { re: denRe, im: denIm } = den;
  const { re: voltsRe, im: voltsIm } = volts;
  const { re: amperesRe, im: amperesIm } = amperes;
  const { re: exponentRe, im: exponentIm } = ofExponent;
  const { re: shareRe, im: shareIm } = ofShare;
  for (let k = 0; k < size; k += 1) {
    const eRe = leftRe[k] as number;
    const eIm = leftIm[k] as number;
    const zRe = ohmRe[k] as number;
    const zIm = ohmIm[k] as number;
    const by = scale[k] as number;
    const rRe = (voltsRe[k] as number) * by;
    const rIm = (voltsIm[k] as number) * by;
    const qRe = (amperesRe[k] as number) * by;
    const qIm = (amperesIm[k] as number) * by;
    const nRe = numRe[k] as number;
    const nIm = numIm[k] as number;
    const dRe = denRe[k] as number;
    const dIm = denIm[k] as number;
    const all = zRe * zRe + zIm * zIm;
    const qzRe = (qRe * zRe + qIm * zIm) / all;
    const qzIm = (qIm * zRe - qRe * zIm) / all;
    const zdRe = zRe * dRe - zIm * dIm;
    const zdIm = zRe * dIm + zIm * dRe;
    const aRe = 2 * (rRe - qzRe);
    const aIm = 2 * (rIm - qzIm);
    const bRe = zdRe - nRe;
    const bIm = zdIm - nIm;
    const abRe = aRe * bRe - aIm * bIm;
    const abIm = aRe * bIm + aIm * bRe;
    exponentRe[k] = eRe * abRe - eIm * abIm;
    exponentIm[k] = eRe * abIm + eIm * abRe;
    const cRe = rRe * zdRe - rIm * zdIm - qzRe * nRe + qzIm * nIm;
    const cIm = rRe * zdIm + rIm * zdRe - qzRe * nIm - qzIm * nRe;
    shareRe[k] = (1 - eRe) * cRe + eIm * cIm;
    shareIm[k] = (1 - eRe) * cIm - eIm * cRe;
  }
  return { ofExponent, ofShare };
}

/** Volts and amperes at the far side, by those before and what stands across of a branch. */
function throughJoint(joint: Joint, { num, den }: InputImpedance, media: Media): InputImpedance {
  switch (joint.kind) {
    case 'plain':
      return { num, den };
    case 'series':
      return { num, den: plus(den, joint.ohm, num) };
    case 'shunt':
      return { num: plus(num, 1 / joint.ohm, den), den };
    case 'tap': {
      const { volts, amperes } = acrossStub(joint.stub, media);
      return {
        num: plus(times(num, volts), 1, times(den, amperes)),
        den: times(den, volts),
      };
    }
  }
}

function addJoint(
  out: Plane,
  joint: Joint,
  other: Joint,
  { num, den }: InputImpedance,
  { num: volts, den: amperes }: InputImpedance,
  media: Media,
): void {
  if (joint.kind === 'series' && other.kind === 'series') {
    if (other.ohm !== joint.ohm) addTo(out, other.ohm - joint.ohm, times(volts, den));
  } else if (joint.kind === 'shunt' && other.kind === 'shunt') {
    if (other.ohm !== joint.ohm) addTo(out, 1 / other.ohm - 1 / joint.ohm, times(amperes, num));
  } else if (joint.kind === 'tap' && other.kind === 'tap') {
    const [was, is] = [joint.stub, other.stub];
    if (was.delayS === is.delayS && was.impedanceOhm === is.impedanceOhm && was.loss === is.loss)
      return;
    const [here, there] = [acrossStub(was, media), acrossStub(is, media)];
    const moreVolts = plus(there.volts, -1, here.volts);
    const moreAmperes = plus(there.amperes, -1, here.amperes);
    addTo(out, 1, times(moreVolts, plus(times(volts, num), 1, times(amperes, den))));
    addTo(out, 1, times(moreAmperes, times(amperes, num)));
  }
}

function addEnd(
  out: Plane,
  section: Section,
  end: Termination,
  other: Line,
  { num: volts }: InputImpedance,
  media: Media,
): void {
  const otherEnd = other.termination;
  if (end.kind === 'resistor' && otherEnd.kind === 'resistor')
    if (otherEnd.ohm !== end.ohm) addTo(out, otherEnd.ohm - end.ohm, volts);
  const last = other.sections.at(-1) as Section;
  if (
    end.kind !== 'matched' ||
    (last.impedanceOhm === section.impedanceOhm && last.loss === section.loss)
  )
    return;
  addTo(out, 1, times(volts, plus(impedanceOf(last, media), -1, impedanceOf(section, media))));
}
