import {
  SCHEMES,
  type Cable,
  type Catalogue,
  type Connector,
  type ConnectorFamily,
  type SchemeId,
} from '../catalogue';

/** A row that a written name means, with what was taken for granted; or why it means none. */
export type Named<T> =
  | { readonly ok: true; readonly row: T; readonly assumed?: string }
  | { readonly ok: false; readonly reason: string };

const plain = (text: string) => text.toLowerCase().replace(/[^a-z0-9]/g, '');

/** Finds the cable that a schedule means: "Cat 6", "cat5e FTP patch", "Cat 6A F/UTP solid". */
export function cableNamed(text: string, { cables }: Catalogue): Named<Cable> {
  const exact = cables.find((row) => plain(row.name) === plain(text) || row.id === text.trim());
  if (exact) return { ok: true, row: exact };
  const name = plain(text);
  const typed = cables
    .filter((row) => row.family !== 'four-pair' && name.includes(plain(row.grade)))
    .sort((a, b) => b.grade.length - a.grade.length);
  const outside = /outdoor|outside|burial/.test(name);
  const plainly = typed.filter((row) => row.grade === typed[0]?.grade);
  const best =
    plainly.find((row) => row.name.includes('outdoor') === outside) ??
    plainly[0] ??
    cables.find((row) => row.family !== 'four-pair' && hasWords(row.name, text));
  if (best) return { ok: true, row: best };
  const category = /cat(?:egory)?(5e|6a|6)(?![0-9])/.exec(name)?.[1];
  if (!category)
    return {
      ok: false,
      reason: `'${text.trim()}' is not a cable of the catalogue. Write, for example, ${cables[0]?.name ?? ''}.`,
    };
  const bare = /unshielded|uutp|utp/.test(name);
  const braid = /sftp|sstp|braid/.test(name);
  const foil = /futp|ftp|foil/.test(name) || (/shield|screen/.test(name) && !bare);
  const stranded = /strand|patch|flex/.test(name);
  const shield = braid ? 'braid' : foil ? 'foil' : 'none';
  const environment = /burial|buried|ground/.test(name)
    ? 'burial'
    : /outdoor|outside|gel/.test(name)
      ? 'outdoor'
      : 'indoor';
  const row = cables.find(
    (cable) =>
      cable.family === 'four-pair' &&
      plain(cable.grade) === category &&
      cable.shield === shield &&
      cable.stranding === (stranded ? 'stranded' : 'solid') &&
      cable.environment === environment,
  );
  if (!row)
    return {
      ok: false,
      reason: `'${text.trim()}' is not a cable of the catalogue. It has: ${cables
        .filter((cable) => cable.family === 'four-pair' && plain(cable.grade) === category)
        .map((cable) => cable.name)
        .join('; ')}.`,
    };
  const open = [
    ...(shield !== 'none' || bare ? [] : ['no shield']),
    ...(stranded || /solid/.test(name) ? [] : ['solid']),
  ];
  return open.length > 0
    ? { ok: true, row, assumed: `${open.join(', ')}: read as ${row.name}` }
    : { ok: true, row };
}

const wordsIn = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^a-z0-9]+/)
    .filter(Boolean)
    .map((word) => word.replace(/^(core|pair)s$/, '$1'));

/** Whether a name has every word of a text, whatever stands between them. */
function hasWords(name: string, text: string): boolean {
  const own = new Set(wordsIn(name));
  const asked = wordsIn(text);
  return asked.length > 1 && asked.every((word) => own.has(word));
}

/** Words that mean a family, the more particular ones first. */
const FAMILY_WORDS: readonly (readonly [RegExp, ConnectorFamily])[] = [
  [/lamp|looptester/, 'lamp-tester'],
  [/gelconnector|gelsplice/, 'gel-splice'],
  [/splice|joint/, 'splice'],
  [/pigtail/, 'sleeve-pigtail'],
  [/header/, 'header-plug'],
  [/contactplug/, 'contact-plug'],
  [/presson|idc|ribbon/, 'ribbon-press-on'],
  [/screwon/, 'coax-screw-on'],
  [/compression|^f(plug|connector)?$|rca/, 'coax-compression'],
  [/bnc|^n(plug|connector)?$|nplug/, 'coax-crimp'],
  [/solder|dsub|din/, 'soldered'],
  [/block/, 'punch-block'],
  [/telephonesocket|phonesocket|linesocket/, 'telephone-socket'],
  [/6p[246]c|rj11|rj12|rj14/, 'telephone-plug'],
  [/panel/, 'panel-port'],
  [/tool(less|free)/, 'tool-less-jack'],
  [/keystone|jack|socket|outlet/, 'punch-down-jack'],
  [/pass(through|thru)/, 'pass-through-plug'],
  [/plug|8p8c/, 'modular-plug'],
];

/** Finds the connector that a schedule means: "8P8C plug", "keystone", "shielded jack". */
export function connectorNamed(
  text: string,
  { connectors }: Catalogue,
  cable: Cable | null = null,
): Named<Connector> {
  const exact = connectors.find((row) => plain(row.name) === plain(text) || row.id === text.trim());
  if (exact) return { ok: true, row: exact };
  const name = plain(text);
  const family = FAMILY_WORDS.find(([words]) => words.test(name))?.[1];
  const shielded = /shield|screen|stp|ftp/.test(name) && !/unshield|unscreen/.test(name);
  const kind = /large|outdoor/.exec(name)?.[0] ?? '';
  const own = connectors.filter((part) => part.family === family);
  const worded = own.filter((part) =>
    wordsOf(text).every((word) => wordsIn(part.name).includes(word)),
  );
  const row =
    worded.find((part) => cable !== null && part.name.endsWith(`for ${cable.grade}`)) ??
    own.find(
      (part) =>
        part.wiring === 'four-pair' &&
        (part.shielded === shielded || kind === 'outdoor') &&
        (/large|outdoor/.exec(part.id)?.[0] ?? '') === kind,
    ) ??
    worded[0];
  return row
    ? { ok: true, row }
    : {
        ok: false,
        reason: `'${text.trim()}' is not a connector of the catalogue. Write a name as it stands in the catalogue, for example ${connectors[0]?.name ?? ''}.`,
      };
}

/** The words of a name that tell one part from another of its family. */
function wordsOf(text: string): string[] {
  const telling =
    /^(bnc|n|f|rca|sub|din|mini|50|75|master|secondary|extension|9|15|25|4|5|6|plug|socket|twisted|soldered|sleeve|6p4c|6p6c)$/;
  return wordsIn(text).filter((word) => telling.test(word));
}

/** Reads "T568B", "568A", "B", "A/B" (near/far). */
export function schemesNamed(text: string): Named<{ near: SchemeId; far: SchemeId }> {
  const words = text
    .toUpperCase()
    .split(/[\s/,>-]+/)
    .filter(Boolean)
    .map((word) =>
      SCHEMES.find(
        (row) => row.id.endsWith(word.replace(/^T?568/, '')) && /^(T?568)?[AB]$/.test(word),
      ),
    );
  const [near, far = near] = words;
  return near && far && words.length <= 2
    ? { ok: true, row: { near: near.id, far: far.id } }
    : {
        ok: false,
        reason: `'${text.trim()}' is not a scheme. Write T568A, T568B, or T568A/T568B for a crossover.`,
      };
}
