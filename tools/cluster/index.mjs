export { findPostgres, installedVersions } from './programs.mjs';
export { aside } from './make-cluster.mjs';
export { lookAtFolder } from './folder-state.mjs';
export { freePort, startCluster } from './start-cluster.mjs';
