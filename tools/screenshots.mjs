import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { build } from './build.mjs';
import { startCluster } from './database.mjs';
import { CHROMIUM, checkNode, ensureChromium, ensureModules, ensurePostgres } from './install.mjs';
import { MIGRATIONS, ROOT, SERVER_BUNDLE, STATE, WEB_DIST } from './paths.mjs';
import { say } from './run.mjs';

// The pictures of the README, from the demonstration data: npm run screenshots
const SHOTS = [
  { name: 'overview', path: '' },
  { name: 'import', path: 'import', act: badSchedule },
  { name: 'terminate-plug', link: 'K06', path: 'terminate' },
  { name: 'terminate-cuts', link: 'GR07', path: 'terminate' },
  { name: 'terminate-coax', link: 'AI01', path: 'terminate' },
  { name: 'terminate-soldered', link: 'WM02', path: 'terminate' },
  { name: 'batch', path: 'batch', act: takeLargest },
  { name: 'catalogue', path: 'catalogue/d-sub-9-soldered-plug' },
  { name: 'kit', path: 'kit' },
  { name: 'template', path: 'template?cable=rg-58&connector=bnc-crimp-50-rg-58' },
  { name: 'verify-enter', link: 'TO06', path: 'verify', act: typeMap },
  { name: 'verify-fault', link: 'K04', path: 'verify', act: explained },
  { name: 'record', link: 'K03', path: 'record' },
  { name: 'map-wiring', adapter: 'Display-board console' },
  { name: 'map-measure', adapter: 'Gate reader supply', act: measure },
  { name: 'adapters', path: 'adapters' },
  { name: 'cabinet', link: 'UP04', path: 'verify', theme: 'cabinet' },
  { name: 'tablet', link: 'CT01', path: 'terminate', size: [820, 1180] },
  { name: 'phone', link: 'WM01', path: 'terminate', size: [390, 844] },
];

async function badSchedule(page) {
  const text = [
    'label;from;to;cable;near connector;far connector;scheme;length',
    'K09;C1/A/09;Ticket kiosk 9;Cat 6 U/UTP solid;keystone;8P8C plug;T568B;46,5 m',
    'K10;C1/A/10;Ticket kiosk 10;Cat 6 U/UTP solid;keystone;8P8C plug;T568B;12,5x',
    'K11;C1/A/11;;Cat 9;keystone;hook;T568C;49 m',
    'K04;C1/A/12;Ticket kiosk 12;Cat 6 U/UTP solid;keystone;8P8C plug;T568B;51,5 m',
  ].join('\n');
  const file = { name: 'kiosks.csv', mimeType: 'text/csv', buffer: Buffer.from(text) };
  await page.locator('input[type=file]').setInputFiles(file);
  await page.locator('.cells').waitFor();
}

async function takeLargest(page) {
  await page.keyboard.press('Space');
  await page.locator('.sessions').waitFor();
}

async function measure(page) {
  await page.keyboard.press('t');
  for (let count = 0; count < 3; count += 1) await page.keyboard.press('p');
}

/** Until what explains the reading has been worked out. */
async function explained(page) {
  await page.locator('ns-what-explains .order').waitFor();
}

async function typeMap(page) {
  await page.keyboard.press('w');
  await page.keyboard.type('124356-8');
}

checkNode();
await ensureModules();
const bin = await ensurePostgres();
await ensureChromium();
await build();
const folder = join(STATE, `screenshots-${process.pid}`);
mkdirSync(folder, { recursive: true });
const cluster = await startCluster({ folder, bin, throwaway: true });
const { serve } = await import(SERVER_BUNDLE);
const server = await serve({
  databaseUrl: cluster.url,
  port: 0,
  migrationsFolder: MIGRATIONS,
  webRoot: WEB_DIST,
  version: 'screenshots',
  demo: true,
});
const browser = await chromium.launch({
  executablePath: CHROMIUM,
  args: ['--no-sandbox', '--disable-gpu'],
});
try {
  const read = async (path) => (await fetch(server.url + path)).json();
  const site = (await read('/api/sites')).sites[0].id;
  const { links } = await read(`/api/sites/${site}/links`);
  const { adapters } = await read('/api/adapters');
  for (const {
    name,
    path = '',
    link,
    adapter,
    act,
    theme = 'daylight',
    size: [width, height] = [1280, 800],
  } of SHOTS) {
    const page = await browser.newPage({
      viewport: { width, height },
      reducedMotion: 'reduce',
      timezoneId: 'UTC',
    });
    await page.addInitScript(
      (chosen) => localStorage.setItem('near-spoke.theme', `"${chosen}"`),
      theme,
    );
    const open = link
      ? `links/${links.find((row) => row.label === link).id}/`
      : adapter
        ? `adapters/${adapters.find((row) => row.name === adapter).id}`
        : '';
    await page.goto(`${server.url}/sites/${site}/${open}${path}`);
    await page.locator('ns-next-thing').waitFor();
    await page.waitForLoadState('networkidle');
    await act?.(page);
    await page.screenshot({ path: join(ROOT, `docs/screenshots/${name}.png`) });
    say(name);
    await page.close();
  }
} finally {
  await browser.close();
  await server.stop();
  await cluster.stop();
  rmSync(folder, { recursive: true, force: true });
}
