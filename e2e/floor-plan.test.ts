import type { Page } from '@playwright/test';
import PDFDocument from 'pdfkit';
import { expect, goOn, headline, test, watchErrors, type Stage } from './stage';

/** An A3 sheet lying, in points, on which a metre of the building is 36 of them. */
const SHEET = { width: 1190.55, height: 841.89 };
const METRE = 36;
/** Where its corner in the north west lies. */
const CORNER = { x: 55, y: 60 };

type Metres = readonly [x: number, y: number];

/** A cover, and the floor that is wanted: a hall of 30 by 20 m, drawn as lines. */
async function planPdf(): Promise<Buffer> {
  const pdf = new PDFDocument({ size: 'A3', layout: 'landscape', margin: 0 });
  const parts: Buffer[] = [];
  pdf.on('data', (part: Buffer) => parts.push(part));
  const ended = new Promise((resolve) => pdf.on('end', resolve));
  pdf.fontSize(40).text('Hall 7', 100, 100);
  pdf.addPage();
  pdf
    .lineWidth(4)
    .rect(CORNER.x, CORNER.y, 30 * METRE, 20 * METRE)
    .stroke();
  pdf.fontSize(18).text('Łódź hall', CORNER.x + 20, CORNER.y + 20);
  pdf.end();
  await ended;
  return Buffer.concat(parts);
}

async function depot({ url }: Stage): Promise<string> {
  const post = async (path: string, body: object) => {
    const headers = { 'content-type': 'application/json', 'x-near-spoke': '1' };
    const answer = await fetch(url + path, { method: 'POST', headers, body: JSON.stringify(body) });
    return (await answer.json()) as { id: string };
  };
  const { id } = await post('/api/sites', { name: 'Hall 7' });
  for (const [label, far] of [
    ['Z1', 'Press 1'],
    ['Z2', 'Press 2'],
  ])
    await post(`/api/sites/${id}/links`, {
      label,
      near: { place: 'M1/A/01', connector: 'keystone-punch-down' },
      far: { place: far, connector: 'plug-8p8c' },
      cable: 'cat6-uutp-solid',
    });
  return id;
}

/** Presses on the plan where a point of the building is. */
async function press(page: Page, [x, y]: Metres): Promise<void> {
  const box = await page.locator('ns-floor-map .plan').boundingBox();
  if (!box) throw new Error('No plan');
  await page.mouse.click(
    box.x + ((CORNER.x + x * METRE) / SHEET.width) * box.width,
    box.y + ((CORNER.y + y * METRE) / SHEET.height) * box.height,
  );
}

test('A plan on paper becomes lengths that its links keep', async ({ page, stage }) => {
  const errors = watchErrors(page);
  const siteId = await depot(stage);
  await page.goto(`${stage.url}/sites/${siteId}/floor`);
  await expect(headline(page)).toHaveText('No floor plan is here yet.');
  await page.getByLabel('Choose the picture').setInputFiles({
    name: 'Hall 7.pdf',
    mimeType: 'application/pdf',
    buffer: await planPdf(),
  });
  await expect(page.getByText('Hall 7.pdf has 2 pages. Which one?')).toBeVisible();
  await page.getByRole('textbox', { name: 'Page' }).fill('2');
  await page.getByRole('button', { name: 'Take this page' }).click();

  await expect(headline(page)).toHaveText('Hall 7 has no scale yet.');
  await expect(page.locator('ns-floor-map .plan')).toBeVisible();
  await goOn(page);
  await press(page, [0, 0]);
  await press(page, [30, 0]);
  await page.getByLabel('Distance').fill('30');
  await page.getByLabel('Distance').press('Enter');

  await expect(headline(page)).toHaveText('3 places to go: M1 is next.');
  await goOn(page);
  await page.getByLabel('Height').fill('1.5');
  await press(page, [2, 6]);
  await page.getByLabel('Height').fill('0.5');
  await expect(headline(page)).toContainText('Press 1');
  await press(page, [20, 8]);
  await expect(headline(page)).toContainText('Press 2');
  await press(page, [26, 15]);
  await expect(headline(page)).toHaveText(
    'All places of the links are on a plan. Choose one to move it.',
  );

  await page.getByRole('radio', { name: 'Ways' }).click();
  await page.getByLabel('Height').fill('3');
  await press(page, [2, 5]);
  await press(page, [25, 5]);
  await press(page, [25, 18]);
  await goOn(page);
  await page.getByRole('radio', { name: 'Lengths' }).click();

  // 1.5 up, 1 across; 18 along; 3 across, 2.5 down; a metre at each end: 28. And 2.5, 33, 3.5 and 2: 41.
  const rows = async () => page.locator('ns-floor-lengths tbody tr').allInnerTexts();
  const told = async () =>
    (await rows()).map((row) => Number(/(\d+\.\d) m ±/u.exec(row)?.[1] ?? NaN));
  const isWithin = async () => {
    const [first = NaN, second = NaN] = await told();
    return Math.abs(first / 28 - 1) < 0.01 && Math.abs(second / 41 - 1) < 0.01;
  };
  await expect.poll(isWithin).toBe(true);
  await page.reload();
  await expect.poll(isWithin).toBe(true);
  await expect(headline(page)).toHaveText('2 links have a length by the plan, 2 not as kept.');
  await goOn(page);
  await expect(page.getByText('2 links changed.')).toBeVisible();
  await expect(headline(page)).toHaveText('2 links have a length by the plan.');
  const { links } = await stage.api<{ links: { lengthM: number; lengthHow: string }[] }>(
    `/api/sites/${siteId}/links`,
  );
  expect(links.map(({ lengthHow }) => lengthHow)).toEqual(['drawn', 'drawn']);
  expect(Math.abs((links[0]?.lengthM ?? 0) / 28 - 1)).toBeLessThan(0.01);
  expect(errors).toEqual([]);
});
