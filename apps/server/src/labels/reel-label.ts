import type { Asked } from '@near-spoke/contract';
import type { labelEndpoints } from '@near-spoke/contract/labels';
import { labelFace } from '@near-spoke/core/labels';
import { reelStandings } from '@near-spoke/core/plan/reels';
import { formatLength } from '@near-spoke/core/units';
import { figurePdf } from '../adapters/card-pdf';
import type { Database } from '../db/database';
import { listFacts } from '../facts/repository';
import { notFound } from '../http/problem-error';
import { file } from '../http/reply';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { teller } from '../words/teller';
import { measuring } from './measure';
import { qrOf } from './qr';

/** A box's own label: as wide as a hand. */
const WIDE_MM = 90;
const HIGH_MM = 45;

/** The label of a reel: what it is called, what it is, and what it had when it came. */
export async function reelLabel(
  { id, query }: Asked<(typeof labelEndpoints)['reel']>,
  db: Database,
) {
  const site = await getSite(db, id);
  const { catalogue } = await jobOf(db, site);
  const standings = reelStandings(await listFacts(db, 'cable', id));
  const reel = standings.find(({ name }) => name === query.reel);
  if (!reel) throw notFound('reel');
  const { locale } = teller(query.language, site.units).pages.record;
  const day = new Intl.DateTimeFormat(locale, { dateStyle: 'medium', timeZone: 'UTC' });
  const lines = [
    reel.name,
    catalogue.cable(reel.cable).name,
    reel.gotM === null
      ? site.name
      : `${formatLength(reel.gotM, site.units)}, ${day.format(new Date())}`,
  ];
  const code = `${new URL(query.origin).origin}/sites/${id}/reels?reel=${encodeURIComponent(reel.name)}`;
  const face = { xMm: 0, yMm: 0, widthMm: WIDE_MM, heightMm: HIGH_MM };
  const { marks } = labelFace(face, lines, qrOf(code), measuring());
  const body = await figurePdf({ widthMm: WIDE_MM, heightMm: HIGH_MM, marks }, reel.name);
  return file({ name: `${reel.name}.pdf`, type: 'application/pdf', body });
}
