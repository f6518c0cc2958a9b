import { serve, type ServeOptions, type Served } from './serve';

// The server as a process of its own, beside what keeps it going: told what to serve, it says when it is ready
// or why it is not, and ends when who started it has gone.
let served: Served | null = null;
let ending = false;

async function end(code: number): Promise<void> {
  if (ending) return;
  ending = true;
  await served?.stop().catch(() => undefined);
  process.exit(code);
}

process.on('disconnect', () => void end(0));
process.on('SIGTERM', () => void end(0));
// The terminal sends this to all: who started this process decides.
process.on('SIGINT', () => undefined);
process.on('message', (told: ServeOptions | { readonly ping: true }) => {
  if ('ping' in told) process.send?.({ pong: true });
  else begin(told);
});

function begin(options: ServeOptions): void {
  serve(options).then(
    (running) => {
      served = running;
      process.send?.({ ready: running.url });
    },
    (error: unknown) => {
      const { message, code, name } = error as NodeJS.ErrnoException;
      process.send?.({ failed: { message, code, name } }, () => void end(1));
    },
  );
}
