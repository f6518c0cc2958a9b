import { TRAILER_LENGTH, trailerOf } from '@near-spoke/core/handover';
import type { Signer } from './firm-key';

/** How the end of an archive begins, and where in it the length of its comment is: PKWARE APPNOTE 4.3.16. */
const ARCHIVE_END = 0x06054b50;
const END_LENGTH = 22;
const COMMENT_AT = 20;

const signedBy = (body: Buffer, { key, sign }: Signer): Buffer =>
  Buffer.concat([body, Buffer.from(trailerOf(key, sign(body)), 'latin1')]);

/** A PDF with its signature as a comment after its end. */
export const signedPdf = (pdf: Buffer, signer: Signer): Buffer =>
  signedBy(pdf.at(-1) === 0x0a ? pdf : Buffer.concat([pdf, Buffer.from('\n')]), signer);

/** An archive with its signature as its comment. */
export function signedZip(body: Buffer, signer: Signer): Buffer {
  const end = body.length - END_LENGTH;
  if (body.readUInt32LE(end) !== ARCHIVE_END) throw new Error('An archive with another end');
  body.writeUInt16LE(TRAILER_LENGTH, end + COMMENT_AT);
  return signedBy(body, signer);
}
