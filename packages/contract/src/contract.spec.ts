import { CABLES, CONNECTORS } from '@near-spoke/core/catalogue';
import { diagnose } from '@near-spoke/core/verify';
import { planTermination } from '@near-spoke/core/terminate';
import {
  diagnoseRequest,
  diagnosis,
  linkInput,
  linkPatch,
  readingInput,
  siteInput,
  terminationPlan,
  tickInput,
} from './index';
import { ENDPOINTS, openApi } from './openapi';

const link = {
  label: 'K1',
  near: { place: 'C1/A/01', connector: 'keystone-punch-down', scheme: 'T568B' },
  far: { place: 'Kiosk 1', connector: 'plug-8p8c', scheme: 'T568B' },
  cable: 'cat6-uutp-solid',
};

const paths = (result: { error?: { issues: { path: PropertyKey[] }[] } }) =>
  (result.error?.issues ?? []).map(({ path }) => path.map(String).join('.'));

describe('the contract', () => {
  it('fills in what a request leaves out', () => {
    expect(linkInput.parse(link)).toEqual(
      jasmine.objectContaining({ lengthM: null, route: [], note: '' }),
    );
    expect(siteInput.parse({ name: ' Berth ' })).toEqual({
      name: 'Berth',
      note: '',
      defaultScheme: 'T568B',
      schemeReason: '',
      units: 'metric',
    });
    expect(tickInput.parse({ end: 'near', key: 'crimp' })).toEqual({
      end: 'near',
      key: 'crimp',
      done: true,
      measuredMm: null,
      cause: '',
      author: 'unnamed',
    });
  });

  const refused: [string, object, string][] = [
    ['an empty label', { ...link, label: ' ' }, 'label'],
    ['a cable that nobody knows', { ...link, cable: 'cat9' }, 'cable'],
    ['no length at all', { ...link, lengthM: 0 }, 'lengthM'],
    ['a length that is no number', { ...link, lengthM: '12 m' }, 'lengthM'],
    ['a scheme of its own', { ...link, far: { ...link.far, scheme: 'T568C' } }, 'far.scheme'],
    ['a field of its own', { ...link, colour: 'red' }, ''],
    [
      'a route that runs back',
      {
        ...link,
        route: [
          { name: 'a', atM: 5 },
          { name: 'b', atM: 3 },
        ],
      },
      'route.1.atM',
    ],
    [
      'a route beyond the end',
      { ...link, lengthM: 4, route: [{ name: 'a', atM: 5 }] },
      'route.0.atM',
    ],
  ];
  for (const [what, body, path] of refused)
    it(`refuses a link with ${what}`, () =>
      expect(paths(linkInput.safeParse(body))).toContain(path));

  it('wants the version with every change, and takes any field alone', () => {
    expect(paths(linkPatch.safeParse({ note: 'x' }))).toEqual(['version']);
    for (const field of [{ note: 'x' }, { lengthM: null }, { label: 'K2' }, { near: link.near }])
      expect(linkPatch.safeParse({ version: 3, ...field }).success).toBeTrue();
  });

  it('writes every time in one spelling, so that times compare as text', () => {
    const at = (text: string) =>
      readingInput.parse({ tester: 'pairing', nets: [], takenAt: text }).takenAt;
    expect(at('2026-05-04T10:00:00+02:00')).toBe('2026-05-04T08:00:00.000Z');
    expect(at('2026-05-04T08:00:00Z')).toBe('2026-05-04T08:00:00.000Z');
    for (const text of ['yesterday', '2026-05-04', '2026-13-01T00:00:00Z'])
      expect(
        readingInput.safeParse({ tester: 'pairing', nets: [], takenAt: text }).success,
      ).toBeFalse();
  });

  it('takes the answer of core for every cable and connector, and for any reading', () => {
    for (const cable of CABLES)
      for (const connector of CONNECTORS) {
        const plan = planTermination({
          cable: cable.id,
          connector: connector.id,
          scheme: 'T568A',
          otherEnd: 'bare',
        });
        expect(terminationPlan.safeParse(plan).success).toBeTrue();
      }
    const request = diagnoseRequest.parse({
      scheme: { near: 'T568B', far: 'T568B' },
      tester: 'identifying-remote',
      nets: [{ near: ['1', '2'] }, { far: ['S'] }, { near: ['3'], far: ['4'] }],
    });
    const { scheme, shielded, ...shown } = request;
    const told = diagnose({ ...shown, wiring: { scheme, shielded } });
    expect(diagnosis.safeParse(told).success).toBeTrue();
  });

  it('describes every endpoint with schemas that are there', () => {
    const document = openApi('1') as {
      paths: Record<string, Record<string, unknown>>;
      components: { schemas: Record<string, unknown> };
    };
    const text = JSON.stringify(document);
    for (const [, name] of text.matchAll(/#\/components\/schemas\/(\w+)/g))
      expect(document.components.schemas[name as string])
        .withContext(String(name))
        .toBeDefined();
    for (const { path, method } of ENDPOINTS)
      expect(document.paths[path]?.[method]).withContext(`${method} ${path}`).toBeDefined();
    expect(new Set(ENDPOINTS.map(({ path, method }) => `${method} ${path}`)).size).toBe(
      ENDPOINTS.length,
    );
  });
});
