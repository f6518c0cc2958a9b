import type { Connector, ConnectorFamily, CutLayer, CutSize, Schools } from '../catalogue';

/** Families whose braid is folded back over the jacket, whole, and never trimmed. */
export const FOLDS_BRAID: ReadonlySet<ConnectorFamily> = new Set([
  'coax-compression',
  'coax-screw-on',
]);

/** One cut as it is made: a layer, or with a two-blade stripper everything down to the centre at once. */
export type Cut = Omit<CutSize, 'layer'> & { readonly layer: CutLayer | 'to-centre' };

/** Where an end is cut, by the way in which it is stripped. */
export function cutsOf({ family, cuts }: Connector, schools: Pick<Schools, 'strip'>): Cut[] {
  if (!FOLDS_BRAID.has(family)) return [...cuts];
  const atOnce = schools.strip === 'two-blade';
  return cuts
    .filter(({ layer }) => layer !== 'braid')
    .map((cut) => (atOnce && cut.layer === 'dielectric' ? { ...cut, layer: 'to-centre' } : cut));
}

/** How much braid is folded back over the jacket; 0 where none is. */
export function foldedMm({ family }: Pick<Connector, 'family'>, cuts: readonly Cut[]): number {
  if (!FOLDS_BRAID.has(family)) return 0;
  const at = (layer: Cut['layer']) => cuts.find((cut) => cut.layer === layer)?.fromEndMm ?? 0;
  return at('jacket') - at('to-centre');
}
