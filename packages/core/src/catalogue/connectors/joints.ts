import type { CableFamily } from '../cable';
import type { Accepts, Connector } from '../connector-row';
import { accepts, coreCuts, part, plugCuts, range } from './row';

const SPLICED: readonly CableFamily[] = [
  'four-pair',
  'telephone',
  'multi-core',
  'usb',
  'alarm',
  'speaker',
];

const splice = (joint: string, name: string, rest: Partial<Accepts>, weatherproof: boolean) =>
  part({
    id: `splice-${joint}`,
    name,
    family: joint === 'gel' ? 'gel-splice' : 'splice',
    gender: 'joint',
    shielded: true,
    accepts: accepts(SPLICED, { cores: range(2, 9), ...rest }),
    cuts: joint === 'gel' ? plugCuts(50, 50, false) : coreCuts(60, 10),
    wiring: 'colour',
    weatherproof,
    // A solder sleeve covers its joint by itself, and so does a gel connector.
    traits: [`joint-${joint}`, ...(/solder|twist/.test(joint) ? ['plain-sleeves'] : [])],
  });

export const JOINTS: readonly Connector[] = [
  splice('solder', 'Inline splice, soldered', { gaugeAwg: range(14, 28) }, true),
  splice(
    'sleeve',
    'Inline splice, solder sleeve',
    { gaugeAwg: range(16, 28), insulationMm: range(0.7, 2.5) },
    true,
  ),
  splice('twist', 'Inline splice, twisted', { gaugeAwg: range(16, 26) }, false),
  splice(
    'gel',
    'Inline splice, gel connector',
    { gaugeAwg: range(19, 26), insulationMm: range(0.6, 2.08), stranding: ['solid'] },
    true,
  ),
];
