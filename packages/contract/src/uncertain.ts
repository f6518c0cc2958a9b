import * as z from 'zod';

export const metres = z.number().min(0).max(20_000);
/** Below these nothing physical is meant, and sums lose their figures. */
export const seconds = z.number().min(1e-15).max(1);
export const factor = z.number().min(0.2).max(1);
/** A value with its standard uncertainty. */
export const uncertain = z.strictObject({ value: z.number(), u: z.number().min(0) }).meta({
  id: 'Uncertain',
  description: 'A value and its standard uncertainty, in the same unit.',
});
export const uncertainMetres = z.strictObject({ value: metres, u: z.number().min(0).max(1000) });
export const uncertainSeconds = z.strictObject({ value: seconds, u: z.number().min(0).max(1) });
export const uncertainFactor = z.strictObject({ value: factor, u: z.number().min(0).max(0.5) });
