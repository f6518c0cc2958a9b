import { fileURLToPath } from 'node:url';
import { expect, goOn, test, watchErrors } from './stage';

/** Made by another simulator: a bad splice at 17.2 m of a pair, open at 63.4 m. */
const SPLICE = fileURLToPath(
  new URL('../apps/server/test/captures/pair-splice-step.csv.gz', import.meta.url),
);
const ODD = fileURLToPath(
  new URL('../apps/server/test/captures/broken-odd-columns.s1p.gz', import.meta.url),
);

test('a trace becomes a place on the route, with the sum to check it by', async ({
  page,
  stage,
}) => {
  const errors = watchErrors(page);
  // How long the page was held at a time, since it was opened.
  await page.addInitScript(() => {
    const held: number[] = [];
    Object.assign(globalThis, { held });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) held.push(entry.duration);
    }).observe({ type: 'longtask', buffered: true });
  });
  // What is known of the cable may come after the trace: then that is explained anew.
  for (const late of ['**/rows*', '**/along', '**/cable-facts'])
    await page.route(late, async (route) => {
      await new Promise((done) => setTimeout(done, 2000));
      await route.continue();
    });
  await page.goto(await stage.linkUrl('AP06', 'reflect'));
  await page.getByLabel('Velocity factor').fill('0.69');
  await page.getByLabel('Give or take').fill('0.005');
  await page.getByLabel('Rise').fill('1');
  await page.getByLabel('Rise').blur();
  await page.evaluate(() => (globalThis as unknown as { held: number[] }).held.splice(0));
  await page.getByLabel('A trace or sweep').setInputFiles(SPLICE);
  await expect(page.getByRole('progressbar', { name: 'Done' })).toBeVisible();
  // While it is worked out, the page answers: a second of it is looked at.
  await page.waitForTimeout(1000);
  await expect(page.getByRole('progressbar', { name: 'Done' })).toBeVisible();
  const held = await page.evaluate(() => (globalThis as unknown as { held: number[] }).held);
  // Worked out on the page it would be held for seconds; on a machine that has other things to do, for moments.
  expect(held.filter((milliseconds) => milliseconds > 1000)).toEqual([]);
  await expect(page.locator('h2').first()).toContainText('Impedance rises at 17.2', {
    timeout: 60_000,
  });
  test
    .info()
    .annotations.push({ type: 'longest task, ms', description: String(Math.max(0, ...held)) });
  await expect(page.locator('ns-next-thing')).toContainText(
    'between Tray T1 and Ceiling void east',
  );
  await expect(page.locator('ns-next-thing')).toContainText('To have it within for 95 %, open');
  await expect(page.locator('section ol li').filter({ hasText: 'Open' })).toContainText('63.');
  await expect(page.locator('li p.sum')).toContainText('0.69 × 299 792 458 m/s × 166.');
  await expect(page.locator('.place-mark').first()).toBeVisible();

  // Layer by layer, too; and the record keeps the place until it is taken back.
  await page.getByText('Impedance along the line').click();
  await expect(page.getByText('As if the cable had no loss.')).toBeVisible();
  await page.getByRole('button', { name: 'Keep this place in the record' }).click();
  await expect(page.locator('ns-kept-places li')).toContainText('Impedance rises at 17.2');

  // What can't be used is refused with its line, and the last places are gone.
  await page.getByLabel('A trace or sweep').setInputFiles(ODD);
  await expect(page.getByRole('alert')).toContainText('line 4: has 2 numbers');
  await expect(page.locator('.place-mark')).toHaveCount(0);

  // A long work can be stopped, by the keyboard.
  await page.getByLabel('A trace or sweep').setInputFiles(SPLICE);
  await page.getByRole('button', { name: 'Stop' }).press('Enter');
  await expect(page.getByRole('progressbar', { name: 'Done' })).toHaveCount(0);

  await page.goto(await stage.linkUrl('AP06', 'record'));
  await expect(page.locator('article')).toContainText('Impedance rises at 17.2');
  await page.goto(await stage.linkUrl('AP06', 'reflect'));
  await page.locator('ns-kept-places').getByRole('button', { name: 'Take back' }).click();
  await expect(page.locator('ns-kept-places li')).toHaveCount(0);
  await page.goto(await stage.linkUrl('AP06', 'record'));
  await expect(page.locator('article')).toContainText('Wire map');
  await expect(page.locator('article')).not.toContainText('Impedance rises');
  expect(errors).toEqual([]);
});

test('two lengths give the velocity factor, two ends the place, a delay the reel', async ({
  page,
  stage,
}) => {
  await page.goto(await stage.linkUrl('TV01', 'reflect/velocity'));
  const delays = [
    [10, '104.07'],
    [40, '406.28'],
  ] as const;
  for (const [index, [metres, nanoseconds]] of delays.entries()) {
    await page.getByLabel(`Length ${index + 1}`).fill(String(metres));
    await page.getByLabel('Delay, there and back').nth(index).fill(nanoseconds);
    await page.getByLabel('Delay, there and back').nth(index).blur();
  }
  await expect(page.locator('h2').first()).toContainText('Velocity factor 0.6622');
  await expect(page.locator('section').nth(1)).toContainText('Leads before the cable: 3.33 ns');
  await page.getByLabel('Whole length').fill('30.5');
  await page.getByLabel('Delay from here').fill('124.4');
  await page.getByLabel('Delay from the far end').fill('182.8');
  await page.getByLabel('Delay from the far end').blur();
  await expect(page.locator('.answer')).toContainText('12.35 ±');

  // It is kept for the cable, and the other pages go by it.
  await page.getByLabel('Reel', { exact: true }).fill('Reel 9');
  await page
    .locator('ns-next-thing')
    .getByRole('button', { name: /Keep it for this cable/ })
    .click();
  await expect(page.locator('tbody tr')).toContainText('Reel 9');
  await page.goto(await stage.linkUrl('TV01', 'reflect'));
  await expect(page.getByLabel('Velocity factor')).toHaveValue('0.6622');
  await expect(page.getByText('was measured once on this cable')).toBeVisible();

  await page.goto(await stage.linkUrl('TV01', 'reflect/reel'));
  await page.getByLabel('Delay').fill('500');
  await page.getByLabel('Delay').blur();
  await expect(page.locator('ns-next-thing')).toContainText('Write on the box: RG-6');
  await goOn(page);
  await expect(page.locator('tbody tr')).toHaveCount(1);
});
