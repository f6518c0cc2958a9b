import type * as z from 'zod';

type Method = 'get' | 'post' | 'put' | 'patch' | 'delete';

export interface Endpoint {
  readonly method: Method;
  readonly path: string;
  readonly summary: string;
  readonly body?: z.ZodType;
  readonly query?: Readonly<Record<string, string>>;
  readonly status: number;
  /** A schema, or the media type of something that is not JSON. */
  readonly answer?: z.ZodType | string;
}
