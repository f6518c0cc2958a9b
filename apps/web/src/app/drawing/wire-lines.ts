import { conductor } from '@near-spoke/core/catalogue';
import { wireRows, type Net, type WireRow, type Wiring } from '@near-spoke/core/link';

/** A line of the wire map with the paint to draw it. */
export interface WireLine extends WireRow {
  readonly letters: string;
  readonly colour: string;
  readonly stripe: string | null;
}

export function wireLines(nets: readonly Net[], wiring: Wiring): WireLine[] {
  return wireRows(nets, wiring).map((row) => {
    const paint = conductor(row.conductor ?? '');
    return {
      ...row,
      letters: row.conductor ?? '',
      colour: paint.base,
      stripe: paint.stripe,
    };
  });
}
