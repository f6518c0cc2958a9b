import { Refusal } from '../refusal.mjs';

/** What somebody is told of work that is refused; fails where it is not. */
export async function refused(work) {
  try {
    await work();
  } catch (error) {
    expect(error).toBeInstanceOf(Refusal);
    return error.message;
  }
  throw new Error('It was not refused');
}
