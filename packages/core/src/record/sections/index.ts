export { linkChanges, type LinkEdit } from './link-changes';
export {
  recordSections,
  signature,
  type BackHere,
  type RecordEntry,
  type RecordSection,
  type Recorded,
} from './record-sections';
