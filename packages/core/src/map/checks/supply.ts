import { awgAreaMm2, coreOhm } from '../../catalogue';
import { capital, formatAtMost, formatLength } from '../../units';
import { placed, tell, volt, where, type Check, type Checked, type Placed } from './context';
import type { Finding, Net } from '../solution';

/** What a core may carry for its area, bundled and unventilated. Generic: the cable's sheet decides. */
const HEATING_A_PER_MM2 = 4;

const GAUGES = Array.from({ length: 31 }, (_, gauge) => gauge).reverse();

interface Fed {
  readonly source: Placed;
  readonly load: Placed;
  readonly currentA: number;
  readonly wires: number;
}

/** Who feeds whom over a net; several loads add up. */
function fedBy(net: Net, checked: Checked): Fed | null {
  const rows = placed(net, checked.ports).filter(({ role }) => role === 'supply');
  const source = rows.find(({ direction }) => direction === 'out');
  const loads = rows.filter(({ direction }) => direction === 'in');
  const [load] = loads;
  if (!source || !load || source.end === load.end) return null;
  const currentA = loads.reduce((sum, row) => sum + (row.currentA ?? 0), 0);
  return { source, load, currentA, wires: 1 + (net.more?.length ?? 0) };
}

const supplyDrop: Check = (checked) =>
  checked.nets.flatMap((net): Finding[] => {
    const fed = fedBy(net, checked);
    const { cable, options } = checked;
    if (!fed || !cable) return [];
    const at = where([fed.source, fed.load]);
    if (fed.currentA === 0)
      return [
        {
          severity: 'warn',
          kind: 'current-unknown',
          ...at,
          sentence: `What ${tell(fed.load)} takes is not known: neither heat nor volts at the end can be told.`,
          remedy: 'Write its current from the device’s sheet, in ampere.',
        },
      ];
    const found: Finding[] = [];
    const areaMm2 = awgAreaMm2(cable.gaugeAwg);
    const most = fed.source.currentA;
    if (most !== null && fed.currentA > most)
      found.push({
        severity: 'stop',
        kind: 'supply-too-weak',
        ...at,
        sentence: `${capital(tell(fed.load))} takes ${fed.currentA} A, ${tell(fed.source)} gives ${most} A.`,
        remedy: 'Feed the device from its own supply.',
      });
    if (fed.currentA > HEATING_A_PER_MM2 * areaMm2 * fed.wires)
      found.push({
        severity: 'stop',
        kind: 'current-heating',
        ...at,
        sentence: `${fed.currentA} A in a core of ${Number(areaMm2.toPrecision(2))} mm² (${cable.gaugeAwg} AWG) makes it hot: generic limit ${Number((HEATING_A_PER_MM2 * areaMm2).toPrecision(2))} A.`,
        remedy: `Take ${gaugeFor((area) => fed.currentA <= HEATING_A_PER_MM2 * area)} or thicker, or several cores beside each other, and fuse it at the source.`,
      });
    if (options.lengthM !== null) found.push(...drop(fed, areaMm2, checked, options.lengthM));
    return found;
  });

const gaugeFor = (fits: (areaMm2: number) => boolean): string => {
  const found = GAUGES.find((gauge) => fits(awgAreaMm2(gauge)));
  return found === undefined ? 'a thicker cable than 0 AWG' : `${found} AWG`;
};

/** Volts at the far end of a supply and its return, both of them cores of this cable. */
export function voltageAtEnd(
  sourceV: number,
  currentA: number,
  lengthM: number,
  areaMm2: number,
  temperatureC: number,
): number {
  return sourceV - currentA * 2 * coreOhm(lengthM, areaMm2, temperatureC);
}

function drop(
  fed: Fed,
  areaMm2: number,
  { options, ports, nets, units }: Checked,
  lengthM: number,
): Finding[] {
  const { volts, end } = fed.source;
  if (volts === null) return [];
  const sourceV = Math.min(volts, ports[end].leastSupplyV ?? fed.source.leastV ?? volts);
  const reach = (area: number, length = lengthM) =>
    voltageAtEnd(sourceV, fed.currentA, length, area, options.temperatureC);
  const atEnd = reach(areaMm2 * fed.wires);
  const least = fed.load.leastV;
  const at = where([fed.source, fed.load]);
  const told = `${capital(tell(fed.load))} gets ${volt(atEnd)} of ${volt(sourceV)} over ${formatLength(lengthM, units)} at ${fed.currentA} A`;
  if (least === null)
    return [
      {
        severity: 'note',
        kind: 'supply-drop',
        ...at,
        sentence: `${told}; what it needs at the least is not known.`,
      },
    ];
  if (atEnd >= least)
    return [
      {
        severity: 'note',
        kind: 'supply-drop',
        ...at,
        sentence: `${told}; it needs ${volt(least)}.`,
      },
    ];
  const allowed = sourceV - least;
  const longest =
    allowed > 0
      ? allowed / (2 * fed.currentA * coreOhm(1, areaMm2 * fed.wires, options.temperatureC))
      : 0;
  // The return needs as many cores as the supply.
  const times = Math.ceil(
    (2 * fed.currentA * coreOhm(lengthM, areaMm2, options.temperatureC)) / allowed,
  );
  const used = nets.filter((net) => net.core !== undefined).length;
  const remedies =
    allowed <= 0
      ? ['Raise the voltage at the source.']
      : [
          `Take ${gaugeFor((area) => reach(area) >= least)} or thicker`,
          `or ${times} cores beside each other for supply and as many for ground (${used} cores are in use)`,
          `or keep the lead to ${formatAtMost(longest, units)}`,
          'or feed the device at its end.',
        ];
  return [
    {
      severity: 'stop',
      kind: 'supply-drop',
      ...at,
      sentence: `${told}; it needs ${volt(least)}.`,
      remedy: remedies.join(', '),
    },
  ];
}

/** Where leads are spliced on: equal or larger, never thinner. */
const splices: Check = ({ ports, cable }) =>
  (['near', 'far'] as const).flatMap((end): Finding[] => {
    const lead = ports[end].leadAwg;
    if (lead === null || !cable || cable.gaugeAwg <= lead) return [];
    return [
      {
        severity: 'stop',
        kind: 'thinner-splice',
        sentence: `The ${end} leads are ${lead} AWG and the cable is ${cable.gaugeAwg} AWG: a thinner wire after a thicker one is a fire risk.`,
        remedy: `Splice on ${lead} AWG or thicker: equal or larger, never thinner.`,
      },
    ];
  });

export const SUPPLY_CHECKS: readonly Check[] = [supplyDrop, splices];
