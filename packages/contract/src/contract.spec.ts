import { BUILT_IN, CABLES, CONNECTORS } from '@near-spoke/core/catalogue';
import { fourPairWiring } from '@near-spoke/core/link';
import { diagnose } from '@near-spoke/core/verify';
import { planTermination } from '@near-spoke/core/terminate';
import { tellIn, told } from '@near-spoke/words';
import { ENGLISH } from '@near-spoke/words/en';
import {
  diagnoseRequest,
  diagnosis,
  linkInput,
  linkPatch,
  partInput,
  planRequest,
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

const english = tellIn(ENGLISH, 'metric');

const paths = (result: { error?: { issues: { path: PropertyKey[] }[] } }) =>
  (result.error?.issues ?? []).map(({ path }) => path.map(String).join('.'));

describe('the contract', () => {
  it('fills in what a request leaves out', () => {
    expect(linkInput.parse(link)).toEqual(
      jasmine.objectContaining({
        lengthM: null,
        route: [],
        environment: 'indoor',
        schools: {},
        note: '',
      }),
    );
    expect(siteInput.parse({ name: ' Berth ' })).toEqual({
      name: 'Berth',
      note: '',
      defaultScheme: 'T568B',
      schemeReason: '',
      schools: {},
      units: 'metric',
    });
    expect(tickInput.parse({ end: 'near', key: 'crimp' })).toEqual({
      end: 'near',
      key: 'crimp',
      done: true,
      measuredMm: null,
      cause: '',
      author: 'unnamed',
      device: '',
    });
  });

  const refused: [string, object, string][] = [
    ['an empty label', { ...link, label: ' ' }, 'label'],
    ['a cable that can’t be an id', { ...link, cable: 'Cat 9;' }, 'cable'],
    ['a place that nobody knows', { ...link, environment: 'underwater' }, 'environment'],
    [
      'a school’s option that there is not',
      { ...link, schools: { pin: { choice: 'glued' } } },
      'schools.pin.choice',
    ],
    ['no length at all', { ...link, lengthM: 0 }, 'lengthM'],
    ['a length that is no number', { ...link, lengthM: '12 m' }, 'lengthM'],
    ['a scheme of its own', { ...link, far: { ...link.far, scheme: 'T568C' } }, 'far.scheme'],
    ['a field of its own', { ...link, colour: 'red' }, ''],
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

  it('takes the answer of core, in words, for every cable and connector, and for any reading', () => {
    for (const cable of CABLES)
      for (const connector of CONNECTORS) {
        const plan = planTermination(
          { cable, connector, scheme: 'T568A', otherEnd: 'bare' },
          BUILT_IN,
        );
        expect(terminationPlan.safeParse(told(plan, english)).success).toBeTrue();
      }
    const request = diagnoseRequest.parse({
      scheme: { near: 'T568B', far: 'T568B' },
      tester: 'identifying-remote',
      nets: [{ near: ['1', '2'] }, { far: ['S'] }, { near: ['3'], far: ['4'] }],
    });
    const { scheme, shielded, ...shown } = request;
    const found = diagnose({
      ...shown,
      wiring: fourPairWiring(scheme.near, scheme.far, shielded),
    });
    expect(diagnosis.safeParse(told(found, english)).success).toBeTrue();
  });

  it('takes every row of the catalogue as a part of one’s own, and refuses what can’t be', () => {
    const own = (rest: object) => partInput.safeParse({ source: 'data sheet', ...rest });
    for (const cable of CABLES) {
      const { success, error } = own({ kind: 'cable', cable });
      expect(success)
        .withContext(`${cable.id} ${error?.message ?? ''}`)
        .toBeTrue();
    }
    for (const connector of CONNECTORS) {
      const { success, error } = own({ kind: 'connector', connector });
      expect(success)
        .withContext(`${connector.id} ${error?.message ?? ''}`)
        .toBeTrue();
    }
    const [cable, connector] = [CABLES[0], CONNECTORS[0]];
    expect(paths(own({ kind: 'cable', connector }))).toEqual(['cable']);
    expect(paths(own({ kind: 'cable', cable: { ...cable, jacketMm: 0.5 } }))).toEqual([
      'cable.jacketMm',
    ]);
    const backwards = { ...connector?.accepts, jacketMm: { min: 9, max: 4 } };
    expect(
      paths(own({ kind: 'connector', connector: { ...connector, accepts: backwards } })),
    ).toEqual(['connector.accepts.jacketMm']);
  });

  it('asks a plan for schools and tools by their names', () => {
    const ask = (rest: object) =>
      planRequest.safeParse({ cable: 'rg-58', connector: 'bnc-crimp-50-rg-58', ...rest });
    expect(ask({ schools: { pin: 'soldered' }, tools: ['knife'] }).success).toBeTrue();
    expect(paths(ask({ schools: { pin: 'glued' } }))).toEqual(['schools.pin']);
    expect(paths(ask({ environment: 'moon' }))).toEqual(['environment']);
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
