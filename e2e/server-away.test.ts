import { expect, goOn, headline, isSent, mainButton, test } from './stage';

test('what is done while the server is away is kept, and sent when it is back', async ({
  page,
  stage,
}) => {
  const url = await stage.linkUrl('K06', 'terminate');
  const link = url.split('/').at(-2) ?? '';
  const ticks = () => stage.api<{ ticks: unknown[] }>(`/api/links/${link}/ticks`);
  await page.goto(url);
  await expect(headline(page)).toContainText('Lay the conductors');
  const before = (await ticks()).ticks.length;

  await stage.stop();
  await goOn(page);
  await goOn(page);
  await expect(headline(page)).toContainText('Push the conductors into the plug');
  await expect(page.getByText('The server does not answer.')).toBeVisible();
  await expect(page.getByText('2 entries are kept on this device')).toBeVisible();

  await stage.start();
  await expect(page.getByText('The server does not answer.')).toBeHidden({ timeout: 15_000 });
  await expect.poll(async () => (await ticks()).ticks.length).toBe(before + 2);
  await isSent(page);
  await expect(headline(page)).toContainText('Push the conductors into the plug');
});

test('a reload loses nothing: neither what is unsent nor what is half typed', async ({
  page,
  stage,
}) => {
  await page.goto(await stage.linkUrl('K06', 'verify'));
  await page.getByRole('radio', { name: 'Order and shorts' }).click();
  await expect(headline(page)).toContainText('Test the link');
  await page.keyboard.press('w');
  await page.keyboard.type('12435');
  // The page is there, its server is not: a tick waits through a reload.
  await page.route('**/api/**/ticks', (route) =>
    route.request().method() === 'POST' ? route.abort() : route.continue(),
  );
  await page.locator('h1').focus();
  await page.keyboard.press('1');
  await expect(headline(page)).toContainText('Lay the conductors');
  await mainButton(page).click();
  await expect(headline(page)).toContainText('Trim all eight');
  await page.reload();
  await expect(headline(page)).toContainText('Trim all eight');
  await page.keyboard.press('3');
  await expect(page.getByRole('textbox', { name: /type the far contacts/ })).toHaveValue('12435');
  await page.unroute('**/api/**/ticks');
  await expect(page.getByText('The server does not answer.')).toBeHidden({ timeout: 15_000 });
  await isSent(page);
  await expect(headline(page)).toContainText('Keep this reading');
  await page.keyboard.press('1');
  await expect(headline(page)).toContainText('Trim all eight');
});

test('a change that someone else overtook is told, and what is stored is shown', async ({
  page,
  stage,
}) => {
  const url = await stage.linkUrl('K07', 'edit');
  const link = url.split('/').at(-2) ?? '';
  await page.goto(url);
  await expect(page.getByRole('textbox', { name: 'Label' })).toHaveValue('K07');
  const other = await page.request.patch(`${stage.url}/api/links/${link}`, {
    data: { version: 1, lengthM: 43 },
  });
  expect(other.status()).toBe(200);
  await page.getByRole('textbox', { name: 'Length' }).fill('50 m');
  await page.getByRole('button', { name: 'Save the changes' }).click();
  await expect(page.getByRole('alert')).toContainText('Change of K07 was not taken.');
  await expect(page.locator('ns-link-ruler')).toContainText('43 m');
});

test('a reading that is not true is taken back with a reason, also over a server that is away', async ({
  page,
  stage,
}) => {
  const url = await stage.linkUrl('K04', 'record');
  const link = url.split('/').at(-2) ?? '';
  const record = () =>
    stage.api<{ readings: unknown[]; voided: { reason: string }[] }>(`/api/links/${link}/record`);
  const before = (await record()).readings.length;
  await page.goto(url);
  await expect(page.getByText('One fault found.')).toBeVisible();
  await stage.stop();
  await page
    .getByRole('button', { name: /^Take back: / })
    .first()
    .click();
  await page.getByLabel('Why is this not true?').fill('Read on K05, not on K04.');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Taken back' })).toBeVisible();
  await expect(page.getByText('One fault found.')).toHaveCSS(
    'text-decoration-line',
    'line-through',
  );

  await stage.start();
  await isSent(page);
  await expect.poll(async () => (await record()).voided.length).toBe(1);
  const kept = await record();
  expect(kept.readings.length).toBe(before - 1);
  expect(kept.voided[0]?.reason).toBe('Read on K05, not on K04.');
  await page.reload();
  await expect(page.getByText('by tech 1: Read on K05, not on K04.')).toBeVisible();
});
