import type { SettingValues } from '../../../profile';
import { planAndCheck } from '../plan/plan';
import {
  codesOf,
  dutyWith,
  findingsOn,
  motorContext,
  MOTOR,
  SOUND_MOTOR,
  SOUND_TWO_POINT,
  twoPointContext,
  textsOf,
  TWO_POINT,
} from '../fixtures';

const flow = { source: 'flow', low_mA: 4, span_m3h: 50 } as const;
const controller = {
  source: 'controller',
  measures: 'residual',
  low_mA: 4,
  greatestFeed_lph: 0.3,
  action: 'rising',
  onLostSignal: 'stop',
} as const;

const [on, codes, texts] = [findingsOn, codesOf, textsOf];
const motor = (changed: SettingValues) => ({ ...SOUND_MOTOR, ...changed });
const twoPoint = (changed: SettingValues) => ({ ...SOUND_TWO_POINT, ...changed });

test('sound settings on both controllers have no finding', () => {
  expect(on(motorContext(), SOUND_MOTOR)).toEqual([]);
  expect(on(twoPointContext(), SOUND_TWO_POINT)).toEqual([]);
});

describe('ANY-09 value outside limits', () => {
  test('mistakes: above, between two steps, no such choice', () => {
    expect(texts(on(twoPointContext(), twoPoint({ limit: 200 })))).toContain('ANY-09.above');
    expect(texts(on(twoPointContext(), twoPoint({ length: 97 })))).toContain('ANY-09.step');
    expect(texts(on(twoPointContext(), twoPoint({ length: 5 })))).toContain('ANY-09.below');
    expect(texts(on(motorContext(), motor({ range: '2-10' })))).toContain('ANY-09.option');
  });
  test('a limit that hangs on the gear is judged by the gear', () => {
    expect(codes(on(motorContext(), motor({ rate: 96 })))).not.toContain('ANY-09');
    expect(codes(on(motorContext(), motor({ rate: 97 })))).toContain('ANY-09');
  });
  test('near miss: right on the limit', () => {
    expect(codes(on(twoPointContext(), twoPoint({ limit: 165 })))).not.toContain('ANY-09');
  });
});

describe('ANY-10 minimum above maximum, or a rate outside them', () => {
  const withLeast = {
    ...TWO_POINT,
    parameters: [
      ...TWO_POINT.parameters,
      {
        ...TWO_POINT.parameters.find((parameter) => parameter.key === 'limit')!,
        key: 'floor',
        role: 'rate.least',
        least: 0,
      },
    ],
  };
  test('mistakes', () => {
    const context = twoPointContext({ profile: withLeast });
    expect(texts(on(context, twoPoint({ floor: 120, limit: 100 })))).toContain('ANY-10.limits');
    expect(texts(on(twoPointContext(), twoPoint({ limit: 60 })))).toContain('ANY-10.outside');
    const manual = twoPoint({ operation: 'manual', manualRate: 90, limit: 80 });
    expect(texts(on(twoPointContext(), manual))).toContain('ANY-10.outside');
  });
  test('near miss: the limit right at the line’s top', () => {
    const context = twoPointContext({ profile: withLeast });
    expect(codes(on(context, twoPoint({ floor: 0, limit: 68 })))).not.toContain('ANY-10');
  });
});

describe('ANY-12 after a power cut', () => {
  test('mistakes: not known; resumes though nothing interlocks it', () => {
    expect(texts(on(twoPointContext(), twoPoint({ power: undefined })))).toContain('ANY-12.unknown');
    const open = twoPointContext({ duty: dutyWith({ place: { interlocked: false } }) });
    expect(texts(on(open, SOUND_TWO_POINT))).toContain('ANY-12.open');
  });
  test('near miss: waits, with no interlock', () => {
    const open = twoPointContext({ duty: dutyWith({ place: { interlocked: false } }) });
    expect(codes(on(open, twoPoint({ power: 'wait' })))).not.toContain('ANY-12');
  });
});

describe('MET-01 range mismatch', () => {
  test('mistake: 4–20 sent, 0–20 read, with the figures at no flow', () => {
    const found = on(motorContext(), motor({ range: '0-20' })).find((f) => f.code === 'MET-01');
    expect(found).toMatchObject({ severity: 'stop', text: 'MET-01.live-read-dead' });
    expect(found?.values.share).toEqual({ q: 'percent', v: 20 });
    expect(found?.values.rate).toEqual({ q: 'strokeRate', v: 19 });
  });
  test('mistake: 0–20 sent, 4–20 read; on free points too', () => {
    const dead = motorContext({ duty: dutyWith({ signal: { ...flow, low_mA: 0 } }) });
    expect(texts(on(dead, SOUND_MOTOR))).toContain('MET-01.dead-read-live');
    expect(texts(on(twoPointContext(), twoPoint({ currentA: 0 })))).toContain('MET-01.live-read-dead');
  });
  test('near miss: a first point a little off its zero is no mismatch', () => {
    expect(codes(on(twoPointContext(), twoPoint({ currentA: 4.2 })))).not.toContain('MET-01');
  });
});

describe('MET-02 maximum rate of a like pump', () => {
  test('a plan with another gear than is fitted says so: it is workshop work; near miss: the fitted gear', () => {
    expect(texts(on(motorContext(), motor({ gear: 'C' }), 'target'))).toContain('MET-02.change');
    expect(texts(on(motorContext(), SOUND_MOTOR, 'target'))).not.toContain('MET-02.change');
  });
  test('mistakes: gear on the sheet is not the plate’s; plate rate is not the gear’s', () => {
    expect(texts(on(motorContext(), motor({ gear: 'C' })))).toContain('MET-02.gear');
    const plate = { gear: 'B', greatest_spm: 98, rated_bar: null };
    expect(texts(on(motorContext({ plate }), SOUND_MOTOR))).toContain('MET-02.plate');
  });
  test('near miss: a plate that rounds', () => {
    const plate = { gear: 'B', greatest_spm: 97, rated_bar: null };
    expect(codes(on(motorContext({ plate }), SOUND_MOTOR))).not.toContain('MET-02');
  });
});

describe('MET-04 more than the pump can do', () => {
  const need = (wanted_mgl: number) =>
    twoPointContext({
      duty: dutyWith({ dose: { wanted_mgl, low_mgl: wanted_mgl * 0.9, high_mgl: wanted_mgl * 1.1 } }),
    });
  test('mistakes: a large lack stops, a small margin warns, a point above the gear warns', () => {
    expect(on(need(6), SOUND_TWO_POINT).find((f) => f.code === 'MET-04')).toMatchObject({
      severity: 'stop',
      text: 'MET-04.short',
    });
    expect(on(need(3.48), twoPoint({ rateB: 165 })).find((f) => f.code === 'MET-04')).toMatchObject({
      severity: 'warn',
      text: 'MET-04.margin',
    });
    expect(texts(on(twoPointContext(), twoPoint({ rateB: 200 })))).toContain('MET-04.geared');
  });
  test('near miss: 12 % to spare', () => {
    expect(codes(on(need(3.16), twoPoint({ rateB: 165 })))).not.toContain('MET-04');
  });
  test('the plan says when no setting will do', () => {
    const { findings } = planAndCheck(need(20));
    expect(findings[0]).toMatchObject({ text: 'MET-04.too-small', severity: 'stop' });
  });
});

describe('MET-06 live zero and broken wire', () => {
  test('mistakes: 0–20 on purpose; watch off; falling and holding', () => {
    const dead = motorContext({ duty: dutyWith({ signal: { ...flow, low_mA: 0 } }) });
    expect(texts(on(dead, motor({ range: '0-20' })))).toContain('MET-06.dead-zero');
    expect(texts(on(twoPointContext(), twoPoint({ wire: 'off' })))).toContain('MET-06.unwatched');
    const falling = twoPointContext({ duty: dutyWith({ signal: { ...controller, action: 'falling' } }) });
    const holds = twoPoint({ rateA: 50, rateB: 0, below: 'hold', wire: 'off' });
    expect(on(falling, holds).find((f) => f.code === 'MET-06')).toMatchObject({
      text: 'MET-06.falling-hold',
      severity: 'stop',
    });
  });
  test('near miss: falling, but it stops on a broken wire', () => {
    const falling = twoPointContext({
      duty: dutyWith({ signal: { ...controller, action: 'falling' } }),
      signalFrom: 'controller',
    });
    const stops = twoPoint({ rateA: 50, rateB: 0, below: 'hold', wire: 'stop' });
    expect(codes(on(falling, stops))).not.toContain('MET-06');
  });
  test('mistake: falling, and it stops a hair under the current at which most is asked for; near miss: a point with room', () => {
    const falling = twoPointContext({
      duty: dutyWith({ signal: { ...controller, action: 'falling' } }),
      signalFrom: 'controller',
    });
    const edge = twoPoint({ rateA: 50, rateB: 0, below: 'stop', wire: 'stop' });
    expect(texts(on(falling, edge))).toContain('MET-06.falling-edge');
    expect(texts(on(falling, { ...edge, currentA: 3.8 }))).not.toContain('MET-06.falling-edge');
  });
});

describe('MET-07 the two points', () => {
  test('mistakes: equal, too close, swapped', () => {
    expect(texts(on(twoPointContext(), twoPoint({ currentB: 4 })))).toContain('MET-07.equal');
    expect(texts(on(twoPointContext(), twoPoint({ currentB: 5.5 })))).toContain('MET-07.close');
    expect(texts(on(twoPointContext(), twoPoint({ rateA: 68, rateB: 0 })))).toContain('MET-07.swapped');
  });
  test('near misses: 2 mA apart; falling where falling is required', () => {
    expect(codes(on(twoPointContext(), twoPoint({ currentB: 6 })))).not.toContain('MET-07');
    const falling = twoPointContext({ duty: dutyWith({ signal: { ...controller, action: 'falling' } }) });
    expect(codes(on(falling, twoPoint({ rateA: 50, rateB: 0 })))).not.toContain('MET-07');
  });
});

describe('MET-08 dose leaves its band', () => {
  test('mistake: an offset line, with the flows where it leaves the band', () => {
    const found = on(twoPointContext(), twoPoint({ rateA: 10 })).find((f) => f.code === 'MET-08');
    expect(found).toMatchObject({ text: 'MET-08.offset', severity: 'stop' });
    expect(found?.values).toMatchObject({ side: 'above the band', from: { q: 'waterFlow', v: 6 } });
  });
  test('an offset is told from a slope where the line misses no flow by more than three quarters of a stroke', () => {
    const line = (rateA: number) => texts(on(twoPointContext(), twoPoint({ rateA, rateB: 165 })));
    expect(line(0.76)).toContain('MET-08.offset');
    expect(line(0.75)).toContain('MET-08.slope');
  });
  test('mistakes: wrong slope; one rate for every flow; too few strokes', () => {
    expect(texts(on(twoPointContext(), twoPoint({ rateB: 110 })))).toContain('MET-08.slope');
    expect(texts(on(twoPointContext(), twoPoint({ operation: 'manual', manualRate: 27 })))).toContain(
      'MET-08.manual',
    );
    const coarse = twoPointContext({ duty: dutyWith({ strokeVolume: { full_mL: 1 } }) });
    expect(texts(on(coarse, twoPoint({ rateB: 7 })))).toContain('MET-08.steps');
  });
  test('near miss: an offset too small to leave the band', () => {
    expect(codes(on(twoPointContext(), twoPoint({ rateA: 1 })))).not.toContain('MET-08');
  });
});

describe('MET-24 full rate set for the maximum flow', () => {
  const tight = twoPointContext({ duty: dutyWith({ dose: { low_mgl: 1.1, high_mgl: 1.3 } }) });
  test('mistake: 80 % of the rate, since the maximum flow is 80 % of the span', () => {
    const found = on(tight, twoPoint({ rateB: 54 })).find((f) => f.code === 'MET-24');
    expect(found?.values).toMatchObject({ current: { q: 'current', v: expect.closeTo(16.8, 6) } });
    expect(codes(on(tight, twoPoint({ rateB: 54 })))).not.toContain('MET-08');
  });
  test('near miss: set for the span', () => {
    expect(codes(on(tight, SOUND_TWO_POINT))).not.toContain('MET-24');
  });
});

describe('MET-27 strength mixed up or old', () => {
  const aged = (measuredOn: string | null, halfLife_days: number | null) =>
    twoPointContext({ duty: dutyWith({ product: { measuredOn, halfLife_days } }) });
  test('mistakes: measured long ago; from the label though it ages', () => {
    expect(texts(on(aged('2026-09-01', 90), twoPoint({ rateB: 110 })))).toContain('MET-27.old');
    expect(texts(on(aged('2026-03-01', null), SOUND_TWO_POINT))).toContain('MET-27.old');
    expect(texts(on(aged(null, 90), SOUND_TWO_POINT))).toContain('MET-27.label');
  });
  test('mistake: settings that fitted the strength as it was, and the product has faded since', () => {
    const old = twoPointContext({
      duty: dutyWith({
        product: { measuredOn: '2026-10-01', halfLife_days: 90 },
        dose: { low_mgl: 1.1, high_mgl: 1.3 },
      }),
    });
    const found = on(old, twoPoint({ rateB: 66 })).find((f) => f.text === 'MET-27.faded');
    expect(found?.values.loss).toEqual({ q: 'percent', v: expect.closeTo(34, 0) });
    // near miss: planned anew with what is left of it
    expect(texts(on(old, twoPoint({ rateB: 100 })))).not.toContain('MET-27.faded');
  });
  test('mistake: set as if the per cent by weight were by volume', () => {
    const narrow = twoPointContext({ duty: dutyWith({ dose: { low_mgl: 1.15, high_mgl: 1.25 } }) });
    const found = on(narrow, twoPoint({ rateB: 82 })).find((f) => f.code === 'MET-27');
    expect(found).toMatchObject({ text: 'MET-27.mixed', values: { stated: 'weight', other: 'volume' } });
  });
  test('near misses: measured two weeks ago; from the label of what keeps', () => {
    expect(codes(on(aged('2026-11-10', 90), SOUND_TWO_POINT))).not.toContain('MET-27');
    const keeps = aged(null, null);
    const steady = { ...keeps, duty: { ...keeps.duty, product: { ...keeps.duty.product, gassing: false } } };
    expect(codes(on(steady, SOUND_TWO_POINT))).not.toContain('MET-27');
    // what gasses decomposes, whether or not somebody wrote down how fast
    expect(texts(on(keeps, SOUND_TWO_POINT))).toContain('MET-27.label');
  });
});

describe('MET-28 what the signal is', () => {
  test('mistake: the cable comes from a controller, the duty scales by flow; and the other way round', () => {
    expect(texts(on(twoPointContext({ signalFrom: 'controller' }), SOUND_TWO_POINT))).toContain(
      'MET-28.flow',
    );
    const duty = dutyWith({ signal: controller });
    expect(texts(on(twoPointContext({ duty }), SOUND_TWO_POINT))).toContain('MET-28.controller');
  });
  test('near misses: both say controller; nobody looked yet', () => {
    const duty = dutyWith({ signal: controller });
    expect(codes(on(twoPointContext({ duty, signalFrom: 'controller' }), SOUND_TWO_POINT))).not.toContain(
      'MET-28',
    );
    expect(codes(on(twoPointContext({ signalFrom: null }), SOUND_TWO_POINT))).not.toContain('MET-28');
  });
});

test('a role that the plan needs and the profile lacks is a clear finding', () => {
  const profile = {
    ...MOTOR,
    parameters: MOTOR.parameters.filter((parameter) => parameter.role !== 'signal.range'),
  };
  const { findings } = planAndCheck(motorContext({ profile }));
  expect(findings.find((f) => f.code === 'PRO-01')?.values).toEqual({
    role: 'Range of the current input',
  });
});

test('settings that are not known are not judged, and nothing throws on the worst ones', () => {
  expect(on(twoPointContext(), {}).map((f) => f.code)).toEqual(['ANY-12']);
  const worst = twoPoint({
    length: 0,
    currentA: -5,
    currentB: -5,
    rateA: 9999,
    rateB: -3,
    operation: 'gone',
  });
  expect(codes(on(twoPointContext(), worst, 'found'))).toContain('ANY-09');
});
