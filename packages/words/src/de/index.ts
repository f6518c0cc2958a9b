import type { Language } from '../tell';
import { COMMON } from './common';
import { CUTBACK } from './pages/cutback';
import { TERMINATE_PAGE } from './pages/terminate';
import { TERMINATE } from './terminate/messages';

export const GERMAN: Language = {
  id: 'de',
  words: { ...COMMON, ...TERMINATE },
  pages: { terminate: TERMINATE_PAGE, cutback: CUTBACK },
};
