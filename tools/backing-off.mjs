const FIRST_MS = 200;
const MOST_MS = 30_000;
/** What has run for so long was well: the next failure begins anew. */
const WELL_MS = 60_000;

/** How long to wait before something is started again, each time it fails. */
export function backingOff() {
  let next = FIRST_MS;
  let begun = Date.now();
  return {
    begin() {
      begun = Date.now();
    },
    waitMs() {
      if (Date.now() - begun > WELL_MS) next = FIRST_MS;
      const wait = next;
      next = Math.min(MOST_MS, next * 2);
      return wait;
    },
  };
}
