import type { LinkState } from '@near-spoke/core/record';
import type { LanguageId } from './language-ids';

/** Where a link stands, in few letters: a door of its own, for lists that are there before all other words. */
export const LINK_STATES: Readonly<Record<LanguageId, Readonly<Record<LinkState, string>>>> = {
  en: {
    'does-not-fit': 'Does not fit',
    planned: 'Planned',
    'half-made': 'Half made',
    made: 'Made, not tested',
    remade: 'Remade, test again',
    fail: 'Fault',
    unproven: 'Proven in part',
    pass: 'Proven',
  },
  de: {
    'does-not-fit': 'Passt nicht',
    planned: 'Geplant',
    'half-made': 'Halb gemacht',
    made: 'Gemacht, nicht geprüft',
    remade: 'Neu gemacht, wieder prüfen',
    fail: 'Fehler',
    unproven: 'Zum Teil geprüft',
    pass: 'Geprüft',
  },
};
