import { fingerprintOf, type Finding } from '../findings';
import { blockOf, sideOf } from './testing/blocks.fixtures';
import { DUTY, TODAY } from '../families/metering/fixtures';
import { openRows, stateOf } from '../sheet';
import { BLANK, Writer, address, badlySet } from './testing/fixtures';
import {
  benchDay,
  freezeHandover,
  gateOfHandover,
  gateOfProve,
  gateOfSet,
  leavingFindings,
  summarise,
  viewJob,
} from './index';

const view = (writer: Writer) => viewJob(writer.document, TODAY);
const jobCodes = (writer: Writer) => view(writer).findings.job.map((f) => f.code);
const gates = (writer: Writer) => gateOfSet(view(writer)).map((reason) => reason.code);
const SAFE = { kind: 'discharge-safe', how: 'Into a container.' } as const;
const AUTO = { kind: 'automatic', seen: 'Follows the signal.' } as const;

describe('ANY-01 changed before it was written down', () => {
  test('mistake: a value is left where none was recorded as found', () => {
    const writer = new Writer().makeSafe().identify().plan();
    expect(gates(writer)).toEqual(['ANY-01']);
    expect(() => writer.enter('left', 'length', 71)).toThrow('ANY-01: Record Stroke length as found first');
  });
  test('near miss: it could not be read, and why is written down', () => {
    const writer = new Writer().makeSafe().identify().found();
    writer.enter('found', 'length', null, 'Scale worn off.').plan();
    expect(gates(writer)).toEqual([]);
    expect(() => new Writer().enter('found', 'length', null, '  ')).toThrow('Say why');
  });
});

describe('ANY-02 not kept from starting elsewhere', () => {
  test('mistake: one step of making safe is missing', () => {
    const writer = new Writer().identify().found({ length: 60 }).plan();
    writer.record({ kind: 'make-safe', steps: ['stopped', 'isolated', 'pressure'] });
    expect(gates(writer)).toEqual(['ANY-02']);
    expect(() => writer.enter('left', 'length', 71)).toThrow('ANY-02');
  });
  test('near miss: all confirmed', () => {
    expect(gates(badlySet())).toEqual([]);
  });
});

describe('ANY-03 left stopped or in manual', () => {
  test('mistake: nobody saw it in automatic; or something was touched after that', () => {
    const writer = badlySet();
    expect(jobCodes(writer)).toContain('ANY-03');
    writer.record(AUTO).record(SAFE).read(20, 96);
    expect(jobCodes(writer)).toContain('ANY-03');
  });
  test('near miss: seen last of all', () => {
    const writer = badlySet().record(SAFE).read(20, 96).record(AUTO);
    expect(jobCodes(writer)).not.toContain('ANY-03');
  });
});

describe('ANY-05 mode changed, its settings unchecked', () => {
  const target = (writer: Writer, only: string[]) => {
    const { document } = writer;
    const entries = document.entries.filter((e) => e.kind !== 'target' || only.includes(e.address));
    return viewJob({ ...document, entries }, TODAY).findings.target.map((f) => f.code);
  };
  test('mistake: to analog, with the range neither read nor set', () => {
    const writer = new Writer().makeSafe().identify();
    writer.enter('found', 'mode', 'man').enter('found', 'length', 71).plan();
    expect(target(writer, [address('mode')])).toContain('ANY-05');
  });
  test('near miss: the range is set with it', () => {
    const writer = new Writer().makeSafe().identify();
    writer.enter('found', 'mode', 'man').enter('found', 'length', 71).plan();
    expect(target(writer, [address('mode'), address('range')])).not.toContain('ANY-05');
  });
});

describe('ANY-20 changed after it was proved', () => {
  test('mistake: a setting is entered again after the reading', () => {
    const writer = badlySet().enter('left', 'length', 71).enter('left', 'range', '4-20');
    writer.record(SAFE).read(12, 48).enter('left', 'length', 70);
    expect(view(writer).readings[0].voided).toBe(true);
    expect(jobCodes(writer)).toContain('ANY-20');
  });
  test('near miss: proved again since', () => {
    const writer = badlySet().enter('left', 'length', 70).enter('left', 'range', '4-20');
    writer.record(SAFE).read(12, 48).enter('left', 'length', 71).read(12, 48);
    expect(jobCodes(writer)).not.toContain('ANY-20');
  });
});

describe('ANY-21 volume not measured', () => {
  const proved = (flow: number | null) =>
    badlySet().enter('left', 'length', 71).enter('left', 'range', '4-20').record(SAFE).read(20, 96, flow);
  test('mistake: strokes alone; the hand-over says so', () => {
    expect(jobCodes(proved(null))).toContain('ANY-21');
    expect(summarise(view(proved(null))).proof.says[0]).toEqual({
      words: 'Volume not measured: plate value.',
      sound: false,
    });
  });
  test('mistake: that nothing flowed where nothing should, and nothing else', () => {
    const still = badlySet()
      .enter('left', 'length', 71)
      .enter('left', 'range', '4-20')
      .record(SAFE)
      .read(0, 0, 0);
    expect(jobCodes(still)).toContain('ANY-21');
    expect(summarise(view(still)).proof.says[0].words).toBe('Volume not measured: plate value.');
  });
  test('near miss: a flow that fits was read', () => {
    expect(jobCodes(proved(0.41))).not.toContain('ANY-21');
    expect(summarise(view(proved(0.41))).proof.says[0]).toEqual({
      words: 'Flow measured: 0.41\u00a0L/h at 20\u00a0mA.',
      sound: true,
    });
  });
});

describe('ANY-22 left part-changed', () => {
  test('mistake: one of two is entered and the work broken off; hand-over stays closed', () => {
    const writer = badlySet().enter('left', 'length', 71);
    writer.record({ kind: 'broken-off', way: 'part-changed', reason: 'Called away.' });
    expect(writer.document.job.state).toBe('part-changed');
    expect(jobCodes(writer)).toContain('ANY-22');
    expect(gateOfHandover(view(writer)).map((reason) => reason.code)).toContain('ANY-22');
    expect(() => writer.handOver()).toThrow('ANY-22');
  });
  test('put back as found: what was changed gets its found value as target, and nothing is open after', () => {
    const writer = badlySet().enter('left', 'length', 71);
    writer.record({ kind: 'broken-off', way: 'put-back', reason: 'No time.' });
    const [row] = openRows(view(writer).rows);
    expect([row.address, row.target?.value, stateOf(row)]).toEqual([address('length'), 60, 'differs']);
    writer.enter('left', 'length', 60);
    expect(openRows(view(writer).rows)).toEqual([]);
    expect(jobCodes(writer)).not.toContain('ANY-22');
  });
  test('near miss: all entered', () => {
    const writer = badlySet().enter('left', 'length', 71).enter('left', 'range', '4-20');
    expect(jobCodes(writer)).not.toContain('ANY-22');
  });
});

describe('gates', () => {
  test('a stop on the target keeps Set closed until it is accepted in writing, for those figures only', () => {
    const tooMuch = {
      ...BLANK,
      dutyBefore: { ...DUTY, dose: { wanted_mgl: 20, low_mgl: 18, high_mgl: 22 } },
    };
    const writer = new Writer(tooMuch).makeSafe().identify().found().plan();
    const stops = view(writer).findings.target.filter((f: Finding) => f.severity === 'stop');
    expect(gates(writer)).toEqual(stops.map((f) => f.code));
    const decide = (fingerprint: string, reason: string, code = stops[0].code) =>
      writer.write({
        kind: 'finding.decide',
        jobId: 'job-1',
        decisionId: 'd',
        code,
        fingerprint,
        decision: 'accepted',
        reason,
      });
    expect(() => decide(fingerprintOf(stops[0]), ' ')).toThrow('Say why');
    decide('another', 'Agreed.');
    expect(gates(writer)).toEqual(stops.map((f) => f.code));
    for (const stop of stops)
      decide(fingerprintOf(stop), 'Agreed with the site until the larger pump comes.', stop.code);
    expect(gates(writer)).toEqual([]);
  });

  test('no reading before the discharge leads somewhere safe', () => {
    expect(gateOfProve(BLANK)).toHaveLength(1);
    expect(() => badlySet().read(12, 48)).toThrow('to a safe place');
  });

  test('targets outside the controller’s limits are refused at their place; what is found is taken whatever it is', () => {
    const accept = (value: number) => () =>
      new Writer().write({
        kind: 'plan.accept',
        jobId: 'job-1',
        planId: 'p',
        duty: DUTY,
        targets: [{ entryId: 't', address: address('length'), value, unit: '%', reason: '' }],
      });
    expect(accept(140)).toThrow('ANY-09: Stroke length cannot be above 100 %');
    expect(accept(100)).not.toThrow();
    expect(new Writer().enter('found', 'length', 140).document.entries[0].value).toBe(140);
  });

  test('nothing is written to a job that is handed over', () => {
    const writer = badlySet().enter('left', 'length', 71).enter('left', 'range', '4-20').handOver();
    expect(writer.document.job.state).toBe('handed-over');
    expect(() => writer.enter('left', 'length', 70)).toThrow('handed over');
  });
});

describe('the sheet', () => {
  test('a planned job opens with the first thing done at the pump', () => {
    expect(new Writer().plan().document.job.state).toBe('planned');
    expect(new Writer().plan().makeSafe().document.job.state).toBe('open');
  });

  test('the newest plan withdraws targets it does not name; all lines are kept', () => {
    const writer = badlySet();
    const before = writer.document.entries.length;
    writer.write({
      kind: 'plan.accept',
      jobId: 'job-1',
      planId: 'p2',
      duty: DUTY,
      targets: [{ entryId: 't2', address: address('length'), value: 71, unit: '%', reason: 'Only this.' }],
    });
    expect(
      view(writer)
        .rows.filter((row) => row.target)
        .map((row) => row.address),
    ).toEqual([address('length')]);
    expect(writer.document.entries).toHaveLength(before + 1);
  });

  test('a read-back that differs from the target is loud, and clears when it is entered right', () => {
    const writer = badlySet().enter('left', 'length', 17);
    const state = () => stateOf(view(writer).rows.find((row) => row.address === address('length'))!);
    expect(state()).toBe('differs');
    writer.enter('left', 'length', 71);
    expect(state()).toBe('done');
  });
});

describe('hand-over', () => {
  const done = () =>
    badlySet()
      .enter('left', 'length', 71)
      .enter('left', 'range', '4-20')
      .record(SAFE)
      .read(8, 24)
      .read(20, 96, 0.41)
      .record(AUTO)
      .handOver();

  test('says the dose before and after, what was proved, and each setting with its reason', () => {
    const { summary } = done().document.handover!;
    expect(sideOf('dose', 'found', summary)).toContain('Leaves the required band');
    expect(sideOf('dose', 'left', summary)).toEqual([
      expect.stringMatching(/^1.19.mg\/L$/),
      expect.stringMatching(/^at the usual 20.m³\/h$/),
      expect.stringContaining('at minimum flow'),
      'Within the required band at every flow',
    ]);
    expect(summary.proof).toMatchObject({ points: 2, passed: 2, automatic: true });
    const range = summary.settings.find((setting) => setting.address === address('range'));
    expect(range).toMatchObject({ found: '0–20 mA', target: '4–20 mA', left: '4–20 mA', changed: true });
    const { lines, dots } = blockOf('chart', 'signal', summary);
    expect(lines.map((line) => line.column)).toEqual(['found', 'target', 'left']);
    expect(dots.map(({ x }) => x)).toEqual([8, 20]);
  });

  test('is frozen: the same document gives the same hand-over, whatever the day', () => {
    const writer = done();
    const frozen = JSON.stringify(writer.document.handover);
    viewJob(writer.document, '2027-11-24');
    expect(JSON.stringify(writer.document.handover)).toBe(frozen);
  });

  test('for a reader of US units nothing on it is metric but what the controller itself shows', () => {
    const { document } = badlySet().enter('left', 'length', 71).record(SAFE).read(20, 96, 0.41).record(AUTO);
    const body = {
      kind: 'job.hand-over',
      jobId: 'job-1',
      handoverId: 'h',
      signedAs: 'Visitor',
      signature: { width: 100, height: 40, paths: ['M 0 0 L 9 9'] },
      nextDue: null,
    } as const;
    const command = {
      id: 'c',
      baseVersion: document.job.version,
      recordedAt: '2026-11-24T12:00:00.000Z',
      device: 'test',
      actor: 'Technician 1',
      body,
    };
    const metric = freezeHandover(document, command, body, TODAY, benchDay);
    const us = freezeHandover(document, { ...command, units: 'us' }, body, TODAY, benchDay);
    const METRIC_UNITS = /\d[\s\u00a0](m³\/h|L\/h|m³|L|bar|g\/L|°C|m)\b/;
    expect(JSON.stringify(metric.summary)).toMatch(METRIC_UNITS);
    expect(metric).not.toHaveProperty('units');
    expect(us.units).toBe('us');
    // reasons were made for whoever planned, and stand as they were agreed
    const { settings, ...made } = us.summary;
    const values = settings.map(({ reason: _, ...setting }) => setting);
    expect(JSON.stringify({ ...made, values }).match(METRIC_UNITS)?.[0]).toBeUndefined();
  });

  test('a stop that was accepted stands first', () => {
    const writer = badlySet();
    const stop = leavingFindings(view(writer)).find((f) => f.code === 'MET-01')!;
    writer.write({
      kind: 'finding.decide',
      jobId: 'job-1',
      decisionId: 'd',
      code: stop.code,
      fingerprint: fingerprintOf(stop),
      decision: 'accepted',
      reason: 'The transmitter is changed next week.',
    });
    writer.handOver();
    expect(writer.document.handover?.summary.accepted).toMatchObject([
      { code: 'MET-01', reason: 'The transmitter is changed next week.' },
    ]);
  });
});
