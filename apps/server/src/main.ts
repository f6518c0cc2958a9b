export { serve, type ServeOptions } from './serve';
