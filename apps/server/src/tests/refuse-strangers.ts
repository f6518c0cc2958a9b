import { strangersIn, type TestReading } from '@near-spoke/contract/tests';
import { SHELL } from '@near-spoke/core/catalogue';
import type { End, Wiring } from '@near-spoke/core/link';
import { refuse } from '../http/problem-error';

/** Whether an end has a contact; the shell may be met anywhere. */
export const hasContact =
  (wiring: Wiring) =>
  (end: End, name: string): boolean =>
    name === SHELL || wiring[end].contacts.some(({ contact }) => contact === name);

/** Refuses readings that name contacts which their link has not. */
export function refuseStrangers(
  readings: readonly TestReading[],
  wiring: Wiring,
  under: (index: number) => string,
): void {
  refuse(
    readings.flatMap((reading, index) =>
      strangersIn(reading, hasContact(wiring)).map(({ path, reason }) => ({
        path: `${under(index)}${path}`,
        reason,
      })),
    ),
  );
}
