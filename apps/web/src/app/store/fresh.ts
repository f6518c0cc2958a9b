import { startWith, switchMap, take, type Observable } from 'rxjs';

/**
 * The answer to a question, asked again whenever something is stored while it is under way: an answer
 * from before would undo on the screen what was just done.
 */
export const fresh = <T>(ask: () => Observable<T>, stored: Observable<unknown>): Observable<T> =>
  stored.pipe(startWith(null), switchMap(ask), take(1));
