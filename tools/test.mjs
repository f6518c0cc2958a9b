import './plain-errors.mjs';
import { mkdirSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build, ngProgram } from './build.mjs';
import { startCluster } from './cluster/index.mjs';
import {
  checkNode,
  ensureChromium,
  ensureModules,
  ensurePostgres,
  ensureTestPrograms,
  lookBeforeTests,
} from './install.mjs';
import { forgetData } from './known-data.mjs';
import { ROOT, STATE, WEB } from './paths.mjs';
import { Refusal } from './refusal.mjs';
import { run, say } from './run.mjs';

// Runs every test, or those that are named, by suite or by a part of a file's name:
// `npm test -- unit server/killed e2e/offline`.
const SUITES = { unit: testUnits, tools: testTools, server: testServer, e2e: testStories };

checkNode();
await lookBeforeTests();
await ensureModules();
const wanted = (process.argv.length > 2 ? process.argv.slice(2) : Object.keys(SUITES)).map((name) =>
  name.split('/'),
);
const unknown = wanted.filter(([suite]) => !(suite in SUITES));
if (unknown.length > 0)
  throw new Refusal(`No suite ${unknown.join()}: ${Object.keys(SUITES).join(', ')}.`);

const bin = await ensurePostgres();
await ensureChromium();
await ensureTestPrograms();
await build();

// A folder and a database of its own: other tests and a running start are not disturbed.
const folder = join(STATE, `test-${process.pid}`);
forgetData(folder);
rmSync(folder, { recursive: true, force: true });
mkdirSync(folder, { recursive: true });
const cluster = await startCluster({ folder: join(folder, 'postgres'), bin, throwaway: true });
const env = {
  ...process.env,
  NG_CLI_ANALYTICS: 'false',
  TEST_DATABASE_URL: cluster.url,
  TEST_FOLDER: folder,
  POSTGRES_BIN: bin,
};

let stopping = false;
async function stop(code) {
  if (stopping) return;
  stopping = true;
  await cluster.stop();
  forgetData(folder);
  rmSync(folder, { recursive: true, force: true });
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop(1));

const total = { passed: 0, failed: 0, skipped: 0 };
for (const [name, part = ''] of wanted) {
  say(`\n== ${name}${part && `, ${part}`}`);
  const { passed, failed, skipped = 0 } = await SUITES[name](part);
  say(`${name}: ${counted(passed, failed, skipped)}`);
  total.skipped += skipped;
  total.passed += passed;
  total.failed += failed;
}
say(`\n${counted(total.passed, total.failed, total.skipped)}`);
say('Putting the test database away.');
await stop(total.failed > 0 || total.passed === 0 ? 1 : 0);

/** In the last line stands also what was not run. */
function counted(passed, failed, skipped) {
  return `${passed} passed, ${failed} failed${skipped > 0 ? `, ${skipped} skipped or pending` : ''}`;
}

/** Core, contract and web under Karma. Fails too when a spec file was left out by its path. */
async function testUnits() {
  const file = join(folder, 'unit.json');
  const code = await run(process.execPath, [ngProgram(), 'test'], {
    cwd: WEB,
    env: { ...env, COUNTS_FILE: file },
  });
  const counts = readCounts(file, code);
  const missing = suiteTitles().filter((title) => !counts.suites?.includes(title));
  for (const title of missing) say(`No spec of “${title}” was run.`);
  return { ...counts, failed: counts.failed + missing.length };
}

/** The commands: how they start, what they refuse, what they keep. */
function testTools(part) {
  return testSpecs('tools', [`tools/test/*${part}*.test.mjs`]);
}

/** The server over HTTP, against a real PostgreSQL, and the simulated instruments. */
function testServer(part) {
  return testSpecs('server', [
    `apps/server/test/*${part}*.test.ts`,
    `apps/instruments/test/*${part}*.test.ts`,
  ]);
}

async function testSpecs(name, files) {
  const file = join(folder, `${name}.json`);
  const args = ['--import', 'tsx', join(ROOT, 'tools/test/run-specs.mjs'), ...files];
  const code = await run(process.execPath, args, { cwd: ROOT, env: { ...env, COUNTS_FILE: file } });
  return readCounts(file, code);
}

/** The stories, in a browser. */
async function testStories(part) {
  const file = join(folder, 'e2e.json');
  const program = join(ROOT, 'node_modules/@playwright/test/cli.js');
  const code = await run(
    process.execPath,
    [program, 'test', '--config', 'e2e/playwright.config.ts', ...(part ? [part] : [])],
    {
      cwd: ROOT,
      env: { ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: file, PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1' },
    },
  );
  try {
    const { stats } = JSON.parse(readFileSync(file, 'utf8'));
    const failed = stats.unexpected + stats.flaky;
    return {
      passed: stats.expected,
      failed: failed === 0 && code !== 0 ? 1 : failed,
      skipped: stats.skipped,
    };
  } catch {
    return { passed: 0, failed: 1 };
  }
}

/** A suite that ended badly without naming a failed test has failed all the same. */
function readCounts(file, code) {
  try {
    const counts = JSON.parse(readFileSync(file, 'utf8'));
    return { ...counts, failed: counts.failed === 0 && code !== 0 ? 1 : counts.failed };
  } catch {
    return { passed: 0, failed: 1 };
  }
}

/** The titles of the outer suites in every spec file. */
function suiteTitles() {
  const titles = [];
  const visit = (path) => {
    for (const entry of readdirSync(path, { withFileTypes: true })) {
      const at = join(path, entry.name);
      if (entry.isDirectory()) {
        if (entry.name !== 'node_modules' && entry.name !== 'dist') visit(at);
      } else if (entry.name.endsWith('.spec.ts'))
        for (const [, title] of readFileSync(at, 'utf8').matchAll(/^describe\('([^']+)'/gm))
          titles.push(title);
    }
  };
  visit(join(ROOT, 'packages'));
  visit(join(WEB, 'src'));
  return titles;
}
