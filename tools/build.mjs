import './plain-errors.mjs';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import { checkNode, ensureModules } from './install.mjs';
import { withLock } from './lock.mjs';
import {
  ROOT,
  SERVER_BUNDLE,
  SERVER_PROGRAM,
  STATE,
  TESTER_BUNDLE,
  WEB,
  WEB_DIST,
} from './paths.mjs';
import { must, say } from './run.mjs';

const SOURCES = ['packages', 'apps', 'package-lock.json', 'tsconfig.base.json', 'tools/build.mjs'];
const NOT_SOURCE = new Set(['node_modules', 'dist', '.angular', 'test', 'bench', 'migrations']);
/** The first download without fonts, in bytes after gzip. */
const INITIAL_BUDGET = 230_000;

/** The path of Angular's command line program. */
export function ngProgram() {
  const resolve = createRequire(join(WEB, 'package.json')).resolve;
  return join(dirname(resolve('@angular/cli/package.json')), 'bin/ng.js');
}

/** Builds server and web app unless they are built from just these sources. */
export function build({ force = false } = {}) {
  return withLock('build', async () => {
    const stamp = join(STATE, 'build-stamp');
    const sources = hashSources();
    const current = existsSync(stamp) && readFileSync(stamp, 'utf8') === sources;
    const built = [SERVER_BUNDLE, TESTER_BUNDLE, join(WEB_DIST, 'index.html')].every(existsSync);
    if (!force && current && built) return;
    say('Building. This takes about a minute.');
    await Promise.all([buildServer(), buildWeb()]);
    checkBudget();
    mkdirSync(STATE, { recursive: true });
    writeFileSync(stamp, sources);
  });
}

function hashSources() {
  const hash = createHash('sha256');
  const visit = (path) => {
    const entries = readdirSync(path, { withFileTypes: true });
    for (const entry of entries.sort((a, b) => a.name.localeCompare(b.name))) {
      const at = join(path, entry.name);
      if (NOT_SOURCE.has(entry.name) || /\.spec\.ts$/.test(entry.name)) continue;
      if (entry.isDirectory()) visit(at);
      else hash.update(relative(ROOT, at)).update(readFileSync(at));
    }
  };
  for (const source of SOURCES) {
    const at = join(ROOT, source);
    if (source.includes('.')) hash.update(readFileSync(at));
    else visit(at);
  }
  return hash.digest('hex');
}

async function buildServer() {
  const { dependencies } = JSON.parse(readFileSync(join(ROOT, 'apps/server/package.json'), 'utf8'));
  const external = Object.keys(dependencies).filter((name) => !name.startsWith('@near-spoke/'));
  const outside = [...external, 'drizzle-orm/*', 'papaparse'];
  const server = join(ROOT, 'apps/server/src');
  // The server, the server as a process of its own, and what its processes for jobs run.
  for (const [source, built] of [
    ['main.ts', SERVER_BUNDLE],
    ['run.ts', SERVER_PROGRAM],
    ['work/worker.ts', join(dirname(SERVER_BUNDLE), 'worker.js')],
  ])
    await bundle(join(server, source), built, outside);
  // What a client checks a signature with: a page of its own, that the server writes it into.
  await bundle(join(WEB, 'src/check/check.ts'), join(dirname(SERVER_BUNDLE), 'check.js'), [], {
    platform: 'browser',
    format: 'iife',
    target: 'es2022',
    sourcemap: false,
    minify: true,
  });
  await bundle(join(ROOT, 'apps/instruments/src/main.ts'), TESTER_BUNDLE, ['zod', 'ml-matrix']);
}

async function bundle(entry, outfile, external, more = {}) {
  const { build: run } = await import('esbuild');
  await run({
    entryPoints: [entry],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    sourcemap: true,
    external,
    logLevel: 'warning',
    ...more,
  });
}

async function buildWeb() {
  await must('The web build', process.execPath, [ngProgram(), 'build'], {
    cwd: WEB,
    env: { ...process.env, NG_CLI_ANALYTICS: 'false' },
  });
}

/** Fails when what a browser loads before the first screen has grown past the budget. */
function checkBudget() {
  const page = readFileSync(join(WEB_DIST, 'index.html'), 'utf8');
  const files = new Map();
  const add = (name) => {
    if (files.has(name)) return;
    const text = readFileSync(join(WEB_DIST, name), 'utf8');
    files.set(name, gzipSync(text).length);
    for (const [, imported] of text.matchAll(/(?:from|import)\s*"\.\/([\w.-]+\.js)"/g))
      add(imported);
  };
  for (const [, name] of page.matchAll(/(?:src|href)="([\w.-]+\.(?:js|css))"/g)) add(name);
  const size = [...files.values()].reduce((sum, bytes) => sum + bytes, gzipSync(page).length);
  say(
    `First download: ${(size / 1000).toFixed(0)} kB gzipped, fonts aside (budget ${INITIAL_BUDGET / 1000} kB).`,
  );
  if (files.size === 0 || size > INITIAL_BUDGET)
    throw new Error(
      `The first download is ${size} bytes gzipped; the budget is ${INITIAL_BUDGET}.`,
    );
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  checkNode();
  await ensureModules();
  await build({ force: true });
}
