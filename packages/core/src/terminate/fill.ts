import {
  SHIELD,
  scheme as schemeRow,
  type Cable,
  type ConductorId,
  type CutLayer,
} from '../catalogue';
import { NOTHING, common, type Message } from '../message';
import { layOut, situationOf } from './conditions';
import { cutAt } from './measure';
import { tell, type Fill } from './messages';
import type { TerminationTask } from './task';

/** More cores than this are read off the drawing. */
const SAID_CORES = 10;

const name = (own: string): Message => common('name', { name: own });
const conductors = (cores: readonly ConductorId[]): Message => common('conductors', { cores });

/** What the words of an end's steps are filled in with. */
export function fillOf(task: TerminationTask): Fill {
  const { cable, connector, scheme } = task;
  const { used, unused } = layOut(situationOf(task));
  const cut = (mm: number, nearMm?: number) => common('cut', { mm, nearMm });
  const within = (mm: number, toleranceMm: number) => common('cut-within', { mm, toleranceMm });
  const at = (layer: CutLayer) => {
    const row = cutAt(connector, layer);
    return row ? within(row.fromEndMm, row.toleranceMm) : NOTHING;
  };
  const [jacket, tips] = [cutAt(connector, 'jacket'), cutAt(connector, 'conductors')];
  const edge =
    used.find(({ core }) => core === cable.cores[0]?.id)?.contact ?? used[0]?.contact ?? '1';
  const mapped = (task.pinout ?? []).some(([, core]) => core !== SHIELD);
  const inSlots = (row: 'upper' | 'lower') =>
    conductors(
      connector.slots
        .filter((slot) => slot.row === row)
        .map(({ contact }) => used.find((one) => one.contact === contact)?.core ?? ''),
    );
  const has = (part: Cable['parts'][number]) => cable.parts.includes(part);
  return {
    scheme: name(scheme),
    school: tell('as-usual', {}),
    order: orderOf(task),
    unused: conductors(unused.map(({ id }) => id)),
    strip: cut(jacket?.fromEndMm ?? 0, (jacket?.toleranceMm ?? 0) / 4),
    exposed: tips
      ? within(jacket?.fromDatumMm ?? 0, tips.toleranceMm)
      : cut(connector.untwistMm ?? jacket?.fromDatumMm ?? 0),
    jacketCut: at('jacket'),
    braidCut: at('braid'),
    dielectricCut: at('dielectric'),
    tip: at('insulation'),
    die: connector.dieMm === null ? NOTHING : tell('die', { mm: connector.dieMm }),
    gauge: common('gauge', { awg: cable.gaugeAwg }),
    count: name(String(cable.cores.length)),
    first: name(used[0]?.contact ?? '1'),
    edge: name(edge),
    meeting: tell('meeting', { mapped }),
    met: tell('met', { mapped }),
    partner: tell('partner', { mapped }),
    firstCore: common('conductor', { core: cable.cores[0]?.id ?? '' }),
    upper: inSlots('upper'),
    lower: inSlots('lower'),
    second: name(connector.contacts[1] ?? ''),
    third: name(connector.contacts[2] ?? ''),
    shieldNames: tell('shield-names', { braid: has('braid'), foil: has('foil') }),
    andFoil: has('foil') || has('pair-foil') ? tell('and-foil', {}) : NOTHING,
    metalOut: has('foil') ? tell('metal-out', {}) : NOTHING,
  };
}

/** Which core goes where: of an adapter as the map says, of a scheme in its letters, of many as drawn. */
function orderOf(task: TerminationTask): Message {
  const { connector, scheme } = task;
  const { used } = layOut(situationOf(task));
  const met = (task.pinout ?? []).filter(([, core]) => core !== SHIELD);
  const byColour = connector.wiring === 'colour';
  if (met.length > 0 && byColour)
    return tell('meets', { rows: met.map(([contact, core, looks]) => [contact, looks ?? core]) });
  if (connector.wiring === 'four-pair' && !task.pinout)
    return name(schemeRow(scheme).conductors.join(', '));
  if (used.length > SAID_CORES) return tell('as-drawn', {});
  const looks = used.map((row) => [row.contact, row.looks ?? row.core ?? ''] as const);
  return byColour
    ? conductors(looks.map(([, core]) => core))
    : tell('on-contacts', { rows: looks });
}
