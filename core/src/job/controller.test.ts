import { MOTOR, TODAY } from '../families/metering/fixtures';
import type { AlarmOutput, CommonBehaviours } from '../profile';
import { BLANK, Writer } from './testing/fixtures';
import { gateOfHandover, offeredChecks, summarise, viewJob } from '.';
import type { JobDocument, RecordBody } from '../families';

/** A job on a pump whose profile says this of its controller. */
const under = (said: Partial<CommonBehaviours>): JobDocument => ({
  ...BLANK,
  profile: { ...MOTOR, behaviours: { ...MOTOR.behaviours, ...(said as object) } },
});
const codes = (writer: Writer) => viewJob(writer.document, TODAY).findings.job.map(({ text }) => text);
const MESSAGES: CommonBehaviours['messages'] = [
  { shows: 'E 2', kind: 'fault', means: 'It turned without liquid.', todo: 'Fill the tank, then vent.' },
  { shows: 'red', lamp: true, kind: 'reminder', means: 'The membrane is due.', todo: 'Change it.' },
];
const showing = (shows: string, takenFor: 'reminder' | 'fault', pump: 'runs' | 'stopped'): RecordBody => ({
  kind: 'messages',
  shows,
  takenFor,
  pump,
  lastFaults: [],
});

describe('ANY-14 where the profile knows the message', () => {
  const saying = (record: RecordBody) => codes(new Writer(under({ messages: MESSAGES })).record(record));
  test('mistake: a fault taken for a reminder, though the pump runs on', () => {
    expect(saying(showing('e2', 'reminder', 'runs'))).toContain('ANY-14.is-fault');
    expect(saying(showing('E 2', 'reminder', 'runs'))).toContain('ANY-14.is-fault');
    expect(saying(showing('“e 2”', 'reminder', 'stopped'))).toContain('ANY-14.is-fault');
  });
  test('mistake: a reminder taken for a fault, though somebody had stopped the pump', () => {
    expect(saying(showing('Red', 'fault', 'stopped'))).toContain('ANY-14.is-reminder');
  });
  test('near miss: taken for what it is, whether the pump runs or stands', () => {
    for (const pump of ['runs', 'stopped'] as const) {
      expect(saying(showing('E 2', 'fault', pump)).join()).not.toContain('ANY-14');
      expect(saying(showing('red', 'reminder', pump)).join()).not.toContain('ANY-14');
    }
  });
  test('near miss: of one it does not know, what the pump did is all there is to judge by', () => {
    expect(saying(showing('E 9', 'fault', 'stopped')).join()).not.toContain('ANY-14');
    expect(saying(showing('E 9', 'fault', 'runs'))).toContain('ANY-14.reminder');
  });
  test('what it means stands on the hand-over, and in the finding what to do', () => {
    const { document } = new Writer(under({ messages: MESSAGES })).record(showing('E 2', 'reminder', 'runs'));
    const view = viewJob(document, TODAY);
    expect(summarise(view).messages).toBe(
      '“E 2” (it means: It turned without liquid) on arrival, taken for a reminder; the pump ran; no last faults listed',
    );
    expect(view.findings.job.find(({ code }) => code === 'ANY-14')?.values).toMatchObject({
      todo: 'Fill the tank, then vent.',
    });
  });
});

describe('ANY-11 settings that stay open', () => {
  const leaving = (leaving: ('covers' | 'access')[], closesAfter_min: number | null = null) =>
    codes(
      new Writer(under({ access: { opensBy: 'Code 12.', closesAfter_min } }))
        .makeSafe()
        .record({ kind: 'automatic', seen: 'It runs.', leaving }),
    );
  test('mistake: nobody confirmed that they were closed again', () => {
    expect(leaving(['covers'])).toContain('ANY-11.left');
  });
  test('near miss: confirmed; or they close by themselves; or the profile knows of no access', () => {
    expect(leaving(['covers', 'access'])).not.toContain('ANY-11.left');
    expect(leaving(['covers'], 10)).not.toContain('ANY-11.left');
    const none = new Writer().makeSafe().record({ kind: 'automatic', seen: 'It runs.', leaving: [] });
    expect(codes(none)).not.toContain('ANY-11.left');
  });
  test('it is not asked for before the pump is left', () => {
    const begun = new Writer(under({ access: { opensBy: 'Code 12.', closesAfter_min: null } })).makeSafe();
    expect(codes(begun)).not.toContain('ANY-11.left');
  });
});

describe('PRO-03 a controller that is not as its profile', () => {
  const seen = (controllerAsProfile: boolean): RecordBody => ({
    kind: 'identify',
    plate: { gear: 'B', greatest_spm: null, rated_bar: null },
    serial: 'MM-1',
    controllerAsProfile,
    signalFrom: 'flow',
    note: '',
  });
  const made = under({ revision: '3', options: ['Link'] });
  test('mistake: looked at, and another one', () => {
    const view = viewJob(new Writer(made).record(seen(false)).document, TODAY);
    const found = view.findings.job.find(({ code }) => code === 'PRO-03');
    expect(found?.severity).toBe('note');
    expect(found?.values.made).toBe(' (revision 3, Link)');
  });
  test('near miss: as the profile says, or not looked at yet', () => {
    expect(codes(new Writer(made).record(seen(true)))).not.toContain('PRO-03');
    expect(codes(new Writer(made))).not.toContain('PRO-03');
  });
  test('read again as the profile says, it is gone', () => {
    expect(codes(new Writer(made).record(seen(false)).record(seen(true)))).not.toContain('PRO-03');
  });
});

describe('alarm outputs', () => {
  const ALARMS: AlarmOutput[] = [
    { name: 'relay 1', tells: 'any fault.', contact: 'changes-over', most_V: 250, most_A: 2 },
    { name: '7 and 8', tells: 'low level', contact: 'opens' },
  ];
  const offered = (writer: Writer) =>
    offeredChecks(viewJob(writer.document, TODAY)).filter(({ about }) => about?.kind === 'alarm');
  test('each is a check of its own, in whole sentences, with what it carries where that is known', () => {
    const [first, second] = offered(new Writer(under({ alarms: ALARMS })));
    expect(first.title).toBe('Alarm at relay 1');
    expect(first.method).toBe(
      'It tells of this: any fault. Cause it as the maker’s manual allows, and watch what is connected. It carries 250 V, 2 A at most.',
    );
    expect(second.method).toBe(
      'It tells of this: low level. Cause it as the maker’s manual allows, and watch what is connected.',
    );
    expect(second.expected).toContain('its contact opens');
    expect(first.caution).toContain('licensed electrician');
  });
  test('without alarm outputs, or before there is a duty, none is asked for', () => {
    expect(offered(new Writer())).toEqual([]);
    expect(offered(new Writer({ ...under({ alarms: ALARMS }), dutyBefore: null }))).toEqual([]);
  });
  test('what was seen is judged, and a later change of a setting does not void it', () => {
    const writer = new Writer(under({ alarms: ALARMS })).makeSafe().identify();
    writer.found({ length: 60, range: '0-20' }).plan();
    writer.record({ kind: 'discharge-safe', how: 'Into a bucket.' });
    const tried = (seen: string): RecordBody => ({
      kind: 'check',
      check: 'alarm-1',
      seen,
      figures: {},
      note: '',
    });
    writer.record(tried('silent')).record(tried('comes'));
    writer.enter('left', 'length', 80);
    const judged = viewJob(writer.document, TODAY).checks.filter(({ check }) => check.key === 'alarm-1');
    expect(judged.map(({ verdict, voided }) => [verdict.ok, voided])).toEqual([
      [false, false],
      [true, false],
    ]);
    expect(() => writer.record(tried('perhaps'))).toThrow('say what was seen');
  });
  test('one that was not tried is named on the hand-over, and holds nothing up', () => {
    const view = viewJob(new Writer(under({ alarms: ALARMS })).document, TODAY);
    expect(summarise(view).notTried).toEqual(
      expect.arrayContaining(['Alarm at relay 1', 'Alarm at 7 and 8']),
    );
    expect(
      gateOfHandover(view)
        .map(({ words }) => words)
        .join(),
    ).not.toContain('Alarm');
  });
});
