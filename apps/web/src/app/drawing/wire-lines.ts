import { conductor } from '@near-spoke/core/catalogue';
import { wireRows, type Net, type WireRow, type Wiring } from '@near-spoke/core/link';

/** A line of the wire map with the paint to draw it. */
export interface WireLine extends WireRow {
  readonly letters: string;
  readonly colour: string;
  readonly stripe: string | null;
}

const SHIELD = { base: '#8f8a80', stripe: null } as const;

export function wireLines(nets: readonly Net[], wiring: Wiring): WireLine[] {
  return wireRows(nets, wiring).map((row) => {
    const paint = row.conductor ? conductor(row.conductor) : SHIELD;
    return {
      ...row,
      letters: row.conductor ?? 'shield',
      colour: paint.base,
      stripe: paint.stripe,
    };
  });
}
