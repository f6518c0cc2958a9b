import {
  changeAdapter,
  importAdapter,
  keepAdapter,
  putAdapterAway,
  takeAdapterBack,
} from '../adapters/write-adapter';
import { adapterAsFile, cardPdf, cardSvg, netsCsv, subcircuit } from '../adapters/sheets';
import { keepCord } from '../cords/keep-cord';
import { cordSheet, cordSheetCsv, cordSheetPdf } from '../cords/sheet';
import { importSchedule } from '../links/import-schedule';
import { refreshLinks } from '../links/refresh-links';
import { takeAlong } from '../links/take-along';
import { buzzPlan, buzzResult, solve } from '../map/jobs';
import { keepReading } from '../readings/keep-reading';
import { record, recordAsPdf } from '../record/jobs';
import { analyseCapture, pairBothEnds, setUp, simulateLine } from '../reflect/jobs';
import { batch, plan, template } from '../terminate/jobs';
import { kit, pace } from '../terminate/kit';
import { keepTest } from '../tests/keep-test';
import {
  blindSpotsOf,
  diagnoseReading,
  explainReadings,
  lampBuild,
  limits,
  predict,
} from '../verify/jobs';
import { long, quick, writing, type Job } from './job';

/** The longest that a schedule of a hundred thousand links may take, ms. */
const IMPORT_MS = 240_000;
/** The same of a capture of two million samples. */
const ANALYSE_MS = 120_000;

/** All that is worked at beside the server, by name. */
export const JOBS = {
  keepReading: writing(keepReading),
  keepTest: writing(keepTest),
  keepCord: writing(keepCord),
  keepAdapter: writing(keepAdapter),
  importAdapter: writing(importAdapter),
  changeAdapter: writing(changeAdapter),
  putAdapterAway: writing(putAdapterAway),
  takeAdapterBack: writing(takeAdapterBack),
  refreshLinks: writing(refreshLinks),
  takeAlong: quick(takeAlong),
  record: quick(record),
  recordAsPdf: quick(recordAsPdf),
  cardPdf: quick(cardPdf),
  cardSvg: quick(cardSvg),
  netsCsv: quick(netsCsv),
  adapterAsFile: quick(adapterAsFile),
  subcircuit: quick(subcircuit),
  solve: quick(solve),
  buzzPlan: quick(buzzPlan),
  buzzResult: quick(buzzResult),
  plan: quick(plan),
  template: quick(template),
  diagnoseReading: quick(diagnoseReading),
  predict: quick(predict),
  limits: quick(limits),
  setUp: quick(setUp),
  pairBothEnds: quick(pairBothEnds),
  batch: long(batch),
  kit: long(kit),
  pace: long(pace),
  cordSheet: long(cordSheet),
  cordSheetCsv: long(cordSheetCsv),
  cordSheetPdf: long(cordSheetPdf),
  explainReadings: long(explainReadings),
  blindSpotsOf: long(blindSpotsOf),
  lampBuild: long(lampBuild),
  simulateLine: long(simulateLine),
  analyseCapture: long(analyseCapture, ANALYSE_MS),
  importSchedule: { ...long(importSchedule, IMPORT_MS), writes: true },
} satisfies Readonly<Record<string, Job>>;

export type JobName = keyof typeof JOBS;
