import { operation, type Operation } from '../operation';
import { FOLDED, PROVE, WRAP } from './coax-prepare';
import { LABEL } from './prepare';

const pushedOn = (kind: 'insert' | 'screw', fixes: boolean): Operation =>
  operation({
    id: 'set-connector',
    wording: `set-connector/${kind}`,
    kind,
    part: 'connector',
    fixes,
    needs: ['inspect-cuts'],
    irreversible: fixes,
    seconds: 20,
    depth: 4,
  });

const SEATED = ['dielectric-flush', 'no-strand', 'braid-inside', 'centre-length'];

/** F, BNC and RCA, compressed: sized to the cable, one stroke, no second try. */
export const COAX_COMPRESSION: readonly Operation[] = [
  ...FOLDED,
  pushedOn('insert', false),
  operation({
    id: 'check-before-compression',
    kind: 'check',
    part: 'connector',
    needs: ['set-connector'],
    checks: SEATED,
    seconds: 15,
    depth: 4,
  }),
  operation({
    id: 'compress',
    kind: 'compress',
    part: 'connector',
    fixes: true,
    needs: ['check-before-compression'],
    irreversible: true,
    tools: ['compression tool'],
    seconds: 15,
    depth: 5,
  }),
  { ...PROVE, needs: ['compress'] },
  WRAP,
  LABEL,
];

/** F, screwed on: quick and weak. */
export const COAX_SCREW_ON: readonly Operation[] = [
  ...FOLDED,
  pushedOn('screw', true),
  operation({
    id: 'check-seat',
    kind: 'check',
    part: 'connector',
    needs: ['set-connector'],
    checks: SEATED,
    seconds: 15,
    depth: 5,
  }),
  { ...PROVE, needs: ['check-seat'] },
  WRAP,
  LABEL,
];
