import type { CommonMessages } from '@near-spoke/core/message';
import { formatCut, formatCutWithin, formatSheetMm } from '@near-spoke/core/units';
import type { WordsFor } from '../tell';
import { conductorName } from './conductor';
import { written } from './number';

export const COMMON: WordsFor<CommonMessages> = {
  nothing: () => '',
  sentences: ({ of }, tell) => of.map(tell).filter(Boolean).join(' '),
  either: ({ of }, tell) => of.map(tell).join(' oder '),
  name: ({ name }) => name,
  conductor: ({ core }) => conductorName(core),
  conductors: ({ cores }) => cores.map(conductorName).join(', '),
  cut: ({ mm, nearMm }, { units }) => written(formatCut(mm, units, nearMm)),
  'cut-within': ({ mm, toleranceMm }, { units }) =>
    written(formatCutWithin(mm, toleranceMm, units)),
  sheet: ({ mm }, { units }) => written(formatSheetMm(mm, units)),
  gauge: ({ awg }) => `${awg} AWG`,
  ohm: ({ ohm }) => written(`${ohm} Ohm`),
  cores: ({ count }) => `${count} Adern`,
  range: ({ min, max }, tell) => `${tell(min)} bis ${tell(max)}`,
  'at-most': ({ most }, tell) => `höchstens ${tell(most)}`,
};
