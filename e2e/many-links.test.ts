import { expect, headline, mainButton, siteFigure, test } from './stage';

test('5 000 links import, list, search and scroll', async ({ page, stage }) => {
  const rows = Array.from(
    { length: 5000 },
    (_, i) =>
      `S${i + 1},R${1 + (i % 11)}/A/${i + 1},Berth sensor ${i + 1},Cat 6 U/UTP solid,keystone,8P8C plug,T568B,${10 + (i % 60)} m`,
  );
  const csv = ['label,from,to,cable,near connector,far connector,scheme,length', ...rows].join(
    '\n',
  );
  await page.goto(`${stage.url}/sites/${stage.siteId}/import`);
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'berths.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(headline(page)).toHaveText('All 5000 links are read. Import them.', {
    timeout: 90_000,
  });
  await mainButton(page).click();
  await expect(siteFigure(page)).toContainText('of 5092', { timeout: 60_000 });

  // Only what is in sight is in the page.
  expect(await page.getByRole('option').count()).toBeLessThan(60);
  await page.getByRole('searchbox').fill('berth sensor 4987');
  await expect(page.getByRole('option')).toHaveCount(1);
  await page.getByRole('searchbox').fill('');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('End');
  await expect(page.getByRole('option', { name: 'S4994' })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.locator('h1')).toHaveText('S4994');

  // Scrolling from end to end draws within a frame or two each time: no long task, no blank list.
  const list = page.getByRole('listbox');
  for (const part of [0, 0.3, 0.7, 1]) {
    await list.evaluate((box, at) => (box.scrollTop = at * box.scrollHeight), part);
    await expect.poll(() => page.getByRole('option').count()).toBeGreaterThan(5);
  }
});
