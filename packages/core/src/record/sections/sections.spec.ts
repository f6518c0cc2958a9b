import { inEnglish } from '../../testing/in-english';
import { PLAIN_JOB, type Link } from '../../link';
import { linkChanges, recordSections as sectionsOf, signature, type Recorded } from './index';

const at = (minute: number) => `2026-05-04T08:0${minute}:00.000Z`;
const signed = (id: string, device = '') => ({ id, author: 'Łukasz', device });
const nothing: Recorded = {
  notes: [],
  readings: [],
  tests: [],
  traces: [],
  places: [],
  voided: [],
};

const recordSections = (known: Recorded) => inEnglish(sectionsOf(known));

describe('The entries of a record', () => {
  it('are left out where there is nothing, and told the newest first where there is', () => {
    expect(recordSections(nothing)).toEqual([]);
    const notes = [
      { ...signed('a'), at: at(1), where: 'near', text: 'Tile 14 is glued' },
      { ...signed('b', 'van tablet'), at: at(2), where: 'along', text: 'Wet at the riser' },
    ] as const;
    expect(recordSections({ ...nothing, notes })).toEqual([
      {
        title: 'Notes',
        entries: [
          {
            id: 'b',
            at: at(2),
            by: 'Łukasz on van tablet',
            kind: 'note',
            text: 'Along the way: Wet at the riser',
          },
          { id: 'a', at: at(1), by: 'Łukasz', kind: 'note', text: 'Near end: Tile 14 is glued' },
        ],
      },
    ]);
    expect(inEnglish(signature({ author: 'tech 1', device: '' }))).toBe('tech 1');
  });

  it('keep what was taken back, with who said it, who denies it and why', () => {
    const voided = [
      {
        ...signed('v'),
        at: at(3),
        takenAt: at(1),
        takenBy: 'tech 2',
        summary: 'All eight straight.',
        reason: 'Read on K05.',
      },
    ];
    const [section] = recordSections({ ...nothing, voided });
    expect(section?.entries).toEqual([
      {
        id: 'v',
        at: at(1),
        by: 'tech 2',
        text: 'All eight straight.',
        taken: { at: at(3), by: 'Łukasz', why: 'Read on K05.' },
      },
    ]);
  });
});

describe('The changes of a link', () => {
  const link: Link = {
    label: 'K04',
    hub: 'C1',
    near: { place: 'C1/A/04', connector: 'keystone-punch-down', scheme: 'T568B' },
    far: { place: 'Kiosk 4', connector: 'plug-8p8c', scheme: 'T568A' },
    cable: 'cat6-uutp-solid',
    lengthM: 34,
    lengthHow: 'taped',
    route: [],
    environment: 'indoor',
    schools: {},
    note: '',
  };
  const edit = (version: number, field: string, from: unknown) => ({
    at: at(version),
    author: version === 2 ? '' : 'tech 1',
    version,
    changed: [{ field, from, to: null }],
  });

  it('are told as the record tells the link, each with what was before it', () => {
    const edits = [
      edit(2, 'far', { ...link.far, scheme: 'T568B' }),
      edit(3, 'lengthM', null),
      { ...edit(4, 'note', ''), changed: [] },
    ];
    expect(
      inEnglish(linkChanges(link, edits, PLAIN_JOB)).map(({ by, text }) => [by, text]),
    ).toEqual([
      ['tech 1', 'Put away, taken back, or changed in how its ends are worked.'],
      ['tech 1', 'Length: 34 m, taped along the cable; before, not known.'],
      ['somebody', 'Far end: 8P8C plug, T568A, at Kiosk 4; before, 8P8C plug, T568B, at Kiosk 4.'],
    ]);
    const [, length] = inEnglish(linkChanges(link, edits, PLAIN_JOB), 'imperial');
    expect(length?.text).toMatch(/^Length: 111.5 ft, taped along the cable; before, not known\.$/);
  });
});
