import { join } from 'node:path';
import { makeDemo } from '../../../scripts/steps/demo.mjs';
import { ROOT } from '../../../scripts/steps/run.mjs';

/** One demo database for all tests of the server, copied by each that wants it. */
export default function prepare() {
  makeDemo(join(ROOT, '.build/server-demo'));
}
