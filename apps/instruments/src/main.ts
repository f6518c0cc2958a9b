export { listenReflectometer, listenTester, type Listening } from './listen';
