import { CATALOGUE_CASES } from './catalogue';
import { FORMATS_CASES } from './formats';
import { LINK_CASES } from './link';
import { MAP_CASES } from './map';
import { RECORD_CASES } from './record';
import { REFLECT_CASES } from './reflect';
import { TERMINATE_CASES } from './terminate';
import { UNITS_CASES } from './units';
import { VERIFY_CASES } from './verify';

/** What core tells, by the folder that tells it. */
export const TOLD = {
  catalogue: CATALOGUE_CASES,
  formats: FORMATS_CASES,
  link: LINK_CASES,
  map: MAP_CASES,
  record: RECORD_CASES,
  reflect: REFLECT_CASES,
  terminate: TERMINATE_CASES,
  units: UNITS_CASES,
  verify: VERIFY_CASES,
} as const;
