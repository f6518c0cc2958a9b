import './plain-errors.mjs';
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { build } from './build.mjs';
import { startCluster } from './cluster/index.mjs';
import { CHROMIUM, checkNode, ensureChromium, ensureModules, ensurePostgres } from './install.mjs';
import { MIGRATIONS, ROOT, SERVER_BUNDLE, STATE, WEB_DIST } from './paths.mjs';
import { say } from './run.mjs';

// The pictures of the README, from the demonstration data: npm run screenshots
const SHOTS = [
  { name: 'overview', path: '' },
  { name: 'import', path: 'import', act: badSchedule },
  { name: 'terminate-plug', link: 'K06', path: 'terminate' },
  { name: 'terminate-coax', link: 'AI01', path: 'terminate' },
  { name: 'batch', path: 'batch', act: takeLargest },
  { name: 'catalogue', path: 'catalogue/d-sub-9-soldered-plug' },
  { name: 'kit', path: 'kit' },
  { name: 'verify-lamps', link: 'AP05', path: 'verify', act: chooseLamps },
  { name: 'verify-fault', link: 'K04', path: 'verify', act: explained },
  { name: 'labels', path: 'labels', act: drawn },
  { name: 'limits', link: 'K03', path: 'verify/limits', act: giveSweep },
  { name: 'cords', path: 'cords', act: openBatch },
  { name: 'floor-plan', path: 'floor', act: lookAtFault },
  { name: 'reflect', link: 'QC01', path: 'reflect', act: giveTrace },
  { name: 'record', link: 'K03', path: 'record' },
  { name: 'map-wiring', adapter: 'Display-board console' },
  { name: 'cabinet', path: 'history?q=fault', theme: 'cabinet', act: drawn },
  { name: 'tablet', path: 'day', size: [820, 1180], act: beginAtEight },
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

/** A trace of another simulator, with a bad splice on it. */
async function giveTrace(page) {
  const file = join(ROOT, 'apps/server/test/captures/pair-splice-step.csv.gz');
  await page.getByLabel('A trace or sweep').setInputFiles(file);
  await page.locator('section ol li').first().waitFor({ timeout: 60_000 });
  await page.waitForTimeout(500);
}

/** The run of a link whose fault was found by reflectometry. */
async function lookAtFault(page) {
  await page.getByRole('button', { name: 'Show AP07 on the plan' }).click();
  await page.locator('ns-floor-map .spot.fault').waitFor();
  await drawn(page);
}

async function beginAtEight(page) {
  const begin = page.getByLabel('Begins at');
  await begin.fill('8:00');
  await begin.blur();
  await drawn(page);
}

async function drawn(page) {
  await page.waitForTimeout(2500);
}

/** Presses the main key once a new page takes one. */
async function goOn(page) {
  await page.locator('ns-next-thing .main button:not([aria-disabled=true])').waitFor();
  await page.keyboard.press('Space');
}

async function takeLargest(page) {
  await goOn(page);
  await page.locator('.sessions').waitFor();
}

async function chooseLamps(page) {
  await page.getByRole('radio', { name: 'Scanning lamps' }).click();
  await page.getByText('With it these would pass').waitFor();
}

/** A permanent link of category 6 whose crosstalk is short near 100 MHz. */
async function giveSweep(page) {
  const rows = Array.from({ length: 120 }, (_, index) => {
    const mhz = 250 ** (index / 119);
    const loss = 0.42 * (1.82 * Math.sqrt(mhz) + 0.0169 * mhz + 0.25 / Math.sqrt(mhz));
    const ripple = 2.5 * Math.sin(7 * Math.log(mhz));
    const next =
      74 - 15 * Math.log10(mhz) + ripple - 6 * Math.exp(-((Math.log(mhz / 96) / 0.15) ** 2));
    return [mhz, loss, next].map((value) => value.toFixed(3)).join(',');
  });
  const text = ['MHz,Insertion loss 3-6,NEXT 3-6/4-5', ...rows].join('\n');
  const file = { name: 'K03.csv', mimeType: 'text/csv', buffer: Buffer.from(text) };
  await page.locator('input[type=file]').setInputFiles(file);
  await page.getByRole('radio', { name: 'NEXT', exact: true }).click();
  await page.waitForTimeout(300);
}

async function openBatch(page) {
  await page.getByRole('link', { name: 'Kiosk cords, first box' }).click();
  await page.locator('.figures').waitFor();
  await page.keyboard.press('Enter');
  await page.keyboard.press('f');
  await page.keyboard.type('1 2 4');
}

/** Until what explains the reading has been worked out. */
async function explained(page) {
  await page.locator('ns-what-explains .order').waitFor();
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
