import { CATALOGUE_CASES } from './catalogue';
import { FORMATS_CASES } from './formats';
import { MAP_CASES } from './map';
import { REFLECT_CASES } from './reflect';
import { TERMINATE_CASES } from './terminate';
import { VERIFY_CASES } from './verify';

/** What core tells, by the folder that tells it. */
export const TOLD = {
  catalogue: CATALOGUE_CASES,
  formats: FORMATS_CASES,
  map: MAP_CASES,
  reflect: REFLECT_CASES,
  terminate: TERMINATE_CASES,
  verify: VERIFY_CASES,
} as const;
