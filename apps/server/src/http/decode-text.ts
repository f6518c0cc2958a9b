/**
 * Text from a file of unknown encoding: UTF-16 by its byte order mark, else UTF-8, else the
 * western European code page that older spreadsheets write.
 */
export function decodeText(bytes: Uint8Array): string {
  const mark = (bytes[0] ?? 0) * 256 + (bytes[1] ?? 0);
  if (mark === 0xfffe) return new TextDecoder('utf-16le').decode(bytes);
  if (mark === 0xfeff) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
