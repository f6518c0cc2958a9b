import { capital } from '../../units';
import { level } from '../level';
import { meaningOf } from '../signal';
import { placed, tell, where, type Check, type Checked, type Placed } from './context';
import type { Finding } from '../solution';

const drives = (row: Placed) => row.direction === 'out' && row.role === 'signal';

/** Two outputs in one net: neither wins, both can be hurt. */
const outputsJoined: Check = ({ nets, ports }) =>
  nets.flatMap((net): Finding[] => {
    const outs = placed(net, ports).filter(drives);
    if (outs.length < 2) return [];
    return [
      {
        severity: 'stop',
        kind: 'outputs-joined',
        ...where(outs),
        sentence: `${capital(outs.map(tell).join(' and '))} both send: two outputs on one wire fight, and can destroy each other.`,
        remedy:
          'Leave one of them open, or cross over: what one sends goes to what the other receives.',
      },
    ];
  });

/** What a terminal only listens to (TIA-232-F): the same name at both ends drives nothing. */
const LISTENED_TO = new Set(['carrier', 'ring-indicator']);

const listenersJoined: Check = ({ nets, ports }) =>
  nets.flatMap((net): Finding[] => {
    const rows = placed(net, ports).filter(
      ({ role, signal }) => role === 'signal' && LISTENED_TO.has(meaningOf(signal).concept),
    );
    const ends = new Set(rows.map(({ end }) => end));
    if (ends.size < 2 || rows.some(({ direction }) => direction !== 'unknown')) return [];
    return [
      {
        severity: 'warn',
        kind: 'listeners-joined',
        ...where(rows),
        sentence: `${capital(rows.map(tell).join(' and '))} are listened to at a terminal’s end: between two terminals nothing drives this wire.`,
        remedy:
          'Right between a terminal and a modem. Between two terminals, join each to the other side’s ready signal, or leave both open if their sheets allow it.',
      },
    ];
  });

/** A sender that never lets go, on a bus where others want to speak too. */
const busHeld: Check = ({ nets, ports }) =>
  nets.flatMap((net): Finding[] => {
    const rows = placed(net, ports);
    const held = rows.filter((row) => drives(row) && level(row.level)?.kind === 'differential');
    const shared = rows.filter((row) => row.direction === 'both');
    const [sender] = held;
    // Told once for the pair, at its first wire.
    if (!sender || shared.length === 0 || (sender.partner ?? '') < sender.contact) return [];
    return [
      {
        severity: 'warn',
        kind: 'bus-held',
        ...where([...held, ...shared]),
        sentence: `${capital(tell(sender))} sends all the time unless its device can let go: on the two-way bus at ${shared.map(tell).join(' and ')} nobody else is heard.`,
        remedy:
          'Right if it alone speaks, or if its sheet says that the driver is switched off between messages; else take a converter.',
      },
    ];
  });

/** Supply with ground, supply with signal, supplies of different voltage, in one net. */
const supplyAstray: Check = ({ nets, ports }) =>
  nets.flatMap((net): Finding[] => {
    const rows = placed(net, ports);
    const supplies = rows.filter(({ role }) => role === 'supply');
    if (supplies.length === 0) return [];
    const grounds = rows.filter(({ role }) => role === 'ground' || role === 'shield');
    const signals = rows.filter(
      (row) => row.role === 'signal' && level(row.level)?.kind !== 'lamp',
    );
    const sources = supplies.filter(({ direction }) => direction === 'out');
    const voltages = new Set(supplies.flatMap(({ volts }) => volts ?? []));
    const found: Finding[] = [];
    if (grounds.length > 0)
      found.push({
        severity: 'stop',
        kind: 'supply-shorted',
        ...where([...supplies, ...grounds]),
        sentence: `${capital([...supplies, ...grounds].map(tell).join(' and '))}: a supply is joined with ground.`,
        remedy: 'Take one of them out of this net before anything is powered.',
      });
    if (signals.length > 0)
      found.push({
        severity: 'stop',
        kind: 'supply-on-signal',
        ...where([...supplies, ...signals]),
        sentence: `${capital([...supplies, ...signals].map(tell).join(' and '))}: a supply is on a signal’s contact.`,
        remedy: 'Leave the signal’s contact open.',
      });
    if (sources.length > 1)
      found.push({
        severity: 'stop',
        kind: 'supplies-joined',
        ...where(sources),
        sentence: `${capital(sources.map(tell).join(' and '))} both give a supply: the higher one feeds back into the other.`,
        remedy: 'Leave one of them open.',
      });
    const taken = supplies.filter(({ direction }) => direction === 'in');
    const stated =
      taken.length > 0 && taken.every(({ leastV, mostV }) => leastV !== null || mostV != null);
    const [given] = sources.flatMap(({ volts }) => volts ?? []);
    const fits =
      stated &&
      given !== undefined &&
      taken.every(
        ({ leastV, mostV, volts }) =>
          given >= (leastV ?? 0) && given <= (mostV ?? (volts ?? Infinity) * 1.06),
      );
    if (!fits && voltages.size > 1 && Math.max(...voltages) > 1.06 * Math.min(...voltages))
      found.push({
        severity: 'stop',
        kind: 'supply-voltages-differ',
        ...where(supplies),
        sentence: `${capital(supplies.map((row) => `${tell(row)}, ${row.volts ?? '?'} V`).join(' and '))} are joined.`,
        remedy: 'Put a regulator between them, or leave them apart.',
      });
    return found;
  });

/** Kinds that can't be joined without something between them. */
const foreignKinds: Check = ({ nets, ports }) =>
  nets.flatMap((net): Finding[] => {
    const rows = placed(net, ports).filter(({ role }) => role === 'signal');
    const kinds = new Map(
      rows.flatMap((row) => {
        const found = level(row.level);
        return found && found.kind !== 'lamp' ? [[found.kind, found.name] as const] : [];
      }),
    );
    if (kinds.size < 2) return [];
    return [
      {
        severity: 'stop',
        kind: 'levels-foreign',
        ...where(rows),
        sentence: `${capital(rows.map(tell).join(' and '))}: ${[...kinds.values()].join(' and ')} can’t be joined wire to wire.`,
        remedy: 'Put a converter between them.',
      },
    ];
  });

/** An input that nobody drives, on its own or in a net. */
const noDriver: Check = ({ nets, ports, unmatched, asked }) => {
  const inNets = nets.flatMap((net): Finding[] => {
    const rows = placed(net, ports).filter(({ role }) => role === 'signal');
    const inputs = rows.filter(({ direction }) => direction === 'in');
    if (inputs.length === 0 || inputs.length < rows.length) return [];
    const fed = placed(net, ports).some(({ role }) => role === 'supply');
    if (fed) return [];
    return [
      {
        severity: 'warn',
        kind: 'no-driver',
        ...where(inputs),
        sentence: `${capital(inputs.map(tell).join(' and '))} only listen: nothing drives this wire.`,
        remedy: 'Join it with an output, or leave it open if the device allows that.',
      },
    ];
  });
  if (asked) return inNets;
  const open = (['near', 'far'] as const).flatMap((end) =>
    ports[end].contacts.flatMap((row): Placed[] =>
      row.role === 'signal' && row.direction === 'in' && unmatched[end].includes(row.contact)
        ? [{ ...row, end }]
        : [],
    ),
  );
  return open.length === 0
    ? inNets
    : [
        ...inNets,
        {
          severity: 'note',
          kind: 'no-driver',
          ...where(open),
          sentence: `${capital(open.map(tell).join(', '))} ${open.length === 1 ? 'stays' : 'stay'} open: nothing on the other side drives ${open.length === 1 ? 'it' : 'them'}.`,
          remedy: 'Look up in the device’s sheet whether an open input is allowed.',
        },
      ];
};

/** What carries a supply or a single signal needs a way back. */
const noReturn: Check = ({ nets, ports, asked }: Checked) => {
  const across = nets.filter((net) => net.near.length > 0 && net.far.length > 0);
  const grounded = across.some((net) => placed(net, ports).some(({ role }) => role === 'ground'));
  const needs = across.flatMap((net) =>
    placed(net, ports).filter((row) => {
      const kind = level(row.level)?.kind;
      return (
        row.role === 'supply' ||
        (row.role === 'signal' && row.partner === null && kind === 'single')
      );
    }),
  );
  if (grounded || needs.length === 0) return [];
  return [
    {
      severity: asked ? 'warn' : 'stop',
      kind: 'missing-return',
      ...where(needs),
      sentence: `${capital(needs.map(tell).join(', '))} ${needs.length === 1 ? 'has' : 'have'} no way back: no ground goes through.`,
      remedy: 'Find the ground contact at both devices and join them.',
    },
  ];
};

export const DRIVE_CHECKS: readonly Check[] = [
  outputsJoined,
  listenersJoined,
  listenersJoined,
  busHeld,
  supplyAstray,
  foreignKinds,
  noDriver,
  noReturn,
];
