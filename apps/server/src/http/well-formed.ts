import { isUtf8 } from 'node:buffer';
import { ProblemError, invalid } from './problem-error';

/** How a body says characters that no text can hold: a zero byte, half of a surrogate pair. */
const SUSPECT = /\\u(0000|d[89a-f])/i;
/** Fields that are looked at; a body that has more of them is not one of ours. */
const MOST_FIELDS = 200_000;

/** Reads JSON, and refuses text that could not be kept as it was sent. */
export function parseJson(bytes: Buffer): unknown {
  if (bytes.length === 0) return undefined;
  if (!isUtf8(bytes)) throw new ProblemError(422, 'Not valid', 'The body is not UTF-8.');
  const text = bytes.toString('utf8');
  let body: unknown;
  try {
    body = JSON.parse(text);
  } catch {
    throw new ProblemError(422, 'Not valid', 'The body is not JSON.');
  }
  if (SUSPECT.test(text)) refuseBroken(body);
  return body;
}

function refuseBroken(body: unknown): void {
  const errors: { path: string; reason: string }[] = [];
  const left: [string, unknown][] = [['', body]];
  for (
    let looked = 0;
    left.length > 0 && looked < MOST_FIELDS && errors.length === 0;
    looked += 1
  ) {
    const [path, value] = left.pop() as [string, unknown];
    if (typeof value === 'string') {
      if (!value.isWellFormed()) errors.push({ path, reason: 'holds half a character' });
      else if (value.includes('\0')) errors.push({ path, reason: 'has control characters' });
    } else if (typeof value === 'object' && value !== null)
      for (const [key, inner] of Object.entries(value)) {
        left.push([path === '' ? key : `${path}.${key}`, inner]);
        if (!key.isWellFormed() || key.includes('\0'))
          errors.push({ path, reason: 'has a field whose name is no text' });
      }
  }
  if (errors.length > 0) throw invalid(errors);
}
