/** The SHA-256 of a file, in hexadecimal; the browser's own is not there on every page that it shows. */
export async function sha256Of(bytes: Uint8Array): Promise<string> {
  const { sha256 } = await import('@noble/hashes/sha2.js');
  return [...sha256(bytes)].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}
