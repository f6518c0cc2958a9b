/** Labels as they are bought, on sheets. */
export interface Stock {
  readonly kind: StockKind;
  /** Of one label as it lies on its sheet; a wrap goes round the cable with its height, a flag with its width. */
  readonly widthMm: number;
  readonly heightMm: number;
  /** Of a wrap: how much of its height is white; the rest is clear. */
  readonly whiteMm: number;
  readonly sheet: LabelSheet;
}

/** flat: stuck on a plate or panel; wrap: white with a clear tail over it; flag: folded round, half on half. */
export const STOCK_KINDS = ['flat', 'wrap', 'flag'] as const;
export type StockKind = (typeof STOCK_KINDS)[number];

export interface LabelSheet {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly columns: number;
  readonly rows: number;
  /** From the sheet's upper left corner to that of the first label. */
  readonly leftMm: number;
  readonly topMm: number;
  /** From one label to the next. */
  readonly stepXMm: number;
  readonly stepYMm: number;
}

/** What can be printed on of one label on one cable. */
export interface Faces {
  readonly faces: readonly Box[];
  /** Why nothing fits; null where something does. */
  readonly problem: FaceProblem | null;
}

export interface Box {
  readonly xMm: number;
  readonly yMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
}

export interface FaceProblem {
  readonly kind: 'wrap-too-short' | 'flag-too-short';
  /** What the label has, and what it would need at least. */
  readonly haveMm: number;
  readonly needMm: number;
}

/** Less than this is nothing to write on. Generic. */
const LEAST_WRAP_MM = 4;
const LEAST_FLAG_MM = 10;

/**
 * Where a label is written on. A wrap's white goes once round at most, or it covers its own words, and its tail
 * has to cover all of it: `white ≤ π d` and `height ≥ white + π d`. A flag's middle goes round the cable, and is left
 * bare; its halves lie back to back, each with the same words. Thickness of the label is not reckoned.
 *
 * @param jacketMm diameter of the cable
 */
export function facesOf({ kind, widthMm, heightMm, whiteMm }: Stock, jacketMm: number): Faces {
  const roundMm = Math.PI * jacketMm;
  if (kind === 'flat') return { faces: [{ xMm: 0, yMm: 0, widthMm, heightMm }], problem: null };
  if (kind === 'wrap') {
    const faceMm = Math.min(whiteMm, roundMm, heightMm - roundMm);
    return faceMm >= LEAST_WRAP_MM
      ? { faces: [{ xMm: 0, yMm: 0, widthMm, heightMm: faceMm }], problem: null }
      : none('wrap-too-short', heightMm, roundMm + LEAST_WRAP_MM);
  }
  const flagMm = (widthMm - roundMm) / 2;
  return flagMm >= LEAST_FLAG_MM
    ? {
        faces: [0, widthMm - flagMm].map((xMm) => ({ xMm, yMm: 0, widthMm: flagMm, heightMm })),
        problem: null,
      }
    : none('flag-too-short', widthMm, roundMm + 2 * LEAST_FLAG_MM);
}

const none = (kind: FaceProblem['kind'], haveMm: number, needMm: number): Faces => ({
  faces: [],
  problem: { kind, haveMm, needMm },
});

/** Why labels do not lie on a sheet as it is described; null where they do. */
export function sheetProblem({
  widthMm,
  heightMm,
  sheet,
}: Stock): 'overlap' | 'past-the-edge' | null {
  const { columns, rows, leftMm, topMm, stepXMm, stepYMm } = sheet;
  const tolerance = 0.01;
  if (
    (columns > 1 && stepXMm < widthMm - tolerance) ||
    (rows > 1 && stepYMm < heightMm - tolerance)
  )
    return 'overlap';
  const rightMm = leftMm + (columns - 1) * stepXMm + widthMm;
  const bottomMm = topMm + (rows - 1) * stepYMm + heightMm;
  return rightMm > sheet.widthMm + tolerance || bottomMm > sheet.heightMm + tolerance
    ? 'past-the-edge'
    : null;
}

/** Where a label of a run of them lies: by rows, beginning on a sheet some of whose labels are gone. */
export function placeOnSheet(
  { columns, rows, leftMm, topMm, stepXMm, stepYMm }: LabelSheet,
  index: number,
  gone: number,
): { readonly sheet: number; readonly xMm: number; readonly yMm: number } {
  const at = index + gone;
  const onSheet = at % (columns * rows);
  return {
    sheet: Math.floor(at / (columns * rows)),
    xMm: leftMm + (onSheet % columns) * stepXMm,
    yMm: topMm + Math.floor(onSheet / columns) * stepYMm,
  };
}
