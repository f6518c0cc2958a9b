import type { Page } from '@playwright/test';
import { expect, headline, test, watchErrors } from './stage';

interface Sheet {
  readonly rows: readonly {
    readonly label: string;
    readonly verdict: string;
    readonly summary: string;
    readonly times: number;
    readonly author: string;
  }[];
  readonly passed: number;
  readonly failed: number;
  readonly blindTo: readonly string[];
}

const label = (number: number) => `KC-${String(number).padStart(3, '0')}`;
/** Cords of the story that have a dark pair, and which. */
const FAULTY = new Map([
  [17, '1 2 4'],
  [44, '2 3 4'],
  [99, ''],
]);

/** One cord by keyboard alone: the keys that it took are counted. */
async function testCord(page: Page, number: number): Promise<number> {
  let keys = 0;
  const press = async (key: string) => {
    keys += 1;
    await page.keyboard.press(key);
  };
  await expect(page.getByLabel('Label', { exact: true })).toBeFocused();
  await expect(page.getByLabel('Label', { exact: true })).toHaveValue(label(number));
  await press('Enter');
  await expect(headline(page)).toHaveText(`Test ${label(number)}.`);
  const shown = FAULTY.get(number);
  if (shown === undefined) await press('p');
  else {
    await press('f');
    await expect(page.getByLabel('What the tester shows')).toBeFocused();
    await page.keyboard.type(shown);
    await press('Enter');
  }
  await expect(headline(page)).toContainText(`Take ${label(number + 1)}`);
  return keys;
}

test('120 cords by keyboard; a reload and a killed server in between; nothing lost, nothing doubled', async ({
  page,
  stage,
}) => {
  // How fast a machine is, is no matter of this.
  test.setTimeout(480_000);
  const errors = watchErrors(page);
  await page.goto(`${stage.url}/sites/${stage.siteId}/cords`);
  await page.getByLabel('Name').fill('Kiosk cords');
  await page.getByLabel('Name').press('Escape');
  await page.getByRole('button', { name: 'Begin a batch' }).click();
  await expect(page.getByRole('heading', { name: 'Kiosk cords' })).toBeVisible();
  await page.getByLabel('Label', { exact: true }).fill(label(1));
  const good: number[] = [];
  for (let number = 1; number <= 120; number += 1) {
    const keys = await testCord(page, number);
    if (!FAULTY.has(number)) good.push(keys);
    if (number === 40) {
      await page.reload();
      await expect(page.locator('.figures')).toContainText('39 good');
    }
    if (number === 60) await stage.stop();
    if (number === 75) {
      await expect(page.getByText('not at the server yet')).toBeVisible();
      await stage.start();
      await page.reload();
    }
  }
  expect(Math.max(...good)).toBeLessThanOrEqual(3);
  await expect
    .poll(() => page.getByText('not at the server yet').allInnerTexts(), { timeout: 30_000 })
    .toEqual([]);
  await expect(page.locator('.figures')).toContainText('117 good');
  await expect(page.locator('.figures')).toContainText('3 faulty');

  const { batches } = await stage.api<{ batches: { id: string; name: string }[] }>(
    `/api/sites/${stage.siteId}/cords`,
  );
  const batch = batches.find(({ name }) => name === 'Kiosk cords');
  const sheet = await stage.api<Sheet>(`/api/cords/${batch?.id ?? ''}/sheet`);
  expect(sheet.rows.map((row) => row.label)).toEqual(
    Array.from({ length: 120 }, (_, index) => label(index + 1)),
  );
  expect(new Set(sheet.rows.map(({ times }) => times))).toEqual(new Set([1]));
  expect([sheet.passed, sheet.failed]).toEqual([117, 3]);
  expect(sheet.rows[16]?.summary).toBe('Pair lamps: pair 3 dark.');
  expect(sheet.rows[98]?.summary).toBe('A fault, not described.');
  expect(sheet.blindTo).toContain('split pairs');
  const csv = await (await fetch(`${stage.url}/api/cords/${batch?.id ?? ''}/sheet.csv`)).text();
  expect(csv.trim().split('\r\n').length).toBe(121);
  const pdf = await fetch(`${stage.url}/api/cords/${batch?.id ?? ''}/sheet.pdf`);
  expect(pdf.headers.get('content-type')).toContain('application/pdf');
  expect(errors).toEqual([]);
});

test('a slip is taken back by a key, a label seen before is told, a good display is no fault', async ({
  page,
  stage,
}) => {
  await page.goto(`${stage.url}/sites/${stage.siteId}/cords`);
  await page.getByRole('button', { name: 'Begin a batch' }).click();
  const box = page.getByLabel('Label', { exact: true });
  await box.fill('A1');
  await box.press('Enter');
  await page.keyboard.press('p');
  await expect(box).toHaveValue('A2');
  await box.press('Control+z');
  await expect(page.locator('.figures')).toContainText('0 good');
  await expect(box).toHaveValue('A1');
  await box.press('Enter');
  await page.keyboard.press('f');
  const shown = page.getByLabel('What the tester shows');
  await shown.fill('1 9');
  await expect(page.getByText('There is no lamp ‘9’')).toBeVisible();
  await shown.fill('1 2 3 4');
  await expect(page.getByText('it is kept as good')).toBeVisible();
  await shown.press('Enter');
  await expect(page.locator('.figures')).toContainText('1 good');
  await box.fill('A1');
  await expect(page.getByText('A1 was good before')).toBeVisible();
});
