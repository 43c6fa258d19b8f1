import { textAt } from '../../../describe';
import { BLANK } from '../../../job/testing/fixtures';
import type { MeteringView } from '../kind';
import { blankDuty } from './blank-duty';

type Seen = Pick<MeteringView, 'settings' | 'document'>;
const seen = (mode: string | null, signalFrom: 'flow' | 'controller' | 'meter' | null) =>
  ({
    settings: { mode },
    document: { ...BLANK, records: [], pump: { ...BLANK.pump, signalFrom } },
  }) as unknown as Seen;

test.each([
  // found mode, cable → mode and source that stand there, what need not be asked
  ['analog', 'controller', 'analog', 'controller', ['signal.source']],
  ['manual', 'flow', 'manual', 'flow', ['signal.source']],
  ['multiply', 'meter', 'pulse', 'meter', []],
  ['divide', null, 'pulse', 'meter', []],
  ['contact', 'flow', 'contact', 'meter', []],
  // no current comes from a meter: who asked must say
  ['analog', 'meter', 'analog', 'flow', []],
  [null, null, 'analog', 'flow', []],
] as const)('found in %s with a cable from %s', (mode, from, isMode, isFrom, known) => {
  const { texts, seen: paths } = blankDuty(seen(mode, from));
  expect([textAt(texts, 'mode'), textAt(texts, 'signal.source')]).toEqual([isMode, isFrom]);
  expect(paths).toEqual(known);
});
