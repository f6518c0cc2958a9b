import type { Cable, Contact } from '../../catalogue';
import type { End } from '../../link';
import type { UnitSystem } from '../../units';
import type { Port, PortContact } from '../port';
import type { Finding, Net, SolveOptions } from '../solution';

/** What a check looks at: nets, however they were made. */
export interface Checked {
  readonly nets: readonly Net[];
  readonly ports: Readonly<Record<End, Port>>;
  readonly cable: Cable | null;
  readonly options: SolveOptions;
  /** In which sentences speak of lengths. */
  readonly units: UnitSystem;
  readonly unmatched: Readonly<Record<End, readonly Contact[]>>;
  /** Whether questions are open, so that what is missing may still come. */
  readonly asked: boolean;
}

export type Check = (checked: Checked) => readonly Finding[];

/** A contact's row, and the end that it is at. */
export interface Placed extends PortContact {
  readonly end: End;
}

export const placed = (net: Net, ports: Readonly<Record<End, Port>>): Placed[] =>
  (['near', 'far'] as const).flatMap((end) =>
    ports[end].contacts.flatMap((row) => (net[end].includes(row.contact) ? [{ ...row, end }] : [])),
  );

export const tell = ({ end, contact, signal }: Placed): string => `${end} ${contact} (${signal})`;

/** Where a finding is, from the rows that it is about. */
export const where = (rows: readonly Placed[]) => {
  const at = (end: End) => rows.flatMap((row) => (row.end === end ? [row.contact] : []));
  return { near: at('near'), far: at('far') };
};

export const volt = (value: number): string => `${Number(value.toFixed(2))} V`;
