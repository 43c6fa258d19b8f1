import { ensureDemo } from '../../../scripts/steps/demo.mjs';

/** One demo database for all tests of the server, copied by each that wants it. */
export default function prepare() {
  ensureDemo();
}
