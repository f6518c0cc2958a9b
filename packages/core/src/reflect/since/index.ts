export { since, type Since } from './since';
export { sinceFiles, sinceSentence, type CaptureFile } from './since-files';
