import * as z from 'zod';

const minute = z.number().min(0).max(10_000);

/** In minutes from the beginning of a day’s work on. */
export const span = z
  .strictObject({ fromMinute: minute, toMinute: minute })
  .refine(({ fromMinute, toMinute }) => toMinute > fromMinute, {
    path: ['toMinute'],
    message: 'is not after its beginning',
  })
  .meta({ id: 'Span' });
