import {
  HttpErrorResponse,
  HttpResponse,
  type HttpEvent,
  type HttpInterceptorFn,
} from '@angular/common/http';
import { inject } from '@angular/core';
import { TimeoutError, catchError, from, switchMap, tap, throwError, type Observable } from 'rxjs';
import { deviceDatabase } from './device-db';
import { Device } from './device';

/** What pages are made of and can be shown again without a server. Sums and files are not. */
const KEPT = [
  /^\/api\/sites$/,
  /^\/api\/sites\/[^/]+\/(rows|cords|cable-facts|drawings)/,
  /^\/api\/(parts|adapters|testers)$/,
  /^\/api\/adapters\/[^/]+\/facts$/,
  /^\/api\/cords\/[^/]+\/facts$/,
  /^\/api\/verify\/experience$/,
];

/** No answer, or one that only says that the database or a proxy behind it is away. */
const AWAY = new Set([0, 408, 502, 503, 504, 507]);

const isAway = (error: unknown): boolean =>
  error instanceof TimeoutError || (error instanceof HttpErrorResponse && AWAY.has(error.status));

/**
 * Keeps answers on this device as they come, and gives the last one where no new one comes.
 */
export const keepAnswers: HttpInterceptorFn = (request, next) => {
  const { urlWithParams: url } = request;
  if (request.method !== 'GET' || !KEPT.some((kept) => kept.test(url))) return next(request);
  const device = inject(Device);
  return next(request).pipe(
    tap((event) => {
      if (!(event instanceof HttpResponse)) return;
      device.usedServer(url);
      void keep(url, event.body, device);
    }),
    catchError((error: unknown) =>
      isAway(error) ? recalled(url, error, device) : throwError(() => error),
    ),
  );
};

async function keep(url: string, body: unknown, device: Device): Promise<void> {
  try {
    const db = await deviceDatabase();
    await db.put('answers', { url, at: Date.now(), body });
  } catch {
    device.full.set(true);
  }
}

const recalled = (url: string, error: unknown, device: Device): Observable<HttpEvent<unknown>> =>
  from(readAnswer(url)).pipe(
    switchMap((kept) => {
      if (!kept) return throwError(() => error);
      device.usedCopy(url, kept.at);
      return [new HttpResponse({ status: 200, url, body: kept.body })];
    }),
  );

async function readAnswer(url: string) {
  try {
    return await (await deviceDatabase()).get('answers', url);
  } catch {
    return undefined;
  }
}
