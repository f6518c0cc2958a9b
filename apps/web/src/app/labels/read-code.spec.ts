import { linkIn, pixelsOf, readCode, reelPageIn } from './read-code';

const ID = '0190a000-0000-7000-8000-00000000000a';

describe('A label’s code', () => {
  it('names a link, wherever the server is reached, and nothing else does', () => {
    for (const text of [`https://a.example/l/${ID}`, `http://10.0.0.3:4980/l/${ID.toUpperCase()}/`])
      expect(linkIn(text)).toBe(ID);
    for (const text of ['', 'hello', `https://a.example/l/${ID}x`, `https://a.example/x/${ID}`])
      expect(linkIn(text)).withContext(text).toBeNull();
  });

  it('of a reel leads to its page, on whatever server this is', () => {
    const page = `/sites/${ID}/reels?reel=R%207`;
    expect(reelPageIn(`https://a.example${page}`)).toBe(page);
    expect(reelPageIn(`https://a.example/l/${ID}`)).toBeNull();
  });

  it('is not seen where there is none, nor in a picture of no size', () => {
    const canvas = document.createElement('canvas');
    const grey = document.createElement('canvas');
    grey.width = 3000;
    grey.height = 1500;
    const pixels = pixelsOf(grey, 3000, 1500, canvas);
    expect([pixels?.width, pixels?.height]).toEqual([1000, 500]);
    expect(pixels && readCode(pixels)).toBeNull();
    expect(pixelsOf(grey, 0, 0, canvas)).toBeNull();
  });
});
