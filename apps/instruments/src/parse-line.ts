/** One command or query of a line: its header in capitals, without "?", and its parameters. */
export interface Command {
  readonly header: string;
  readonly query: boolean;
  readonly parameters: readonly string[];
}

const PARAMETER = /\s*(?:"((?:[^"]|"")*)"|([^,"]*))\s*(?:,|$)/y;

/**
 * Reads a program message of IEEE 488.2: commands between ";", parameters between ",", strings in
 * double quotes with a quote doubled. A command that can't be read is null.
 */
export function parseLine(line: string): (Command | null)[] {
  return splitOutside(line, ';')
    .map((unit) => unit.trim())
    .filter(Boolean)
    .map(parseUnit);
}

function parseUnit(unit: string): Command | null {
  const [, header, mark, rest = ''] = /^([*:]?[A-Za-z][\w:]*)(\?)?(?:\s+(.*))?$/.exec(unit) ?? [];
  if (header === undefined) return null;
  const parameters: string[] = [];
  PARAMETER.lastIndex = 0;
  while (rest !== '' && PARAMETER.lastIndex < rest.length) {
    const match = PARAMETER.exec(rest);
    if (!match) return null;
    parameters.push(match[1]?.replaceAll('""', '"') ?? match[2]?.trim() ?? '');
  }
  return {
    header: header.replace(/^:/, '').toUpperCase(),
    query: mark === '?',
    parameters,
  };
}

/** Splits at a sign that stands outside of quotes. */
function splitOutside(text: string, sign: string): string[] {
  const parts: string[] = [];
  let part = '';
  let quoted = false;
  for (const letter of text) {
    if (letter === '"') quoted = !quoted;
    if (letter === sign && !quoted) {
      parts.push(part);
      part = '';
    } else part += letter;
  }
  return [...parts, part];
}

/** Text as definite-length arbitrary block response data (IEEE 488.2, 8.7.9): "#216" and 16 bytes. */
export function block(text: string): string {
  const length = String(Buffer.byteLength(text, 'utf8'));
  return `#${length.length}${length}${text}`;
}

/** Bytes as definite-length arbitrary block response data. */
export function byteBlock(bytes: Buffer): Buffer {
  const length = String(bytes.length);
  return Buffer.concat([Buffer.from(`#${length.length}${length}`), bytes]);
}
