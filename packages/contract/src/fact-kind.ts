import * as z from 'zod';
import type { Endpoint } from './endpoint';
import type { Shared } from './shared';

/** What a fact can be about. */
export const SUBJECTS = ['link', 'batch', 'site', 'adapter'] as const;
export type Subject = (typeof SUBJECTS)[number];

type Of = Endpoint & { readonly of: string };

/** A kind of fact: what is kept of one, how it is kept and listed, and what it says. */
export interface FactKind {
  readonly fact: z.ZodObject;
  readonly keep: Of & { readonly body: z.ZodObject; readonly answer: z.ZodType };
  /** Where its facts about something are listed: the answer has one field, with the list. */
  readonly lists: Partial<Readonly<Record<Subject, Of & { readonly answer: z.ZodObject }>>>;
  /** The field that names what the fact is about. */
  readonly subject: string;
  /** The field that the path of its endpoint names, where that is another one. */
  readonly path?: string;
  /** The field with the moment at which it was done or seen. */
  readonly at: 'at' | 'takenAt';
  /** Where in the answer the fact is, if it is not all of it. */
  readonly answered?: string;
  /** In one line, for who reads that it was taken back. */
  readonly said: (fact: never) => string;
}

/** A row of the table of kinds: what it says is said of its own facts. */
export const factKind = <F extends z.ZodObject, const K extends Omit<FactKind, 'fact' | 'said'>>(
  row: K & { readonly fact: F; readonly said: (fact: Shared<z.output<F>>) => string },
) => row;

/** The two operations of a kind that is kept with a link as it was sent. */
export const linkFactEndpoints = <
  const Name extends string,
  I extends z.ZodObject,
  F extends z.ZodObject,
>(
  name: Name,
  sent: I,
  fact: F,
  says: { readonly list: string; readonly keep: string },
) => {
  const path = `/api/links/{id}/${name}` as const;
  // A computed name is a text to the compiler, not this one.
  const lists = { [name]: z.array(fact) } as { readonly [K in Name]: z.ZodArray<F> };
  return {
    list: {
      method: 'get',
      path,
      of: 'link',
      summary: says.list,
      answer: z.object(lists).meta({ id: `ListOf${name.charAt(0).toUpperCase()}${name.slice(1)}` }),
    },
    keep: {
      method: 'post',
      path,
      of: 'link',
      summary: says.keep,
      body: sent,
      status: 201,
      answer: fact,
    },
  } as const;
};
