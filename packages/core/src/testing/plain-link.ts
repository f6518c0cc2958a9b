import type { Link } from '../link';

/** A link of a jack and a plug, on which nothing was done. */
export const PLAIN_LINK: Link = {
  label: 'K1',
  hub: 'C1',
  near: { place: 'C1/A/01', connector: 'keystone-punch-down', scheme: 'T568B' },
  far: { place: 'Kiosk 1', connector: 'plug-8p8c', scheme: 'T568B' },
  cable: 'cat6-uutp-solid',
  lengthM: 31,
  route: [],
  environment: 'indoor',
  schools: {},
  note: '',
};
