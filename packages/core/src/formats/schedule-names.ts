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

/** Words that say what kind of thing stands there, and tell no row from another. */
const FILLERS = new Set(
  `cable cables cord lead wire wires type typ kind ethernet network lan data pair pairs core cores ohm ohms awg category
   connector connectors plug plugs jack jacks socket sockets port ports end with for and of the a in to on made black
   white grey blue mod modular rj rj45 8p8c patch solid stranded flexible flex utp ftp stp sftp futp uutp sutp sstp
   foil braid shield shielded screened screen unshielded u f s coax coaxial copper cu installation`.split(
    /\s+/,
  ),
);

/** Words of a text that neither the row nor the usual words account for: they are told, never dropped. */
function notRead(text: string, name: string, read: RegExp): string[] {
  const own = new Set(wordsIn(name));
  return wordsIn(text).filter(
    (word) =>
      !own.has(word) && !FILLERS.has(word) && !read.test(word) && !plain(name).includes(word),
  );
}

/** What was taken for granted, with what was not read at all. */
function assumedOf(
  open: readonly string[],
  left: readonly string[],
  name: string,
): { assumed?: string } {
  const said = [
    ...(open.length > 0 ? [`does not say ${open.join(', ')}`] : []),
    ...(left.length > 0 ? [`has ‘${left.join('’, ‘')}’, which was not read`] : []),
  ];
  return said.length > 0 ? { assumed: `${said.join(', and ')}: read as ${name}` } : {};
}

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
    plainly.find((row) => (row.environment === 'outdoor') === outside) ??
    plainly[0] ??
    cables.find((row) => row.family !== 'four-pair' && hasWords(row.name, text));
  if (best)
    return {
      ok: true,
      row: best,
      ...assumedOf([], notRead(text, best.name, /^rg\d*|^\d+$/), best.name),
    };
  const said = /cat(?:egory)?(5e|6a|6|5)(?![0-9])/.exec(name)?.[1];
  // Category 5 is not made any more; 5e took its place.
  const category = said === '5' ? '5e' : said;
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
    : /outdoor|outside|exterior|gel|weatherproof/.test(name)
      ? 'outdoor'
      : /plenum/.test(name)
        ? 'plenum'
        : /riser/.test(name)
          ? 'riser'
          : 'indoor';
  const dry = /dry|tape/.test(name);
  const row = cables.find(
    (cable) =>
      cable.family === 'four-pair' &&
      (environment !== 'outdoor' || cable.parts.includes('dry-block') === dry) &&
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
    ...(shield !== 'none' || bare ? [] : ['whether it is shielded']),
    ...(stranded || /solid/.test(name) ? [] : ['solid or stranded']),
    ...(said === '5' ? ['whether it is 5e'] : []),
    ...(environment === 'outdoor' && !dry && !/gel/.test(name) ? ['gel or dry block'] : []),
  ];
  const left = notRead(
    text,
    row.name,
    /^(cat\d*[ae]*|\d+|outdoor|outside|exterior|weatherproof|gel|filled|dry|tape|block|burial|buried|ground|direct|unscreened)$/,
  );
  return { ok: true, row, ...assumedOf(open, left, row.name) };
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
  [/keystone|jack|socket|outlet|wallplate|faceplate/, 'punch-down-jack'],
  [/pass(through|thru)/, 'pass-through-plug'],
  [/plug|8p8c|rj45|modular/, 'modular-plug'],
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
  const bare = family === 'modular-plug' && !/plug/.test(name);
  return row
    ? {
        ok: true,
        row,
        ...assumedOf(
          bare ? ['plug or jack'] : [],
          notRead(
            text,
            row.name,
            /^(keystone|outlet|wallplate|faceplate|panel|patch|punch|down|tool|less|free|pass|through|thru|rj\d+|idc|press|ribbon|compression|crimp|crimped|screw|dsub|db\d+|de\d+|\d+|telephone|phone|line|gel|splice|joint|tester|lamp|loop)$/,
          ),
          row.name,
        ),
      }
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
