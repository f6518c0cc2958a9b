import type { Routes } from '@angular/router';
import { RecordPage } from './record-page';

/** The Record stage of a link. */
export const STAGE_ROUTES: Routes = [{ path: '', component: RecordPage }];
