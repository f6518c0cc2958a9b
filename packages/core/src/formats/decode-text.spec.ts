import { decodeText } from './captures';

describe('Text from a file of unknown encoding', () => {
  const bytes = (...list: number[]) => Uint8Array.from(list);

  it('is UTF-8, its mark left out', () => {
    expect(decodeText(new TextEncoder().encode('µs; Ω'))).toBe('µs; Ω');
    expect(decodeText(bytes(0xef, 0xbb, 0xbf, 0x61))).toBe('a');
    expect(decodeText(bytes())).toBe('');
  });

  it('is UTF-16 of either order by its mark, an odd byte at the end left out', () => {
    expect(decodeText(bytes(0xff, 0xfe, 0xb5, 0x00, 0x73, 0x00))).toBe('µs');
    expect(decodeText(bytes(0xfe, 0xff, 0x00, 0xb5, 0x00, 0x73, 0x00))).toBe('µs');
  });

  it('is the western code page where it is no UTF-8', () => {
    expect(decodeText(bytes(0xb5, 0x73, 0x20, 0x80))).toBe('µs €');
  });
});
