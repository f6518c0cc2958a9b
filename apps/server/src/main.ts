export { serve } from './serve';
export { schemaState } from './db/migrate';
