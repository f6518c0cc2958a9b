import type { UnitSystem } from './format-length';
import { formatMm } from './format-mm';

/** A cut is called by the nearest of these, as rules in inches have them. */
const PARTS = 16;
const MM_PER_INCH = 25.4;
/** What a cut may be off by its name where no tolerance is told, mm. */
const PLAIN_MM = 0.4;

/** "1 3/4 in" of so many sixteenths. */
function fraction(sixteenths: number): string {
  let [over, under] = [sixteenths % PARTS, PARTS];
  while (over > 0 && over % 2 === 0) [over, under] = [over / 2, under / 2];
  const whole = Math.floor(sixteenths / PARTS);
  const parts = [...(whole > 0 ? [String(whole)] : []), ...(over > 0 ? [`${over}/${under}`] : [])];
  return `${parts.join(' ') || '0'} in`;
}

/** In sixteenths where that is near enough, else in thousandths. */
function inches(mm: number, nearMm: number): string {
  const sixteenths = Math.round((mm / MM_PER_INCH) * PARTS);
  const offMm = Math.abs((sixteenths / PARTS) * MM_PER_INCH - mm);
  return sixteenths > 0 && offMm <= nearMm ? fraction(sixteenths) : formatMm(mm, 'imperial', 3);
}

/**
 * A size at the bench in what is used there: "45 mm", or "1 3/4 in (45 mm)".
 *
 * @param nearMm what the inches may be off, mm
 */
export const formatCut = (mm: number, system: UnitSystem, nearMm = PLAIN_MM): string =>
  system === 'metric' ? formatMm(mm, system) : `${inches(mm, nearMm)} (${formatMm(mm, 'metric')})`;

/**
 * The same with what it may be off: "45 mm ± 5 mm", or "1 3/4 in ± 1/8 in (45 mm ± 5 mm)". In inches name and
 * tolerance together never reach beyond the millimetres: what the name is off is taken from the tolerance.
 */
export function formatCutWithin(mm: number, toleranceMm: number, system: UnitSystem): string {
  const metric = `${formatMm(mm, 'metric')} ± ${formatMm(toleranceMm, 'metric')}`;
  if (system === 'metric') return metric;
  const named = Math.round((mm / MM_PER_INCH) * PARTS);
  const leftMm = toleranceMm - Math.abs((named / PARTS) * MM_PER_INCH - mm);
  const within = Math.floor((leftMm / MM_PER_INCH) * PARTS);
  return named > 0 && within > 0
    ? `${fraction(named)} ± ${fraction(within)} (${metric})`
    : `${formatMm(mm, 'imperial', 3)} ± ${formatMm(toleranceMm, 'imperial', 3)} (${metric})`;
}
