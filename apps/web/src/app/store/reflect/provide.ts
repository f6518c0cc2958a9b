import { provideEffects } from '@ngrx/effects';
import { provideState } from '@ngrx/store';
import { cablesFeature } from './cables';
import * as effects from './effects';

/** What was measured of cables comes with the pages that need it, not with the first load. */
export const provideCables = () => [provideState(cablesFeature), provideEffects(effects)];
