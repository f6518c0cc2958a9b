import { mapEndpoints } from '@near-spoke/contract/map';
import { describeView, faceContacts, outline } from '@near-spoke/core/catalogue';
import { here, type Mounted } from '../http/mount';

/** What Map computes at once, without keeping anything; the rest are jobs. */
export const mapOperations = (): Mounted[] => [
  here(mapEndpoints.view, ({ body: { connector, gender, view, latch } }) => {
    const { name, widthMm, heightMm } = outline(connector);
    const part = { outline: connector, gender };
    return {
      name,
      sentence: describeView(part, { side: view, latch }),
      widthMm,
      heightMm,
      contacts: faceContacts(part, { side: view, latch }),
    };
  }),
];
