import { TRAILER_LENGTH, bytesOf, hexOf, signedIn, spokenKey, trailerOf } from './trailer';

const KEY = 'd75a980182b10ab7d54bfed3c964073a0ee172f3daa62325af021a68f707511a';
const SIGNATURE = Uint8Array.from({ length: 64 }, (_, n) => n);
const bytes = (text: string) => new TextEncoder().encode(text);

describe('The trailer of a signed file', () => {
  it('is read back as it was written, with all that comes before it', () => {
    const trailer = trailerOf(KEY, SIGNATURE);
    expect(trailer.length).toBe(TRAILER_LENGTH);
    const read = signedIn(bytes(`%PDF\n%%EOF\n${trailer}`));
    expect(read?.key).toBe(KEY);
    expect(read && hexOf(read.signature)).toBe(hexOf(SIGNATURE));
    expect(new TextDecoder().decode(read?.body)).toBe('%PDF\n%%EOF\n');
    expect(signedIn(bytes(trailer))?.body.length).toBe(0);
  });

  it('is none where a byte of it is another, one is missing, or something follows it', () => {
    const file = `body${trailerOf(KEY, SIGNATURE)}`;
    expect(signedIn(bytes(file.replace('Ed25519', 'Ed25518')))).toBeNull();
    expect(signedIn(bytes(file.replace('key=d', 'key=g')))).toBeNull();
    expect(signedIn(bytes(file.slice(0, -1)))).toBeNull();
    expect(signedIn(bytes(`${file} `))).toBeNull();
    expect(signedIn(bytes('%PDF'))).toBeNull();
    expect(() => trailerOf(KEY, SIGNATURE.slice(1))).toThrow();
    expect(() => trailerOf(KEY.slice(2), SIGNATURE)).toThrow();
  });

  it('tells a key in fours, and takes hexadecimal digits apart', () => {
    expect(spokenKey(KEY)).toBe('D75A 9801 82B1 0AB7 D54B FED3 C964 073A');
    expect([...bytesOf('00ff10')]).toEqual([0, 255, 16]);
    expect(hexOf(bytesOf(KEY))).toBe(KEY);
  });
});
