import { register } from 'tsx/esm/api';

// For a server that runs from its sources: the thread's program is TypeScript too.
register();
const { default: work } = await import('./worker.ts');
export default work;
