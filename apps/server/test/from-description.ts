import fc from 'fast-check';

/** What of JSON Schema an OpenAPI description of ours uses. */
interface Schema {
  readonly $ref?: string;
  readonly type?: string;
  readonly enum?: readonly unknown[];
  readonly format?: string;
  readonly pattern?: string;
  readonly nullable?: boolean;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly minLength?: number;
  readonly maxLength?: number;
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly items?: Schema;
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly required?: readonly string[];
  readonly propertyNames?: Schema;
  readonly additionalProperties?: Schema | boolean;
  readonly anyOf?: readonly Schema[];
  readonly oneOf?: readonly Schema[];
  readonly allOf?: readonly Schema[];
}

export interface Description {
  readonly components: { readonly schemas: Readonly<Record<string, Schema>> };
  readonly paths: Readonly<
    Record<
      string,
      Readonly<
        Record<
          string,
          {
            readonly parameters: readonly { readonly name: string; readonly in: string }[];
            readonly requestBody?: {
              readonly content: { readonly 'application/json': { readonly schema: Schema } };
            };
          }
        >
      >
    >
  >;
}

/** Values seen under a name: what is asked for is more often something that there is. */
export type Seen = ReadonlyMap<string, readonly unknown[]>;

const DEEPEST = 9;
/** Lists are seldom longer, though they may be. */
const USUAL_ITEMS = 6;

/** Texts that break what was not thought of. */
const ODD_TEXTS = [
  '',
  ' ',
  'Łódź',
  "'; drop table links; --",
  '<script>alert(1)</script>',
  '=1+1',
  '\ud800',
  '\u0000',
  '\u202eK1',
  '../../etc',
  '%00',
  '𝒦'.repeat(40),
  'x'.repeat(5000),
  '__proto__',
  'constructor',
  '1e999',
  '-0',
  'NaN',
];
const ODD_NUMBERS = [0, -0, -1, 1e-300, 1e300, 2 ** 31, 2 ** 53, 2 ** 64, 0.1, NaN, Infinity];

const nonsense = (): fc.Arbitrary<unknown> =>
  fc.oneof(
    fc.constantFrom<unknown>(null, true, [], {}, ...ODD_TEXTS, ...ODD_NUMBERS),
    fc.string({ unit: 'binary', maxLength: 20 }),
    fc.jsonValue({ maxDepth: 2 }),
  );

/**
 * Bodies as a description has them, mostly; now and then a part is not as it should be.
 *
 * @param like under which name there are things of the kind: a new one is often like one of them
 */
export function bodies(
  description: Description,
  schema: Schema,
  {
    seen,
    like,
    oddOnceIn,
  }: { readonly seen: Seen; readonly like: string; readonly oddOnceIn: number },
): fc.Arbitrary<unknown> {
  const made = (of: Schema, name: string, depth: number): fc.Arbitrary<unknown> => {
    const good = valid(of, name, depth);
    return depth > DEEPEST
      ? good
      : fc.oneof({ weight: oddOnceIn, arbitrary: good }, { weight: 1, arbitrary: nonsense() });
  };

  function valid(of: Schema, name: string, depth: number): fc.Arbitrary<unknown> {
    if (of.$ref) {
      const found = description.components.schemas[of.$ref.split('/').at(-1) ?? ''];
      return found ? valid(found, name, depth + 1) : nonsense();
    }
    const plain = withoutNull(of, name, depth);
    return of.nullable ? fc.option(plain, { freq: 4 }) : plain;
  }

  function withoutNull(of: Schema, name: string, depth: number): fc.Arbitrary<unknown> {
    if (of.enum) return fc.constantFrom(...of.enum);
    const choices = of.anyOf ?? of.oneOf;
    if (choices) return fc.oneof(...choices.map((one) => valid(one, name, depth)));
    if (of.allOf) {
      const parts = of.allOf.map((one) => valid(one, name, depth));
      return fc.tuple(...parts).map((all) => Object.assign({}, ...(all as object[])) as object);
    }
    switch (of.type) {
      case 'object':
        return fc.oneof(object(of, depth), ...seenLike(of, name));
      case 'array':
        return known(name, list(of, name, depth), Array.isArray);
      case 'string':
        return text(of, name);
      case 'integer':
        return known(name, fc.integer({ min: least(of), max: most(of) }), isNumber);
      case 'number':
        return known(name, fc.double({ min: least(of), max: most(of), noNaN: true }), isNumber);
      case 'boolean':
        return fc.boolean();
      default:
        return fc.jsonValue({ maxDepth: 1 });
    }
  }

  function object(of: Schema, depth: number): fc.Arbitrary<unknown> {
    const { properties = {}, required = [], additionalProperties: more } = of;
    const entries = Object.entries(properties).filter(
      ([name]) => depth <= DEEPEST || required.includes(name),
    );
    const record = fc.record(
      Object.fromEntries(entries.map(([name, one]) => [name, made(one, name, depth + 1)])),
      { requiredKeys: entries.map(([name]) => name).filter((name) => required.includes(name)) },
    );
    if (typeof more !== 'object' || entries.length > 0) return record;
    const keys = of.propertyNames?.enum
      ? fc.constantFrom(...(of.propertyNames.enum as string[]))
      : fc.oneof(...texts('contact'), fc.string({ minLength: 1, maxLength: 8 }));
    return fc.dictionary(keys, made(more, '', depth + 1), { maxKeys: depth > DEEPEST ? 0 : 4 });
  }

  function list(of: Schema, name: string, depth: number): fc.Arbitrary<unknown> {
    const minLength = of.minItems ?? 0;
    const maxLength = Math.max(
      minLength,
      Math.min(of.maxItems ?? USUAL_ITEMS, depth > DEEPEST ? minLength : USUAL_ITEMS),
    );
    return fc.array(made(of.items ?? {}, name, depth + 1), { minLength, maxLength });
  }

  function text(of: Schema, name: string): fc.Arbitrary<unknown> {
    if (of.format === 'uuid') return known(name, fc.uuid({ version: 7 }), isUuid);
    if (of.format === 'date-time')
      return fc
        .date({ min: new Date(2026, 0, 1), max: new Date(2026, 11, 31), noInvalidDate: true })
        .map((date) => date.toISOString());
    const { minLength = 0, maxLength = 60 } = of;
    return known(
      name,
      fc.oneof(
        fc.string({ minLength, maxLength: Math.min(maxLength, Math.max(minLength, 12)) }),
        fc.constantFrom(...ODD_TEXTS),
      ),
    );
  }

  /** Things that were seen under a name and are of this kind, without what does not belong to it. */
  function seenLike({ properties, required = [] }: Schema, name: string): fc.Arbitrary<unknown>[] {
    const fit = (seen.get(name) ?? []).flatMap((value) =>
      properties && isObject(value) && required.every((key) => key in value)
        ? [Object.fromEntries(Object.entries(value).filter(([key]) => key in properties))]
        : [],
    );
    return fit.length > 0 ? [fc.constantFrom(...fit)] : [];
  }

  const texts = (name: string): fc.Arbitrary<string>[] => {
    const values = (seen.get(name) ?? []).filter((value) => typeof value === 'string');
    return values.length > 0 ? [fc.constantFrom(...values)] : [];
  };

  function known(
    name: string,
    other: fc.Arbitrary<unknown>,
    fits: (value: unknown) => boolean = isText,
  ): fc.Arbitrary<unknown> {
    const values = name === '' ? [] : (seen.get(name) ?? []).filter(fits);
    return values.length === 0
      ? other
      : fc.oneof(
          { weight: fits === isNumber ? 1 : 5, arbitrary: fc.constantFrom(...values) },
          { weight: 1, arbitrary: other },
        );
  }

  /** One that there is, as a new one, with a part of it made. */
  function alike(): fc.Arbitrary<unknown>[] {
    const there = (seen.get(like) ?? []).flatMap((value) => (isObject(value) ? [value] : []));
    const target = resolved(schema);
    const { properties = {} } = target;
    if (there.length === 0 || Object.keys(properties).length === 0) return [];
    return [
      fc
        .tuple(
          fc.constantFrom(...there),
          made(schema, '', 0),
          fc.subarray(Object.keys(properties), { maxLength: 1 }),
          fc.uuid({ version: 7 }),
        )
        .map(([one, other, changed, id]) => {
          const kept = Object.entries(one).filter(([name]) => name in properties);
          const parts = Object.entries(isObject(other) ? other : {}).filter(([name]) =>
            changed.includes(name),
          );
          return {
            ...Object.fromEntries(kept),
            ...('id' in properties ? { id } : {}),
            ...Object.fromEntries(parts),
          };
        }),
    ];
  }

  const resolved = (of: Schema): Schema =>
    of.$ref ? resolved(description.components.schemas[of.$ref.split('/').at(-1) ?? ''] ?? {}) : of;

  return fc.oneof(made(schema, '', 0), ...alike());
}

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const isText = (value: unknown): boolean => typeof value === 'string';
const isUuid = (value: unknown): boolean =>
  /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/.test(String(value));
const isNumber = (value: unknown): boolean => typeof value === 'number';

const least = ({ minimum = -1e6 }: Schema): number => Math.max(minimum, -1e9);
const most = ({ maximum = 1e6 }: Schema): number => Math.min(maximum, 1e9);

/** So many different values are kept of a name. */
const MOST_SEEN = 80;

/** What stands in some data, each value under its name, those of a list under the list's. */
export function collect(into: Map<string, unknown[]>, data: unknown, name = ''): void {
  const note = () => {
    const values = into.get(name) ?? [];
    if (values.length < MOST_SEEN && !values.includes(data)) into.set(name, [...values, data]);
  };
  if (data !== null && data !== undefined) note();
  if (Array.isArray(data)) for (const one of data) collect(into, one, name);
  else if (isObject(data)) for (const [key, one] of Object.entries(data)) collect(into, one, key);
}
