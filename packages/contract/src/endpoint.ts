import * as z from 'zod';
import { numberText, version } from './primitives';
import type { Shared } from './shared';

type Method = 'get' | 'post' | 'patch' | 'delete';

/** A query: all of it is text. */
type Texts = Readonly<Record<string, string | undefined>>;

/** One operation of the API: the server mounts it, the web calls it, its description is made from it. */
export interface Endpoint {
  readonly method: Method;
  readonly path: `/api/${string}`;
  /** What {id} names, for people: "site". */
  readonly of?: string;
  /** What {id} may be, where it is not a UUID. */
  readonly idAs?: z.ZodType<string>;
  readonly summary: string;
  readonly query?: z.ZodType<unknown, Texts>;
  readonly body?: z.ZodType;
  /** Media types of a file that may be sent in place of a JSON body. */
  readonly files?: readonly string[];
  /** When it is done: 200 unless it is said. */
  readonly status?: 201 | 204;
  /** A schema, or the media type of something that is not JSON; left out where there is nothing to say. */
  readonly answer?: z.ZodType | string;
}

export const endpoints = <const T extends Readonly<Record<string, Endpoint>>>(group: T): T => group;

/** Who changes something, written as in a URL: kept with the change. */
export const AUTHOR_HEADER = 'near-spoke-author';

export const statusOf = ({ status }: Endpoint): number => status ?? 200;

/** Of what is put away: refused if it was changed since. */
export const versionSeen = z.strictObject({
  version: numberText(version).meta({ description: 'As it was seen; refuse if stale.' }),
});

type Output<T> = T extends z.ZodType ? z.output<T> : undefined;
type Input<T> = T extends z.ZodType ? z.input<T> : undefined;

type Takes<E, File, Plain> = E extends { readonly files: readonly string[] } ? File : Plain;

/** What is asked of an operation, as the server has it once it is read. */
export interface Asked<E extends Endpoint> {
  readonly id: E extends { readonly of: string } ? string : undefined;
  readonly query: Output<E extends { readonly query: infer Q } ? Q : undefined>;
  /** Null where a file was sent in its place. */
  readonly body:
    Output<E extends { readonly body: infer B } ? B : undefined> | Takes<E, null, never>;
  /** A file that was sent in place of a JSON body; null where none was. */
  readonly file: Takes<E, Uint8Array | null, null>;
  /** The media type of what was sent. */
  readonly type: string;
  /** Who does it: see AUTHOR_HEADER. */
  readonly author: string;
}

type Needed<Name extends string, T> = T extends undefined
  ? { readonly [K in Name]?: undefined }
  : { readonly [K in Name]: T };

/** The same as who asks writes it. */
export type ToAsk<E extends Endpoint> = Needed<
  'id',
  E extends { readonly of: string } ? string : undefined
> &
  Needed<'query', Input<E extends { readonly query: infer Q } ? Q : undefined>> &
  Needed<'body', Shared<Input<E extends { readonly body: infer B } ? B : undefined>>>;

/** What an operation answers, read. */
export type Answered<E extends Endpoint> = Output<
  E extends { readonly answer: infer A } ? A : undefined
>;

/** The same as who answers has it. */
export type Answering<E extends Endpoint> = Shared<Answered<E>>;

/** A request as it is written, whatever is asked. */
export interface Written {
  readonly id?: string | undefined;
  readonly query?: Texts | undefined;
  readonly body?: unknown;
}

/** Where a request goes. */
export const pathOf = ({ path }: Endpoint, { id = '' }: Written): string =>
  path.replace('{id}', encodeURIComponent(id));

/**
 * What was answered, read.
 *
 * @throws where it is not what the contract has
 */
export function answerOf<E extends Endpoint>({ answer }: E, said: unknown): Answered<E> {
  const read = typeof answer === 'object' ? answer.parse(said) : undefined;
  // It was read by this endpoint's own schema, which is more than a type of all endpoints can say.
  return read as Answered<E>;
}
