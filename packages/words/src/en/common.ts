import { conductor } from '@near-spoke/core/catalogue';
import type { CommonMessages } from '@near-spoke/core/message';
import { formatCut, formatCutWithin, formatSheetMm } from '@near-spoke/core/units';
import type { WordsFor } from '../tell';

export const COMMON: WordsFor<CommonMessages> = {
  nothing: () => '',
  sentences: ({ of }, tell) => of.map(tell).filter(Boolean).join(' '),
  either: ({ of }, tell) => of.map(tell).join(' or '),
  name: ({ name }) => name,
  conductor: ({ core }) => conductor(core).name,
  conductors: ({ cores }) => cores.map((core) => conductor(core).name).join(', '),
  cut: ({ mm, nearMm }, { units }) => formatCut(mm, units, nearMm),
  'cut-within': ({ mm, toleranceMm }, { units }) => formatCutWithin(mm, toleranceMm, units),
  sheet: ({ mm }, { units }) => formatSheetMm(mm, units),
  gauge: ({ awg }) => `${awg} AWG`,
  ohm: ({ ohm }) => `${ohm} ohm`,
  cores: ({ count }) => `${count} cores`,
  range: ({ min, max }, tell) => `${tell(min)} to ${tell(max)}`,
  'at-most': ({ most }, tell) => `at most ${tell(most)}`,
};
