import { KEYS, keyName, type KeyId } from './keys';

describe('The table of keys', () => {
  it('has each key once: one letter has one meaning in every view', () => {
    const keys = Object.values(KEYS).map(({ key }) => key);
    expect(keys.filter((key, index) => keys.indexOf(key) !== index)).toEqual([]);
  });

  it('leaves the keys of the browser alone, but for the one that finds', () => {
    const held = Object.values(KEYS).filter(({ key }) => key.includes('+'));
    expect(held.map(({ key }) => key)).toEqual(['Ctrl+k']);
  });

  it('turns a face over by the key that every drawing of one names', () => {
    expect(keyName('turn')).toBe('T');
  });

  it('names each as it is printed on a keyboard', () => {
    const names = (Object.keys(KEYS) as KeyId[]).map(keyName);
    expect(names).toEqual(jasmine.arrayContaining(['Space', 'Enter', 'U']));
    expect(names.filter((name) => name.trim() !== name || name === '')).toEqual([]);
  });
});
