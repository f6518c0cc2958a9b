import { readingEndpoints, terminateEndpoints } from '@near-spoke/contract';
import { cordEndpoints } from '@near-spoke/contract/cords';
import { diagnosisEndpoints } from '@near-spoke/contract/diagnosis';
import { drawingEndpoints } from '@near-spoke/contract/drawing';
import { handoverEndpoints } from '@near-spoke/contract/handover';
import { labelEndpoints } from '@near-spoke/contract/labels';
import { adapterEndpoints, mapEndpoints } from '@near-spoke/contract/map';
import { reflectEndpoints } from '@near-spoke/contract/reflect';
import { alongEndpoints } from '@near-spoke/contract/along';
import { planEndpoints } from '@near-spoke/contract/plan';
import { priceEndpoints } from '@near-spoke/contract/prices';
import { siteDayEndpoints } from '@near-spoke/contract/site-day';
import { recordEndpoints } from '@near-spoke/contract/record';
import { searchEndpoints } from '@near-spoke/contract/search';
import { scheduleEndpoints } from '@near-spoke/contract/schedule';
import { testEndpoints } from '@near-spoke/contract/tests';
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
import { handoverAsPdf, handoverAsZip } from '../handover/jobs';
import { layLabels, printLabels } from '../labels/jobs';
import { reelLabel } from '../labels/reel-label';
import { importSchedule } from '../links/import-schedule';
import { refreshLinks } from '../links/refresh-links';
import { takeAlong } from '../links/take-along';
import { buzzPlan, buzzResult, solve } from '../map/jobs';
import { planCuts, planDay, planLengths, planMakeOrBuy, planSpares } from '../plan/jobs';
import { planSiteDay } from '../plan/site-day';
import { lengthsOfSite, takeLengthsOver } from '../plan/site-lengths';
import { siteCuts } from '../plan/site-cuts';
import { siteSpares } from '../plan/site-spares';
import { keepReading } from '../readings/keep-reading';
import { costOfCord, costOfLeft, keepPrices, priceTemplate, prices } from '../prices/jobs';
import { record, recordAsPdf } from '../record/jobs';
import { analyseCapture, pairBothEnds, setUp, simulateLine, sinceThen } from '../reflect/jobs';
import { search } from '../search/search';
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
/** The same of a handover of thousands of links. */
const HANDOVER_MS = 600_000;
/** The same of a capture of two million samples. */
const ANALYSE_MS = 120_000;

/** All that is worked at beside the server, by name. */
export const JOBS = {
  keepReading: writing(readingEndpoints.keep, keepReading),
  keepTest: writing(testEndpoints.keep, keepTest),
  keepCord: writing(cordEndpoints.keep, keepCord),
  keepAdapter: writing(adapterEndpoints.keep, keepAdapter),
  importAdapter: writing(adapterEndpoints.read, importAdapter),
  changeAdapter: writing(adapterEndpoints.change, changeAdapter),
  putAdapterAway: writing(adapterEndpoints.putAway, putAdapterAway),
  takeAdapterBack: writing(adapterEndpoints.restore, takeAdapterBack),
  refreshLinks,
  takeAlong: quick(alongEndpoints.take, takeAlong),
  record: quick(recordEndpoints.one, record),
  search: quick(searchEndpoints.search, search),
  recordAsPdf: quick(recordEndpoints.pdf, recordAsPdf),
  cardPdf: quick(adapterEndpoints.cardPdf, cardPdf),
  cardSvg: quick(adapterEndpoints.cardSvg, cardSvg),
  netsCsv: quick(adapterEndpoints.netsCsv, netsCsv),
  adapterAsFile: quick(adapterEndpoints.file, adapterAsFile),
  subcircuit: quick(adapterEndpoints.subcircuit, subcircuit),
  solve: quick(mapEndpoints.solve, solve),
  buzzPlan: quick(mapEndpoints.buzzPlan, buzzPlan),
  buzzResult: quick(mapEndpoints.buzzResult, buzzResult),
  plan: quick(terminateEndpoints.plan, plan),
  template: quick(terminateEndpoints.template, template),
  diagnoseReading: quick(readingEndpoints.diagnose, diagnoseReading),
  predict: quick(diagnosisEndpoints.predict, predict),
  limits: quick(diagnosisEndpoints.limits, limits),
  setUp: quick(reflectEndpoints.setup, setUp),
  pairBothEnds: quick(reflectEndpoints.pairEnds, pairBothEnds),
  planSpares: quick(planEndpoints.spares, planSpares),
  planMakeOrBuy: quick(planEndpoints.makeOrBuy, planMakeOrBuy),
  prices: quick(priceEndpoints.list, prices),
  keepPrices: writing(priceEndpoints.keep, keepPrices),
  priceTemplate: quick(priceEndpoints.template, priceTemplate),
  costOfCord: quick(priceEndpoints.cost, costOfCord),
  costOfLeft: long(priceEndpoints.left, costOfLeft),
  planCuts: long(planEndpoints.cut, planCuts),
  siteSpares: long(planEndpoints.siteSpares, siteSpares),
  siteCuts: long(planEndpoints.siteCuts, siteCuts),
  lengthsOfSite: long(drawingEndpoints.lengths, lengthsOfSite),
  takeLengthsOver: { ...long(drawingEndpoints.takeOver, takeLengthsOver), writes: true },
  planSiteDay: long(siteDayEndpoints.day, planSiteDay),
  planDay: long(planEndpoints.day, planDay),
  planLengths: long(planEndpoints.lengths, planLengths),
  batch: long(terminateEndpoints.batch, batch),
  handoverAsPdf: long(handoverEndpoints.pdf, handoverAsPdf, HANDOVER_MS),
  handoverAsZip: long(handoverEndpoints.zip, handoverAsZip, HANDOVER_MS),
  layLabels: long(labelEndpoints.lay, layLabels),
  reelLabel: quick(labelEndpoints.reel, reelLabel),
  printLabels: long(labelEndpoints.print, printLabels, HANDOVER_MS),
  kit: long(terminateEndpoints.kit, kit),
  pace: long(terminateEndpoints.pace, pace),
  cordSheet: long(cordEndpoints.sheet, cordSheet),
  cordSheetCsv: long(cordEndpoints.sheetCsv, cordSheetCsv),
  cordSheetPdf: long(cordEndpoints.sheetPdf, cordSheetPdf),
  explainReadings: long(diagnosisEndpoints.explain, explainReadings),
  blindSpotsOf: long(diagnosisEndpoints.blindSpots, blindSpotsOf),
  lampBuild: long(diagnosisEndpoints.lampBuild, lampBuild),
  sinceThen: long(reflectEndpoints.since, sinceThen),
  simulateLine: long(reflectEndpoints.simulate, simulateLine),
  analyseCapture: long(reflectEndpoints.analyse, analyseCapture, ANALYSE_MS),
  importSchedule: { ...long(scheduleEndpoints.read, importSchedule, IMPORT_MS), writes: true },
} satisfies Readonly<Record<string, Job>>;

export type JobName = keyof typeof JOBS;

export const isJobName = (name: string): name is JobName => name in JOBS;
