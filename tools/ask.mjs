import { createInterface } from 'node:readline/promises';
import { Refusal } from './refusal.mjs';

/**
 * Asks a person whether to go on. Where nobody can be asked it is refused, unless the answer was given
 * beforehand.
 */
export async function askToGoOn(question, { yes = false, otherwise }) {
  if (yes) return;
  if (!process.stdin.isTTY || !process.stdout.isTTY) throw new Refusal(`${question} ${otherwise}`);
  const terminal = createInterface({ input: process.stdin, output: process.stdout });
  try {
    const answer = await terminal.question(`${question} Go on? [y/N] `);
    if (!/^y(es)?$/i.test(answer.trim())) throw new Refusal('Nothing was changed.');
  } finally {
    terminal.close();
  }
}
