import { z } from 'zod';
import { familyOf, type RecordBody } from '../families';
import { SAMPLE_OF } from '../families/suites/samples.fixtures';
import { COMMON_RECORDS } from '../visit/wire';
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
]);
/** What ends or opens a job, or is *in automatic* itself: not tried here. */
const OF_THE_JOB: ReadonlySet<string> = new Set([
  'automatic',
  'broken-off',
  'resumed',
  'cancelled',
  'looked-at',
]);

/** A body that a schema takes, as plain as can be. */
function bodyOf(schema: z.core.$ZodType): unknown {
  if (schema instanceof z.ZodObject)
    return Object.fromEntries(
      Object.entries(schema.shape).flatMap(([key, inner]) =>
        inner instanceof z.ZodOptional ? [] : [[key, bodyOf(inner)]],
      ),
    );
  if (schema instanceof z.ZodNullable) return null;
  if (schema instanceof z.ZodLiteral) return schema.value;
  if (schema instanceof z.ZodEnum) return schema.options[0];
  if (schema instanceof z.ZodBoolean) return false;
  if (schema instanceof z.ZodString) return 'as it stands';
  if (schema instanceof z.ZodRecord) return {};
  if (schema instanceof z.ZodArray) return schema.safeParse([]).success ? [] : [bodyOf(schema.element)];
  if (schema instanceof z.ZodNumber) return 1;
  throw new Error(`No plain body for a ${schema._zod.def.type}.`);
}

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
