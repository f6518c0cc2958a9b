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

const HEAD = 'Label;From;To;Cable type;Near connector;Far connector;Wiring;Length (m)';
const GOOD = `${HEAD}\r\nQ01;C1/Q/01;Quay camera 1;Cat 6 U/UTP solid;keystone;8P8C plug;B;12,5\r\n`;
const BAD = `${HEAD}\r\nQ01;C1/Q/01;Quay camera 1;Cat 6 U/UTP solid;keystone;8P8C plug;B;12,5x\r\nQ02;C1/Q/02;;Cat 9;keystone;8P8C plug;B;9\r\n`;

test('one drop, from the schedule to the printed record, by mouse', async ({ page, stage }) => {
  const errors = watchErrors(page);
  await page.goto(`${stage.url}/sites`);
  await page.getByRole('link', { name: /Skerry Holm/ }).click();
  await expect(siteFigure(page)).toContainText('of 92 links proven');

  // A schedule with bad cells: all of them are told, nothing is imported.
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Schedule', exact: true })).toHaveAttribute(
    'aria-current',
    'page',
  );
  await expect(headline(page)).toHaveText('Bring the cable schedule.');
  const file = page.locator('input[type=file]');
  await file.setInputFiles({ name: 'quay.csv', mimeType: 'text/csv', buffer: Buffer.from(BAD) });
  await expect(headline(page)).toHaveText('Mend these cells and bring the file again.');
  const cells = page.locator('.cells li');
  await expect(cells).toHaveCount(3);
  await expect(cells.first()).toContainText('Line 2, column 8');
  await expect(cells.first()).toContainText("'x' is not a unit");

  await file.setInputFiles({ name: 'quay.csv', mimeType: 'text/csv', buffer: Buffer.from(GOOD) });
  await expect(headline(page)).toHaveText('One link is read. Import it.');
  await expect(page.locator('tbody tr')).toContainText('12.5 m');
  await mainButton(page).click();
  await expect(siteFigure(page)).toContainText('of 93 links proven');

  // The new link: both ends, one step at a time.
  await page.getByRole('searchbox').fill('quay camera');
  await page.getByRole('option', { name: /Q01/ }).click();
  await expect(headline(page)).toContainText('Score the jacket 45 mm from the end');
  await expect(page.locator('ns-connector-face figcaption')).toContainText('Wiring side');
  await page.getByRole('button', { name: /Turn it over/ }).click();
  await expect(page.locator('ns-connector-face figcaption')).toContainText(
    'Looking into the opening',
  );
  await goOnUntil(page, 'The far end is made.');
  await expect(page.locator('ns-link-frame .state').first()).toContainText('Made, not tested');
  await mainButton(page).click();

  // A wrong reading, drawn: near 1 and 2 arrive crossed at the far end.
  await expect(headline(page)).toHaveText('Choose the tester in your hand.');
  await page.getByRole('radio', { name: 'Order and shorts' }).click();
  await expect(headline(page)).toContainText('Test the link');
  await expect(mainButton(page)).toBeDisabled();
  await expect(page.locator('ns-next-thing .off')).toHaveText(
    'Nothing is entered yet. All good: P.',
  );
  await page.keyboard.press('p');
  const contact = (name: RegExp) => page.getByRole('button', { name });
  await contact(/^near contact 1,/).click();
  await contact(/^far contact 1,/).click();
  await contact(/^near contact 2,/).click();
  await contact(/^far contact 2,/).click();
  await contact(/^near contact 1,/).dragTo(contact(/^far contact 2,/));
  await contact(/^near contact 2,/).dragTo(contact(/^far contact 1,/));
  await mainButton(page).click();
  await expect(page.locator('.verdict')).toHaveText('Fault');
  await expect(page.locator('.faults li')).toContainText('Reversed pair');
  await expect(page.locator('.faults li')).toContainText('Pair 2 is reversed');

  // Remake the far end and test again with a tester that sees pairing.
  await page.getByRole('button', { name: 'Remake the far end' }).click();
  await expect(headline(page)).toContainText('Slide the boot on');
  await goOnUntil(page, 'The far end is made.');
  await expect(page.locator('ns-link-frame .state').first()).toContainText('Remade, test again');
  await mainButton(page).click();
  await expect(headline(page)).toContainText('Test the link');
  await page.getByRole('radio', { name: 'Sees pairing' }).click();
  await page.getByRole('button', { name: /All as on a good link/ }).click();
  await expect(headline(page)).toContainText('Keep this reading');
  await mainButton(page).click();
  await expect(headline(page)).toHaveText('This link is proven. Print its record.');
  await mainButton(page).click();

  await expect(page.locator('article')).toContainText('Good: straight, no opens');
  await expect(page.locator('article')).toContainText('One fault found.');
  await isSent(page);
  await expect(page.locator('article')).toContainText('Entered by one key, as on a good link.');
  await expect(page.locator('article')).toContainText('Entered by hand.');
  await expect(page.locator('article')).toContainText('ticked together');
  const pdfUrl = await page.getByRole('link', { name: 'PDF' }).getAttribute('href');
  await expect
    .poll(
      async () =>
        (await stage.api<{ readings: unknown[] }>(`${pdfUrl?.replace('.pdf', '')}`)).readings
          .length,
    )
    .toBe(2);
  const pdf = await page.request.get(stage.url + String(pdfUrl));
  expect(pdf.headers()['content-type']).toContain('application/pdf');
  const words = execFileSync('pdftotext', ['-layout', '-', '-'], {
    input: await pdf.body(),
  }).toString();
  expect(words.replace(/\s+/g, ' ')).toContain('Entered by one key, as on a good link.');
  expect(words).toMatch(/\d+ of the ticks were set together/);

  // On paper: the record, and nothing of the frame.
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeHidden();
  await expect(page.locator('article h2')).toHaveText('Q01');
  expect(errors).toEqual([]);
});

test('one drop, by keyboard alone', async ({ page, stage }) => {
  const errors = watchErrors(page);
  await page.goto(`${stage.url}/sites/${stage.siteId}`);
  await expect(siteFigure(page)).toBeVisible();
  await page.keyboard.press('/');
  await page.keyboard.type('TO06');
  await page.keyboard.press('Enter');
  await expect(headline(page)).toHaveText('Choose the tester in your hand.');
  await page.getByRole('radio', { name: 'Order and shorts' }).focus();
  await page.keyboard.press('Space');
  await expect(headline(page)).toHaveText('Test the link and enter what the tester shows.');

  // Typed, with a slip that is told, then a fault.
  await page.locator('h1').focus();
  await page.keyboard.press('w');
  await page.keyboard.type('1243x');
  await expect(page.locator('.typo')).toContainText('can’t stand here');
  await page.keyboard.press('Backspace');
  await page.keyboard.type('5678');
  await page.keyboard.press('Enter');
  await expect(page.locator('.verdict')).toHaveText('Fault');
  await expect(page.locator('.faults li')).toContainText('White-orange and blue are swapped');

  // One key for a whole good link, another to keep it; then its record.
  await page.locator('h1').focus();
  await page.keyboard.press('p');
  await expect(page.locator('.verdict')).toHaveCount(0);
  await goOn(page);
  await expect(page.locator('.verdict')).toHaveText('Proven in part');
  await page.keyboard.press('5');
  await expect(page.locator('article')).toContainText('Order and shorts verified');

  // A page and a part by name, from a field that is being typed in too.
  await page.keyboard.press('Control+k');
  await page.keyboard.type('parts and');
  await expect(page.getByRole('option').first()).toContainText('What to bring');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/kit$/);
  await page.keyboard.press('Control+k');
  await page.keyboard.type('settings');
  await page.keyboard.press('Control+k');
  await page.keyboard.type('d-sub 9 solder');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/catalogue\/d-sub-9-soldered/);

  // Another link from the list: Terminate, tick by tick, and a tick taken back.
  await page.keyboard.press('/');
  await page.keyboard.press('Escape');
  await page.keyboard.type('K06');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(headline(page)).toContainText('Lay the conductors side by side for T568B');
  await page.locator('h1').focus();
  await goOn(page);
  await expect(headline(page)).toContainText('Trim all eight square');
  await page.keyboard.press('u');
  await expect(headline(page)).toContainText('Lay the conductors side by side for T568B');
  await page.keyboard.press('t');
  await expect(page.locator('ns-connector-face figcaption')).toContainText('Latch toward you');
  await page.keyboard.press('e');
  await expect(page.locator('.ends [aria-pressed=true]')).toContainText('Near end');
  await page.keyboard.press('3');
  await expect(headline(page)).toContainText('Test the link');
  await isSent(page);
  await expect(headline(page)).toContainText('Test the link');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('Keys on this screen');
  await page.keyboard.press('Escape');
  await page.keyboard.press('o');
  await expect(siteFigure(page)).toBeVisible();
  expect(errors).toEqual([]);
});

test('a reading kept by a slip is taken back before it is sent', async ({ page, stage }) => {
  await page.goto(await stage.linkUrl('TO06', 'verify'));
  await page.getByRole('radio', { name: 'Order and shorts' }).click();
  await expect(headline(page)).toContainText('Test the link');
  await page.keyboard.press('p');
  await goOn(page);
  await expect(page.locator('.verdict')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(headline(page)).toContainText('Keep this reading');
  await expect(page.locator('ns-link-frame .state').first()).toContainText('Made, not tested');
  await isSent(page);
  await expect(page.locator('ns-link-frame .state').first()).toContainText('Made, not tested');
});

test('the boot that was left off is told, with the way back', async ({ page, stage }) => {
  await page.goto(await stage.linkUrl('GR05', 'terminate'));
  await expect(headline(page)).toContainText('The boot was left off and can’t go on now.');
  await mainButton(page).click();
  await expect(headline(page)).toContainText('Slide the boot on');
  await isSent(page);
  await expect(headline(page)).toContainText('Slide the boot on');
});

test('a link is added, changed and put away, and taken back', async ({ page, stage }) => {
  await page.goto(`${stage.url}/sites/${stage.siteId}/links/new`);
  const field = (name: string) => page.getByRole('textbox', { name });
  await field('Label').fill('K01');
  await field('Label').blur();
  await expect(page.getByText('Another link of this site has this label.')).toBeVisible();
  await field('Label').fill('HP01');
  await field('Place').first().fill('G2/C/01');
  await field('Place').last().fill('Help point 1');
  await field('Length').fill('41 ft');
  await page.getByRole('button', { name: 'Add this link' }).click();
  await expect(page.locator('h1')).toHaveText('HP01');
  await expect(page.locator('ns-link-ruler')).toContainText('12.5 m');

  await page.getByRole('button', { name: 'More for HP01' }).click();
  await page.getByRole('menuitem', { name: 'Change this link' }).click();
  await field('Length').fill('9.5 m');
  await page.getByRole('button', { name: 'Save the changes' }).click();
  await expect(page.locator('ns-link-ruler')).toContainText('9.5 m');

  await page.getByRole('button', { name: 'More for HP01' }).click();
  await page.getByRole('menuitem', { name: 'Put this link away' }).click();
  await expect(siteFigure(page)).toContainText('of 92');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(siteFigure(page)).toContainText('of 93');
  await isSent(page);
  await expect(siteFigure(page)).toContainText('of 93');
});
