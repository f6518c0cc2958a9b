export { LANGUAGE_IDS, LANGUAGE_NAMES, type LanguageId } from './language-ids';
export {
  tellIn,
  told,
  type Language,
  type Messages,
  type Pages,
  type Tell,
  type Told,
} from './tell';
