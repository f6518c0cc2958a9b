import type { Page } from '@playwright/test';
import { expect, type Stage } from './stage';

/** One visit, until the program and the site are on this device. */
export async function visitOnce(page: Page, stage: Stage): Promise<void> {
  await page.goto(`${stage.url}/sites/${stage.siteId}`);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
  await expect(page.getByText('On this device, and open without the server')).toBeVisible({
    timeout: 60_000,
  });
  // Every file of the program that is fetched beforehand is there.
  const missing = () =>
    page.evaluate(async () => {
      const manifest = (await (await fetch('/ngsw.json')).json()) as {
        assetGroups: { installMode: string; urls: string[] }[];
      };
      const urls = manifest.assetGroups
        .filter(({ installMode }) => installMode === 'prefetch')
        .flatMap((group) => group.urls);
      const there = await Promise.all(urls.map((url) => caches.match(url)));
      return urls.length === 0 ? -1 : there.filter((one) => one === undefined).length;
    });
  await expect.poll(missing, { timeout: 120_000 }).toBe(0);
}
