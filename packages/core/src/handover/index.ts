export {
  TRAILER_LENGTH,
  bytesOf,
  hexOf,
  signedIn,
  spokenKey,
  trailerOf,
  type Signed,
} from './trailer';
