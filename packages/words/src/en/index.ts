import type { Language } from '../tell';
import { COMMON } from './common';
import { DRAWINGS } from './drawings';
import { LABELS } from './labels';
import { COSTS_PAGE } from './pages/costs';
import { CUTBACK } from './pages/cutback';
import { CUTS_PAGE } from './pages/cuts';
import { DAY_PAGE } from './pages/day';
import { FLOOR_PAGE } from './pages/floor';
import { FRAME_PAGE } from './pages/frame';
import { HANDOVER_PAGE } from './pages/handover';
import { HISTORY_PAGE } from './pages/history';
import { KIT_PAGE } from './pages/kit';
import { LABELS_PAGE } from './pages/labels';
import { RECORD_PAGE } from './pages/record';
import { REELS_PAGE } from './pages/reels';
import { LIMITS_PAGE, LINE_PAGE, OHMS_PAGE } from './pages/sums';
import { TERMINATE_PAGE } from './pages/terminate';
import { TRACE_PAGE } from './pages/trace';
import { VERIFY_PAGE } from './pages/verify';
import { RECORD } from './record/messages';
import { ANALYSE } from './reflect/analyse';
import { PLACES } from './reflect/messages';
import { VELOCITY } from './reflect/velocity';
import { TERMINATE } from './terminate/messages';
import { ACTIONS } from './verify/actions';
import { ADVICE } from './verify/advice';
import { FAULTS } from './verify/faults';
import { SUMS } from './verify/sums';
import { TESTS } from './verify/tests';

export const ENGLISH: Language = {
  id: 'en',
  words: {
    ...COMMON,
    ...TERMINATE,
    ...FAULTS,
    ...SUMS,
    ...ACTIONS,
    ...TESTS,
    ...ADVICE,
    ...RECORD,
    ...LABELS,
    ...DRAWINGS,
    ...PLACES,
    ...ANALYSE,
    ...VELOCITY,
  },
  pages: {
    terminate: TERMINATE_PAGE,
    cutback: CUTBACK,
    costs: COSTS_PAGE,
    cuts: CUTS_PAGE,
    day: DAY_PAGE,
    floor: FLOOR_PAGE,
    frame: FRAME_PAGE,
    handover: HANDOVER_PAGE,
    history: HISTORY_PAGE,
    kit: KIT_PAGE,
    labels: LABELS_PAGE,
    record: RECORD_PAGE,
    reels: REELS_PAGE,
    verify: VERIFY_PAGE,
    trace: TRACE_PAGE,
    ohms: OHMS_PAGE,
    limits: LIMITS_PAGE,
    line: LINE_PAGE,
  },
};
