/**
 * Every key of the application and the one thing that it does, wherever it does it. A page says in its own words what
 * that comes to there; it can’t give a key another meaning, since it names the deed and not the key.
 */
export const KEYS = {
  main: { key: ' ', what: 'The main button' },
  stop: { key: 'Enter', what: 'The main button' },
  back: { key: 'Escape', what: 'Back' },
  down: { key: 'ArrowDown', what: 'The next row' },
  up: { key: 'ArrowUp', what: 'The row before' },

  seek: { key: '/', what: 'Find anything by name' },
  'seek-typing': { key: 'Ctrl+k', what: 'Find anything by name, while typing too' },
  list: { key: 'l', what: 'Go to the list of links' },
  overview: { key: 'o', what: 'Overview of the site' },
  help: { key: '?', what: 'Show all keys' },
  theme: { key: 'd', what: 'Daylight or cabinet theme' },

  // Digits go to a part of what is open: the stages of a link, then the parts of an adapter.
  'go-1': { key: '1', what: 'Terminate' },
  'go-2': { key: '2', what: 'Map' },
  'go-3': { key: '3', what: 'Verify' },
  'go-4': { key: '4', what: 'Reflect' },
  'go-5': { key: '5', what: 'Record' },
  'go-6': { key: '6', what: 'Wiring' },
  'go-7': { key: '7', what: 'Buzz out' },
  'go-8': { key: '8', what: 'Measure' },

  undo: { key: 'u', what: 'Take the last one back' },
  turn: { key: 't', what: 'Turn it over' },
  'other-end': { key: 'e', what: 'The other end' },
  write: { key: 'w', what: 'Type what is so' },
  new: { key: 'n', what: 'Begin a new one' },
  read: { key: 'r', what: 'Read the tester' },
  keep: { key: 'k', what: 'Take it so' },
  mended: { key: 'm', what: 'What is advised is done' },

  pass: { key: 'p', what: 'As it should be' },
  fail: { key: 'f', what: 'Not as it should be' },
  beeps: { key: 'b', what: 'It beeps' },
  silent: { key: 's', what: 'It is silent' },
  'answer-1': { key: 'a', what: 'The first answer' },
  'answer-2': { key: 'c', what: 'The second answer' },
  'answer-3': { key: 'g', what: 'The third answer' },
  'answer-4': { key: 'h', what: 'The fourth answer' },
  'answer-5': { key: 'i', what: 'The fifth answer' },
  'answer-6': { key: 'j', what: 'The sixth answer' },
} as const;

/** What a key does. */
export type KeyId = keyof typeof KEYS;

/** The keys of answers, in the order of the answers. */
export const ANSWER_KEYS = [
  'answer-1',
  'answer-2',
  'answer-3',
  'answer-4',
  'answer-5',
  'answer-6',
] as const satisfies readonly KeyId[];

const KEY_NAME: Readonly<Record<string, string>> = {
  ' ': 'Space',
  'Ctrl+k': 'Ctrl K',
  Enter: 'Enter',
  Escape: 'Esc',
  ArrowDown: '↓',
  ArrowUp: '↑',
};

/** A key as it is printed on a keyboard. */
export const keyName = (id: KeyId): string => KEY_NAME[KEYS[id].key] ?? KEYS[id].key.toUpperCase();
