export { DIELECTRICS, VELOCITY_BY_DIELECTRIC, type Dielectric } from './dielectric';
export { reflectFacts, type ReflectFacts } from './cable';
