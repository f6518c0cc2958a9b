import { HttpClient, HttpErrorResponse } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import {
  along,
  importReport,
  kit,
  linkRows,
  paceList,
  part,
  partList,
  problem,
  site,
  siteList,
  type PartInput,
  type PartPatch,
  type Problem,
  type SiteInput,
  type SitePatch,
} from '@near-spoke/contract';
import {
  TimeoutError,
  catchError,
  map,
  throwError,
  type Observable,
  type OperatorFunction,
} from 'rxjs';
import type * as z from 'zod';

/** Why a request did not do what it should: the server is away, or refused with a reason. */
export interface Refusal {
  /** No answer, or one that only says that the database or a proxy behind it is away. */
  readonly away: boolean;
  /** The same again will do, in a while: it is away, has too much to do, or failed for a reason of its own. */
  readonly later: boolean;
  readonly problem: Problem;
}

export const isRefusal = (error: unknown): error is Refusal =>
  typeof error === 'object' && error !== null && 'away' in error && 'problem' in error;

/** The server, as the app calls it. Every answer is checked against the contract. */
@Injectable({ providedIn: 'root' })
export class Api {
  private readonly http = inject(HttpClient);

  health = () => this.http.get('/api/health').pipe(refusing());
  sites = () => this.http.get('/api/sites').pipe(parsed(siteList), refusing());
  createSite = (input: SiteInput) =>
    this.http.post('/api/sites', input).pipe(parsed(site), refusing());
  changeSite = (id: string, patch: SitePatch) =>
    this.http.patch(`/api/sites/${id}`, patch).pipe(parsed(site), refusing());
  rows = (siteId: string, after: string | null) =>
    this.http
      .get(`/api/sites/${siteId}/rows`, { params: after === null ? {} : { after } })
      .pipe(parsed(linkRows), refusing());
  along = (siteId: string, links: readonly string[]) =>
    this.http.post(`/api/sites/${siteId}/along`, { links }).pipe(parsed(along), refusing());
  parts = () => this.http.get('/api/parts').pipe(parsed(partList), refusing());
  addPart = (input: PartInput) =>
    this.http.post('/api/parts', input).pipe(parsed(part), refusing());
  changePart = (id: string, patch: PartPatch) =>
    this.http.patch(`/api/parts/${id}`, patch).pipe(parsed(part), refusing());
  putPartAway = (id: string, version: number) =>
    this.http.delete(`/api/parts/${id}?version=${version}`).pipe(refusing());
  restorePart = (id: string) =>
    this.http.post(`/api/parts/${id}/restore`, {}).pipe(parsed(part), refusing());
  kit = (siteId: string, query: Readonly<Record<string, string>>) =>
    this.http.get(`/api/sites/${siteId}/kit`, { params: query }).pipe(parsed(kit), refusing());
  pace = (siteId: string, author: string) =>
    this.http
      .get(`/api/sites/${siteId}/pace`, { params: { author } })
      .pipe(parsed(paceList), refusing());
  importSchedule = (siteId: string, file: Blob, dryRun: boolean) =>
    this.http
      .post(`/api/sites/${siteId}/links/import?dryRun=${String(dryRun)}`, file, {
        headers: { 'content-type': 'text/csv' },
      })
      .pipe(parsed(importReport), refusing());
  send = (method: string, path: string, body: unknown) =>
    this.http.request(method, path, { body }).pipe(refusing());
}

/** The answer as the contract has it. */
export function parsed<T extends z.ZodType>(schema: T): OperatorFunction<unknown, z.output<T>> {
  return map((answer) => schema.parse(answer));
}

/** Errors as refusals. */
export function refusing<T>(): (source: Observable<T>) => Observable<T> {
  return catchError((error: unknown) => throwError(() => toRefusal(error)));
}

/** What stands for no answer. */
const AWAY = new Set([0, 502, 503, 504]);
/** Answers that say to come again, or of which the client is not the cause. */
const LATER = new Set([408, 425, 429, 500, 507]);

const NO_ANSWER: Problem = {
  type: 'about:blank',
  title: 'No answer',
  status: 0,
  detail: 'The server does not answer.',
};

function toRefusal(error: unknown): Refusal {
  if (error instanceof TimeoutError) return { away: true, later: true, problem: NO_ANSWER };
  if (!(error instanceof HttpErrorResponse))
    return {
      away: false,
      later: false,
      problem: {
        type: 'about:blank',
        title: 'Not understood',
        status: 500,
        detail: 'The server’s answer is not what this page expects. Reload the page.',
      },
    };
  const told = problem.safeParse(error.error);
  const away = AWAY.has(error.status);
  return {
    away,
    later: away || LATER.has(error.status),
    problem: told.success ? told.data : { ...NO_ANSWER, status: error.status },
  };
}
