import * as z from 'zod';
import { AUTHOR_HEADER, statusOf, type Endpoint } from './endpoint';
import { ENDPOINTS } from './endpoints';
import { problem } from './problem';

export { ENDPOINTS };

type Json = Readonly<Record<string, unknown>>;
type Schemas = Readonly<Record<string, Json>>;

const PREFIX = '#/components/schemas/';

/** All named schemas as they are sent (input), or as they are answered (output). */
const schemasAs = (io: 'input' | 'output'): Schemas => {
  const { schemas } = z.toJSONSchema(z.globalRegistry, {
    target: 'openapi-3.0',
    uri: (id) => PREFIX + id,
    io,
    unrepresentable: 'any',
  });
  return Object.fromEntries(
    Object.entries(schemas).map(([name, { $id: _, ...schema }]) => [name, schema as Json]),
  );
};

/** Names that a description refers to, itself not counted. */
const referred = (schema: unknown): string[] =>
  [...JSON.stringify(schema).matchAll(/"#\/components\/schemas\/([^"]+)"/g)].map(
    ([, name = '']) => name,
  );

/** Everything that is reached from some names. */
function reach(names: readonly string[], schemas: Schemas): Set<string> {
  const found = new Set<string>();
  const left = [...names];
  for (let name = left.pop(); name !== undefined; name = left.pop()) {
    if (found.has(name)) continue;
    found.add(name);
    left.push(...referred(schemas[name]));
  }
  return found;
}

const nameOf = (schema: z.ZodType): string => String(z.globalRegistry.get(schema)?.id);

/** The API's OpenAPI 3.0 description, made from the schemas that the server checks with. */
export function openApi(version: string): Record<string, unknown> {
  const [sent, answered] = [schemasAs('input'), schemasAs('output')];
  const bodies = reach(
    ENDPOINTS.flatMap(({ body }) => (body ? [nameOf(body)] : [])),
    sent,
  );
  const answers = reach(
    [
      ...ENDPOINTS.flatMap(({ answer }) => (isSchema(answer) ? [nameOf(answer)] : [])),
      nameOf(problem),
    ],
    answered,
  );
  // What is both sent and answered, and looks different, is described twice.
  const differs = new Set(
    [...answers].filter(
      (name) => bodies.has(name) && JSON.stringify(sent[name]) !== JSON.stringify(answered[name]),
    ),
  );
  for (let before = -1; before !== differs.size;) {
    before = differs.size;
    for (const name of answers)
      if (bodies.has(name) && referred(answered[name]).some((other) => differs.has(other)))
        differs.add(name);
  }
  const answerName = (name: string) => (differs.has(name) ? `${name}Answered` : name);
  const asAnswered = (schema: Json | undefined): Json =>
    JSON.parse(
      JSON.stringify(schema).replaceAll(
        /"#\/components\/schemas\/([^"]+)"/g,
        (_, name: string) => `"${PREFIX}${answerName(name)}"`,
      ),
    ) as Json;

  const paths: Record<string, Record<string, unknown>> = {};
  for (const endpoint of ENDPOINTS)
    (paths[endpoint.path] ??= {})[endpoint.method] = describeEndpoint(endpoint, answerName);
  return {
    openapi: '3.0.3',
    info: { title: 'Near Spoke', version, license: { name: 'MIT' } },
    paths,
    components: {
      schemas: Object.fromEntries([
        ...[...bodies].map((name) => [name, sent[name]] as const),
        ...[...answers].map((name) => [answerName(name), asAnswered(answered[name])] as const),
      ]),
    },
  };
}

function describeEndpoint(
  endpoint: Endpoint,
  answerName: (name: string) => string,
): Record<string, unknown> {
  const { answer, body, files = [] } = endpoint;
  return {
    summary: endpoint.summary,
    parameters: [...inPath(endpoint), ...inQuery(endpoint), ...inHeader(endpoint)],
    ...(body
      ? {
          requestBody: {
            required: true,
            content: {
              ...json(nameOf(body)),
              ...Object.fromEntries(files.map((type) => [type, BYTES])),
            },
          },
        }
      : {}),
    responses: {
      [statusOf(endpoint)]: {
        description: 'Done',
        ...(typeof answer === 'string'
          ? { content: { [answer]: BYTES } }
          : answer
            ? { content: json(answerName(nameOf(answer))) }
            : {}),
      },
      ...Object.fromEntries(refusals(endpoint).map(([status, why]) => [status, refused(why)])),
      default: refused('A problem document'),
    },
  };
}

const BYTES = { schema: { type: 'string', format: 'binary' } };
const isSchema = (answer: Endpoint['answer']): answer is z.ZodType => typeof answer === 'object';
const json = (name: string) => ({ 'application/json': { schema: { $ref: PREFIX + name } } });
const refused = (description: string) => ({
  description,
  content: { 'application/problem+json': { schema: { $ref: PREFIX + nameOf(problem) } } },
});

/** How an operation refuses, as far as that follows from what it takes. */
const refusals = ({
  of,
  method,
  status,
  body,
  query,
}: Endpoint): [status: number, why: string][] => [
  ...(of ? ([[404, `There is no such ${of}`]] as [number, string][]) : []),
  ...(status === 201 || method === 'patch' || method === 'delete'
    ? ([[409, 'Something else is stored by now: see “current”']] as [number, string][])
    : []),
  ...(body || query
    ? ([[422, 'Not valid: see “errors” for the path of each bad field']] as [number, string][])
    : []),
  ...(method === 'delete' ? ([[428, 'Say which version you saw']] as [number, string][]) : []),
];

const inPath = ({ of, idAs }: Endpoint): Json[] =>
  of
    ? [
        {
          name: 'id',
          in: 'path',
          required: true,
          description: `Of the ${of}.`,
          schema: { type: 'string', ...(idAs ? {} : { format: 'uuid' }) },
        },
      ]
    : [];

function inQuery({ query }: Endpoint): Json[] {
  if (!query) return [];
  const { properties = {}, required = [] } = z.toJSONSchema(query, {
    target: 'openapi-3.0',
    io: 'input',
  });
  return Object.entries(properties).map(([name, property]) => {
    const { description, ...schema } = property as Json;
    return { name, in: 'query', required: required.includes(name), description, schema };
  });
}

/** Who changes something; what is kept of a fact says so in its body. */
const inHeader = ({ method, path }: Endpoint): Json[] =>
  method === 'patch' || method === 'delete' || path.endsWith('/restore')
    ? [
        {
          name: AUTHOR_HEADER,
          in: 'header',
          required: false,
          description: 'Who does it, percent-encoded: kept with the change.',
          schema: { type: 'string' },
        },
      ]
    : [];
