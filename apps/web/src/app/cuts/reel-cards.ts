import type { LinkRow } from '@near-spoke/contract';
import type { Catalogue } from '@near-spoke/core/catalogue';
import type { ReelStanding } from '@near-spoke/core/plan/reels';
import { formatDistance, formatUncertain } from '@near-spoke/core/units';
import type { Tell } from '@near-spoke/words';

/** A reel as the page shows it. */
export interface ReelCard extends Pick<ReelStanding, 'name' | 'cable' | 'gone' | 'disagree'> {
  readonly of: string;
  readonly left: string;
  readonly about: readonly string[];
  /** The newest first. */
  readonly cuts: readonly { readonly id: string; readonly text: string }[];
}

/** Reels in words; those that are of no use any more come last. */
export function reelCards(
  reels: readonly ReelStanding[],
  links: Readonly<Record<string, Pick<LinkRow, 'label'> | undefined>>,
  catalogue: Catalogue,
  { units, pages: { reels: words, record } }: Tell,
): ReelCard[] {
  const far = (metres: number) => formatDistance(metres, units, 1);
  const day = new Intl.DateTimeFormat(record.locale, { dateStyle: 'medium' });
  const card = (reel: ReelStanding): ReelCard => {
    const { gotM, byLabelM, measured, sureM, markM, disagree, gone, cuts } = reel;
    const about = [
      gotM !== null && byLabelM !== null
        ? words.ofLabel(far(gotM), far(cuts.reduce((sum, { lengthM }) => sum + lengthM, 0)))
        : '',
      measured
        ? words.read(formatUncertain(measured.leftM, units, 1), day.format(new Date(measured.at)))
        : '',
      disagree ? words.doubt : '',
      markM !== null ? words.mark(far(markM)) : '',
    ];
    return {
      name: reel.name,
      cable: reel.cable,
      gone,
      disagree,
      of: catalogue.cable(reel.cable).name,
      left: gone ? words.gone : sureM === null ? words.leftUnknown : words.left(far(sureM)),
      about: about.filter(Boolean),
      cuts: cuts
        .map(({ factId, linkId, lengthM, fromMarkM, toMarkM }) => {
          const label =
            linkId === null ? words.elsewhere : (links[linkId]?.label ?? words.elsewhere);
          const marks =
            fromMarkM !== null && toMarkM !== null
              ? words.between(far(fromMarkM), far(toMarkM))
              : '';
          return { id: factId, text: words.cut(far(lengthM), label, marks) };
        })
        .reverse(),
    };
  };
  return [...reels].sort((a, b) => Number(a.gone) - Number(b.gone)).map(card);
}
