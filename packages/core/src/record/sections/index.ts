export { linkChanges, type LinkEdit } from './link-changes';
export {
  WHERE_NAME,
  recordSections,
  signature,
  type BackHere,
  type RecordEntry,
  type RecordSection,
  type Recorded,
  type Where,
} from './record-sections';
