import { SHELL, SHIELD, outline, type Cable } from '../catalogue';
import { level } from './level';
import type { Port } from './port';
import type { Finding, ShieldChoice } from './solution';

/** What is bonded at which end, and why. */
export interface Bonding {
  readonly near: readonly string[];
  readonly far: readonly string[];
  readonly finding: Finding | null;
}

/** Signals that need their shield all the way round, high up in frequency. */
const WANTS_BOTH = new Set(['usb', 'ethernet', 'video']);

const REASONS: Readonly<Record<ShieldChoice, string>> = {
  'near-end':
    'bonded at the near end only: no current of the mains can run along it between two earths that differ',
  'far-end':
    'bonded at the far end only: no current of the mains can run along it between two earths that differ',
  both: 'bonded at both ends: it keeps out what is high in frequency; both ends must share one earth',
  capacitor:
    'bonded at the near end, and at the far end through a capacitor: radio frequencies pass, the mains does not',
  open: 'bonded nowhere: then it shields nothing; do so only if the instruction asks for it',
};

const shieldsOf = (port: Port): string[] => {
  const named = port.contacts.filter(({ role }) => role === 'shield').map(({ contact }) => contact);
  return named.length > 0 ? named : outline(port.connector).shell ? [SHELL] : [];
};

/**
 * Where the cable's shield is bonded. Without a choice: at both ends for fast signals, else at the near
 * end; the reason goes with it. A cable without a shield has nothing to bond.
 */
export function bondShield(
  near: Port,
  far: Port,
  cable: Cable | null,
  choice: ShieldChoice | null,
): Bonding {
  const [a, b] = [shieldsOf(near), shieldsOf(far)];
  const none = { near: [], far: [], finding: null };
  if (cable?.shield === 'none' || a.length + b.length === 0) return none;
  const fast = [...near.contacts, ...far.contacts].some((row) =>
    WANTS_BOTH.has(level(row.level)?.kind ?? ''),
  );
  const made =
    choice ??
    (fast && a.length > 0 && b.length > 0 ? 'both' : a.length > 0 ? 'near-end' : 'far-end');
  const atNear = made !== 'far-end' && made !== 'open' ? a : [];
  const atFar = made === 'far-end' || made === 'both' ? b : [];
  return {
    near: atNear,
    far: atFar,
    finding: {
      severity: made === 'open' ? 'warn' : 'note',
      kind: 'shield',
      near: atNear,
      far: made === 'capacitor' ? b : atFar,
      sentence: `The ${SHIELD} is ${REASONS[made]}.`,
      ...(made === 'capacitor'
        ? {
            remedy:
              'Generic: 10 nF, ceramic, rated for the voltage between the two earths; keep its leads short.',
          }
        : {}),
    },
  };
}
