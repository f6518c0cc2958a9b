import { InjectionToken } from '@angular/core';

/**
 * How long nothing is taken after the main action, ms: a key that bounces or a double click acts once.
 * After a stop point it is longer, so that what comes next is read first.
 */
export const REST = new InjectionToken('Rest', { factory: () => ({ plainMs: 250, stopMs: 500 }) });
