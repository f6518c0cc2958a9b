import type { LimitMessages } from '@near-spoke/core/verify/limits';

/** What each parameter of a sweep is called. */
export const PARAMETERS: Readonly<Record<LimitMessages['sweep']['parameter'], string>> = {
  'insertion-loss': 'Insertion loss',
  next: 'NEXT',
  'ps-next': 'PSNEXT',
  'acr-f': 'ACR-F',
  'ps-acr-f': 'PSACR-F',
  'return-loss': 'Return loss',
};
