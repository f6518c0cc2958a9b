/** The pages of a site, in the order of the work, with what each is for. */
export const SITE_PAGES = [
  { path: '', name: 'Work', about: 'Overview: what is proven, what is wrong, what comes next' },
  { path: 'import', name: 'Schedule', about: 'Import the links, add one, download them' },
  {
    path: 'floor',
    name: 'Floor plan',
    about: 'Lengths from a drawing to scale; where a fault lies',
  },
  { path: 'kit', name: 'Parts and tools', about: 'What to bring' },
  { path: 'cuts', name: 'Cuts', about: 'Which run from which reel, and how many boxes to buy' },
  { path: 'reels', name: 'Reels', about: 'What is left on each, what was cut, metre marks' },
  { path: 'costs', name: 'Costs', about: 'Prices; whether a cord is made or bought' },
  { path: 'day', name: 'Day', about: 'In what order, who is where, what to carry' },
  { path: 'batch', name: 'Many ends', about: 'Make ends alike, step by step' },
  { path: 'labels', name: 'Labels', about: 'Sheets, wraps and flags at 1:1, with codes' },
  { path: 'scan', name: 'Scan a label', about: 'The camera opens the link' },
  { path: 'adapters', name: 'Adapters', about: 'Pin by pin between two devices' },
  { path: 'cords', name: 'Cords', about: 'Test many, one after the other' },
  { path: 'lamp-tester', name: 'Lamp tester', about: 'Build one, with its parts' },
  {
    path: 'history',
    name: 'History',
    about: 'What was done here, and everywhere: by place, part, fault, person, day',
  },
  { path: 'handover', name: 'Handover', about: 'The whole site as one signed document' },
  { path: 'catalogue', name: 'Catalogue', about: 'Connectors and cables, your own too' },
  { path: 'settings', name: 'Settings', about: 'Scheme, units and how this job does it' },
] as const;
