import { createConnection, type Socket } from 'node:net';

const PATIENCE_MS = 4000;
const MOST_BYTES = 64_000_000;

/** An instrument that does not answer, or not as its protocol has it. */
export class InstrumentError extends Error {}

/**
 * Sends lines to an instrument and takes the answer to each query; lines without "?" have none. Answers are
 * bytes: a block of definite length may hold line feeds.
 *
 * @throws InstrumentError
 */
export async function talk(
  { host, port }: { readonly host: string; readonly port: number },
  lines: readonly string[],
): Promise<Buffer[]> {
  const socket = createConnection({ host, port });
  let bytes = Buffer.alloc(0);
  let failed: string | null = null;
  let wake: () => void = () => undefined;
  const end = (why: string) => {
    failed ??= why;
    wake();
  };
  socket.on('data', (chunk: Buffer) => {
    bytes = Buffer.concat([bytes, chunk]);
    if (bytes.length > MOST_BYTES) end('sends too much');
    wake();
  });
  socket.on('close', () => end('hung up'));
  const next = async (): Promise<Buffer> => {
    const timer = setTimeout(() => end('takes too long'), PATIENCE_MS);
    try {
      for (;;) {
        const length = answerLength(bytes);
        if (length !== null) {
          const answer = bytes.subarray(0, length);
          bytes = bytes.subarray(length + 1);
          return answer;
        }
        if (failed !== null) throw new InstrumentError(failed);
        await new Promise<void>((resolve) => {
          wake = resolve;
        });
      }
    } finally {
      clearTimeout(timer);
    }
  };
  const answers: Buffer[] = [];
  try {
    await ready(socket);
    socket.on('error', () => end('hung up'));
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
    const deaf = () => reject(new InstrumentError('does not answer'));
    // A host that is not there may not even refuse.
    const timer = setTimeout(deaf, PATIENCE_MS);
    socket.once('error', deaf);
    socket.once('connect', () => {
      clearTimeout(timer);
      resolve();
    });
  });
}

/** How long the first answer is, without its line feed; null while it is not there whole. */
function answerLength(bytes: Buffer): number | null {
  if (bytes[0] !== 0x23) {
    const feed = bytes.indexOf(0x0a);
    return feed < 0 ? null : feed;
  }
  const digits = Number(String.fromCharCode(bytes[1] ?? 0x78));
  if (!(digits >= 1) || bytes.length < 2 + digits) return null;
  const whole = 2 + digits + Number(bytes.toString('latin1', 2, 2 + digits));
  return bytes.length > whole ? whole : null;
}

/** What stands in definite-length block data (IEEE 488.2, 8.7.9), without what tells its length. */
export function unblock(answer: Buffer | undefined): Buffer {
  const digits = Number(String.fromCharCode(answer?.[1] ?? 0x78));
  if (answer?.[0] !== 0x23 || !(digits >= 1))
    throw new InstrumentError('answers with no block of data');
  return answer.subarray(2 + digits);
}

/** @throws InstrumentError with what stands in the error queue, unless that is empty */
export function refuseErrors(answer: Buffer | undefined): void {
  const told = answer?.toString('utf8') ?? '';
  if (!told.startsWith('0,')) throw new InstrumentError(`reports ${told || 'nothing'}`);
}

/** Of "maker,model,serial,version": what people call it. */
export function nameIn(identity: Buffer | undefined): string {
  const [maker = '', model = '', serial = ''] = (identity?.toString('utf8') ?? '').split(',');
  return `${model.trim() || maker.trim()} ${serial.trim()}`.trim();
}
