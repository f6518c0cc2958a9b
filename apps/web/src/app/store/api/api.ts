import { HttpClient, HttpErrorResponse } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import {
  AUTHOR_HEADER,
  answerOf,
  pathOf,
  problem,
  type Answered,
  type Endpoint,
  type Problem,
  type ToAsk,
  type Written,
} from '@near-spoke/contract';
import {
  TimeoutError,
  catchError,
  from,
  map,
  of,
  switchMap,
  throwError,
  type Observable,
} from 'rxjs';

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

/** A request of whatever operation. */
export interface Sending extends Written {
  readonly endpoint: Endpoint;
  /** Who did it, where that is not in the body. */
  readonly author?: string | undefined;
}

/** A request, checked against what its operation takes. */
export const sending = <E extends Endpoint>(endpoint: E, asked: ToAsk<E> & Written): Sending => ({
  endpoint,
  ...asked,
});

/** The server, as the app calls it. Every answer is checked against the contract. */
@Injectable({ providedIn: 'root' })
export class Api {
  private readonly http = inject(HttpClient);

  call<E extends Endpoint>(endpoint: E, asked: ToAsk<E> & Written): Observable<Answered<E>> {
    return this.ask({ endpoint, ...asked }).pipe(
      map((said) => answerOf(endpoint, said)),
      refusing(),
    );
  }

  /** Sends a file in place of a body. */
  sendFile<E extends Endpoint>(
    endpoint: E,
    asked: Written,
    file: Blob,
    type: string,
  ): Observable<Answered<E>> {
    return this.ask({ endpoint, ...asked, body: file }, { 'content-type': type }).pipe(
      map((said) => answerOf(endpoint, said)),
      refusing(),
    );
  }

  /** Sends what was done: what is answered is read where it is used, and what can't be read was taken all the same. */
  send(request: Sending): Observable<unknown> {
    return this.ask(request).pipe(refusing());
  }

  /** A file as it is kept. */
  file(endpoint: Endpoint, asked: Written): Observable<Blob> {
    return this.http
      .request(endpoint.method.toUpperCase(), pathOf(endpoint, asked), {
        ...(asked.body === undefined ? {} : { body: asked.body }),
        responseType: 'blob',
        params: paramsOf(asked),
      })
      .pipe(
        catchError((error: unknown) => from(withText(error))),
        switchMap((said) => (said instanceof Blob ? of(said) : throwError(() => toRefusal(said)))),
      );
  }

  private ask(request: Sending, headers: Record<string, string> = {}): Observable<unknown> {
    const { endpoint, body, author } = request;
    return this.http.request<unknown>(endpoint.method.toUpperCase(), pathOf(endpoint, request), {
      ...(body === undefined ? {} : { body }),
      params: paramsOf(request),
      headers: author ? { ...headers, [AUTHOR_HEADER]: encodeURIComponent(author) } : headers,
    });
  }
}

/** What is asked for, without what is left open. */
const paramsOf = ({ query = {} }: Written): Record<string, string> =>
  Object.fromEntries(
    Object.entries(query).flatMap(([name, value]) => (value === undefined ? [] : [[name, value]])),
  );

/** Errors as refusals. */
function refusing<T>(): (source: Observable<T>) => Observable<T> {
  return catchError((error: unknown) => throwError(() => toRefusal(error)));
}

/** Where a file was asked for, what is said against it comes as a file too. */
async function withText(error: unknown): Promise<unknown> {
  if (!(error instanceof HttpErrorResponse) || !(error.error instanceof Blob)) return error;
  const { status } = error;
  const text = await error.error.text();
  try {
    return new HttpErrorResponse({ status, error: JSON.parse(text) as unknown });
  } catch {
    return new HttpErrorResponse({ status });
  }
}

/** What stands for no answer. */
const AWAY = new Set([0, 502, 503, 504]);
/** Answers that say to come again, or of which the client is not the cause. */
const LATER = new Set([408, 425, 429, 500, 507]);

const NOTHING_SAID: Problem = {
  type: 'about:blank',
  title: 'No answer',
  status: 0,
  detail: 'The server does not answer.',
};
export const NO_ANSWER: Refusal = { away: true, later: true, problem: NOTHING_SAID };

function toRefusal(error: unknown): Refusal {
  if (error instanceof TimeoutError) return NO_ANSWER;
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
    problem: told.success ? told.data : { ...NOTHING_SAID, status: error.status },
  };
}
