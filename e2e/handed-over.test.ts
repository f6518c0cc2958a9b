import { readFile, writeFile } from 'node:fs/promises';
import { pathToFileURL } from 'node:url';
import { expect, goOn, test } from './stage';

test('A site is handed over, and the client finds out by himself whether it was changed', async ({
  page,
  stage,
}, info) => {
  // A document is made behind everything else: a busy machine takes minutes.
  test.setTimeout(600_000);
  await page.goto(`${stage.url}/sites/${stage.siteId}/handover`);
  const spoken = (await page.locator('.key').textContent())?.trim() ?? '';
  expect(spoken).toMatch(/^([0-9A-F]{4} ){7}[0-9A-F]{4}$/);
  const [document] = await Promise.all([page.waitForEvent('download'), goOn(page)]);
  const pdf = info.outputPath('handover.pdf');
  await document.saveAs(pdf);
  await expect(page.getByRole('status').filter({ hasText: 'is made' })).toBeVisible();
  const [checker] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Checking page' }).click(),
  ]);
  const html = info.outputPath('check.html');
  await checker.saveAs(html);

  // On the client's machine, without any server.
  await stage.stop();
  await page.context().setOffline(true);
  await page.goto(pathToFileURL(html).href);
  await expect(page.locator('code')).toHaveText(spoken);
  const result = page.getByRole('status');
  await page.locator('#file').setInputFiles(pdf);
  await expect(result).toHaveText('handover.pdf: Not changed since it was signed, by this key.');
  const bytes = await readFile(pdf);
  const middle = Math.floor(bytes.length / 2);
  bytes[middle] = (bytes[middle] ?? 0) ^ 1;
  const changed = info.outputPath('changed.pdf');
  await writeFile(changed, bytes);
  await page.locator('#file').setInputFiles(changed);
  await expect(result).toContainText('changed.pdf: CHANGED since it was signed.');
  await page.locator('#file').setInputFiles(html);
  await expect(result).toContainText('check.html: Not signed at all');
});
