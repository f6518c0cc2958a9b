export { shortestFrom, type Passage, type Shortest } from './shortest';
