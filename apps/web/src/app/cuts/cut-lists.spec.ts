import type { SiteCuts } from '@near-spoke/contract/plan';
import { tellIn } from '@near-spoke/words';
import { GERMAN } from '@near-spoke/words/de';
import { ENGLISH } from '@near-spoke/words/en';
import { testLink, testRow } from '../testing/links';
import { cutCable } from './cut-lists';

const LINKS = ['K1', 'K2', 'K3'].map((label, n) =>
  testRow(testLink(label, { lengthM: [60, 70, 317][n] ?? null })),
);
const [K1, K2, K3] = LINKS.map(({ id }) => id) as [string, string, string];
const ROW: SiteCuts['cables'][number] = {
  cable: 'cat6-uutp-solid',
  name: 'Cat 6 U/UTP solid',
  runs: 3,
  unknown: 2,
  plan: {
    cuts: [
      { run: K1, reel: 'reel 1', fromM: 0, toM: 62 },
      { run: K2, reel: 'buy-1', fromM: 0, toM: 72 },
    ],
    buy: 1,
    wasteM: 8,
    unplaced: [K3],
    boundWasteM: 8,
    proven: true,
  },
};
const LENGTHS = {
  boxM: 305,
  slackM: 2,
  reels: [{ id: 'reel 1', lengthM: 70 }],
  units: 'metric' as const,
};
const byId = Object.fromEntries(LINKS.map((link) => [link.id, link]));

describe('A pull list', () => {
  it('has each reel with its marks, runs and what is left', () => {
    const { reels, notes } = cutCable(ROW, byId, LENGTHS, tellIn(ENGLISH, 'metric'));
    expect(reels.map(({ name, about }) => `${name}: ${about}`)).toEqual([
      'Begun reel 1: 70 m, 8.0 m left',
      'New box 1: 305 m, 233.0 m left',
    ]);
    expect(reels[0]?.cuts).toEqual([
      {
        id: K1,
        lengthM: 62,
        markM: null,
        from: '0.0 m',
        to: '62.0 m',
        label: 'K1',
        ends: 'C1/A/K1 – Kiosk K1',
      },
    ]);
    expect(notes).toEqual([
      'K3 needs 319.0 m: no reel or box is as long.',
      '2 links without a length are not counted.',
    ]);
  });

  it('tells a run that is short enough, though nothing is left for it', () => {
    const row = { ...ROW, unknown: 0, plan: { ...ROW.plan, unplaced: [K2] } };
    const { notes } = cutCable(row, byId, LENGTHS, tellIn(ENGLISH, 'metric'));
    expect(notes).toEqual(['K2 needs 72.0 m: nothing is left for it.']);
  });

  it('is told in feet and in German', () => {
    const feet = { ...LENGTHS, units: 'imperial' as const };
    const { reels, notes } = cutCable(ROW, byId, feet, tellIn(GERMAN, 'imperial'));
    expect(reels[0]?.name).toBe('Begonnene Rolle 1');
    expect(reels[0]?.cuts[0]?.to).toMatch(/^203[.,]4 ft$/);
    expect(notes[0]).toMatch(/^K3 braucht 1046[.,]6 ft:/);
  });
});
