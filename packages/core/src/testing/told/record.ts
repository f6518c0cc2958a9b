import { PLAIN_JOB, wiringOf } from '../../link';
import {
  NOT_TESTED,
  countCords,
  diagnosisNow,
  endProgress,
  linkFacts,
  linkStanding,
  nextLabel,
  summariseLink,
  taskOf,
  tickedKeys,
  togetherWith,
} from '../../record';
import { planTermination, tickKeys } from '../../terminate';
import { diagnose } from '../../verify';
import { inEnglish } from '../in-english';
import type { Cases } from './digest';

const END = { place: 'C1/A/01', connector: 'plug-8p8c', scheme: 'T568B' as const };
const LINK = {
  label: 'K1',
  hub: 'C1',
  near: END,
  far: { ...END, place: 'Kiosk 1', connector: 'keystone-punch-down' },
  cable: 'cat6-uutp-solid',
  lengthM: 31.5,
  route: [{ name: 'Tray T1', atM: 4.5, extraM: 1 }],
  environment: 'indoor' as const,
  schools: {},
  note: '',
};
const WIRING = wiringOf(LINK, PLAIN_JOB);
const at = (seconds: number) => new Date(Date.UTC(2026, 4, 4, 8) + seconds * 1000).toISOString();

/** Ticks of both ends, as far as a share of their steps. */
const ticks = (share: number, everyS: number) =>
  (['near', 'far'] as const).flatMap((end) => {
    const { steps } = planTermination(taskOf(LINK, end, PLAIN_JOB), PLAIN_JOB.catalogue);
    return steps
      .slice(0, Math.round(share * steps.length))
      .flatMap(tickKeys)
      .map((key, index) => ({
        end,
        key,
        done: index % 7 !== 6,
        measuredMm: null,
        cause: '',
        at: at(index * everyS),
        author: 'tech 1',
      }));
  });

const reading = (from: number) => {
  const nets = WIRING.near.contacts
    .slice(from)
    .map(({ contact }) => ({ near: [contact], far: [contact] }));
  const shown = { wiring: WIRING, tester: 'pairing' as const, nets, splitPairs: [] };
  return { ...shown, takenAt: at(4000), diagnosis: inEnglish(diagnose(shown)) };
};

export const RECORD_CASES: Cases = {
  ...Object.fromEntries(
    [0, 0.3, 0.8, 1].flatMap((share) =>
      [null, 0, 1].map((open) => [
        `${share * 100} % ticked, ${open === null ? 'not tested' : `${open} open`}`,
        () => {
          const done = ticks(share, 20);
          const tested = open === null ? NOT_TESTED : { reading: reading(open), tests: [] };
          return inEnglish([
            summariseLink(LINK, done, tested, PLAIN_JOB),
            linkStanding(LINK, done, tested, PLAIN_JOB),
            endProgress(LINK, done, PLAIN_JOB),
            [...tickedKeys(done, 'near')],
            togetherWith(ticks(share, 1), 'near'),
          ]);
        },
      ]),
    ),
  ),
  facts: () => [
    inEnglish(linkFacts(LINK, PLAIN_JOB)),
    inEnglish(linkFacts(LINK, PLAIN_JOB), 'imperial'),
  ],
  'judged anew': () =>
    inEnglish(
      diagnosisNow({ ...LINK, far: { ...LINK.far, scheme: 'T568A' } }, reading(0), PLAIN_JOB),
    ),
  cords: () => {
    const seen = ['pass', 'fail', 'pass', 'fail', 'pass'].map((verdict, index) => ({
      label: `KC-00${index % 3}`,
      tester: 'pair-lamps' as const,
      verdict: verdict as 'pass' | 'fail',
      reading: null,
      summary: verdict,
      entered: 'by-hand' as const,
      at: at(index * 12),
      author: 'tech 1',
      id: String(index),
    }));
    return [countCords(seen), ['KC-009', 'A', '99', ''].map(nextLabel)];
  },
};
