/** How what a tester showed came into the record. */
export const ENTERED = ['by-hand', 'one-key', 'instrument', 'unsaid'] as const;

export type Entered = (typeof ENTERED)[number];

/** The same for several results together: "118 by one key". */
export const ENTERED_COUNT: Readonly<Record<Entered, string>> = {
  'by-hand': 'by hand',
  'one-key': 'by one key, as on a good cord',
  instrument: 'read from the instrument',
  unsaid: 'not known how',
};

/** Said beside every result, so that nobody takes a key that was pressed for a value that was read. */
export const ENTERED_TEXT: Readonly<Record<Entered, string>> = {
  'by-hand': 'Entered by hand.',
  'one-key': 'Entered by one key, as on a good link.',
  instrument: 'Read from the instrument.',
  unsaid: 'How it was entered is not known.',
};
