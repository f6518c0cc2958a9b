import { conductor, type Core } from '../../catalogue';
import { capital } from '../../units';
import { disturbs } from '../disturb';
import type { Finding, Net } from '../solution';
import { placed, tell, where, type Check, type Checked } from './context';

const coreOf = (net: Net, { cable }: Checked): Core | undefined =>
  cable?.cores.find(({ id }) => id === net.core);

/** Both wires of a differential signal on one pair of the cable, the return of a signal beside it. */
const pairKept: Check = (checked) =>
  checked.nets.flatMap((net): Finding[] => {
    const rows = placed(net, checked.ports);
    const row = rows.find(({ partner }) => partner !== null);
    if (!row || net.core === undefined) return [];
    const other = checked.nets.find((candidate) => candidate[row.end].includes(row.partner ?? ''));
    if (!other || other === net || other.core === undefined) return [];
    if (checked.nets.indexOf(other) < checked.nets.indexOf(net)) return [];
    const [a, b] = [coreOf(net, checked), coreOf(other, checked)];
    if (!a || !b || (a.pair !== null && a.pair === b.pair)) return [];
    const both = [...rows, ...placed(other, checked.ports)];
    const twisted = checked.cable?.cores.some(({ pair }) => pair !== null) ?? false;
    return [
      {
        severity: 'warn',
        kind: 'pair-split',
        ...where(both),
        sentence: `${capital(tell(row))} and its partner lie on ${conductor(a.id).name} and ${conductor(b.id).name}, which are no pair: noise meets them unequally.`,
        remedy: twisted
          ? 'Give both wires of one signal to one pair.'
          : 'Take a cable with twisted pairs, or keep this one short.',
      },
    ];
  });

/** A clock beside data on one pair: each edge of one is in the other. */
const clockApart: Check = (checked) =>
  checked.nets.flatMap((net, index): Finding[] => {
    const own = coreOf(net, checked);
    if (own?.pair == null) return [];
    const rows = placed(net, checked.ports);
    return checked.nets.slice(index + 1).flatMap((other): Finding[] => {
      const mate = coreOf(other, checked);
      const others = placed(other, checked.ports);
      if (mate?.pair !== own.pair || !disturbs(rows, others)) return [];
      return [
        {
          severity: 'warn',
          kind: 'clock-with-data',
          ...where([...rows, ...others]),
          sentence: `${net.signal} and ${other.signal} are twisted together: the edges of one are heard in the other.`,
          remedy: 'Twist the clock with ground, and the data with ground or apart.',
        },
      ];
    });
  });

export const PAIR_CHECKS: readonly Check[] = [pairKept, clockApart];
