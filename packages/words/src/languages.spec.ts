import { BUILT_IN, COLOUR_LETTERS, SCHOOLS } from '@near-spoke/core/catalogue';
import { labelMessage } from '@near-spoke/core/labels';
import { NOTHING } from '@near-spoke/core/message';
import {
  CAUTIONS,
  FILL_NAMES,
  OPERATIONS,
  REMAKE_CAUSES,
  planTermination,
  terminateMessage,
  toolGaps,
  wordingOf,
  type Fill,
  type FillName,
} from '@near-spoke/core/terminate';
import { GERMAN } from './de';
import { conductorName } from './de/conductor';
import { TOOLS } from './de/glossary';
import { STEPS as GERMAN_STEPS } from './de/terminate/steps';
import { ENGLISH } from './en';
import { STEPS as ENGLISH_STEPS } from './en/terminate/steps';
import type { StepWords } from './step-words';
import { tellIn, told, type Language } from './tell';

const STEPS: Readonly<Record<string, StepWords>> = { en: ENGLISH_STEPS, de: GERMAN_STEPS };
const LANGUAGES: readonly Language[] = [ENGLISH, GERMAN];
const operations = Object.values(OPERATIONS).flat();

/** A fill that says its own name, so that a place that nobody fills is seen. */
const NAMED = Object.fromEntries(
  FILL_NAMES.map((name) => [name, { code: 'name', with: { name: `<${name}>` } }]),
) as unknown as Fill;

const plans = BUILT_IN.connectors.flatMap((connector) =>
  BUILT_IN.cables.flatMap((cable) => {
    const plan = planTermination(
      { cable, connector, scheme: 'T568B', otherEnd: 'bare', chosen: SCHOOLS.map(({ id }) => id) },
      BUILT_IN,
    );
    return [plan];
  }),
);

describe('the words of every language', () => {
  for (const language of LANGUAGES) {
    const tell = tellIn(language, 'metric');
    const own = STEPS[language.id] ?? {};

    it(`tell every step in ${language.id}: what, why, and each thing that is looked at`, () => {
      for (const operation of operations) {
        const step = wordingOf(operation);
        const sentences = [
          tell(terminateMessage('instruction', { step, fill: NAMED })),
          tell(terminateMessage('why', { step, fill: NAMED })),
        ];
        for (const sentence of sentences)
          expect(sentence)
            .withContext(step)
            .toMatch(/^[A-ZÄÖÜ<].*[.]$/);
        const looks = operation.checks.map((check) =>
          tell(terminateMessage('check', { step, check, fill: NAMED })),
        );
        for (const look of looks)
          expect(look)
            .withContext(step)
            .toMatch(/^[A-ZÄÖÜ<].*[^.]$/);
        expect([...sentences, ...looks].join(' '))
          .withContext(step)
          .not.toMatch(/[{}]/);
        expect(tell(terminateMessage('title', { step })))
          .withContext(step)
          .toMatch(/^[A-ZÄÖÜ].{3,90}[^.]$/);
      }
    });

    it(`hold no words in ${language.id} that no step asks for`, () => {
      expect(Object.keys(own).sort()).toEqual([...new Set(operations.map(wordingOf))].sort());
      for (const operation of operations)
        expect(Object.keys(own[wordingOf(operation)]?.checks ?? {}).sort())
          .withContext(wordingOf(operation))
          .toEqual([...operation.checks].sort());
    });

    it(`tell every caution, cause and missing tool in ${language.id}`, () => {
      for (const { id } of CAUTIONS)
        expect(tell(terminateMessage('caution', { id })))
          .withContext(id)
          .toMatch(/\.$/);
      for (const cause of REMAKE_CAUSES)
        expect(tell(terminateMessage('remake-cause', { cause }))).toMatch(/^[A-Z]/);
      for (const plan of plans)
        for (const { tool, sentence } of toolGaps(plan.steps, () => false))
          expect(tell(sentence)).withContext(tool).toMatch(/\.$/);
    });

    it(`tell whatever is planned in ${language.id}, whole`, () => {
      let count = 0;
      for (const plan of plans) {
        const text = JSON.stringify(told({ ...plan, cuts: [], tools: [] }, tell));
        expect(text).not.toMatch(/[{]\w+[}]|undefined|NaN|"code":"[^"]*","with"| {2}|: \.|, \./);
        count += 1;
      }
      expect(count).toBeGreaterThan(1000);
    });
  }

  it('ask for the same to be filled in, in all languages', () => {
    const places = (text: string) => new Set(text.match(/\{\w+\}/g) ?? []);
    for (const [step, { instruction, why, checks = {} }] of Object.entries<StepWords[string]>(
      ENGLISH_STEPS,
    )) {
      const other = (GERMAN_STEPS as StepWords)[step];
      expect(places(other?.instruction ?? ''))
        .withContext(step)
        .toEqual(places(instruction));
      expect(places(other?.why ?? ''))
        .withContext(step)
        .toEqual(places(why));
      for (const [check, text] of Object.entries(checks))
        expect(places(other?.checks?.[check] ?? ''))
          .withContext(step)
          .toEqual(places(text));
    }
  });

  it('fill only what the core fills in', () => {
    const known = new Set<string>(FILL_NAMES satisfies readonly FillName[]);
    for (const steps of Object.values(STEPS))
      for (const [, name = ''] of JSON.stringify(steps).matchAll(/\{(\w+)\}/g))
        expect(known.has(name)).withContext(name).toBeTrue();
  });

  it('say so where a code has none', () => {
    expect(() => tellIn(GERMAN, 'metric')({ code: 'no-such-code', with: {} })).toThrowError(
      /no-such-code.*de/,
    );
  });
});

describe('German', () => {
  const tell = tellIn(GERMAN, 'metric');

  it('leaves no English in a plan, and no decimal point', () => {
    // What parts are called is the catalogue's own.
    const names = [...BUILT_IN.connectors, ...BUILT_IN.cables].map(({ name }) => name);
    for (const plan of plans) {
      const { fit, steps, afterwards } = told(plan, tell);
      const text = [
        ...fit.problems.flatMap((row) => [row.what, row.have, row.need, row.off, row.suggestion]),
        ...steps.flatMap(({ instruction, why, checks, cautions, measure }) => [
          instruction,
          why,
          ...checks.map((check) => check.text),
          ...cautions,
          measure?.what ?? '',
        ]),
        ...afterwards,
      ]
        .map((line) => names.reduce((rest, name) => rest.replaceAll(name, ''), line))
        .join('\n');
      expect(text).not.toMatch(/\b(the|and|of|with|it|is|to|core|jacket)\b/);
      expect(text).not.toMatch(/\d\.\d/);
    }
  });

  it('has a word for every tool and colour', () => {
    for (const tool of new Set(operations.flatMap(({ tools }) => tools)))
      expect(TOOLS[tool]).withContext(tool).toBeDefined();
    for (const letters of COLOUR_LETTERS)
      expect(conductorName(letters)).withContext(letters).not.toBe(letters);
    expect(conductorName('W-BL')).toBe('weiß-blau');
    expect(conductorName('BK.2')).toBe('schwarz 2');
    expect(conductorName('17')).toBe('17');
  });
});

describe('what is told', () => {
  it('keeps all that is no message, sets and nothing too', () => {
    const tell = tellIn(ENGLISH, 'imperial');
    const held = new Set(['a']);
    const cut = { code: 'cut', with: { mm: 25.4 } };
    expect(told({ cut, list: [cut, NOTHING], held, none: null, count: 2 }, tell)).toEqual({
      cut: '1 in (25.4 mm)',
      list: ['1 in (25.4 mm)', ''],
      held,
      none: null,
      count: 2,
    } as never);
  });

  for (const language of LANGUAGES)
    it(`say in ${language.id} what is wrong of labels, with what each of them has`, () => {
      for (const units of ['metric', 'imperial'] as const) {
        const tell = tellIn(language, units);
        const size = units === 'metric' ? / mm/ : /\d in \(/;
        const misfit = { cable: 'RG-11', ends: 2, haveMm: 24, needMm: 36.5 };
        for (const kind of ['wrap-too-short', 'flag-too-short'] as const)
          expect(tell(labelMessage('label-face', { ...misfit, kind }))).toMatch(size);
        expect(tell(labelMessage('label-small', { letterMm: 1.1, name: 'K1' }))).toMatch(size);
        expect(tell(labelMessage('label-fine-code', { moduleMm: 0.25 }))).toMatch(size);
        const double = labelMessage('label-double', { name: 'C1', links: ['K1', 'K2'] });
        expect(tell(double)).toContain('C1');
        expect(tell(labelMessage('label-double', { name: '', links: ['K1', 'K2'] }))).toMatch(
          /K1 (and|und) K2/,
        );
        expect(tell(labelMessage('label-more-doubles', { count: 3 }))).toContain('3');
        expect(tell(labelMessage('label-blank', { field: 'port', ends: 4 }))).toMatch(
          /\{port\}.* 4/,
        );
        expect(tell(labelMessage('label-unknown-field', { field: 'room' }))).toContain('{room}');
        for (const problem of ['overlap', 'past-the-edge'] as const)
          expect(tell(labelMessage('label-sheet', { problem }))).toMatch(/[.]$/);
      }
    });
});
