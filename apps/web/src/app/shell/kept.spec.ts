import { isText, kept } from './kept';

describe('kept', () => {
  const name = 'spec.kept';
  const stored = () => localStorage.getItem(`near-spoke.${name}`);
  afterEach(() => localStorage.removeItem(`near-spoke.${name}`));

  it('is there again after a reload', () => {
    kept(name, '', isText).set('1243');
    expect(kept(name, '', isText)()).toBe('1243');
    kept(name, '', isText).update((text) => `${text}5`);
    expect(kept(name, '', isText)()).toBe('12435');
  });

  it('ignores what is not of its type, and what is not JSON', () => {
    for (const text of ['7', '{', 'null']) {
      localStorage.setItem(`near-spoke.${name}`, text);
      expect(kept(name, 'first', isText)()).toBe('first');
    }
  });

  it('leaves nothing behind when it is emptied', () => {
    const value = kept(name, '', isText);
    value.set('12');
    value.set('');
    expect(stored()).toBeNull();
  });
});
