import { level, type Level, type Thresholds } from '../level';
import { capital, formatOhm } from '../../units';
import { commonBase, divider, inverter, lampResistor, tellDivider, tellStage } from '../remedy';
import type { Port } from '../port';
import type { Finding } from '../solution';
import { placed, tell, volt, where, type Check, type Checked, type Placed } from './context';

/** Below this margin a join works today and not on a cold morning. Generic. */
const THIN_V = 0.3;

interface Ended {
  readonly row: Placed;
  readonly level: Level;
  readonly thresholds: Thresholds;
  readonly supplyV: number | null;
}

/** Levels of a data sheet whose family nobody named: single wires against ground. */
const OWN: Level = {
  id: 'own',
  name: 'levels of its own',
  kind: 'single',
  inverted: false,
  supplyV: null,
  thresholds: null,
  generic: false,
};

/** What a device's own supply is when it is fresh; null where the table does not say. */
const freshV = ({ contacts }: Port): number | null => {
  const supplies = contacts.filter(({ role, volts }) => role === 'supply' && volts !== null);
  return (supplies.find(({ direction }) => direction === 'out') ?? supplies[0])?.volts ?? null;
};

/** A contact's levels; an output's high falls as its device's own supply sags. */
function levelsOf(row: Placed, { ports }: Checked): Ended | null {
  const family = level(row.level) ?? (row.thresholds ? OWN : null);
  const thresholds = row.thresholds ?? family?.thresholds ?? null;
  if (!family || !thresholds) return null;
  const least = ports[row.end].leastSupplyV;
  const falls = family.supplyV !== null || row.thresholds != null;
  const fresh = freshV(ports[row.end]) ?? family.supplyV;
  const sag = falls && least !== null && fresh !== null ? Math.max(0, fresh - least) : 0;
  return {
    row,
    level: family,
    supplyV: family.supplyV,
    thresholds: { ...thresholds, outHighMinV: Math.max(0, thresholds.outHighMinV - sag) },
  };
}

/** Every output with every input of its net. */
const levelMargins: Check = (checked) =>
  checked.nets.flatMap((net) => {
    const rows = placed(net, checked.ports).filter(({ role }) => role === 'signal');
    const sided = (ways: readonly string[]) =>
      rows.flatMap((row) => (ways.includes(row.direction) ? (levelsOf(row, checked) ?? []) : []));
    return sided(['out', 'both']).flatMap((out) =>
      sided(['in', 'both']).flatMap((into) =>
        out.row === into.row || (out.row.end === into.row.end && out.row.direction === 'both')
          ? []
          : compare(out, into),
      ),
    );
  });

function compare(out: Ended, into: Ended): Finding[] {
  if (out.level.kind !== into.level.kind) return [];
  const at = where([out.row, into.row]);
  const both = `${tell(out.row)} to ${tell(into.row)}`;
  if (out.level.inverted !== into.level.inverted)
    return [
      {
        severity: 'stop',
        kind: 'levels-inverted',
        ...at,
        sentence: `${capital(both)}: ${out.level.name} and ${into.level.name} count ones the other way round and swing differently.`,
        remedy: inverted(out, into),
      },
    ];
  const [from, to] = [out.thresholds, into.thresholds];
  const found: Finding[] = [];
  const over = Math.max(from.outHighMaxV - to.inMaxV, to.inMinV - from.outLowMinV);
  const high = from.outHighMinV - to.inHighMinV;
  const low = to.inLowMaxV - from.outLowMaxV;
  if (over > 1e-9) {
    const made = divider(from, to);
    found.push({
      severity: 'stop',
      kind: 'level-over',
      ...at,
      sentence: `${capital(both)}: up to ${volt(from.outHighMaxV)} meets an input that stands ${volt(to.inMaxV)}.`,
      remedy: made
        ? tellDivider(made)
        : 'No divider fits both ends: put a level converter between them.',
    });
  } else if (high < -1e-9) {
    const stage = commonBase(from, to, out.supplyV ?? from.outHighMaxV, into.supplyV ?? to.inMaxV);
    found.push({
      severity: 'stop',
      kind: 'level-high',
      ...at,
      sentence: `${capital(both)}: a high of ${volt(from.outHighMinV)} may not reach the ${volt(to.inHighMinV)} that the input asks for.`,
      remedy: stage ? tellStage(stage) : 'Put a level converter between them.',
    });
  } else if (low < -1e-9)
    found.push({
      severity: 'stop',
      kind: 'level-low',
      ...at,
      sentence: `${capital(both)}: a low of ${volt(from.outLowMaxV)} is above the ${volt(to.inLowMaxV)} that the input takes for low.`,
      remedy: 'Put a level converter between them.',
    });
  else if (Math.min(high, low) < THIN_V && out.level.kind === 'single')
    found.push({
      severity: 'warn',
      kind: 'level-thin',
      ...at,
      sentence: `${capital(both)}: only ${volt(Math.min(high, low))} of margin is left at the ${high < low ? 'high' : 'low'} level.`,
      remedy:
        high < low
          ? 'Keep the sender’s supply up: change its cell before it sags further, and keep the lead short.'
          : 'Keep the lead short and its ground thick.',
    });
  return found;
}

function inverted(out: Ended, into: Ended): string {
  return out.level.inverted
    ? tellStage(inverter(out.thresholds, into.supplyV ?? into.thresholds.inMaxV))
    : 'No resistor can make the negative voltage: put an EIA-232 line driver between them.';
}

/** A usual lamp's forward voltage, generic: red 2 V. */
const LAMP_V = 2;
/** A usual lamp's current where the table has none, generic. */
const LAMP_A = 0.01;

/** A lamp on a supply or an output needs its resistor. */
const lamps: Check = (checked) =>
  checked.nets.flatMap((net) => {
    const rows = placed(net, checked.ports);
    return rows
      .filter((row) => level(row.level)?.kind === 'lamp')
      .flatMap((lamp): Finding[] => {
        const source = rows.find((row) => row !== lamp && row.direction === 'out');
        if (!source) return [];
        const supplyV = source.volts ?? levelsOf(source, checked)?.thresholds.outHighMaxV ?? null;
        if (supplyV === null) return [];
        const forwardV = lamp.volts ?? LAMP_V;
        const currentA = lamp.currentA ?? LAMP_A;
        const made = lampResistor(supplyV, forwardV, currentA);
        return [
          {
            severity: made ? 'warn' : 'stop',
            kind: 'lamp-resistor',
            ...where([lamp, source]),
            sentence: made
              ? `${capital(tell(lamp))} is a lamp on ${volt(supplyV)}: without a resistor it burns out.`
              : `${capital(tell(lamp))} needs ${volt(forwardV)} and ${volt(supplyV)} is there: it won’t light.`,
            remedy: made
              ? `${formatOhm(made.ohm)} in series, ${made.watt <= 0.125 ? '1/8 W' : made.watt <= 0.25 ? '1/4 W' : `${Math.ceil(made.watt * 2)} W`} or more, for ${Number((currentA * 1000).toPrecision(2))} mA.`
              : 'Feed it from a higher voltage.',
          },
        ];
      });
  });

export const LEVEL_CHECKS: readonly Check[] = [levelMargins, lamps];
