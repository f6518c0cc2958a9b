export { listenTester, type Listening } from './listen';
