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

/** The two lines of an I2C bus, by the names that the specification gives them. */
const isOpenDrain = ({ signal, direction }: Placed): boolean =>
  /\b(SDA|SCL)\b/i.test(signal) && direction !== 'in';

/**
 * Open-drain lines: both sides only pull down, so a high is what the pull-ups make it. Between two supplies
 * one transistor a line works both ways. Source: NXP UM10204, I2C-bus specification, bidirectional level
 * shifting; the resistors are generic.
 */
function openDrain(near: Ended, far: Ended): Finding {
  const at = where([near.row, far.row]);
  const both = `${tell(near.row)} to ${tell(far.row)}`;
  const [one, other] = [near, far].map(
    ({ supplyV, thresholds }) => supplyV ?? thresholds.outHighMaxV,
  );
  const apart = one !== undefined && other !== undefined && Math.abs(one - other) > SAME_SUPPLY_V;
  return apart
    ? {
        severity: 'stop',
        kind: 'open-drain-levels',
        ...at,
        sentence: `${capital(both)}: an open-drain line between supplies of ${volt(one)} and ${volt(other)}; joined as it is, the higher pull-up lifts the lower side.`,
        remedy:
          'One N-channel MOSFET for this line works both ways: its source at the lower side, its drain at the higher, its gate at the lower supply. A pull-up on each side to its own supply, 4.7 kΩ (generic).',
      }
    : {
        severity: 'note',
        kind: 'open-drain-pull-up',
        ...at,
        sentence: `${capital(both)}: an open-drain line, which both sides only pull down.`,
        remedy:
          'One pull-up to the supply that both share, 4.7 kΩ (generic), unless a board has it already.',
      };
}

/** Supplies within this are the same to a pull-up, V. Generic. */
const SAME_SUPPLY_V = 0.4;

/** Every output with every input of its net. */
const levelMargins: Check = (checked) =>
  checked.nets.flatMap((net) => {
    const rows = placed(net, checked.ports).filter(({ role }) => role === 'signal');
    const sided = (ways: readonly string[]) =>
      rows.flatMap((row) => (ways.includes(row.direction) ? (levelsOf(row, checked) ?? []) : []));
    const drains = sided(['both', 'out']).filter(({ row }) => isOpenDrain(row));
    const [near, far] = (['near', 'far'] as const).map((end) =>
      drains.find(({ row }) => row.end === end),
    );
    if (near && far) return [openDrain(near, far)];
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
