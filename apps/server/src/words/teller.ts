import type { UnitSystem } from '@near-spoke/core/units';
import { tellIn, type Language, type LanguageId, type Tell } from '@near-spoke/words';
import { GERMAN } from '@near-spoke/words/de';
import { ENGLISH } from '@near-spoke/words/en';

const LANGUAGES: Readonly<Record<LanguageId, Language>> = { en: ENGLISH, de: GERMAN };

/** What makes words of messages, for who asked. */
export const teller = (language: LanguageId, units: UnitSystem): Tell =>
  tellIn(LANGUAGES[language], units);

/** In what words a judgement is kept with a fact; who reads it again has it told anew where that can be. */
export const KEPT: Tell = teller('en', 'metric');
