import { fileURLToPath } from 'node:url';
import type { Page } from '@playwright/test';
import { expect, headline, test, watchErrors, type Stage } from './stage';

/** Made by another simulator: a bad splice at 17.2 m of a pair, open at 63.4 m. */
const SPLICE = fileURLToPath(
  new URL('../apps/server/test/captures/pair-splice-step.csv.gz', import.meta.url),
);
const SCHEDULE = `label,from,to,length,cable,scheme,near connector,far connector,route
IM1,C1,Hall,208 ft,Cat 6 U/UTP solid,T568B,keystone,8P8C plug,Tray @ 10 ft | Void @ 100 ft
IM2,C1,Mast,120 ft,RG-58 coax,,BNC crimp plug,BNC crimp plug,
`;

/** Lengths in metres that a page shows; behind inches, in brackets, they may stand. */
async function metresOn(page: Page): Promise<string[]> {
  const text = (await page.locator('main').innerText()).replace(/ in \([^)]*\)/g, ' in');
  const units = await page.locator('[matTextSuffix]').allInnerTexts();
  return [
    ...(text.match(/(?<![\w/.])\d+(?:[.,]\d+)?\s?(?:mm|cm|m|metres?)\b(?![Ω²/])/g) ?? []),
    ...units.filter((unit) => /^(?:m|cm|mm|dB\/100 m)$/.test(unit.trim())),
  ];
}

async function siteInFeet({ url }: Stage) {
  const post = async (path: string, body: string, type: string) => {
    const answer = await fetch(url + path, {
      method: 'POST',
      headers: { 'content-type': type },
      body,
    });
    if (!answer.ok) throw new Error(await answer.text());
    return (await answer.json()) as { readonly id: string };
  };
  const site = await post(
    '/api/sites',
    JSON.stringify({ name: 'North pier', units: 'imperial' }),
    'application/json',
  );
  await post(`/api/sites/${site.id}/links/import`, SCHEDULE, 'text/csv');
  return site.id;
}

test('a site that measures in feet shows no metre, and reads what is typed as feet', async ({
  page,
  stage,
}) => {
  const errors = watchErrors(page);
  const siteId = await siteInFeet(stage);
  const { links } = await stage.api<{ links: { id: string; label: string }[] }>(
    `/api/sites/${siteId}/links`,
  );
  const of = (label: string, path: string) =>
    `${stage.url}/sites/${siteId}/links/${links.find((link) => link.label === label)?.id ?? ''}/${path}`;

  for (const path of ['setup', 'simulate', 'velocity', 'reel'])
    await test.step(path, async () => {
      await page.goto(of('IM1', `reflect/${path}`));
      await expect(headline(page)).toBeVisible();
      expect(await metresOn(page)).toEqual([]);
    });
  await page.goto(of('IM2', 'verify/loss'));
  await expect(page.getByText('dB/100 ft')).toBeVisible();
  expect(await metresOn(page)).toEqual([]);

  // What is typed bare is feet, and the place from both ends is told in them.
  await page.goto(of('IM1', 'reflect/velocity'));
  await page.getByLabel('Length 1').fill('100');
  await page.getByLabel('Delay, there and back').first().fill('290.5');
  await expect(page.locator('.sum')).toHaveText(
    '2 × 100 ft / (983 571 056 ft/s × 290.50 ns) = 0.700',
  );

  // A trace, its plot and its place on the route.
  await page.goto(of('IM1', 'reflect'));
  await page.getByLabel('Velocity factor').fill('0.69');
  await page.getByLabel('A trace or sweep').setInputFiles(SPLICE);
  const place = page.locator('section ol li').filter({ hasText: /5[67]\.\d\d ft/ });
  await expect(place.first()).toBeVisible({ timeout: 60_000 });
  await expect(
    page.getByText(/between\sTray\sand\sVoid,\s\d+\.\d\d\sft\sbehind\sTray/),
  ).toBeVisible();
  expect(await metresOn(page)).toEqual([]);

  // The form shows the feet that were imported, and the schedule goes out as it came.
  await page.goto(of('IM1', 'edit'));
  await expect(page.getByLabel('Length', { exact: true })).toHaveValue('208 ft');
  await expect(page.getByLabel('Route, from the near end')).toHaveValue(
    'Tray @ 10 ft | Void @ 100 ft',
  );
  const csv = await (await fetch(`${stage.url}/api/sites/${siteId}/links/export`)).text();
  expect(csv).toContain('208 ft');
  expect(csv).not.toMatch(/\d m\b/);
  expect(errors).toEqual([]);
});
