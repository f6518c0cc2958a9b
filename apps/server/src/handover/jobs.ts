import type { Asked, LinkRecord } from '@near-spoke/contract';
import type { DrawingFact } from '@near-spoke/contract/drawing';
import type { handoverEndpoints } from '@near-spoke/contract/handover';
import { writeSchedule } from '@near-spoke/core/formats';
import { drawingsOf } from '@near-spoke/core/plan/drawing';
import { adapterCards, adapterFiles } from '../adapters/sheets';
import { blobsOf, fileBytes, filesOf } from '../blobs/repository';
import type { Database } from '../db/database';
import { listFacts } from '../facts/repository';
import { ProblemError } from '../http/problem-error';
import { file } from '../http/reply';
import { recordingOf, recordsOf, type Recording } from '../record/link-record';
import type { Files } from '../record/write-record';
import { getSite } from '../sites/repository';
import { Archive, ownName } from './archive';
import { firmKey } from './firm-key';
import { batches, gather, type Gathered } from './gather';
import { handoverPdf, type Handover } from './handover-pdf';
import type { PlanOf } from './plans';
import { forgetProgress, noteProgress } from './progress';
import { signedPdf, signedZip } from './sign';

/** Links whose records are held at a time. */
const BATCH = 20;

type Of = Pick<Asked<(typeof handoverEndpoints)['pdf']>, 'id' | 'query'>;

/** Told of each link's record with its files, as it goes into the document. */
type Seen = (record: LinkRecord, files: Files) => void;

export async function handoverAsPdf(asked: Of, db: Database) {
  const { pdf, recording } = await made(asked, db, () => undefined);
  return file({ name: `${recording.site.name}.pdf`, type: 'application/pdf', body: pdf });
}

export async function handoverAsZip(asked: Of, db: Database) {
  const taken = new Set<string>();
  const archive = new Archive();
  const text = new TextEncoder();
  const blobNames = new Map<string, string>();
  const { pdf, recording, gathered, drawn } = await made(asked, db, (record, blobs) => {
    const { link, traces, photos } = record;
    for (const { blob, name } of traces) keep('captures', blob, name, blobs);
    for (const { blob, where } of photos) keep('photos', blob, `${link.label}-${where}`, blobs);
    const named = [...traces, ...photos].map(({ blob }) => [blob, blobNames.get(blob)]);
    const whole = { ...record, files: Object.fromEntries(named) as Record<string, string> };
    archive.add(ownName(taken, 'links', link.label, '.json'), text.encode(JSON.stringify(whole)));
  });
  function keep(folder: string, blob: string, name: string, blobs: Files): void {
    const bytes = blobs.get(blob);
    if (!bytes || blobNames.has(blob)) return;
    const [stem = name, ending = ''] = splitName(name, bytes);
    const full = ownName(taken, folder, stem, ending);
    blobNames.set(blob, full);
    archive.add(full, bytes);
  }
  for (const { name, text: written } of await adapterFiles(db, recording.site.id))
    archive.add(ownName(taken, 'adapters', name, '.json'), text.encode(written));
  for (const { drawing, picture } of drawn.plans)
    if (picture) {
      const ending = PICTURE_ENDINGS[picture.type] ?? '.png';
      archive.add(ownName(taken, 'plans', drawing.picture.name, ending), picture.bytes);
    }
  if (drawn.facts.length > 0)
    archive.add('plans/plans.json', text.encode(JSON.stringify({ facts: drawn.facts })));
  const { site, job } = recording;
  const schedule = writeSchedule(gathered.links, job.catalogue, true, site.units);
  archive.add('schedule.csv', text.encode(schedule));
  archive.add('handover.pdf', pdf);
  const body = signedZip(archive.end(), await firmKey(db));
  return file({ name: `${site.name}.zip`, type: 'application/zip', body, saved: true });
}

const PICTURE_ENDINGS: Readonly<Record<string, string>> = {
  'image/svg+xml': '.svg',
  'image/jpeg': '.jpg',
};

const JPEG = 0xff;

/** A name and its ending; a photo has the one of its kind. */
function splitName(name: string, bytes: Uint8Array): readonly string[] {
  const [, stem, ending] = /^(.+?)((?:\.[A-Za-z0-9]{1,6}){1,2})$/.exec(name) ?? [];
  if (stem !== undefined && ending !== undefined) return [stem, ending];
  return [name, bytes[0] === JPEG ? '.jpg' : '.png'];
}

interface Made {
  readonly pdf: Buffer;
  readonly recording: Recording;
  readonly gathered: Gathered;
  readonly drawn: Drawn;
}

interface Drawn {
  readonly facts: readonly DrawingFact[];
  readonly plans: readonly PlanOf[];
}

async function drawnAt(db: Database, siteId: string): Promise<Drawn> {
  const facts = await listFacts(db, 'drawing', siteId);
  const drawings = drawingsOf(facts);
  const pictures = await filesOf(
    db,
    drawings.map(({ picture }) => picture.blob),
  );
  const plans = drawings.map((drawing) => ({
    drawing,
    picture: pictures.get(drawing.picture.blob) ?? null,
  }));
  return { facts, plans };
}

/**
 * Files of a site go into a document as they are, and into an archive twice: more than this is held by no
 * process, and read by few.
 */
const MOST_FILE_BYTES = 400_000_000;

async function made({ id, query: { language, job } }: Of, db: Database, seen: Seen): Promise<Made> {
  const recording = await recordingOf(db, await getSite(db, id), language);
  const signer = await firmKey(db);
  const gathered = await gather(db, recording);
  const bytes = await fileBytes(db, id);
  if (bytes > MOST_FILE_BYTES)
    throw new ProblemError(
      413,
      'Too large',
      `Photos, captures and plans of this site take ${megabytes(bytes)}; ${megabytes(MOST_FILE_BYTES)} go into one document.`,
    );
  const drawn = await drawnAt(db, id);
  const handover: Handover = {
    recording,
    gathered,
    plans: drawn.plans,
    adapters: await adapterCards(db, id),
    key: signer.spoken,
    writtenAt: new Date().toISOString(),
  };
  const records = recordsInTurn(db, handover, seen, job);
  try {
    const pdf = signedPdf(await handoverPdf(handover, records), signer);
    return { pdf, recording, gathered, drawn };
  } finally {
    if (job !== undefined) await forgetProgress(db, job);
  }
}

const megabytes = (bytes: number): string => `${Math.ceil(bytes / 1e6)} MB`;

async function* recordsInTurn(
  db: Database,
  { recording, gathered: { links } }: Handover,
  seen: Seen,
  job: string | undefined,
) {
  let done = 0;
  for (const batch of batches(links, BATCH)) {
    if (job !== undefined) await noteProgress(db, job, done, links.length);
    const records = await recordsOf(db, batch, recording);
    const files = await blobsOf(
      db,
      records.flatMap(({ photos, traces }) => [...photos, ...traces].map(({ blob }) => blob)),
    );
    for (const record of records) {
      yield { record, files };
      seen(record, files);
    }
    done += batch.length;
  }
}
