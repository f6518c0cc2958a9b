export { reflectFacts, type ReflectFacts } from './cable';
