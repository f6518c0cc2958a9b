import { createConnection, type Socket } from 'node:net';

const PATIENCE_MS = 4000;

/** An instrument that does not answer, or not as its protocol has it. */
export class InstrumentError extends Error {}

/**
 * Sends lines to an instrument and takes the answer to each query; lines without "?" have none.
 *
 * @throws InstrumentError
 */
export async function talk(
  { host, port }: { readonly host: string; readonly port: number },
  lines: readonly string[],
): Promise<string[]> {
  const socket = createConnection({ host, port });
  socket.setEncoding('utf8');
  const answers: string[] = [];
  try {
    await ready(socket);
    const next = reader(socket);
    for (const line of lines) {
      socket.write(`${line}\n`);
      if (line.includes('?')) answers.push(await next());
    }
    return answers;
  } finally {
    socket.destroy();
  }
}

function ready(socket: Socket): Promise<void> {
  return new Promise((resolve, reject) => {
    socket.once('connect', resolve);
    socket.once('error', () => reject(new InstrumentError('does not answer')));
  });
}

/** Lines as they come, with patience for each. */
function reader(socket: Socket): () => Promise<string> {
  let text = '';
  let failed: string | null = null;
  let wake: () => void = () => undefined;
  const end = (why: string) => {
    failed ??= why;
    wake();
  };
  socket.on('data', (chunk: string) => {
    text += chunk;
    wake();
  });
  socket.on('close', () => end('hung up'));
  socket.on('error', () => end('hung up'));
  return async () => {
    const timer = setTimeout(() => end('takes too long'), PATIENCE_MS);
    while (!text.includes('\n') && failed === null)
      await new Promise<void>((resolve) => {
        wake = resolve;
      });
    clearTimeout(timer);
    const at = text.indexOf('\n');
    if (at < 0) throw new InstrumentError(failed ?? 'does not answer');
    const line = text.slice(0, at).replace(/\r$/, '');
    text = text.slice(at + 1);
    return line;
  };
}

/** What stands in definite-length block data (IEEE 488.2, 8.7.9). */
export function unblock(text: string): string {
  const digits = Number(/^#([1-9])/.exec(text)?.[1] ?? Number.NaN);
  const length = Number(text.slice(2, 2 + digits));
  const data = Buffer.from(text.slice(2 + digits), 'utf8');
  if (!Number.isInteger(length) || data.length < length)
    throw new InstrumentError('answers with no block of data');
  return data.subarray(0, length).toString('utf8');
}
