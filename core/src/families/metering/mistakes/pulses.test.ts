import { planAndCheck } from '../plan/plan';
import type { MeteringDuty } from '../wire/duty';
import {
  codesOf,
  findingsOn,
  inWords,
  PULSE_DUTY,
  pulseContext,
  SOUND_PULSE,
  stepperContext,
  SOUND_STEPPER,
  textsOf,
  THREE_KEY,
} from '../fixtures';

const left = (changed: object, duty: Partial<MeteringDuty> = {}) =>
  findingsOn(pulseContext(duty), { ...SOUND_PULSE, ...changed });
const stepper = (changed: object, duty: Partial<MeteringDuty> = {}) =>
  findingsOn(stepperContext(duty), { ...SOUND_STEPPER, ...changed });
const place = (changed: Partial<MeteringDuty['place']>) => ({ place: { ...PULSE_DUTY.place, ...changed } });

test('sound settings of a pulse-driven pump have no finding, nor have those the plan works out', () => {
  expect(left({})).toEqual([]);
  const { plan, findings } = planAndCheck(pulseContext({}, { inForce: SOUND_PULSE }));
  expect(findings).toEqual([]);
  expect(plan.values).toMatchObject({ work: 'per', factor: 3, stroke: 95, store: 'off', closed: '80' });
});

describe('MET-03 ceiling under the pulse rate', () => {
  const fast = { water: { ...PULSE_DUTY.water, greatest_m3h: 24 } };
  test('mistake: a maximum rate under what the pulses need, with the onset and the share that is lost', () => {
    const [found] = left({ top: 10 }, fast);
    expect(found).toMatchObject({ code: 'MET-03', text: 'MET-03.lost', severity: 'warn' });
    expect(found.values).toMatchObject({
      onset: { q: 'waterFlow', v: expect.closeTo(18, 9) },
      share: { q: 'percent', v: expect.closeTo(25, 6) },
    });
  });
  test('mistakes: late instead of lost with a memory; in contact mode the set rate is the ceiling', () => {
    expect(textsOf(left({ top: 10, store: 'on' }, place({ interlocked: true })))).toContain('MET-03.late');
    const contact = { work: 'single', rate: 30, stroke: 32 };
    expect(textsOf(left(contact))).toContain('MET-03.contact');
  });
  test('near miss: a maximum rate right at what is needed', () => {
    expect(codesOf(left({ top: 14 }))).not.toContain('MET-03');
    expect(codesOf(left({ work: 'single', rate: 40, stroke: 32 }))).not.toContain('MET-03');
  });
  test('the plan says when no ratio fits, and picks none', () => {
    const { findings, plan } = planAndCheck(
      pulseContext({
        strokeVolume: { full_mL: 80, basis: 'plate' },
        dose: { wanted_mgl: 0.05, low_mgl: 0.04, high_mgl: 0.06 },
      }),
    );
    expect(findings.map(inWords).join()).toContain('No pulse ratio fits this pump');
    expect(plan.targets.some((target) => target.role === 'pulse.factor')).toBe(false);
  });
});

describe('MET-05 multiply and divide mixed up', () => {
  test('mistake: × 3 where ÷ 3 is right: nine times too much', () => {
    const found = left({ work: 'times' }).find((f) => f.code === 'MET-05')!;
    expect(found.values).toMatchObject({ square: '9', more: 'times too much', other: '÷' });
    expect(found.values.dose).toEqual({ q: 'dose', v: expect.closeTo(17.955, 2) });
  });
  test('near miss: × 1 is ÷ 1; a factor that is merely wrong is not called swapped', () => {
    expect(codesOf(left({ work: 'times', factor: 1, stroke: 32 }))).not.toContain('MET-05');
    expect(codesOf(left({ factor: 4 }))).not.toContain('MET-05');
    expect(textsOf(left({ factor: 4 }))).toContain('MET-08.pulses');
  });
});

describe('MET-09 recognition time', () => {
  const electronic = {
    signal: { source: 'meter', litresPerPulse: 0.25, contact: 'electronic', closedShare: 0.5 } as const,
  };
  test('mistakes: too long for the pulses; too short for a contact that bounces', () => {
    expect(textsOf(left({ closed: '25' }, electronic))).toContain('MET-09.missed');
    expect(textsOf(left({ closed: '8' }))).toContain('MET-09.bounce');
  });
  test('near misses: short for an electronic contact; right at the limit', () => {
    expect(codesOf(left({ closed: '8' }, electronic))).not.toContain('MET-09');
    const limit = { ...PULSE_DUTY.water, greatest_m3h: 112.5 };
    expect(codesOf(left({ closed: '80' }, { water: limit }))).not.toContain('MET-09');
  });
  test('the plan says when even the shortest is too long', () => {
    const signal = { ...electronic.signal, litresPerPulse: 0.1 };
    const { findings } = planAndCheck(
      pulseContext({ signal, water: { ...PULSE_DUTY.water, greatest_m3h: 60 } }),
    );
    expect(textsOf(findings)).toContain('MET-09.fast');
  });
});

describe('MET-10 the stop contact', () => {
  test('mistakes: stops when closed; and a controller that cannot be turned round', () => {
    expect(textsOf(left({ pause: 'closes' }, place({ stopContact: true })))).toContain('MET-10.set');
    const small = pulseContext(place({ stopContact: true }), { profile: THREE_KEY });
    expect(textsOf(findingsOn(small, { drive: 'ext', divide: 3, stroke: 95 }))).toContain('MET-10.fixed');
  });
  test('near misses: permits when closed; nothing is wired to it', () => {
    expect(codesOf(left({}, place({ stopContact: true })))).not.toContain('MET-10');
    expect(codesOf(left({ pause: 'closes' }))).not.toContain('MET-10');
  });
});

describe('MET-18 slugs at low flow', () => {
  test('mistake: strokes further apart than the water takes; near miss: a second less', () => {
    // 2 m³/h: 3.33 pulses/min, a stroke every 54 s
    expect(left({}, place({ residence_s: 50 }))).toMatchObject([{ code: 'MET-18', severity: 'note' }]);
    expect(codesOf(left({}, place({ residence_s: 55 })))).not.toContain('MET-18');
  });
});

describe('MET-25 stored pulses', () => {
  test('mistakes: stored while stopped; stored with nothing that interlocks', () => {
    expect(textsOf(left({ store: 'on' }, place({ stopContact: true })))).toContain('MET-25.stop');
    expect(textsOf(left({ store: 'on' }, place({ interlocked: false })))).toContain('MET-25.still');
  });
  test('near miss: no memory', () => {
    expect(codesOf(left({ store: 'off' }, place({ stopContact: true, interlocked: false })))).not.toContain(
      'MET-25',
    );
  });
});

describe('MET-19 batches', () => {
  const duty = (spacing_s: number) => ({ mode: 'batch' as const, batch: { volume_mL: 25, spacing_s } });
  test('mistake: 60 strokes at 60/min against triggers every 50 s; near miss: every 60 s', () => {
    const batch = { work: 'batch', portion: 60, rate: 60, stroke: 100 };
    const found = left(batch, duty(50)).find((f) => f.code === 'MET-19')!;
    expect(inWords(found)).toContain('Batches pile up.');
    expect(codesOf(left(batch, duty(60)))).not.toContain('MET-19');
  });
  test('the planned batch fits, in whole strokes and in volume', () => {
    const { plan, findings } = planAndCheck(pulseContext(duty(60), { inForce: SOUND_PULSE }));
    expect(codesOf(findings)).not.toContain('MET-19');
    expect(Number(plan.values.portion) * 0.42 * (Number(plan.values.stroke) / 100)).toBeCloseTo(25, 0);
    const flow = planAndCheck(stepperContext({ ...duty(60), dose: PULSE_DUTY.dose }));
    expect(flow.plan.values).toMatchObject({ run: 'amount', amount: 25 });
    expect(codesOf(flow.findings)).not.toContain('MET-19');
  });
});

describe('MET-28 the meter', () => {
  test('mistake: a transmitter is wired where the duty says meter; near miss: as it says', () => {
    const context = pulseContext({}, { signalFrom: 'flow' });
    expect(textsOf(findingsOn(context, SOUND_PULSE))).toEqual(['MET-28.meter']);
    expect(codesOf(left({}))).not.toContain('MET-28');
  });
});

describe('ANY-11 access and ANY-23 after a fault', () => {
  test('mistakes: open keys where others reach them, or none to lock; carries on by itself', () => {
    expect(textsOf(left({ keys: 'off' }, place({ othersReachKeys: true })))).toContain('ANY-11.open');
    const small = pulseContext(place({ othersReachKeys: true, interlocked: false }), { profile: THREE_KEY });
    const found = textsOf(findingsOn(small, { drive: 'ext', divide: 3, stroke: 95 }));
    expect(found).toEqual(expect.arrayContaining(['ANY-11.none', 'ANY-23.open']));
    expect(textsOf(stepper({ fault: undefined }))).toContain('ANY-23.unknown');
  });
  test('near misses: locked; nobody else there; waits', () => {
    expect(codesOf(left({}, place({ othersReachKeys: true })))).not.toContain('ANY-11');
    expect(codesOf(left({ keys: 'off' }))).not.toContain('ANY-11');
    expect(
      codesOf(stepper({ fault: 'wait' }, { place: { ...PULSE_DUTY.place, interlocked: false } })),
    ).not.toContain('ANY-23');
  });
});
