import { strangersIn, type TestReading } from '@near-spoke/contract/tests';
import { SHELL } from '@near-spoke/core/catalogue';
import type { End, Wiring } from '@near-spoke/core/link';
import type { Done } from '@near-spoke/core/verify';
import { refuse } from '../http/problem-error';

/** Whether an end has a contact; the shell may be met anywhere. */
export const hasContact =
  (wiring: Wiring) =>
  (end: End, name: string): boolean =>
    name === SHELL || wiring[end].contacts.some(({ contact }) => contact === name);

/** Contacts that a reading, or what was done, names and their link has not. */
export const strangersOf = (
  row: TestReading | readonly Done[],
  wiring: Wiring,
  under: string,
): { readonly path: string; readonly reason: string }[] =>
  (isDone(row)
    ? row.flatMap(({ end, contacts }, index) =>
        contacts
          .filter((name) => end !== 'cable' && !hasContact(wiring)(end, name))
          .map((name) => ({
            path: `done.${index}.contacts`,
            reason: `the ${end} end has no contact ${name}`,
          })),
      )
    : strangersIn(row, hasContact(wiring))
  ).map(({ path, reason }) => ({ path: `${under}${path}`, reason }));

const isDone = (row: TestReading | readonly Done[]): row is readonly Done[] => Array.isArray(row);

/** Refuses readings that name contacts which their link has not. */
export const refuseStrangers = (
  readings: readonly TestReading[],
  wiring: Wiring,
  under: (index: number) => string,
): void => refuse(readings.flatMap((row, index) => strangersOf(row, wiring, under(index))));
