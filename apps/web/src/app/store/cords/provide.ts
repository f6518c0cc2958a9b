import { provideEffects } from '@ngrx/effects';
import { provideState } from '@ngrx/store';
import { cordsFeature } from './cords';
import * as effects from './effects';

/** Cords come with the pages that need them, not with the first load. */
export const provideCords = () => [provideState(cordsFeature), provideEffects(effects)];
