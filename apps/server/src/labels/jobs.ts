import type { Asked } from '@near-spoke/contract';
import type { labelEndpoints } from '@near-spoke/contract/labels';
import {
  facesOf,
  labelFace,
  labelNotes,
  placeOnSheet,
  writeLabels,
  type EndLabel,
  type FaceProblem,
  type LabelFace,
  type QrModules,
} from '@near-spoke/core/labels';
import { figureSvg, path, placed, rectangle, type Mark } from '@near-spoke/core/figure';
import { hubsOf } from '@near-spoke/core/link';
import { told } from '@near-spoke/words';
import { drawFigure } from '../adapters/card-pdf';
import type { Database } from '../db/database';
import { invalid } from '../http/problem-error';
import { file } from '../http/reply';
import { listLinks } from '../links/repository';
import { newPage } from '../pdf/page';
import { POINTS_PER_MM } from '../pdf/units';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { teller } from '../words/teller';
import { measuring } from './measure';
import { qrOf } from './qr';

type Of = Pick<Asked<(typeof labelEndpoints)['lay']>, 'id' | 'body'>;

/** Around labels on the picture of a sheet: they are cut already, and no printer draws them. */
const CUT = '#a8a196';

/** What will be printed, and what is wrong of it. */
export async function layLabels(asked: Of, db: Database) {
  const { written, sheets, stops, notes, labels, hubs, gone } = await laidOut(asked, db);
  const { stock } = asked.body;
  const { widthMm, heightMm, columns, rows } = stock.sheet;
  const first = columns * rows - gone;
  const marks = labels.slice(0, first).flatMap((label, index): Mark[] => {
    const { xMm, yMm } = placeOnSheet(stock.sheet, index, gone);
    return placed(written(label), xMm, yMm);
  });
  const outlines = Array.from({ length: columns * rows }, (_, index) => {
    const { xMm, yMm } = placeOnSheet(stock.sheet, index, 0);
    return path(rectangle(xMm, yMm, stock.widthMm, stock.heightMm), null, CUT, 0.15);
  });
  const sheet = path(rectangle(0, 0, widthMm, heightMm), 'paper', null);
  const preview = figureSvg({ widthMm, heightMm, marks: [sheet, ...outlines, ...marks] }, '');
  return { labels: labels.length, sheets, stops, notes, hubs, preview };
}

/** @throws ProblemError 422 where what would be printed is wrong */
export async function printLabels(asked: Of, db: Database) {
  const { site, written, stops, labels, gone } = await laidOut(asked, db);
  if (stops.length > 0) throw invalid(stops.map((reason) => ({ path: 'labels', reason })));
  const { stock } = asked.body;
  const { widthMm, heightMm } = stock.sheet;
  const { page, bytes } = newPage({
    size: [widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM],
    margin: 0,
    info: { Title: site.name, Creator: 'Near Spoke' },
  });
  let current = 0;
  labels.forEach((label, index) => {
    const { sheet, xMm, yMm } = placeOnSheet(stock.sheet, index, gone);
    for (; current < sheet; current += 1) page.addPage();
    drawFigure(page, { widthMm, heightMm, marks: placed(written(label), xMm, yMm) });
  });
  page.end();
  return file({ name: `${site.name} labels.pdf`, type: 'application/pdf', body: await bytes });
}

async function laidOut({ id, body }: Of, db: Database) {
  const site = await getSite(db, id);
  const { catalogue } = await jobOf(db, site);
  const links = await listLinks(db, site.id);
  const tell = teller(body.language, site.units);
  const all = writeLabels(links, body, (cable) => catalogue.cable(cable).name);
  const measure = measuring();
  const { stock, origin } = body;
  const modulesOf = (linkId: string) =>
    origin === null ? null : qrOf(`${new URL(origin).origin}/l/${linkId}`);
  const cables = new Map(
    [...new Set(links.map(({ cable }) => cable))].map((cable) => [
      cable,
      facesOf(stock, catalogue.cable(cable).jacketMm),
    ]),
  );
  const labels = all.labels.filter(({ cable }) => cables.get(cable)?.problem === null);
  const facesWith = (label: EndLabel, code: QrModules | null): LabelFace[] =>
    (cables.get(label.cable)?.faces ?? []).map((face) =>
      labelFace(face, label.lines, code, measure),
    );
  // All codes of one server are as large.
  const [firstLabel] = labels;
  const code = firstLabel ? modulesOf(firstLabel.linkId) : null;
  const sizes = labels.map((label) => ({
    letterMm: Math.min(...facesWith(label, code).map(({ letterMm }) => letterMm)),
    name: label.lines[0] ?? '',
  }));
  const labelOf = new Map(links.map((link) => [link.id, link.label]));
  const { stops, notes } = labelNotes({
    stock,
    written: all,
    labelOf: (linkId) => labelOf.get(linkId) ?? '',
    misfits: misfitsOf(all.labels, cables, (cable) => catalogue.cable(cable).name),
    smallest: sizes.reduce<(typeof sizes)[number] | null>(
      (least, one) => (least && least.letterMm <= one.letterMm ? least : one),
      null,
    ),
    moduleMm: firstLabel ? (facesWith(firstLabel, code)[0]?.moduleMm ?? null) : null,
  });
  const onSheet = stock.sheet.columns * stock.sheet.rows;
  const gone = body.gone % onSheet;
  return {
    site,
    labels,
    gone,
    hubs: [...hubsOf(links)],
    sheets: labels.length === 0 ? 0 : Math.ceil((labels.length + gone) / onSheet),
    stops: told(stops, tell),
    notes: told(notes, tell),
    /** All that stands on one label. */
    written: (label: EndLabel): Mark[] =>
      facesWith(label, modulesOf(label.linkId)).flatMap(({ marks }) => [...marks]),
  };
}

/** Cables that a label does not go round, with the ends that get none. */
function misfitsOf(
  labels: readonly EndLabel[],
  cables: ReadonlyMap<string, { readonly problem: FaceProblem | null }>,
  nameOf: (cable: string) => string,
) {
  return [...cables].flatMap(([cable, { problem }]) =>
    problem === null
      ? []
      : [
          {
            cable: nameOf(cable),
            ends: labels.filter((label) => label.cable === cable).length,
            problem,
          },
        ],
  );
}
