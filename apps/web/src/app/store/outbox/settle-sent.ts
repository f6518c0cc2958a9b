import { deviceDatabase } from '../device/device-db';
import type { Entry } from './deed';

/**
 * Takes a sent entry out of what waits, and brings the copies of what the server keeps up to it, in one: at no
 * moment is it in neither.
 */
export async function settleSent({ id, deed }: Entry, answer: unknown): Promise<void> {
  // The shapes of all answers are not needed before something is sent.
  const { bringUp } = await import('../device/bring-up');
  const write = (await deviceDatabase()).transaction(['unsent', 'answers', 'links'], 'readwrite', {
    durability: 'strict',
  });
  await write.objectStore('unsent').delete(id);
  await bringUp(write, deed, answer);
  await write.done;
}
