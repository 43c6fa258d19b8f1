import { commandSchema } from './index';

const command = (body: unknown) => ({
  id: '0193a000-0000-7000-8000-000000000001',
  baseVersion: 0,
  recordedAt: '2026-11-24T10:00:00Z',
  device: 'web',
  actor: 'Technician 1',
  body,
});

const faults = (body: unknown) =>
  commandSchema
    .safeParse(command(body))
    .error?.issues.map((issue) => `${issue.path.join('.')}: ${issue.message}`) ?? [];

const reading = (changes: object) => ({
  kind: 'proof.read',
  jobId: 'j',
  readingId: 'r',
  instrumentId: null,
  reading: { injected_mA: 12, shown_mA: null, strokes: 48, seconds: 60, flow_lph: null, ...changes },
});

test('a reading is strokes over a time, or a flow', () => {
  expect(faults(reading({}))).toEqual([]);
  expect(faults(reading({ strokes: null, seconds: null, flow_lph: 0.4 }))).toEqual([]);
  expect(faults(reading({ seconds: null }))).toEqual([
    'body.reading.strokes: Enter strokes and the time they took, or a flow.',
  ]);
  expect(faults(reading({ strokes: 4.5 }))).toEqual(['body.reading.strokes: Strokes are whole.']);
  expect(faults(reading({ injected_mA: 240 }))).toEqual([
    'body.reading.injected_mA: No loop carries more than 30 mA.',
  ]);
});

test('breaking off needs a reason and one of its two ways', () => {
  const breakOff = (way: string, reason: string) => ({
    kind: 'job.record',
    jobId: 'j',
    recordId: 'r',
    record: { kind: 'broken-off', way, reason },
  });
  expect(faults(breakOff('put-back', 'Called away.'))).toEqual([]);
  expect(faults(breakOff('put-back', ''))).toEqual(['body.record.reason: Say why the work is broken off.']);
  expect(faults(breakOff('somehow', 'x'))).toHaveLength(1);
});

test('a signature is drawn lines and nothing else', () => {
  const handOver = (paths: string[]) => ({
    kind: 'job.hand-over',
    jobId: 'j',
    handoverId: 'h',
    signedAs: 'Visitor',
    signature: { width: 300, height: 100, paths },
    nextDue: null,
  });
  expect(faults(handOver(['M 1 2 L 30.5 40']))).toEqual([]);
  expect(faults(handOver([]))).toEqual(['body.signature.paths: Nobody has signed yet.']);
  expect(faults(handOver(['M 1 2" onload="x']))).toEqual([
    'body.signature.paths.0: A signature is lines only.',
  ]);
});

test('whoever writes is named as papers can print it, with one fault at most', () => {
  const told = (actor: string) =>
    commandSchema
      .safeParse({ ...command(reading({})), actor })
      .error?.issues.map(({ path, message }) => `${path.join('.')}: ${message}`) ?? [];
  expect(told(' Ada ')).toEqual([]);
  expect(told('a'.repeat(60))).toEqual([]);
  expect(told('a'.repeat(61))).toEqual(['actor: At most 60 characters.']);
  expect(told('  ')).toEqual(['actor: Say who writes.']);
  expect(told('Ada 😀')).toEqual(['actor: “😀” cannot be printed on paper: write it in another way.']);
});
