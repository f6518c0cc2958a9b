import type { Language } from '../tell';
import { COMMON } from './common';
import { CUTBACK } from './pages/cutback';
import { RECORD_PAGE } from './pages/record';
import { TERMINATE_PAGE } from './pages/terminate';
import { VERIFY_PAGE } from './pages/verify';
import { RECORD } from './record/messages';
import { PLACES } from './reflect/messages';
import { TERMINATE } from './terminate/messages';
import { ACTIONS } from './verify/actions';
import { ADVICE } from './verify/advice';
import { FAULTS } from './verify/faults';
import { TESTS } from './verify/tests';

export const ENGLISH: Language = {
  id: 'en',
  words: {
    ...COMMON,
    ...TERMINATE,
    ...FAULTS,
    ...ACTIONS,
    ...TESTS,
    ...ADVICE,
    ...RECORD,
    ...PLACES,
  },
  pages: { terminate: TERMINATE_PAGE, cutback: CUTBACK, record: RECORD_PAGE, verify: VERIFY_PAGE },
};
