import type { Endpoint } from './endpoint';
import { along, alongRequest } from './along';
import { linkInput, linkList, linkPatch, linkRows, linkSummary, siteStanding } from './link';
import { importReport, importText } from './schedule';
import { site, siteInput, siteList, sitePatch } from './site';

/** Sites and their links. */
export const SITE_ENDPOINTS: readonly Endpoint[] = [
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
    query: { version: 'as it was seen; refuse if stale' },
    status: 204,
  },
  {
    method: 'get',
    path: '/api/sites/{id}/links',
    summary: 'A site’s links with their state, page by page',
    query: {
      after: 'the next of the page before',
      limit: 'links on a page, 1000 at most',
      q: 'words that a link has in its label, hub, places, cable or note',
      hub: 'of this hub',
      state: 'in this state',
    },
    status: 200,
    answer: linkList,
  },
  {
    method: 'get',
    path: '/api/sites/{id}/rows',
    summary: 'All links of a site in short, page by page, for lists of very many',
    query: { after: 'the next of the page before', limit: 'rows on a page, 5000 at most' },
    status: 200,
    answer: linkRows,
  },
  {
    method: 'get',
    path: '/api/sites/{id}/standing',
    summary: 'How many links of each hub are in which state',
    status: 200,
    answer: siteStanding,
  },
  {
    method: 'post',
    path: '/api/sites/{id}/along',
    summary: 'Links with all facts about them, to be taken along where there is no server',
    body: alongRequest,
    status: 200,
    answer: along,
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
    query: { version: 'as it was seen; refuse if stale' },
    status: 204,
  },
  {
    method: 'post',
    path: '/api/links/{id}/restore',
    summary: 'Take a link back that was put away',
    status: 200,
    answer: linkSummary,
  },
];
