const MINUTES_A_DAY = 24 * 60;

/** A time of day as people type it, in minutes since midnight: "8", "8:30", "8.30", "8:30 pm"; NaN for what is none. */
export function minuteOfDay(text: string): number {
  const [, hours, minutes = '0', half] =
    /^\s*(\d{1,2})(?:\s*[:.h]\s*([0-5]\d))?\s*(am|pm)?\s*$/i.exec(text) ?? [];
  const hour = Number(hours);
  if (half === undefined) return hour <= 24 ? (hour * 60 + Number(minutes)) % MINUTES_A_DAY : NaN;
  const afternoon = half.toLowerCase() === 'pm' ? 12 : 0;
  return hour >= 1 && hour <= 12 ? ((hour % 12) + afternoon) * 60 + Number(minutes) : NaN;
}

/** Minutes since midnight as a clock shows them: "8:05". */
export function clock(minutes: number): string {
  const whole = Math.round(minutes) % MINUTES_A_DAY;
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** How long it is until a time of day is next, or is over next. */
export const untilNext = (minute: number, now: number): number =>
  (minute - now + MINUTES_A_DAY) % MINUTES_A_DAY;
