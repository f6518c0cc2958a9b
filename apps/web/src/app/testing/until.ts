import type { HttpTestingController, TestRequest } from '@angular/common/http/testing';
import { settle } from './store';

/** Until it holds: what is kept on the device takes its time. */
export async function until(what: string, holds: () => boolean | Promise<boolean>): Promise<void> {
  for (let turn = 0; turn < 200; turn += 1) {
    if (await holds()) return;
    await settle();
  }
  throw new Error(`Waited for: ${what}`);
}

/** The request that is under way, once it is: what is sent was kept on the device before. */
export async function asked(
  http: HttpTestingController,
  match: Parameters<HttpTestingController['match']>[0],
): Promise<TestRequest> {
  let found = http.match(match);
  const what = typeof match === 'string' ? match : 'what was to be sent';
  await until(`a request: ${what}`, () => (found = [...found, ...http.match(match)]).length > 0);
  return found[0] as TestRequest;
}

/** Answers what a page asks of a site’s cables and plans. */
export async function giveSiteFacts(
  http: HttpTestingController,
  siteId: string,
  { cables = [], drawings = [] }: { cables?: readonly object[]; drawings?: readonly object[] },
): Promise<void> {
  (await asked(http, `/api/sites/${siteId}/cable-facts`)).flush({ facts: cables });
  (await asked(http, `/api/sites/${siteId}/drawings`)).flush({ facts: drawings });
}
