import { execFileSync } from 'node:child_process';
import {
  expect,
  goOn,
  goOnUntil,
  headline,
  isSent,
  mainButton,
  siteFigure,
  test,
  watchErrors,
} from './stage';

test('many ends alike are made with each tool taken once, by the main key alone', async ({
  page,
  stage,
}) => {
  const errors = watchErrors(page);
  await page.goto(`${stage.url}/sites/${stage.siteId}/batch`);
  await expect(headline(page)).toContainText('Choose ends to make together.');
  await mainButton(page).click();
  await expect(headline(page)).toContainText('Slide the boot on');
  const current = page.locator('.sessions > .current');
  const count = Number((await current.locator('.mono').innerText()).split('/')[1]);
  expect(count).toBeGreaterThan(20);
  await goOn(page);
  await expect(current).toContainText(`1/${count}`);
  await page.keyboard.press('u');
  await expect(current).toContainText(`0/${count}`);
  for (let done = 0; done < count; done += 1) {
    await goOn(page);
    if (done < count - 1) await expect(current).toContainText(`${done + 1}/${count}`);
  }
  await expect(current).toContainText('jacket stripper');
  await expect(page.locator('.caution').first()).toBeVisible();
  const { links } = await stage.api<{ links: { id: string; label: string }[] }>(
    `/api/sites/${stage.siteId}/links`,
  );
  const cord = links.find(({ label }) => label === 'PC17')?.id ?? '';
  await expect
    .poll(async () => {
      const { ticks } = await stage.api<{ ticks: { key: string; end: string }[] }>(
        `/api/links/${cord}/ticks`,
      );
      return ticks.map(({ end, key }) => `${end} ${key}`).sort();
    })
    .toEqual(['far thread-boot', 'near thread-boot']);
  await isSent(page);
  await expect(page.locator('.sessions')).toContainText(`${count}/${count}`);
  expect(errors).toEqual([]);
});

test('a plug of one’s own, from its sheet, mends a link that nothing fitted', async ({
  page,
  stage,
}) => {
  const errors = watchErrors(page);
  await page.goto(`${stage.url}/sites/${stage.siteId}/catalogue/plug-8p8c`);
  await mainButton(page).click();
  const field = (name: string) => page.getByRole('textbox', { name });
  await field('Jacket that it takes, at most').fill('8,2 apples');
  await expect(page.getByText('not a unit')).toBeVisible();
  await field('Name, as it is ordered').fill('Wide plug, part 12');
  await field('Where the sizes come from').fill('sheet of the part, revision C');
  await field('Jacket that it takes, at most').fill('0.323 in');
  await field('Insulation or dielectric, at most').fill('1.3');
  await expect(page.getByRole('status').last()).toContainText('and 14 more');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(headline(page)).toHaveText('Wide plug, part 12');

  await page.goto(await stage.linkUrl('AP09', 'terminate'));
  await page.getByRole('button', { name: /Far end/ }).click();
  await expect(headline(page)).toContainText('does not take');
  await mainButton(page).click();
  await page.getByRole('combobox', { name: 'Connector' }).last().click();
  await page.getByRole('option', { name: 'Wide plug, part 12' }).click();
  await expect(page.locator('form .bad')).toHaveCount(0);
  await page.getByRole('button', { name: 'Save the changes' }).click();
  await expect(page.locator('ns-link-frame .state').first()).toContainText('Planned');
  await page.getByRole('button', { name: /Far end/ }).click();
  await expect(page.locator('ns-connector-face').first()).toContainText('Wide plug, part 12');
  await isSent(page);
  await page.getByRole('button', { name: /Far end/ }).click();
  await expect(page.locator('ns-cutback').first()).toContainText('from its sheet');
  expect(errors).toEqual([]);
});

test('a crimped coaxial end is made by reading the screen, and its test is known beforehand', async ({
  page,
  stage,
}) => {
  await page.goto(await stage.linkUrl('AI01', 'terminate'));
  await expect(page.locator('ns-on-cable')).toContainText('ferrule');
  await goOnUntil(page, 'The near end is made', () => goOn(page));
  await isSent(page);
  await expect(page.locator('.list .ends')).toContainText('made');
  await page.keyboard.press('3');
  await page.getByRole('radio', { name: 'Order and shorts' }).click();
  await expect(page.locator('ns-wire-board')).toContainText('CU');
});

test('a school that the job has chosen is followed at every end, and can be left at one link', async ({
  page,
  stage,
}) => {
  await page.goto(`${stage.url}/sites/${stage.siteId}/settings`);
  await page.getByRole('combobox', { name: 'Centre pins of crimped coaxial plugs?' }).click();
  await page.getByRole('option', { name: /^Soldered/ }).click();
  const why = page.getByRole('textbox', { name: 'Why', exact: true });
  await why.nth(1).fill('No pin die in the van');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(siteFigure(page)).toBeVisible();
  await page.goto(await stage.linkUrl('AI01', 'terminate'));
  await expect(page.locator('.list')).toContainText('Solder the pin through its window');
  await expect(page.locator('.facts')).toContainText('No pin die in the van');
  await page.getByRole('link', { name: 'Change it for this link' }).click();
  await page.getByRole('combobox', { name: 'Centre pins of crimped coaxial plugs?' }).click();
  await page.getByRole('option', { name: /^Crimped/ }).click();
  await page.getByRole('button', { name: 'Save the changes' }).click();
  await isSent(page);
  await expect(page.locator('.list')).toContainText('Crimp the pin with its own die');
});

test('the template prints at one to one from the browser', async ({ page, stage }) => {
  await page.goto(
    `${stage.url}/sites/${stage.siteId}/template?cable=rg-58&connector=bnc-crimp-50-rg-58`,
  );
  await expect(page.locator('svg.template')).toBeVisible();
  const pdf = await page.pdf({ format: 'A4', preferCSSPageSize: true });
  const pgm = execFileSync('pdftoppm', ['-r', '300', '-gray', '-singlefile', '-'], {
    input: pdf,
    maxBuffer: 64e6,
  });
  const [head = '', width = '1'] =
    /^P5\s+(\d+)\s+\d+\s+\d+\s/.exec(pgm.toString('latin1', 0, 40)) ?? [];
  const runs: number[] = [];
  let length = 0;
  for (let at = head.length; at < pgm.length; at += 1) {
    const dark = (pgm[at] ?? 255) < 140;
    const rowEnds = (at - head.length + 1) % Number(width) === 0;
    if (dark) length += 1;
    if (!dark || rowEnds) {
      if (length > 1000) runs.push((length * 25.4) / 300);
      length = 0;
    }
  }
  const off = (mm: number) => Math.min(...runs.map((run) => Math.abs(run - mm)));
  expect(off(100)).toBeLessThan(0.2);
  expect(off(101.6)).toBeLessThan(0.2);
});
