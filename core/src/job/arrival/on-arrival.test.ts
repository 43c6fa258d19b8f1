import { MOTOR, TODAY } from '../../families/metering/fixtures';
import { badlySet, BLANK, Writer } from '../testing/fixtures';
import { gateOfHandover, summarise, viewJob } from '..';
import type { RecordBody } from '../../families';

const view = (writer: Writer) => viewJob(writer.document, TODAY);
const codes = (writer: Writer) => view(writer).findings.job.map((finding) => finding.code);
type Body<K extends RecordBody['kind']> = Extract<RecordBody, { kind: K }>;
const reset = (what: Body<'reset'>['what'], seen: string | null): RecordBody => ({
  kind: 'reset',
  what,
  why: 'After the new diaphragm.',
  seen,
});
const messages = (changed: Partial<Body<'messages'>> = {}): RecordBody => ({
  kind: 'messages',
  shows: 'SERVICE',
  takenFor: 'reminder',
  pump: 'runs',
  lastFaults: null,
  ...changed,
});

describe('ANY-13 a reset not proved, or without a record', () => {
  test('mistake: nobody looked afterwards', () => {
    expect(codes(new Writer().record(reset('counter', null)))).toContain('ANY-13');
  });
  test('near miss: what the display showed is written down, at once or later', () => {
    expect(codes(new Writer().record(reset('counter', 'Shows 0.')))).not.toContain('ANY-13');
    const later = new Writer().record(reset('counter', null)).record(reset('counter', 'Shows 0.'));
    expect(codes(later)).not.toContain('ANY-13');
  });

  const profile = {
    ...BLANK.profile,
    parameters: BLANK.profile.parameters.map((parameter) =>
      parameter.key === 'length'
        ? { ...parameter, default: 100 }
        : parameter.key === 'range'
          ? { ...parameter, default: '0-20' }
          : parameter,
    ),
  };
  const left = { source: 'left', date: '2026-05-01', values: { length: 71, range: '4-20' } } as const;
  test('mistake: everything that was set stands at its default, and no record says why', () => {
    const writer = new Writer({ ...BLANK, profile, lastLeft: left });
    writer.found({ length: 100, range: '0-20' });
    expect(codes(writer)).toContain('ANY-13');
  });
  test('near miss: one of them is still as it was left', () => {
    const writer = new Writer({ ...BLANK, profile, lastLeft: left });
    writer.found({ length: 71, range: '0-20' });
    expect(codes(writer)).not.toContain('ANY-13');
  });
});

describe('ANY-14 reminder and fault mistaken', () => {
  test.each([
    ['reminder', 'stopped'],
    ['fault', 'runs'],
  ] as const)('mistake: taken for a %s, and the pump %s', (takenFor, pump) => {
    expect(codes(new Writer().record(messages({ takenFor, pump })))).toContain('ANY-14');
  });
  test.each([
    ['reminder', 'runs'],
    ['fault', 'stopped'],
    ['nothing', 'stopped'],
  ] as const)('near miss: taken for %s, and the pump %s', (takenFor, pump) => {
    expect(codes(new Writer().record(messages({ takenFor, pump })))).not.toContain('ANY-14');
  });
});

describe('ANY-15 last faults cleared before being written down', () => {
  test.each(['faults', 'settings'] as const)('mistake: %s reset with the list unread', (what) => {
    expect(() => new Writer().record(reset(what, 'Empty.'))).toThrow('ANY-15');
    expect(() => new Writer().record(messages()).record(reset(what, 'Empty.'))).toThrow('ANY-15');
  });
  test('near miss: the list was read, be it empty; or the reset wipes nothing', () => {
    const read = new Writer().record(messages({ lastFaults: [] })).record(reset('faults', 'Empty.'));
    expect(read.document.records).toHaveLength(2);
    expect(new Writer().record(reset('counter', 'Shows 0.')).document.records).toHaveLength(1);
  });
});

describe('ANY-16 breaker reset again and again', () => {
  test('mistake: a second time, and the job cannot be handed over', () => {
    const writer = badlySet().record(reset('breaker', 'Held.')).record(reset('breaker', 'Tripped.'));
    expect(codes(writer)).toContain('ANY-16');
    expect(gateOfHandover(view(writer)).map((reason) => reason.code)).toContain('ANY-16');
  });
  test('near miss: once', () => {
    expect(codes(badlySet().record(reset('breaker', 'Held.')))).not.toContain('ANY-16');
  });
});

describe('ANY-17 set-up left open, ANY-18 covers left open', () => {
  const marked = {
    ...BLANK,
    profile: {
      ...MOTOR,
      behaviours: { ...MOTOR.behaviours, setUpEnd: 'Test switch off.' },
    },
  };
  const automatic = (...leaving: ('covers' | 'set-up')[]): RecordBody => ({
    kind: 'automatic',
    seen: 'Follows the signal.',
    leaving,
  });
  test('mistake: set-up is not confirmed complete, and hand-over stays closed', () => {
    const writer = new Writer(marked).makeSafe().record(automatic('covers'));
    expect(codes(writer)).toContain('ANY-17');
    expect(gateOfHandover(view(writer)).map((reason) => reason.code)).toContain('ANY-17');
  });
  test('near miss: it is; or this controller has no such mark', () => {
    expect(codes(new Writer(marked).makeSafe().record(automatic('covers', 'set-up')))).not.toContain(
      'ANY-17',
    );
    expect(codes(new Writer().makeSafe().record(automatic('covers')))).not.toContain('ANY-17');
  });
  test('mistake: nobody saw the covers closed', () => {
    expect(codes(new Writer().makeSafe().record(automatic()))).toContain('ANY-18');
  });
  test('near miss: closed and seen', () => {
    expect(codes(new Writer().makeSafe().record(automatic('covers')))).not.toContain('ANY-18');
  });
});

test('messages and resets stand on the hand-over', () => {
  const writer = badlySet()
    .record(messages({ lastFaults: ['E2 pressure', 'E5 dry'] }))
    .record(reset('faults', 'List empty.'));
  const summary = summarise(view(writer));
  expect(summary.messages).toBe(
    '“SERVICE” on arrival, taken for a reminder; the pump ran; last faults: E2 pressure, E5 dry',
  );
  expect(summary.resets).toEqual([
    expect.objectContaining({ what: 'list of last faults', seen: 'List empty.' }),
  ]);
});
