import { spawn } from 'node:child_process';
import { Refusal } from './refusal.mjs';

/** Runs a program to its end, its output shown; resolves with its exit code. */
export function run(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { stdio: ['ignore', 'inherit', 'inherit'], ...options });
    child.once('error', reject);
    child.once('exit', (code, signal) => resolve(signal ? 1 : (code ?? 1)));
  });
}

/** Runs a program and fails with what it was for if it fails. */
export async function must(what, command, args, options) {
  const code = await run(command, args, options);
  if (code !== 0)
    throw new Refusal(`${what} failed: ${command} ended with ${code}. What it said is above.`);
}

/** A program's output, or null if it fails or is not there. */
export function output(command, args, options = {}) {
  return new Promise((resolve) => {
    let text = '';
    const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'ignore'], ...options });
    child.stdout.on('data', (chunk) => (text += chunk));
    child.once('error', () => resolve(null));
    child.once('close', (code) => resolve(code === 0 ? text.trim() : null));
  });
}

/** All that a program says, its complaints too, however it ends; null if it is not there. */
export function allOutput(command, args, options = {}) {
  return new Promise((resolve) => {
    let text = '';
    const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'], ...options });
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (chunk) => (text += chunk));
    child.once('error', () => resolve(null));
    child.once('close', () => resolve(text));
  });
}

export const say = (text) => console.log(text);
