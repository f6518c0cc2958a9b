export type { Told } from '@near-spoke/core/message';
export { LANGUAGE_IDS, LANGUAGE_NAMES, type LanguageId } from './language-ids';
export { tellIn, told, type Language, type Messages, type Pages, type Tell } from './tell';
