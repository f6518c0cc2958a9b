import * as z from 'zod';
import { linkInput, linkList, linkPatch, linkSummary } from './link';
import { linkRecord } from './record';
import { importReport, importText } from './schedule';
import { site, siteInput, siteList, sitePatch } from './site';
import { part, partInput, partList, partPatch } from './part';
import {
  batchRequest,
  kit,
  paceList,
  planRequest,
  plannedBatch,
  plannedTermination,
} from './terminate';
import {
  diagnoseRequest,
  diagnosis,
  readingInput,
  readingList,
  readingResult,
  tick,
  tickInput,
  tickList,
} from './verify';

type Method = 'get' | 'post' | 'put' | 'patch' | 'delete';

export interface Endpoint {
  readonly method: Method;
  readonly path: string;
  readonly summary: string;
  readonly body?: z.ZodType;
  readonly query?: Readonly<Record<string, string>>;
  readonly status: number;
  /** A schema, or the media type of something that is not JSON. */
  readonly answer?: z.ZodType | string;
}

const catalogueList = z.record(z.string(), z.array(z.unknown())).meta({ id: 'CatalogueList' });
const health = z.object({ status: z.literal('ok'), version: z.string() }).meta({ id: 'Health' });

/** Every operation of the API. */
export const ENDPOINTS: readonly Endpoint[] = [
  {
    method: 'get',
    path: '/api/health',
    summary: 'Is the server and its database there',
    status: 200,
    answer: health,
  },
  { method: 'get', path: '/api/openapi.json', summary: 'This description', status: 200 },
  { method: 'get', path: '/api/sites', summary: 'All sites', status: 200, answer: siteList },
  {
    method: 'post',
    path: '/api/sites',
    summary: 'Make a site',
    body: siteInput,
    status: 201,
    answer: site,
  },
  { method: 'get', path: '/api/sites/{id}', summary: 'One site', status: 200, answer: site },
  {
    method: 'patch',
    path: '/api/sites/{id}',
    summary: 'Change a site',
    body: sitePatch,
    status: 200,
    answer: site,
  },
  {
    method: 'delete',
    path: '/api/sites/{id}',
    summary: 'Put a site away',
    query: { version: 'refuse if stale' },
    status: 204,
  },
  {
    method: 'get',
    path: '/api/sites/{id}/links',
    summary: 'A site’s links with their state',
    status: 200,
    answer: linkList,
  },
  {
    method: 'post',
    path: '/api/sites/{id}/links',
    summary: 'Make a link',
    body: linkInput,
    status: 201,
    answer: linkSummary,
  },
  {
    method: 'post',
    path: '/api/sites/{id}/links/import',
    summary: 'Read a cable schedule (text/csv, or JSON with the text): all of it or nothing',
    body: importText,
    query: { dryRun: 'true: read and report only' },
    status: 201,
    answer: importReport,
  },
  {
    method: 'get',
    path: '/api/sites/{id}/links/export',
    summary: 'The schedule as CSV',
    status: 200,
    answer: 'text/csv',
  },
  {
    method: 'get',
    path: '/api/links/{id}',
    summary: 'One link with its state',
    status: 200,
    answer: linkSummary,
  },
  {
    method: 'patch',
    path: '/api/links/{id}',
    summary: 'Change a link',
    body: linkPatch,
    status: 200,
    answer: linkSummary,
  },
  {
    method: 'delete',
    path: '/api/links/{id}',
    summary: 'Put a link away',
    query: { version: 'refuse if stale' },
    status: 204,
  },
  {
    method: 'post',
    path: '/api/links/{id}/restore',
    summary: 'Take a link back that was put away',
    status: 200,
    answer: linkSummary,
  },
  {
    method: 'get',
    path: '/api/links/{id}/readings',
    summary: 'What testers showed, oldest first',
    status: 200,
    answer: readingList,
  },
  {
    method: 'post',
    path: '/api/links/{id}/readings',
    summary: 'Keep a reading and diagnose it',
    body: readingInput,
    status: 201,
    answer: readingResult,
  },
  {
    method: 'get',
    path: '/api/links/{id}/ticks',
    summary: 'Ticked steps and checks, oldest first',
    status: 200,
    answer: tickList,
  },
  {
    method: 'post',
    path: '/api/links/{id}/ticks',
    summary: 'Tick a step or check, or take a tick back',
    body: tickInput,
    status: 201,
    answer: tick,
  },
  {
    method: 'get',
    path: '/api/links/{id}/record',
    summary: 'Everything known of a link',
    status: 200,
    answer: linkRecord,
  },
  {
    method: 'get',
    path: '/api/links/{id}/record.pdf',
    summary: 'The record as a page to print',
    status: 200,
    answer: 'application/pdf',
  },
  {
    method: 'post',
    path: '/api/verify/diagnose',
    summary: 'Diagnose a reading without keeping it',
    body: diagnoseRequest,
    status: 200,
    answer: diagnosis,
  },
  {
    method: 'post',
    path: '/api/terminate/plan',
    summary: 'How to make one end',
    body: planRequest,
    status: 200,
    answer: plannedTermination,
  },
  {
    method: 'post',
    path: '/api/terminate/batch',
    summary: 'How to make many ends with the fewest changes of tool',
    body: batchRequest,
    status: 200,
    answer: plannedBatch,
  },
  {
    method: 'get',
    path: '/api/sites/{id}/kit',
    summary: 'Parts, tools, cable and time for what is left to make',
    query: {
      link: 'only this link',
      end: 'near or far: only this end',
      author: 'at this person’s pace',
    },
    status: 200,
    answer: kit,
  },
  {
    method: 'get',
    path: '/api/sites/{id}/pace',
    summary: 'How long steps take a person, from their own ticks',
    query: { author: 'the person' },
    status: 200,
    answer: paceList,
  },
  {
    method: 'get',
    path: '/api/parts',
    summary: 'Cables and connectors of your own, those put away too',
    status: 200,
    answer: partList,
  },
  {
    method: 'post',
    path: '/api/parts',
    summary: 'Add a cable or connector',
    body: partInput,
    status: 201,
    answer: part,
  },
  {
    method: 'patch',
    path: '/api/parts/{id}',
    summary: 'Change a cable or connector of your own',
    body: partPatch,
    status: 200,
    answer: part,
  },
  {
    method: 'delete',
    path: '/api/parts/{id}',
    summary: 'Put a part away: links keep it, it is offered no more',
    query: { version: 'refuse if stale' },
    status: 204,
  },
  {
    method: 'post',
    path: '/api/parts/{id}/restore',
    summary: 'Offer a part again that was put away',
    status: 200,
    answer: part,
  },
  {
    method: 'get',
    path: '/api/terminate/template.pdf',
    summary: 'A strip template to print at 1:1',
    query: { cable: 'a cable’s id', connector: 'a connector’s id' },
    status: 200,
    answer: 'application/pdf',
  },
  {
    method: 'get',
    path: '/api/catalogue/cables',
    summary: 'Cables',
    status: 200,
    answer: catalogueList,
  },
  {
    method: 'get',
    path: '/api/catalogue/connectors',
    summary: 'Connectors',
    status: 200,
    answer: catalogueList,
  },
  {
    method: 'get',
    path: '/api/catalogue/schemes',
    summary: 'Wiring schemes',
    status: 200,
    answer: catalogueList,
  },
  {
    method: 'get',
    path: '/api/catalogue/schools',
    summary: 'Choices on which good technicians differ',
    status: 200,
    answer: catalogueList,
  },
  {
    method: 'get',
    path: '/api/catalogue/cautions',
    summary: 'Cautions and where they are shown',
    status: 200,
    answer: catalogueList,
  },
];
