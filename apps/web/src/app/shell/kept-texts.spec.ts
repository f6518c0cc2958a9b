import { signal } from '@angular/core';
import { KeptTexts } from './kept-texts';

describe('KeptTexts', () => {
  afterEach(() => localStorage.clear());

  it('lays what is typed over what usually stands there', () => {
    const usual = signal<Readonly<Record<string, string>>>({ vf: '0.7', ohm: '100' });
    const texts = new KeptTexts(() => 'bench', usual);
    texts.set({ id: 'ohm', text: '75' });
    expect(texts.texts()).toEqual({ vf: '0.7', ohm: '75' });
    // What is found out later shows where nothing was typed, and only there.
    usual.set({ vf: '0.684', ohm: '120' });
    expect(texts.texts()).toEqual({ vf: '0.684', ohm: '75' });
  });

  it('keeps what was emptied empty', () => {
    const texts = new KeptTexts(
      () => 'bench',
      () => ({ vf: '0.7' }),
    );
    texts.set({ id: 'vf', text: '' });
    expect(texts.texts()['vf']).toBe('');
  });

  it('is kept over a reload, for each name apart', () => {
    const name = signal('link.1');
    const usual = () => ({ width: '5' });
    new KeptTexts(name, usual).set({ id: 'width', text: '8' });
    const again = new KeptTexts(name, usual);
    expect(again.texts()['width']).toBe('8');
    name.set('link.2');
    expect(again.texts()['width']).toBe('5');
    again.set({ id: 'width', text: '20' });
    name.set('link.1');
    expect(again.texts()['width']).toBe('8');
  });

  it('lets go of everything typed', () => {
    const texts = new KeptTexts(
      () => 'bench',
      () => ({ width: '5' }),
    );
    texts.set({ id: 'width', text: '8' });
    texts.set({ id: 'other', text: 'x' });
    texts.clear();
    expect(texts.texts()).toEqual({ width: '5' });
  });

  it('ignores what was stored by something else', () => {
    localStorage.setItem('near-spoke.bench', '{"width":8}');
    const texts = new KeptTexts(
      () => 'bench',
      () => ({ width: '5' }),
    );
    expect(texts.texts()).toEqual({ width: '5' });
  });
});
