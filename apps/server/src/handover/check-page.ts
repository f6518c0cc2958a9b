import { readFileSync } from 'node:fs';
import type { LanguageId } from '@near-spoke/words';
import type { Database } from '../db/database';
import { file } from '../http/reply';
import { teller } from '../words/teller';
import { firmKey } from './firm-key';

const FROM_SOURCE = import.meta.url.endsWith('.ts');
/** What runs in the page, as it is built beside the server. */
const SCRIPT = new URL(FROM_SOURCE ? '../../dist/check.js' : './check.js', import.meta.url);

const STYLE = `
body { max-width: 40rem; margin: 2rem auto; padding: 0 1rem; background: #f5efe3; color: #1d1a16;
  font: 400 1.125rem/1.5 system-ui, sans-serif; }
code { font-size: 1.25rem; font-weight: 650; }
label { display: block; margin: 1.5rem 0; padding: 1.5rem; border: 2px dashed #4e473d; }
input { display: block; margin: 0.75rem 0; font: inherit; }
#result { min-height: 4rem; font-size: 1.375rem; font-weight: 650; }
.right { color: #1f5233; }
.changed, .otherKey, .notSigned { color: #7a1f1a; }`;

const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (letter) => `&#${letter.codePointAt(0) ?? 0};`);
/** Data within a page: nothing of it ends the element that it is in. */
const asData = (value: unknown): string => JSON.stringify(value).replaceAll('<', '\\u003c');

/** A page that stands by itself, with the firm's key in it. */
export async function checkPage(language: LanguageId, db: Database) {
  const { check: say } = teller(language, 'metric').pages.handover;
  const { key, spoken } = await firmKey(db);
  const { right, changed, otherKey, notSigned, cannot } = say;
  const words = { right, changed, otherKey, notSigned, cannot };
  const body = `<!doctype html>
<html lang="${language}">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>${escaped(say.title)}</title>
<style>${STYLE}</style>
<h1>${escaped(say.title)}</h1>
<p>${escaped(say.firm)}: <code>${spoken}</code></p>
<p>${escaped(say.compare)}</p>
<label>${escaped(say.choose)}
<input id="file" type="file">
${escaped(say.drop)}</label>
<p id="result" role="status"></p>
<script id="given" type="application/json">${asData({ key, words })}</script>
<script>${readFileSync(SCRIPT, 'utf8').replaceAll('</', '<\\/')}</script>
</html>
`;
  return file({
    name: 'check-handover.html',
    type: 'text/html; charset=utf-8',
    body,
    saved: true,
  });
}
