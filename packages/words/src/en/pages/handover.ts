const links = (count: number): string => (count === 1 ? '1 link' : `${count} links`);

/** What a handover says of itself: the page that makes it, the document, and the page that checks it. */
export const HANDOVER_PAGE = {
  title: 'Handover',
  ready: (count: number) => `Hand over ${links(count)}.`,
  open: (count: number) =>
    count === 0
      ? 'All of them are proven.'
      : `${count} of them ${count === 1 ? 'is' : 'are'} not proven: the document says which, and why.`,
  reading: 'Reading the links…',
  none: 'There is no link to hand over yet.',
  make: 'Make the PDF',
  archive: 'Archive',
  archiveHint: 'The document with what it was made from: records, captures, photos, adapters.',
  checker: 'Checking page',
  checkerHint: 'For the client: tells whether a file was changed. It needs no network.',
  making: (done: number, total: number) =>
    total === 0 ? 'Being made' : `Being made: ${done} of ${total} links`,
  cancel: 'Cancel',
  cancelled: 'Cancelled. Nothing was made.',
  made: (name: string) => `${name} is made, and saved with your downloads.`,
  failed: 'It could not be made.',
  serverAway: 'The server does not answer.',
  tryAgain: 'Try again',
  key: 'Signed with the firm’s key',
  keyHint:
    'Tell the client these digits yourself, on the phone or on paper: they are what shows that a file is yours. Whoever has the server’s database or a backup of it can sign too.',
  contents: 'What is in it',
  contentList: [
    'Cover, with what is proven and what is not',
    'Index and schedule',
    'What is not proven, and why; what was made again; what is otherwise than scheduled',
    'Every link: wire map, result, tests, places, plots of traces and sweeps, photos, work',
    'A card for each adapter',
  ],
  counts: {
    links: 'Links',
    proven: 'Proven',
    open: 'Not proven',
    remade: 'Ends made again',
    adapters: 'Adapters',
  },
  document: {
    heading: 'Handover',
    written: (when: string) => `Written ${when}`,
    scheme: (scheme: string, reason: string) =>
      `Eight-contact ends follow ${scheme}${reason && `. ${reason}`}`,
    signed: (key: string) => `Signed by the key ${key}`,
    signedHow:
      'Ask the firm for its checking page, and compare these digits with those that it tells you. A change of any byte is found.',
    caution:
      'Tests of wiring say nothing of performance beyond what is told. Power, mains and lightning protection are the work of whoever is licensed for them, by the local code.',
    index: 'Index',
    schedule: 'Schedule',
    unproven: 'Not proven, and why',
    allProven: 'Every link is proven.',
    remade: 'Made again',
    noneRemade: 'No end was made again.',
    noCause: 'nobody said why',
    changes: 'Otherwise than scheduled',
    noChanges: 'No link was changed after it was scheduled.',
    adapters: 'Adapters',
    columns: {
      label: 'Link',
      near: 'Near',
      far: 'Far',
      cable: 'Cable',
      length: 'Length',
      state: 'State',
    },
    noLength: 'not known',
    page: (number: number) => `page ${number}`,
    trace: (name: string) => `Trace ${name}`,
    sweep: (name: string) => `Sweep ${name}`,
    traceAxes: 'volts over time',
    sweepAxes: 'return loss (dB) over frequency',
    noPlot: 'This capture can’t be plotted.',
    made: (when: string, end: string, cause: string) => `${when}, ${end}: ${cause}`,
    footer: (site: string, when: string, page: number, of: number) =>
      `${site}, written ${when}, page ${page} of ${of}`,
  },
  check: {
    title: 'Was this file changed?',
    choose: 'Choose the document or the archive',
    drop: 'or drop it here. It stays on this device.',
    firm: 'The firm’s key',
    compare: 'Compare these digits with those that the firm has told you.',
    right: 'Not changed since it was signed, by this key.',
    changed: 'CHANGED since it was signed. Ask the firm for the file anew.',
    otherKey: 'Signed, but by another key: not by this firm, or by an earlier key of it.',
    notSigned: 'Not signed at all, or its end was cut off.',
    cannot: 'This browser can’t check signatures. Try a newer one.',
  },
};
