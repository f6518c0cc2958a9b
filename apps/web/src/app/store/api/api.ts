import { HttpClient, HttpErrorResponse } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import {
  importReport,
  kit,
  linkList,
  paceList,
  part,
  partList,
  problem,
  readingList,
  site,
  siteList,
  tickList,
  type PartInput,
  type PartPatch,
  type Problem,
  type SiteInput,
  type SitePatch,
} from '@near-spoke/contract';
import { testList } from '@near-spoke/contract/tests';
import { catchError, map, throwError, type Observable, type OperatorFunction } from 'rxjs';
import type * as z from 'zod';

/** Why a request did not do what it should: the server is away, or refused with a reason. */
export interface Refusal {
  readonly away: boolean;
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
  links = (siteId: string) =>
    this.http.get(`/api/sites/${siteId}/links`).pipe(parsed(linkList), refusing());
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
  ticks = (id: string) =>
    this.http.get(`/api/links/${id}/ticks`).pipe(parsed(tickList), refusing());
  readings = (id: string) =>
    this.http.get(`/api/links/${id}/readings`).pipe(parsed(readingList), refusing());
  tests = (id: string) =>
    this.http.get(`/api/links/${id}/tests`).pipe(parsed(testList), refusing());
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

/** No answer, or one that only says that the database or a proxy behind it is away. */
const AWAY = new Set([0, 502, 503, 504]);

function toRefusal(error: unknown): Refusal {
  if (!(error instanceof HttpErrorResponse))
    return {
      away: false,
      problem: {
        type: 'about:blank',
        title: 'Not understood',
        status: 500,
        detail: 'The server’s answer is not what this page expects. Reload the page.',
      },
    };
  const told = problem.safeParse(error.error);
  return {
    away: AWAY.has(error.status),
    problem: told.success
      ? told.data
      : {
          type: 'about:blank',
          title: 'No answer',
          status: error.status,
          detail: 'The server does not answer.',
        },
  };
}
