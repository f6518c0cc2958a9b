import { execFileSync } from 'node:child_process';
import { writeFoot } from '../src/pdf/footers';
import { newPage } from '../src/pdf/page';

describe('A page of a PDF', () => {
  it('has a foot as soon as it begins, whatever is being written over its end', async () => {
    const numbers: number[] = [];
    const { page, bytes } = newPage({ size: 'A4', margin: 50 }, (begun, number) => {
      numbers.push(number);
      writeFoot(begun, `foot ${number}`);
    });
    const words = Array.from({ length: 3000 }, (_, n) => `${n}β`).join(' ');
    page.font('bold').fontSize(14).fillColor('#aa0000').text(words, 50, 50);
    page.text('last');
    page.end();
    const pdf = await bytes;
    const read = execFileSync('pdftotext', ['-layout', '-', '-'], { input: pdf }).toString();
    const pages = read.split('\f').slice(0, -1);
    expect(numbers).toEqual(pages.map((_, index) => index + 1));
    expect(pages.length).toBeGreaterThan(2);
    pages.forEach((text, index) => {
      expect(text.trimEnd().split('\n').at(-1)?.trim()).toBe(`foot ${index + 1}`);
    });
    const written = read.replace(/foot \d+/g, ' ').split(/\s+/);
    expect(written.filter(Boolean)).toEqual([...words.split(' '), 'last']);
    const sizes = execFileSync('pdftotext', ['-bbox', '-', '-'], { input: pdf }).toString();
    const heights = [...sizes.matchAll(/yMin="([\d.]+)" yMax="([\d.]+)">\d+</g)].map(
      ([, top, bottom]) => Math.round(Number(bottom) - Number(top)),
    );
    expect(new Set(heights).size).toBeLessThanOrEqual(2);
  });
});
