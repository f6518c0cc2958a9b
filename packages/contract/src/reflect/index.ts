export { reflectEndpoints } from './endpoints';
export * from './fact';
export * from './reflect';
export * from './trace';
export * from './velocity';
