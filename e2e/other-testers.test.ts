import { expect, goOn, headline, isSent, mainButton, test, watchErrors } from './stage';

interface Tests {
  readonly tests: readonly { readonly summary: string; readonly verdict: string }[];
}

test('lamps by one key, then one that is dark; what explains it counts both', async ({
  page,
  stage,
}) => {
  const errors = watchErrors(page);
  const url = await stage.linkUrl('AP05', 'verify');
  const id = url.split('/').at(-2) ?? '';
  const kept = () => stage.api<Tests>(`/api/links/${id}/tests`);
  await page.goto(url);
  await page.getByRole('radio', { name: 'Pair lamps' }).click();
  await expect(page.getByText('With it these would pass:')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'A good link shows' })).toBeVisible();
  await page.locator('h1').focus();
  await page.keyboard.press('p');
  await goOn(page);
  await expect(headline(page)).toContainText('No test has ruled out shorts');
  await expect(page.locator('p.state')).toContainText('Proven in part');
  await page.keyboard.press('n');
  // What can’t be read can’t be kept.
  await page.getByRole('textbox', { name: /pairs that light/ }).fill('21345678');
  await expect(mainButton(page)).toBeDisabled();
  await expect(page.locator('ns-next-thing .off')).toContainText('There is no lamp ‘5’');
  await page.getByRole('textbox', { name: /pairs that light/ }).fill('1 3 4');
  await mainButton(page).click();
  await expect(headline(page)).toHaveText('Pair lamps: pair 2 dark.');
  await expect(page.locator('ns-what-explains .order')).toBeVisible();
  await expect(page.locator('ns-what-explains')).toContainText('open');
  await isSent(page);
  await expect(headline(page)).toHaveText('Pair lamps: pair 2 dark.');
  expect((await kept()).tests.map(({ verdict }) => verdict)).toEqual(['as-expected', 'differs']);
  expect(errors).toEqual([]);
});

test('ohms typed are kept as tests, and judged where power is counted', async ({ page, stage }) => {
  const url = await stage.linkUrl('AP05', 'verify');
  await page.goto(url);
  await page.getByRole('radio', { name: 'Ohms' }).click();
  const boxes = page.locator('ns-line-entry input');
  await boxes.first().fill('nine');
  await expect(page.locator('.typo')).toContainText("'nine' is not a resistance");
  await expect(page.locator('ns-next-thing .off')).toContainText("'nine' is not a resistance");
  const loops = ['7.1', '7.2', '12.9', '7.1'];
  for (const [index, loop] of loops.entries()) await boxes.nth(index).fill(loop);
  await mainButton(page).click();
  await expect(page.locator('.history li')).toHaveCount(4);
  await isSent(page);
  await expect(page.locator('.history li')).toHaveCount(4);
  await page.getByRole('link', { name: 'Ohms and power' }).click();
  await expect(headline(page)).toContainText('Pair 3');
  await expect(headline(page)).toContainText('more than the other pairs');
});

test('a sweep is judged against its class: worst margin and frequency', async ({ page, stage }) => {
  await page.goto(await stage.linkUrl('K03', 'verify/limits'));
  const file = (name: string, text: string) =>
    page
      .locator('input[type=file]')
      .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  await file('bad.csv', 'MHz,NEXT\n1,60\n2,x\n');
  await expect(page.getByRole('alert')).toHaveText(
    'bad.csv, line 3: ‘x’ is not a number of decibels.',
  );
  await file('good.csv', 'MHz,Insertion loss,NEXT\n1,1.5,70\n100,15,45\n250,25,38\n');
  await expect(headline(page)).toContainText('Meets Class E in what was measured');
  await page.getByRole('radio', { name: 'Class EA' }).click();
  await expect(page.getByText('Not proven above 250 MHz').first()).toBeVisible();
  await page.getByLabel('Cords to add').fill('90');
  await page.getByLabel('Cords to add').press('Enter');
  await expect(headline(page)).toContainText('Does not meet Class EA');
});

test('a telephone line is measured step by step, to whose fault it is', async ({ page, stage }) => {
  await page.goto(await stage.linkUrl('TL02', 'verify/line'));
  await expect(headline(page)).toContainText('Measure the line with all sets hung up');
  await goOn(page);
  await page.keyboard.type('0');
  await expect(headline(page)).toContainText('Measure at the provider’s test socket');
  await mainButton(page).click();
  await page.keyboard.type('-50');
  await expect(headline(page)).toContainText('The provider’s side is good');
  await page.getByLabel('Number under each set').fill('1 1 1 1.5');
  await expect(page.getByText('4.5 of 4: too much by 0.5.')).toBeVisible();
});

test('a tester of one’s own is tried, kept, and put to a link', async ({ page, stage }) => {
  await page.goto(`${stage.url}/sites/${stage.siteId}/lamp-tester`);
  const form = page.locator('ns-own-tester-form');
  await form.getByLabel('Name').fill('Old box');
  await form.getByLabel('Steps').fill('all: lamp A near 1, - near 2, join far 1 far 2');
  await expect(form.getByText('opens (some)')).toBeVisible();
  await form.getByRole('button', { name: 'Keep it among the testers' }).click();
  await expect(form.locator('li')).toContainText('Old box');
  await page.goto(await stage.linkUrl('AP05', 'verify'));
  await page.getByRole('radio', { name: 'Old box' }).click();
  await expect(headline(page)).toContainText('Test the link');
  await page.keyboard.press('p');
  await page.getByRole('button', { name: 'A: lit' }).click();
  await page.getByRole('button', { name: 'A: dim' }).click();
  await mainButton(page).click();
  await expect(headline(page)).toHaveText('Own tester: A dark.');
  await isSent(page);
  await expect(headline(page)).toHaveText('Own tester: A dark.');
  await expect(page.locator('ns-what-explains .fault').first()).toContainText('open', {
    timeout: 30_000,
  });
});
