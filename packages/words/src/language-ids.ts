/** The languages that have words, by BCP 47, each as its speakers call it. */
export const LANGUAGE_NAMES = { en: 'English', de: 'Deutsch' } as const;

export type LanguageId = keyof typeof LANGUAGE_NAMES;

export const LANGUAGE_IDS = Object.keys(LANGUAGE_NAMES) as [LanguageId, ...LanguageId[]];
