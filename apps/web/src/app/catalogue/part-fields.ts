import type { Cable, Connector, CutLayer, Range } from '@near-spoke/core/catalogue';

/** A size that a person takes from a sheet: where it stands in a row, and how it is written. */
export interface PartField<T> {
  readonly id: string;
  readonly label: string;
  readonly unit: 'mm' | 'AWG' | 'ohm';
  /** Null where this kind of part has no such size. */
  readonly read: (row: T) => number | null;
  readonly write: (row: T, value: number) => T;
}

export const CABLE_FIELDS: readonly PartField<Cable>[] = [
  {
    id: 'jacketMm',
    label: 'Jacket, over all',
    unit: 'mm',
    read: (row) => row.jacketMm,
    write: (row, jacketMm) => ({ ...row, jacketMm }),
  },
  {
    id: 'insulationMm',
    label: 'Over a core’s insulation, or the dielectric',
    unit: 'mm',
    read: (row) => row.insulationMm,
    write: (row, insulationMm) => ({ ...row, insulationMm }),
  },
  {
    id: 'conductorMm',
    label: 'Bare conductor',
    unit: 'mm',
    read: (row) => Math.round(row.conductorMm * 1000) / 1000,
    write: (row, conductorMm) => ({ ...row, conductorMm }),
  },
  {
    id: 'gaugeAwg',
    label: 'Gauge',
    unit: 'AWG',
    read: (row) => row.gaugeAwg,
    write: (row, gaugeAwg) => ({ ...row, gaugeAwg }),
  },
  {
    id: 'impedanceOhm',
    label: 'Impedance',
    unit: 'ohm',
    read: (row) => row.impedanceOhm,
    write: (row, impedanceOhm) => ({ ...row, impedanceOhm }),
  },
];

type RangeName = 'jacketMm' | 'insulationMm' | 'conductorMm' | 'gaugeAwg';

const rangeFields = (name: RangeName, label: string, unit: 'mm' | 'AWG'): PartField<Connector>[] =>
  (['min', 'max'] as const).map((bound) => ({
    id: `${name}-${bound}`,
    label: `${label}, ${bound === 'min' ? 'at least' : 'at most'}`,
    unit,
    read: ({ accepts }) => accepts[name]?.[bound] ?? null,
    write: (row, value) => {
      const range: Range = { ...(row.accepts[name] ?? { min: 0, max: 0 }), [bound]: value };
      return { ...row, accepts: { ...row.accepts, [name]: range } };
    },
  }));

const cutFields = (layer: CutLayer, label: string): PartField<Connector>[] => [
  {
    id: `cut-${layer}`,
    label: `${label}, from the cable’s end`,
    unit: 'mm',
    read: ({ cuts }) => cuts.find((cut) => cut.layer === layer)?.fromEndMm ?? null,
    write: (row, fromEndMm) => ({
      ...row,
      cuts: row.cuts.map((cut) =>
        cut.layer === layer
          ? // What is cut to length later keeps its distance from the finished tips.
            {
              ...cut,
              fromEndMm,
              fromDatumMm: cut.fromDatumMm === cut.fromEndMm ? fromEndMm : cut.fromDatumMm,
            }
          : cut,
      ),
    }),
  },
  {
    id: `cut-${layer}-tolerance`,
    label: `${label}, give or take`,
    unit: 'mm',
    read: ({ cuts }) => cuts.find((cut) => cut.layer === layer)?.toleranceMm ?? null,
    write: (row, toleranceMm) => ({
      ...row,
      cuts: row.cuts.map((cut) => (cut.layer === layer ? { ...cut, toleranceMm } : cut)),
    }),
  },
];

export const CONNECTOR_FIELDS: readonly PartField<Connector>[] = [
  ...rangeFields('jacketMm', 'Jacket that it takes', 'mm'),
  ...rangeFields('insulationMm', 'Insulation or dielectric', 'mm'),
  ...rangeFields('conductorMm', 'Conductor in the pin', 'mm'),
  ...rangeFields('gaugeAwg', 'Gauge', 'AWG'),
  {
    id: 'impedanceOhm',
    label: 'Impedance',
    unit: 'ohm',
    read: (row) => row.impedanceOhm,
    write: (row, impedanceOhm) => ({ ...row, impedanceOhm }),
  },
  {
    id: 'dieMm',
    label: 'Hex die for the ferrule',
    unit: 'mm',
    read: (row) => row.dieMm,
    write: (row, dieMm) => ({ ...row, dieMm }),
  },
  {
    id: 'untwistMm',
    label: 'Untwist at a slot, at most',
    unit: 'mm',
    read: (row) => row.untwistMm,
    write: (row, untwistMm) => ({ ...row, untwistMm }),
  },
  ...cutFields('jacket', 'Jacket cut'),
  ...cutFields('braid', 'Braid cut'),
  ...cutFields('dielectric', 'Dielectric cut'),
  ...cutFields('insulation', 'Core stripped'),
  ...cutFields('conductors', 'Conductors trimmed'),
];
