import type { Page } from '@playwright/test';
import { expect, headline, mainButton, test, watchErrors } from './stage';

/** Words of an English sentence that no German one has. */
const ENGLISH = /\b(the|and|is|are|of|with|near end|far end)\b/i;

async function speak(page: Page, from: string, to: string): Promise<void> {
  await page.getByRole('button', { name: 'tech 1' }).click();
  await page.getByRole('combobox', { name: 'Language' }).click();
  await expect(page.getByRole('option', { name: from })).toHaveAttribute('aria-selected', 'true');
  await page.getByRole('option', { name: to }).click();
  await page.getByRole('button', { name: 'Save' }).click();
}

test('a person who works in German is told steps, findings and the record in it', async ({
  page,
  stage,
}) => {
  const errors = watchErrors(page);
  await page.goto(await stage.linkUrl('K06', 'terminate'));
  await expect(headline(page)).toHaveText(/^Lay the conductors side by side/);
  await speak(page, 'English', 'Deutsch');
  await expect(headline(page)).toHaveText(/^Adern nebeneinander legen/);
  await expect(mainButton(page)).toContainText('Erledigt');
  await page.reload();
  await expect(headline(page)).toHaveText(/^Adern nebeneinander legen/);
  await mainButton(page).click();
  await expect(headline(page)).toHaveText(/^Alle acht gerade abschneiden, 13\smm\s±\s1\smm/);
  const steps = await page.locator('ns-terminate-page .list li .text').allInnerTexts();
  expect(steps.length).toBeGreaterThan(8);
  for (const step of steps) expect(step).not.toMatch(ENGLISH);

  await page.goto(await stage.linkUrl('K04', 'verify'));
  await expect(headline(page)).toHaveText('An beiden Enden die Farben lesen.');
  await expect(page.locator('ns-what-explains .fault').first()).toHaveText(
    /^Weiß-grün und blau sind vertauscht/,
  );
  await expect(page.locator('ns-what-explains .order')).toContainText('Am nahen Ende');
  for (const part of ['.told', '.order', '.outcomes'])
    for (const text of await page.locator(`ns-what-explains ${part}`).allInnerTexts())
      expect(text).not.toMatch(ENGLISH);

  await page.goto(await stage.linkUrl('K04', 'verify/ohms'));
  await expect(headline(page)).toHaveText(/^Die Schleife jedes Paars soll \d+,\d\sΩ/);
  await page.getByRole('textbox', { name: 'Paar 1, Schleife, Ohm' }).fill('9.4');
  await expect(headline(page)).toHaveText(/^Paar 1: das \d,\d\d-fache des Erwarteten/);
  await page.goto(await stage.linkUrl('K04', 'reflect'));
  await page.getByLabel('Eine Kurve oder ein Frequenzgang').setInputFiles({
    name: 'kurz.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Time,Volt\n0,0.1\n1e-9,0.2\n2e-9,0.3\n'),
  });
  await expect(page.getByRole('alert')).toHaveText(
    /^kurz\.csv, Zeile 2: Da sind 3 Abtastwerte; 32 braucht es/,
  );

  await page.goto(await stage.linkUrl('K04', 'record'));
  await expect(mainButton(page)).toContainText('Drucken');
  await expect(page.locator('ns-record-page article')).toContainText('Ein Fehler gefunden.');
  await expect(page.locator('ns-record-page article')).toContainText('Verteiler');
  const pdf = await page.getByRole('link', { name: 'PDF' }).getAttribute('href');
  expect(pdf).toContain('language=de');

  await speak(page, 'Deutsch', 'English');
  await expect(page.locator('ns-record-page article')).toContainText('One fault found.');
  expect(errors).toEqual([]);
});
