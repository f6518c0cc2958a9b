import type { LinkRow } from '@near-spoke/contract';
import type { SiteCuts } from '@near-spoke/contract/plan';
import { nextMark, type ReelStanding } from '@near-spoke/core/plan/reels';
import { formatDistance, formatLength, type UnitSystem } from '@near-spoke/core/units';
import type { Tell } from '@near-spoke/words';

/** One reel or box, and what is cut from it in turn. */
export interface CutReel {
  readonly name: string;
  readonly about: string;
  /** Of the site's own; null of a new box, or one whose length was typed. */
  readonly own: ReelStanding | null;
  readonly cuts: readonly {
    readonly id: string;
    readonly lengthM: number;
    /** At which the cut falls; null where marks are not known. */
    readonly markM: number | null;
    readonly from: string;
    readonly to: string;
    readonly label: string;
    readonly ends: string;
  }[];
}

/** One cable of a site, and all that is said of its cutting. */
export interface CutCable {
  readonly cable: string;
  readonly name: string;
  readonly toBuy: string;
  readonly reels: readonly CutReel[];
  readonly notes: readonly string[];
}

export interface Lengths {
  readonly boxM: number | null;
  readonly slackM: number;
  readonly reels: readonly {
    readonly id: string;
    readonly lengthM: number;
    readonly own?: ReelStanding;
  }[];
  readonly units: UnitSystem;
}

/** What is said of a cable's cutting: its pull list by reels, and what is not in it. */
export function cutCable(
  { cable, name, plan, unknown }: SiteCuts['cables'][number],
  links: Readonly<Record<string, LinkRow | undefined>>,
  { boxM, slackM, reels, units }: Lengths,
  { pages: { cuts: words } }: Tell,
): CutCable {
  const far = (metres: number) => formatDistance(metres, units, 1);
  const label = (run: string) => links[run]?.label ?? '';
  const longestM = Math.max(boxM ?? 0, ...reels.map(({ lengthM }) => lengthM));
  const names = [...new Set(plan.cuts.map(({ reel }) => reel))];
  const boughtFirst = names.filter((id) => reels.every((reel) => reel.id !== id));
  return {
    cable,
    name,
    toBuy: words.toBuy(plan.buy),
    reels: names.map((id): CutReel => {
      const typed = reels.filter((reel) => reel.own === undefined);
      const begun = typed.findIndex((reel) => reel.id === id);
      const reel = reels.find((one) => one.id === id);
      const own = reel?.own ?? null;
      const lengthM = reel?.lengthM ?? boxM ?? 0;
      const markAt = (atM: number) => (own ? nextMark(own.markM, atM, own.marks) : null);
      const cuts = plan.cuts.filter(({ reel }) => reel === id);
      const usedM = Math.max(...cuts.map(({ toM }) => toM));
      return {
        name:
          own?.name ??
          (begun < 0 ? words.newBox(boughtFirst.indexOf(id) + 1) : words.begunReel(begun + 1)),
        own,
        about: words.left(formatLength(lengthM, units), far(Math.max(0, lengthM - usedM))),
        cuts: cuts.map(({ run, fromM, toM }) => ({
          id: run,
          lengthM: toM - fromM,
          markM: markAt(toM),
          from: far(markAt(fromM) ?? fromM),
          to: far(markAt(toM) ?? toM),
          label: label(run),
          ends: [links[run]?.near.place, links[run]?.far.place].filter(Boolean).join(' – '),
        })),
      };
    }),
    notes: [
      ...plan.unplaced.map((run) => {
        const needsM = (links[run]?.lengthM ?? 0) + slackM;
        return needsM > longestM
          ? words.tooLong(label(run), far(needsM))
          : words.noRoom(label(run), far(needsM));
      }),
      ...(unknown > 0 ? [words.unknown(unknown)] : []),
    ],
  };
}
