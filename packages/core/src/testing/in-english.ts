import { tellIn, told, type Told } from '@near-spoke/words';
import { ENGLISH } from '@near-spoke/words/en';
import type { UnitSystem } from '../units';

/** What people read of it: every message in English words. */
export const inEnglish = <T>(value: T, units: UnitSystem = 'metric'): Told<T> =>
  told(value, tellIn(ENGLISH, units));
