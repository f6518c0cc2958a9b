import { createHash } from 'node:crypto';
import { cpSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { WEB_ROOT, expect, goOn, headline, test, type Stage } from './stage';
import { visitOnce } from './visit-once';

test.use({ serviceWorkers: 'allow' });

const away = (page: Page) => page.getByText('The server does not answer.');

const readings = (stage: Stage, link: string) =>
  stage.api<{ readings: { id: string }[] }>(`/api/links/${link}/readings`);
const ticks = (stage: Stage, link: string) =>
  stage.api<{ ticks: { id: string; key: string; end: string }[] }>(`/api/links/${link}/ticks`);

test('after one visit all pages work with the server killed, and every entry arrives once', async ({
  page,
  stage,
}) => {
  const made = await stage.linkUrl('GR08', 'terminate');
  const bare = await stage.linkUrl('K06', 'terminate');
  const [madeId, bareId] = [made, bare].map((url) => url.split('/').at(-2) ?? '');
  await visitOnce(page, stage);
  const before = {
    readings: (await readings(stage, madeId ?? '')).readings.length,
    ticks: (await ticks(stage, bareId ?? '')).ticks.length,
  };
  await stage.kill();

  // A page of each stage that was never opened, from a cold start of the page too.
  await page.goto(bare);
  await expect(headline(page)).toContainText('Lay the conductors');
  await expect(away(page)).toBeVisible();
  await expect(page.getByText(/as it was on this device at/)).toBeVisible();
  await goOn(page);
  await expect(headline(page)).not.toContainText('Lay the conductors');
  await expect(page.getByText('One entry is kept on this device')).toBeVisible();

  await page.goto(made);
  await page.locator('h1').focus();
  await page.keyboard.press('3');
  await expect(page).toHaveURL(/\/verify$/);
  await page.getByRole('radio', { name: 'Order and shorts' }).click();
  await expect(headline(page)).toContainText('Test the link');
  await page.keyboard.press('p');
  await goOn(page);
  await expect(page.getByText('2 entries are kept on this device')).toBeVisible();
  for (const [path, words] of [
    ['adapters', /Weather mast to bus/],
    ['cords', /cord/i],
    ['catalogue', /Cat 6/],
    ['kit', /server does not answer/i],
    [`links/${madeId ?? ''}/map`, /GR08/],
    [`links/${madeId ?? ''}/reflect`, /trace|pulse/i],
    [`links/${madeId ?? ''}/reflect/velocity`, /length/i],
    [`links/${madeId ?? ''}/verify/ohms`, /Ω|ohm/i],
    [`links/${madeId ?? ''}/record`, /GR08/],
  ] as const) {
    await page.goto(`${stage.url}/sites/${stage.siteId}/${path}`);
    await expect(page.locator('main')).toContainText(words);
    await expect(page.locator('main')).not.toContainText(/not brought along|not taken along/);
  }

  await stage.start();
  await expect(away(page)).toBeHidden({ timeout: 30_000 });
  await expect
    .poll(async () => (await readings(stage, madeId ?? '')).readings.length)
    .toBe(before.readings + 1);
  await expect
    .poll(async () => (await ticks(stage, bareId ?? '')).ticks.length)
    .toBe(before.ticks + 1);
});

test('a server that hangs is noticed, and what is entered meanwhile arrives once', async ({
  page,
  stage,
}) => {
  const url = await stage.linkUrl('K06', 'terminate');
  const id = url.split('/').at(-2) ?? '';
  await page.goto(url);
  await expect(headline(page)).toContainText('Lay the conductors');
  const before = (await ticks(stage, id)).ticks.length;
  stage.hang();
  await goOn(page);
  await goOn(page);
  await expect(headline(page)).toContainText('Push the conductors into the plug');
  await expect(page.getByText('2 entries are kept on this device')).toBeVisible({
    timeout: 25_000,
  });
  stage.resume();
  await expect(page.getByText(/kept on this device and sent/)).toBeHidden({ timeout: 30_000 });
  await expect.poll(async () => (await ticks(stage, id)).ticks.length).toBe(before + 2);
});

test('two tabs send what waits once, and blame nobody', async ({ page, context, stage }) => {
  const url = await stage.linkUrl('K06', 'terminate');
  const id = url.split('/').at(-2) ?? '';
  const other = await context.newPage();
  await page.goto(url);
  await other.goto(url);
  for (const tab of [page, other]) await expect(headline(tab)).toContainText('Lay the conductors');
  const before = (await ticks(stage, id)).ticks.length;
  await stage.kill();
  await page.bringToFront();
  await goOn(page);
  await expect(headline(page)).not.toContainText('Lay the conductors');
  // What was done in one is seen in the other.
  await expect(headline(other)).not.toContainText('Lay the conductors');
  await other.bringToFront();
  await goOn(other);
  await expect(other.getByText('2 entries are kept on this device')).toBeVisible();
  await stage.start();
  for (const tab of [page, other]) await expect(away(tab)).toBeHidden({ timeout: 30_000 });
  await expect.poll(async () => (await ticks(stage, id)).ticks.length).toBe(before + 2);
  for (const tab of [page, other]) await expect(tab.getByRole('alert')).toHaveCount(0);
});

test('where the device takes no more, nothing is called kept', async ({ page, context, stage }) => {
  const url = await stage.linkUrl('K06', 'terminate');
  const id = url.split('/').at(-2) ?? '';
  const browser = await context.newCDPSession(page);
  await browser.send('Storage.overrideQuotaForOrigin', { origin: stage.url, quotaSize: 1 });
  await page.goto(url);
  await expect(headline(page)).toContainText('Lay the conductors');
  await expect(page.getByRole('alert')).toContainText('Make room on this device.');
  const before = (await ticks(stage, id)).ticks.length;
  await stage.kill();
  await goOn(page);
  await expect(page.getByRole('alert')).toContainText('This device’s store takes no more.');
  await expect(page.getByRole('alert')).toContainText('in this page alone');
  await expect(page.getByText(/kept on this device and sent/)).toHaveCount(0);
  await stage.start();
  await expect(away(page)).toBeHidden({ timeout: 30_000 });
  await expect.poll(async () => (await ticks(stage, id)).ticks.length).toBe(before + 1);
});

test('a newer program is told, once what waited is sent', async ({ page, stage }, {
  outputDir,
}) => {
  const url = await stage.linkUrl('K06', 'terminate');
  const id = url.split('/').at(-2) ?? '';
  await visitOnce(page, stage);
  await page.goto(url);
  await expect(headline(page)).toContainText('Lay the conductors');
  const before = (await ticks(stage, id)).ticks.length;
  await stage.kill();
  await goOn(page);
  await expect(page.getByText('One entry is kept on this device')).toBeVisible();
  const newer = join(outputDir, 'newer');
  cpSync(WEB_ROOT, newer, { recursive: true });
  try {
    const index = readFileSync(join(newer, 'index.html'), 'utf8').replace(
      '</body>',
      '<!-- newer --></body>',
    );
    const list = JSON.parse(readFileSync(join(newer, 'ngsw.json'), 'utf8')) as {
      timestamp: number;
      hashTable: Record<string, string>;
    };
    list.timestamp += 1;
    list.hashTable['/index.html'] = createHash('sha1').update(index).digest('hex');
    writeFileSync(join(newer, 'index.html'), index);
    writeFileSync(join(newer, 'ngsw.json'), JSON.stringify(list));
    await stage.start(newer);
    await expect.poll(async () => (await ticks(stage, id)).ticks.length).toBe(before + 1);
    await expect(page.getByText('A newer Near Spoke is here.')).toBeVisible({ timeout: 60_000 });
    await page.getByRole('button', { name: 'Reload to take it' }).click();
    await expect.poll(() => page.content()).toContain('<!-- newer -->');
    await expect(headline(page)).toBeVisible();
    await expect(headline(page)).not.toContainText('Lay the conductors');
  } finally {
    rmSync(newer, { recursive: true, force: true });
  }
});
