import { fingerprintOf } from '../../findings';
import { DUTY, MOTOR, SOUND_TWO_POINT, TODAY, TWO_POINT } from '../../families/metering/fixtures';
import { addressOf, contentHash } from '../../profile';
import { stateOf } from '../../sheet';
import { address, badlySet, BLANK, Writer } from '../testing/fixtures';
import { gateOfHandover, neighboursOf, owedNeighbours, viewJob } from '..';

const view = (writer: Writer) => viewJob(writer.document, TODAY);
const codes = (writer: Writer) => view(writer).findings.job.map((finding) => finding.code);
const stateAt = (writer: Writer, key: string) =>
  stateOf(view(writer).rows.find((row) => row.address === address(key))!);

describe('ANY-06 opened but never stored', () => {
  test('mistake: the display still shows what was found', () => {
    const writer = badlySet().enter('left', 'range', '0-20');
    expect(codes(writer)).toContain('ANY-06');
    expect(stateAt(writer, 'range')).toBe('differs');
  });
  test('near miss: what it shows is the target', () => {
    expect(codes(badlySet().enter('left', 'range', '4-20'))).not.toContain('ANY-06');
  });
  test('near miss: another value than both is a wrong entry, not a missing one', () => {
    expect(codes(badlySet().enter('left', 'length', 66))).not.toContain('ANY-06');
  });
});

describe('ANY-07 another menu edited', () => {
  test('what did not take cannot be entered again before its neighbours were read', () => {
    const writer = badlySet().enter('left', 'range', '0-20');
    expect(owedNeighbours(MOTOR, view(writer).rows, address('range'))).toEqual([address('rate')]);
    expect(() => writer.enter('left', 'range', '4-20')).toThrow('ANY-07');
    writer.enter('left', 'rate', 0).enter('left', 'range', '4-20');
    expect(codes(writer)).not.toContain('ANY-06');
    expect(codes(writer)).not.toContain('ANY-07');
  });

  test('mistake: the rate beside it was edited; it is to be put back, and the job is part-changed until then', () => {
    const writer = badlySet()
      .enter('left', 'length', 71)
      .enter('left', 'range', '0-20')
      .enter('left', 'rate', 40);
    expect(codes(writer)).toContain('ANY-07');
    expect(stateAt(writer, 'rate')).toBe('differs');
    writer.enter('left', 'range', '4-20');
    expect(codes(writer)).toEqual(expect.arrayContaining(['ANY-07', 'ANY-22']));
    expect(gateOfHandover(view(writer)).map((reason) => reason.code)).toContain('ANY-22');
    writer.enter('left', 'rate', 0);
    expect(codes(writer)).not.toContain('ANY-07');
    expect(codes(writer)).not.toContain('ANY-22');
  });

  test('a knob has no keys that could go astray', () => {
    expect(neighboursOf(MOTOR, address('length'))).toEqual([]);
    const writer = badlySet().enter('left', 'length', 60).enter('left', 'length', 71);
    expect(stateAt(writer, 'length')).toBe('done');
  });

  test('a neighbour that is still to be entered is not asked for: it is read back then', () => {
    const writer = badlySet().enter('left', 'range', '0-20').enter('left', 'rate', 40);
    expect(owedNeighbours(MOTOR, view(writer).rows, address('range'))).toEqual([]);
    expect(stateAt(writer, 'rate')).toBe('differs');
  });

  test('a neighbour that could not be read as found is not asked for', () => {
    const writer = new Writer().makeSafe().identify().found({ length: 60, range: '0-20' });
    writer.enter('found', 'rate', null, 'Display dim.').plan().enter('left', 'range', '0-20');
    expect(owedNeighbours(MOTOR, view(writer).rows, address('range'))).toEqual([]);
  });
});

describe('ANY-08 another slot than the one meant', () => {
  const twoPoint = (): Writer =>
    new Writer({ ...BLANK, profile: TWO_POINT, profileHash: contentHash(TWO_POINT), dutyBefore: DUTY });
  const at = (key: string) => addressOf(TWO_POINT.parameters.find((p) => p.key === key)!);
  const entry = (writer: Writer, column: 'found' | 'left', key: string, value: string | number, n: number) =>
    writer.write({
      kind: 'sheet.enter',
      jobId: 'job-1',
      entryId: `x-${column}-${key}-${n}`,
      address: at(key),
      column,
      raw: String(value),
      unit: '',
      value,
      reason: null,
    });
  const planned = (): Writer => {
    const writer = twoPoint().makeSafe().identify('-');
    const found = { ...SOUND_TWO_POINT, rateA: 5, currentA: 4, currentB: 20, rateB: 100 };
    for (const [key, value] of Object.entries(found)) {
      if (value !== undefined) entry(writer, 'found', key, value, 0);
    }
    writer.write({
      kind: 'plan.accept',
      jobId: 'job-1',
      planId: 'plan-1',
      duty: DUTY,
      targets: [{ entryId: 't-1', address: at('rateA'), value: 8, unit: '', reason: 'by the test' }],
    });
    // a line that is not through zero is a stop on a target: here it is wanted so
    for (const stop of view(writer).findings.target.filter(({ severity }) => severity === 'stop')) {
      writer.write({
        kind: 'finding.decide',
        jobId: 'job-1',
        decisionId: `d-${stop.code}`,
        code: stop.code,
        fingerprint: fingerprintOf(stop),
        decision: 'accepted',
        reason: 'By the test.',
      });
    }
    return writer;
  };

  test('mistake: the rate meant for one point went into the current beside it', () => {
    const writer = planned();
    entry(writer, 'left', 'rateA', 5, 1);
    entry(writer, 'left', 'currentB', 8, 2);
    expect(codes(writer)).toContain('ANY-08');
    expect(codes(writer)).not.toContain('ANY-07');
  });
  test('near miss: the neighbours hold what they held', () => {
    const writer = planned();
    entry(writer, 'left', 'rateA', 5, 1);
    for (const key of ['currentA', 'currentB'] as const)
      entry(writer, 'left', key, { currentA: 4, currentB: 20 }[key], 2);
    entry(writer, 'left', 'rateA', 8, 3);
    expect(codes(writer)).not.toContain('ANY-08');
  });
});
