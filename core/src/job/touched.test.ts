import type { z } from 'zod';
import { familyOf, type RecordBody } from '../families';
import { SAMPLE_OF } from '../families/suites/samples.fixtures';
import { COMMON_RECORDS } from '../visit/wire';
import { bodyOf } from './testing/plain-body.fixtures';
import { TODAY, Walk } from './testing/walk.fixtures';
import { viewJob } from './view';

/** ANY-03 over every kind of record of every family: what was work at the pump asks to see it in automatic again. */

/** Written out once more, by hand: what a record says of itself is checked against what a technician would say. */
const WORK_AT_THE_PUMP: ReadonlySet<string> = new Set([
  'check',
  'reset',
  'calibration',
  'serviced',
  'valves',
  'purged',
  'precharge',
  'turning',
  'closed-valve',
  'number-change',
  'leads-swapped',
  'identified',
  'heater-rule',
]);
/** What ends or opens a job, or is *in automatic* itself: not tried here. */
const OF_THE_JOB: ReadonlySet<string> = new Set([
  'automatic',
  'broken-off',
  'resumed',
  'cancelled',
  'looked-at',
  'taken-back',
]);

const codes = (walk: Walk) => viewJob(walk.document, TODAY).findings.job.map(({ code }) => code);

describe.each(SAMPLE_OF)('%s', (name, sample) => {
  const schemas = [...COMMON_RECORDS, ...familyOf(name).wire.records];
  const kinds = schemas
    .map((schema: z.ZodObject) => [String((schema.shape.kind as z.ZodLiteral).value), schema] as const)
    .filter(([kind]) => !OF_THE_JOB.has(kind));

  test.each(kinds)(
    '%s asks to see it in automatic again where it is work at the pump, and only there',
    (kind, schema) => {
      const body = schema.parse(bodyOf(schema)) as RecordBody;
      const walk = new Walk(sample);
      walk.arrive();
      walk.record({ kind: 'automatic', seen: 'It runs as it should.' });
      expect(codes(walk)).not.toContain('ANY-03');
      walk.written(body);
      expect([kind, codes(walk).includes('ANY-03')]).toEqual([kind, WORK_AT_THE_PUMP.has(kind)]);
      walk.record({ kind: 'automatic', seen: 'It runs as it should.' });
      expect(codes(walk)).not.toContain('ANY-03');
    },
  );
});
