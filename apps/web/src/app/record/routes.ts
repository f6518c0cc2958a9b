import type { Routes } from '@angular/router';
import { provideCables } from '../store/reflect/provide';
import { RecordPage } from './record-page';

/** The Record stage of a link. */
export const STAGE_ROUTES: Routes = [
  { path: '', providers: provideCables(), component: RecordPage },
];
