import { COLOURS, UNCOLOURED } from './glossary';

/** "weiß-blau", from a conductor's letters; one without colours keeps its id as its name. */
export function conductorName(id: string): string {
  const named = UNCOLOURED[id];
  if (named !== undefined) return named;
  const [, base = '', stripe, count] = /^([A-Z]+)(?:-([A-Z]+))?(?:\.(\d+))?$/.exec(id) ?? [];
  const [ground, mark] = [COLOURS[base], stripe === undefined ? '' : COLOURS[stripe]];
  if (ground === undefined || mark === undefined) return id;
  return [mark ? `${ground}-${mark}` : ground, ...(count ? [count] : [])].join(' ');
}
