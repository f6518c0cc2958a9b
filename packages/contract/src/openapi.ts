import * as z from 'zod';
import { ENDPOINTS, type Endpoint } from './endpoints';
import { problem } from './problem';

export { ENDPOINTS, type Endpoint };

const reference = (id: string) => `#/components/schemas/${id}`;

/** The API's OpenAPI 3.0 description, made from the schemas that the server checks with. */
export function openApi(version: string): Record<string, unknown> {
  const { schemas } = z.toJSONSchema(z.globalRegistry, {
    target: 'openapi-3.0',
    uri: reference,
    io: 'input',
    unrepresentable: 'any',
  });
  const paths: Record<string, Record<string, unknown>> = {};
  for (const endpoint of ENDPOINTS)
    (paths[endpoint.path] ??= {})[endpoint.method] = describeEndpoint(endpoint);
  return {
    openapi: '3.0.3',
    info: { title: 'Near Spoke', version, license: { name: 'MIT' } },
    paths,
    components: {
      schemas: Object.fromEntries(
        Object.entries(schemas).map(([name, { $id: _, ...schema }]) => [name, schema]),
      ),
    },
  };
}

function describeEndpoint(endpoint: Endpoint): Record<string, unknown> {
  const inPath = [...endpoint.path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: 'string', format: 'uuid' },
  }));
  const inQuery = Object.entries(endpoint.query ?? {}).map(([name, description]) => ({
    name,
    in: 'query',
    description,
    schema: { type: 'string' },
  }));
  return {
    summary: endpoint.summary,
    parameters: [...inPath, ...inQuery],
    ...(endpoint.body ? { requestBody: { required: true, content: json(endpoint.body) } } : {}),
    responses: {
      [endpoint.status]: {
        description: 'Done',
        ...(typeof endpoint.answer === 'string'
          ? { content: { [endpoint.answer]: { schema: { type: 'string' } } } }
          : endpoint.answer
            ? { content: json(endpoint.answer) }
            : {}),
      },
      default: {
        description: 'A problem document',
        content: { 'application/problem+json': { schema: { $ref: referenceTo(problem) } } },
      },
    },
  };
}

function json(schema: z.ZodType): Record<string, unknown> {
  return { 'application/json': { schema: { $ref: referenceTo(schema) } } };
}

function referenceTo(schema: z.ZodType): string {
  return reference(String(z.globalRegistry.get(schema)?.id));
}
