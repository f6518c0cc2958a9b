import { fileURLToPath } from 'node:url';
import { expect, goOn, headline, isSent, mainButton, test, watchErrors, type Stage } from './stage';

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
  await expect(page.locator('h2').first()).toContainText('Impedance rises at 17.2', {
    timeout: 60_000,
  });
  // While it was worked out, the page answered. Worked out on the page it would have been held for seconds; on a
  // machine that has other things to do, it is for moments.
  const held = await page.evaluate(() => (globalThis as unknown as { held: number[] }).held);
  expect(held.filter((milliseconds) => milliseconds > 1000)).toEqual([]);
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
  await expect(mainButton(page)).toContainText('Keep this place');
  await goOn(page);
  await expect(mainButton(page)).toContainText('Open the record');
  await expect(page.locator('ns-kept-places li')).toContainText('Impedance rises at 17.2');

  // What can't be used is refused with its line, and the last places are gone.
  await page.getByLabel('A trace or sweep').setInputFiles(ODD);
  await expect(page.getByRole('alert')).toContainText('line 4: has 2 numbers');
  await expect(page.locator('.place-mark')).toHaveCount(0);

  // A long work can be stopped, by the keyboard.
  await page.getByLabel('A trace or sweep').setInputFiles(SPLICE);
  await page.getByRole('button', { name: 'Stop' }).press('Enter');
  await expect(page.getByRole('progressbar', { name: 'Done' })).toHaveCount(0);

  await isSent(page);
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
    [10, '84.69'],
    [40, '0.32877 us'],
  ] as const;
  for (const [index, [metres, nanoseconds]] of delays.entries()) {
    await page.getByLabel(`Length ${index + 1}`).fill(String(metres));
    await page.getByLabel('Delay, there and back').nth(index).fill(nanoseconds);
    await page.getByLabel('Delay, there and back').nth(index).blur();
  }
  await expect(page.locator('h2').first()).toContainText('Velocity factor 0.8200');
  await expect(page.locator('section').nth(1)).toContainText('Leads before the cable: 3.33 ns');
  await page.getByLabel('Whole length').fill('30.5');
  await page.getByLabel('Delay from here').fill('100.46');
  await page.getByLabel('Delay from the far end').fill('147.62ns');
  await page.getByLabel('Delay from the far end').blur();
  await expect(page.locator('.answer')).toContainText('12.35 m ±');

  // It is kept for the cable, and the other pages go by it.
  await page.getByLabel('Reel', { exact: true }).fill('Reel 9');
  await page
    .locator('ns-next-thing')
    .getByRole('button', { name: /Keep it for this cable/ })
    .click();
  await expect(page.locator('tbody tr')).toContainText('Reel 9');
  await page.goto(await stage.linkUrl('TV01', 'reflect'));
  await isSent(page);
  await expect(page.getByLabel('Velocity factor')).toHaveValue(/^0\.8[12]/);
  await expect(page.getByText('was measured once on this cable')).toBeVisible();

  await page.goto(await stage.linkUrl('TV01', 'reflect/reel'));
  await page.getByLabel('Delay').fill('500');
  await page.getByLabel('Delay').blur();
  await expect(page.locator('ns-next-thing')).toContainText('Write on the box: RG-6');
  await goOn(page);
  await expect(page.locator('tbody tr')).toHaveCount(1);
  await isSent(page);
  await expect(page.locator('tbody tr')).toHaveCount(1);
});

/** A link of 4.2 m, taped, and what a step shows on it when its far end is this. */
async function shortLead(
  stage: Stage,
  termination: 'open' | 'short',
  length = 4.2,
): Promise<{ readonly url: string; readonly csv: string }> {
  const post = async <T>(path: string, body: unknown) =>
    (await (
      await fetch(stage.url + path, {
        method: 'POST',
        headers: { 'content-type': 'application/json', 'x-near-spoke': '1' },
        body: JSON.stringify(body),
      })
    ).json()) as T;
  const link = await post<{ id: string }>(`/api/sites/${stage.siteId}/links`, {
    label: `Lead ${termination} ${length}`,
    near: { place: 'C1', connector: 'bnc-crimp-50-rg-58' },
    far: { place: 'Bench', connector: 'bnc-crimp-50-rg-58' },
    cable: 'rg-58',
    lengthM: 4.2,
    lengthHow: 'taped',
  });
  const { trace } = await post<{
    trace: { intervalS: number; fromS: number; volts: readonly number[] };
  }>('/api/reflect/simulate', {
    segments: [{ lengthM: length, velocityFactor: 0.66, impedanceOhm: 50, loss: { a1: 1.4 } }],
    termination: { kind: termination },
    probe: { kind: 'step', riseS: 3e-10, intervalS: 1e-10, samples: 2000, beforeS: 2e-8 },
    noise: 0.002,
  });
  const rows = trace.volts.map(
    (volts, n) => `${(trace.fromS + n * trace.intervalS).toExponential(6)},${volts.toFixed(5)}`,
  );
  return {
    url: `${stage.url}/sites/${stage.siteId}/links/${link.id}/reflect`,
    csv: ['Time (s),CH1 (V)', ...rows].join('\n'),
  };
}

test('a dead short at the far plug is told as one, and only what is said to hang there is whole', async ({
  page,
  stage,
}) => {
  const give = async (csv: string) =>
    page
      .getByLabel('A trace or sweep')
      .setInputFiles({ name: 'lead.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  const short = await shortLead(stage, 'short');
  await page.goto(short.url);
  await give(short.csv);
  await expect(headline(page)).toContainText('Short at the far end, 4.2', { timeout: 60_000 });
  await expect(headline(page)).toContainText(/the plug, or the \d+\scm before it/);
  await page.getByRole('radio', { name: 'Nothing, open' }).click();
  await expect(page.locator('ns-next-thing')).toContainText('It is said to hang open');
  // After a click on a chip Space is the main button still.
  await page.keyboard.press('Space');
  await expect(page.locator('ns-kept-places li')).toContainText('Short at the far end');
  await isSent(page);
  await expect(page.locator('ns-kept-places li')).toContainText('Short at the far end');

  const open = await shortLead(stage, 'open');
  await page.goto(open.url);
  await give(open.csv);
  await expect(headline(page)).toContainText('Open at the far end', { timeout: 60_000 });
  await page.getByRole('radio', { name: 'Nothing, open' }).click();
  await expect(headline(page)).toContainText('The cable is whole to its far end, 4.2');

  // Cut 20 cm before its end, it is not.
  const cut = await shortLead(stage, 'open', 4.0);
  await page.goto(cut.url);
  await page.getByLabel('Give or take').fill('0.002');
  await page.getByLabel('Give or take').blur();
  await give(cut.csv);
  await page.getByRole('radio', { name: 'Nothing, open' }).click();
  await expect(headline(page)).toContainText('Open at', { timeout: 60_000 });
  await expect(headline(page)).not.toContainText('whole');

  // The end that is known scales the rest by one key.
  await page.goto(open.url);
  await page.getByLabel('Velocity factor').fill('0.69');
  await page.getByLabel('Give or take').fill('0.03');
  await page.getByLabel('Give or take').blur();
  await give(open.csv);
  await expect(page.locator('.known')).toContainText('This is the known end: 4.3', {
    timeout: 60_000,
  });
  await page.keyboard.press('k');
  await expect(page.getByLabel('Velocity factor')).toHaveValue(/^0\.6[56]/);
  await page.goto(open.url.replace(/reflect$/, 'reflect/velocity'));
  await page
    .getByRole('button', { name: /Take this link’s length and the end of lead.csv/ })
    .click();
  await expect(page.getByLabel('Length 1')).toHaveValue('4.2');
  await expect(headline(page)).toContainText('Velocity factor 0.6');
});
