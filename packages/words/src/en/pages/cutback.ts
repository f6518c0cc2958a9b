/** What stands beside the drawing of a cable's end. */
export const CUTBACK = {
  fromEnd: (all: string) => `From the cable’s end: ${all}`,
  folded: (size: string) => `braid folded back over the jacket, ${size} of it`,
  foldedSpoken: 'the braid folded back over the jacket',
  leaves: (size: string) => `which leaves ${size}`,
  shortened: 'Drawn shortened.',
  generic: (name: string) =>
    `Generic sizes for ${name}: the sheet of the part in your hand decides.`,
  ofSheet: (name: string) => `Sizes of ${name}, from its sheet.`,
} as const;
