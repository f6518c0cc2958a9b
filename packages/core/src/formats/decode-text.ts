import { strFromU8 } from 'fflate';

/** What windows-1252 has where Latin-1 has control characters, from 0x80 on (WHATWG Encoding, index). */
const WINDOWS_1252 = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';

/**
 * Text from a file of unknown encoding: UTF-16 by its byte order mark, else UTF-8, else the
 * western European code page that older spreadsheets and instruments write.
 */
export function decodeText(bytes: Uint8Array): string {
  const mark = (bytes[0] ?? 0) * 256 + (bytes[1] ?? 0);
  if (mark === 0xfffe) return wide(bytes, 0);
  if (mark === 0xfeff) return wide(bytes, 1);
  const text = strFromU8(bytes);
  const plain = text.startsWith('\uFEFF') ? text.slice(1) : text;
  return plain.includes('\uFFFD') ? western(bytes) : plain;
}

/** Two bytes to a letter, the lower one first (0) or second (1), behind the mark. */
function wide(bytes: Uint8Array, low: 0 | 1): string {
  const letters: string[] = [];
  for (let n = 2; n + 1 < bytes.length; n += 2)
    letters.push(
      String.fromCharCode((bytes[n + low] as number) + 256 * (bytes[n + 1 - low] as number)),
    );
  return letters.join('');
}

const western = (bytes: Uint8Array): string =>
  strFromU8(bytes, true).replace(
    /[\u0080-\u009f]/g,
    (letter) => WINDOWS_1252[letter.charCodeAt(0) - 0x80] ?? letter,
  );
