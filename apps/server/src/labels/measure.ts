import type { Measure } from '@near-spoke/core/labels';
import { runsOf } from '../pdf/letters';
import { newPage } from '../pdf/page';

/** How wide texts are in the fonts that they are printed in. */
export function measuring(): Measure {
  const { page } = newPage({});
  return (text, bold) =>
    runsOf(text, bold ? 'bold' : 'text').reduce(
      (sum, run) => sum + page.font(run.font).fontSize(1).widthOfString(run.text),
      0,
    );
}
