import { provideEffects } from '@ngrx/effects';
import { provideState } from '@ngrx/store';
import * as effects from './effects';
import { adaptersFeature } from './adapters';

/** Adapters come with the pages that need them, not with the first load. */
export const provideAdapters = () => [provideState(adaptersFeature), provideEffects(effects)];
