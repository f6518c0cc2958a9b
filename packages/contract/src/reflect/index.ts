export * from './fact';
export * from './reflect';
