/** The demo records as data, for tests of the core. */
export { demoDocument } from '../../src/lib/server/demo/document';
