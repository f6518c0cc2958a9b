import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import type { Page } from '@playwright/test';
import { expect, goOn, headline, isSent, mainButton, test, watchErrors } from './stage';

const TRACE = fileURLToPath(
  new URL('../apps/server/test/captures/cut-from-near.csv.gz', import.meta.url),
);
/** The smallest PNG: one point. */
const PHOTO = {
  name: 'end.png',
  mimeType: 'image/png',
  buffer: Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  ),
};
/** What writes: sums and lists that are asked for by POST do not. */
const WRITES = /\/api\/(sites|links|adapters|parts|testers|cords|facts|blobs)/;
const ASKS = /\/(along|import|kit|pace)$/;

/** The server does what it is told, and its answer is lost, the first time that each thing is sent. */
async function loseAnswers(page: Page): Promise<() => string[]> {
  const lost = new Map<string, string>();
  await page.route(WRITES, async (route) => {
    const request = route.request();
    const { pathname } = new URL(request.url());
    if (request.method() === 'GET' || ASKS.test(pathname)) return route.continue();
    const key = `${request.method()} ${request.url()} ${request.postDataBuffer()?.toString('base64') ?? ''}`;
    if (lost.has(key)) return route.continue();
    lost.set(key, `${request.method()} ${pathname.replace(/[0-9a-f-]{36}/g, '{id}')}`);
    await route.fetch();
    return route.abort();
  });
  return () => [...new Set(lost.values())].sort();
}

test('every kind of write whose answer is lost is sent again, and is there once', async ({
  page,
  stage,
}) => {
  const errors = watchErrors(page);
  test.setTimeout(300_000);
  const lost = await loseAnswers(page);
  const site = `${stage.url}/sites/${stage.siteId}`;
  const field = (name: string) => page.getByRole('textbox', { name });

  // A site, and what is chosen for one.
  await page.goto(stage.url);
  await page.getByLabel('Name of the site').fill('Łódź pier');
  await page.getByRole('button', { name: 'Begin this site' }).click();
  await expect(page).toHaveURL(/\/sites\/[0-9a-f-]{36}$/);
  await isSent(page);
  await page.goto(`${site}/settings`);
  await field('Note').fill('Quay closed on Mondays');
  await page.getByRole('button', { name: 'Save' }).click();
  await isSent(page);

  // A part of one's own, put away and taken back.
  await page.goto(`${site}/catalogue/plug-8p8c`);
  await mainButton(page).click();
  await field('Name, as it is ordered').fill('Wide plug');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(headline(page)).toHaveText('Wide plug');
  await page.getByRole('button', { name: 'Put it away' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await isSent(page);
  await expect(headline(page)).toHaveText('Wide plug');

  // A link, changed, put away and taken back.
  await page.goto(`${site}/links/new`);
  await field('Label').fill('HP01');
  await field('Place').first().fill('G2/C/01');
  await field('Place').last().fill('Help point 1');
  await page.getByRole('button', { name: 'Add this link' }).click();
  await expect(page.locator('h1')).toHaveText('HP01');
  await page.getByRole('button', { name: 'More for HP01' }).click();
  await page.getByRole('menuitem', { name: 'Change this link' }).click();
  await field('Length').fill('9.5 m');
  await page.getByRole('button', { name: 'Save the changes' }).click();
  await expect(page.locator('ns-link-ruler')).toContainText('9.5 m');
  await isSent(page);
  await page.getByRole('button', { name: 'More for HP01' }).click();
  await page.getByRole('menuitem', { name: 'Put this link away' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await isSent(page);

  // A tick, a fact that is taken back, a trace with its file, a place.
  const k06 = (await stage.linkUrl('K06', 'terminate')).split('/').at(-2) ?? '';
  const ticks = async () =>
    (await stage.api<{ ticks: unknown[] }>(`/api/links/${k06}/ticks`)).ticks;
  const ticked = (await ticks()).length;
  await page.goto(await stage.linkUrl('K06', 'terminate'));
  await goOn(page);
  await isSent(page);
  expect((await ticks()).length).toBe(ticked + 1);
  await page.goto(await stage.linkUrl('K04', 'record'));
  await page
    .getByRole('button', { name: /^Take back: / })
    .first()
    .click();
  await page.getByLabel('Why is this not true?').fill('Read on K05.');
  await page.keyboard.press('Enter');
  await page.getByLabel('What is to be known').fill('Tile 14 is glued');
  await page.getByRole('button', { name: 'Keep the note' }).click();
  await page.getByLabel('What is to be known').fill('Pair 3 nicked');
  await page.getByLabel('Photos of this link').setInputFiles(PHOTO);
  await isSent(page);
  await page.reload();
  await expect(page.getByText('Near end: Tile 14 is glued')).toHaveCount(1);
  const photo = page.getByRole('img', { name: 'Near end: Pair 3 nicked' });
  await expect(photo).toHaveCount(1);
  await expect.poll(() => photo.evaluate((one: HTMLImageElement) => one.naturalWidth)).toBe(1);
  await page.goto(await stage.linkUrl('K06', 'reflect'));
  await page.getByLabel('A trace or sweep').setInputFiles(TRACE);
  await page.getByRole('button', { name: 'Keep this trace with the link' }).click();
  await page.getByRole('button', { name: 'Keep this place in the record' }).click();
  await isSent(page);

  // Cords, and a measurement of an adapter, taken back.
  await page.goto(`${site}/cords`);
  await page.getByLabel('Name').fill('Lost and found');
  await page.getByLabel('Name').press('Escape');
  await page.getByRole('button', { name: 'Begin a batch' }).click();
  await page.getByLabel('Label', { exact: true }).fill('LF-001');
  await page.keyboard.press('Enter');
  await page.keyboard.press('p');
  await expect(headline(page)).toContainText('Take LF-002');
  await isSent(page);
  await page.goto(await stage.adapterUrl('Passenger counter ribbon', 'test'));
  await page.getByRole('button', { name: 'It beeps' }).first().click();
  await expect(page.locator('ns-test-view li.passed')).toHaveCount(1);
  await isSent(page);
  await expect(page.locator('ns-test-view li.passed')).toHaveCount(1);
  await page.keyboard.press('u');
  await expect(page.locator('ns-test-view li.passed')).toHaveCount(0);
  await isSent(page);

  // All of it is there, each once.
  const names = async (path: string, list: string) =>
    (await stage.api<Record<string, { name?: string; label?: string }[]>>(path))[list]?.map(
      ({ name, label }) => name ?? label ?? '',
    ) ?? [];
  const once = async (path: string, list: string, name: string) =>
    expect((await names(path, list)).filter((row) => row === name)).toEqual([name]);
  await once('/api/sites', 'sites', 'Łódź pier');
  await once(`/api/sites/${stage.siteId}/links?limit=1000`, 'links', 'HP01');
  await once(`/api/sites/${stage.siteId}/cords`, 'batches', 'Lost and found');
  const { note } = await stage.api<{ note: string }>(`/api/sites/${stage.siteId}`);
  expect(note).toBe('Quay closed on Mondays');
  const { parts } = await stage.api<{ parts: { away: boolean; version: number }[] }>('/api/parts');
  expect(parts.map(({ away, version }) => [away, version])).toEqual([[false, 3]]);
  const record = await stage.api<{
    traces: { blob: string; bytes: number }[];
    places: unknown[];
  }>(`/api/links/${k06}/record`);
  expect([record.traces.length, record.places.length]).toEqual([1, 1]);
  const kept = await fetch(`${stage.url}/api/blobs/${record.traces[0]?.blob ?? ''}`);
  expect(Buffer.from(await kept.arrayBuffer()).equals(readFileSync(TRACE))).toBe(true);
  expect(lost()).toEqual([
    'DELETE /api/links/{id}',
    'DELETE /api/parts/{id}',
    'PATCH /api/links/{id}',
    'PATCH /api/sites/{id}',
    'POST /api/adapters/{id}/facts',
    'POST /api/blobs',
    'POST /api/cords/{id}/facts',
    'POST /api/facts/{id}/void',
    'POST /api/links/{id}/notes',
    'POST /api/links/{id}/photos',
    'POST /api/links/{id}/restore',
    'POST /api/links/{id}/ticks',
    'POST /api/links/{id}/traces',
    'POST /api/parts',
    'POST /api/parts/{id}/restore',
    'POST /api/sites',
    'POST /api/sites/{id}/cable-facts',
    'POST /api/sites/{id}/cords',
    'POST /api/sites/{id}/links',
  ]);
  expect(errors).toEqual([]);
});
