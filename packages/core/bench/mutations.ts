import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { seeded } from '../src/testing/seeded';

// Changes one thing in a copy of the core and asks its specs whether they notice: a seeded share of all
// changes. `npm run mutations -- 200 5 verify/limits` tries 200 with seed 5, in one folder.

const CORE = fileURLToPath(new URL('..', import.meta.url));
const ROOT = join(CORE, '../..');
const COPY = join(ROOT, '.near-spoke/mutations');
/** A change after which the specs do not end is noticed too, ms. */
const MOST_MS = 600_000;

/** What a change makes of what. Each turns a meaning over, so that few changes are none. */
const CHANGES: readonly (readonly [from: RegExp, to: string])[] = [
  [/ < /g, ' > '],
  [/ > /g, ' < '],
  [/ <= /g, ' > '],
  [/ >= /g, ' < '],
  [/ === /g, ' !== '],
  [/ !== /g, ' === '],
  [/ && /g, ' || '],
  [/ \+ (?!['"`])/g, ' - '],
  [/ - /g, ' + '],
  [/ \* /g, ' / '],
  [/ \/ /g, ' * '],
  [/(?<![\w.'`])(\d+\.\d+)(?![\w'`])/g, '$1 * 1.1'],
  [/\btrue\b/g, 'false'],
];
/** Lines that hold no code, or only names and types. */
const NO_CODE = /^\s*(?:\*|\/\/|\/\*|import |export \{|export type |type |readonly |\| )/;

interface Mutant {
  readonly file: string;
  readonly line: number;
  readonly before: string;
  readonly after: string;
}

const filesUnder = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.ts') && !/\.(spec|d)\.ts$|index\.ts$/.test(name))
    .map((name) => join(folder, name))
    .filter((path) => !path.includes('/testing/'));

function mutantsOf(file: string): Mutant[] {
  return readFileSync(file, 'utf8')
    .split('\n')
    .flatMap((before, line) =>
      NO_CODE.test(before)
        ? []
        : CHANGES.flatMap(([from, to]) =>
            [...before.matchAll(from)].map(({ index, 0: found }) => ({
              file,
              line,
              before,
              after: `${before.slice(0, index)}${found.replace(new RegExp(from.source), to)}${before.slice(index + found.length)}`,
            })),
          ),
    );
}

const specsIn = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.spec.ts'))
    .map((name) => join(folder, name));

/** How specs end: 0 where they pass, null where they do not end. */
function statusOf(specs: readonly string[]): number | null {
  const { status } = spawnSync(
    process.execPath,
    ['--import', 'tsx', join(ROOT, 'node_modules/jasmine/bin/jasmine.js'), '--fail-fast', ...specs],
    { cwd: ROOT, stdio: 'ignore', timeout: MOST_MS },
  );
  return status;
}

/** Specs that were seen to pass with nothing changed: what fails anyhow notices nothing. */
const sound = new Set<string>();

function notices(specs: readonly string[]): boolean {
  return specs.length > 0 && statusOf(specs) !== 0;
}

/** Asked with nothing changed, before anything is. */
function checkSound(specs: readonly string[]): void {
  if (specs.length === 0 || sound.has(specs.join())) return;
  if (statusOf(specs) !== 0)
    throw new Error(
      `These fail with nothing changed: ${specs.map((path) => relative(COPY, path)).join(', ')}`,
    );
  sound.add(specs.join());
}

/** From the file's own folder outwards, as far as the part of the core that it is in; what is quick first. */
function asked(file: string): string[][] {
  const src = join(COPY, 'src');
  const folders: string[] = [];
  for (let at = dirname(file); at !== src && at.startsWith(src); at = dirname(at)) folders.push(at);
  const told = folders.flatMap((folder) => specsIn(folder).filter((path) => path.endsWith(TOLD)));
  const [own = [], ...outer] = folders.map((folder) =>
    specsIn(folder).filter((path) => !path.endsWith(TOLD)),
  );
  return [own, [...new Set(told)], ...outer];
}

const TOLD = 'told.spec.ts';
const [count = '200', seed = '2026', part = ''] = process.argv.slice(2);
rmSync(COPY, { recursive: true, force: true });
mkdirSync(COPY, { recursive: true });
cpSync(join(CORE, 'src'), join(COPY, 'src'), { recursive: true });
cpSync(join(CORE, 'told'), join(COPY, 'told'), { recursive: true });
cpSync(join(CORE, 'package.json'), join(COPY, 'package.json'));
cpSync(join(CORE, 'tsconfig.json'), join(COPY, 'tsconfig.json'));

const all = filesUnder(join(COPY, 'src', part)).flatMap(mutantsOf);
const chosen = seeded(Number(seed)).shuffle(all).slice(0, Number(count));
console.log(`${chosen.length} of ${all.length} changes, seed ${seed}${part ? `, in ${part}` : ''}`);
let found = 0;
for (const { file, line, before, after } of chosen) {
  asked(file).forEach(checkSound);
  const whole = readFileSync(file, 'utf8');
  const lines = whole.split('\n');
  lines[line] = after;
  writeFileSync(file, lines.join('\n'));
  if (asked(file).some(notices)) found += 1;
  else
    console.log(
      `unnoticed: ${relative(join(COPY, 'src'), file)}:${line + 1}\n  ${before.trim()}\n  ${after.trim()}`,
    );
  writeFileSync(file, whole);
}
console.log(`${found} of ${chosen.length} noticed: ${Math.round((100 * found) / chosen.length)} %`);
rmSync(COPY, { recursive: true, force: true });
