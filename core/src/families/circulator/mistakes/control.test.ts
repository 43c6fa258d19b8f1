import { checkPlan } from '../checks/checks';
import { planCirculator } from '../plan/plan';
import { judgeCheck } from '../proof/patterns';
import { proofChecks } from '../proof/checks';
import { BUILDING, contextOf, DUTY, HOME, HOUSE, sound, texts, wordsOf } from '../fixtures';
import { understand } from '../settings/understand';
import type { CirculatorDuty } from '../wire/duty';

const with_ = (change: Partial<CirculatorDuty>) => contextOf(BUILDING, { ...DUTY, ...change });
const VOLTS = { control: { kind: 'volts', off_V: 1, on_V: 1.5, full_V: 10 } } as const;
const SENSOR = { control: { kind: 'sensor', range_bar: 0.6 } } as const;
const link = (change: Partial<Extract<CirculatorDuty['control'], { kind: 'link' }>> = {}) =>
  with_({ control: { kind: 'link', others: [1, 2], silent: 'own-mode', ...change } });

/** What a check says of something that was seen. */
function patternOf(context: ReturnType<typeof with_>, key: string, seen: string | null, figures = {}) {
  const settings = understand(context.profile, context.plate, sound(context));
  const check = proofChecks(context, settings).find((one) => one.key === key)!;
  const { ok, pattern } = judgeCheck(check, { check: key, seen, figures });
  return { ok, code: pattern?.code ?? null };
}

test.each([VOLTS, SENSOR, { control: link().duty.control, contact: 'wired' } as const])(
  'the plan is faulted by nothing but what no setting cures: %#',
  (change) => {
    const left = texts(with_(change), {}, 'target');
    expect(left.filter((text) => text !== 'CIR-16')).toEqual([]);
  },
);

describe('CIR-04 the start contact', () => {
  test('mistake: used, and neither linked nor wired; near miss: off, or wired', () => {
    expect(texts(with_({ contact: 'open' }), { start: 'start' })).toContain('CIR-04');
    expect(texts(with_({ contact: 'open' }), { start: 'off' })).not.toContain('CIR-04');
    expect(texts(with_({ contact: 'wired' }), { start: 'start' })).not.toContain('CIR-04');
  });
  test('mistake: wired, and the setting leaves it out', () => {
    expect(texts(with_({ contact: 'wired' }), { start: 'off' })).toContain('CIR-04.off');
    expect(patternOf(with_({ contact: 'wired' }), 'contact', 'runs')).toEqual({ ok: false, code: 'CIR-04' });
  });
});

test('CIR-05: standing at a low voltage is obedience; a threshold elsewhere is named', () => {
  expect(patternOf(with_(VOLTS), 'volts-down', null, { at_V: 1.1 })).toEqual({ ok: true, code: null });
  expect(patternOf(with_(VOLTS), 'volts-down', null, { at_V: 2 })).toEqual({ ok: false, code: 'CIR-05' });
});

test('CIR-05: a curve or another full speed shows between the ends; near miss: the display’s own error', () => {
  const at = (point: number, speed_pct: number) =>
    patternOf(with_(VOLTS), `volts-line-${point}`, null, { speed_pct });
  expect(at(2, 64.4 + 2.9)).toEqual({ ok: true, code: null });
  expect(at(2, 64.4 + 3.2)).toEqual({ ok: false, code: 'CIR-05' });
  expect(at(3, 82.2 - 3.2)).toEqual({ ok: false, code: 'CIR-05' });
  // full speed already at 8 V
  expect(at(2, 28 + 72 * ((5.8 - 1.5) / 6.5))).toEqual({ ok: false, code: 'CIR-05' });
});

describe('CIR-06 the sensor’s range', () => {
  test('mistake: another range than on the label, with what it really holds; near miss: the same', () => {
    expect(texts(with_(SENSOR), { range: 1 })).toContain('CIR-06');
    // 5 m set with 1 bar for a sensor of 0.6 bar is 3 m
    expect(wordsOf(with_(SENSOR), { range: 1, head: 5 }, 'CIR-06')).toContain(
      'a head set to 5 m is really 3 m',
    );
    expect(texts(with_(SENSOR), { range: 0.6 })).not.toContain('CIR-06');
  });
  test('with the wrong range the head that is held is judged, not the one that is set', () => {
    expect(texts(with_(SENSOR), { range: 1, head: 3.4 })).toContain('CIR-12.set');
  });
});

describe('CIR-07 addresses', () => {
  test('mistake: outside of its protocol; near miss: its last one', () => {
    expect(texts(link(), { protocol: 'B', address: 200 })).toContain('CIR-07.range');
    expect(texts(link(), { protocol: 'B', address: 127 })).not.toContain('CIR-07.range');
    expect(texts(link(), { protocol: 'A', address: 0 })).toContain('CIR-07.range');
  });
  test('mistake: another’s; the plan takes the first that is free', () => {
    expect(texts(link(), { address: 2 })).toContain('CIR-07.shared');
    expect(sound(link()).address).toBe(3);
    expect(patternOf(link(), 'link-answers', 'other')).toEqual({ ok: false, code: 'CIR-07' });
  });
  test('no address left is a problem of the plan, in words', () => {
    const others = Array.from({ length: 247 }, (_, i) => i + 1);
    const context = link({ others });
    const found = checkPlan(context, planCirculator(context));
    expect(found.map(({ text }) => text)).toContain('CIR-07.range');
  });
});

test('CIR-08: commanded over a link with its port off; near miss: the port is on', () => {
  expect(texts(link(), { port: 'off' })).toContain('CIR-08');
  expect(texts(link(), { port: 'on' })).not.toContain('CIR-08');
});

test('CIR-13: read again after wiring, another mode is a slip of the wiring', () => {
  expect(patternOf(with_(SENSOR), 'mode-after-wiring', 'changed')).toEqual({ ok: false, code: 'CIR-13' });
  expect(patternOf(with_(SENSOR), 'mode-after-wiring', 'same')).toEqual({ ok: true, code: null });
  // nothing is wired: nothing can have changed it
  const context = contextOf();
  const settings = understand(context.profile, context.plate, sound(context));
  expect(proofChecks(context, settings).map(({ key }) => key)).not.toContain('mode-after-wiring');
});

describe('CIR-10 the fault contact', () => {
  const { most_V, most_A } = BUILDING.behaviours.faultContact!;
  const alarm = (change: Partial<NonNullable<CirculatorDuty['alarm']>> = {}) =>
    with_({ alarm: { volts_V: most_V, amps_A: most_A, onFault: 'opens', ...change } });
  test('mistake: more than it takes, of either; near miss: just as much', () => {
    expect(texts(alarm({ volts_V: most_V + 1 }))).toContain('CIR-10.load');
    expect(texts(alarm({ amps_A: most_A * 1.1 }))).toContain('CIR-10.load');
    expect(texts(alarm())).not.toContain('CIR-10.load');
  });
  test('mistake: set the other way; near miss: as the site reads it, which the plan sets', () => {
    expect(texts(alarm(), { fault: 'closes' })).toContain('CIR-10.sense');
    expect(texts(alarm({ onFault: 'closes' }))).not.toContain('CIR-10.sense');
    expect(sound(alarm({ onFault: 'closes' })).fault).toBe('closes');
    // nothing wired, nothing to be wrong
    expect(texts(with_({}), { fault: 'closes' })).not.toContain('CIR-10.sense');
  });
  test('a controller without one is told; with one it is tried', () => {
    const home = contextOf(HOME, { ...HOUSE, alarm: alarm().duty.alarm! });
    expect(texts(home)).toContain('CIR-10.none');
    expect(patternOf(alarm(), 'fault-contact', 'always')).toEqual({ ok: false, code: 'CIR-10' });
    expect(patternOf(alarm(), 'fault-contact', 'never')).toEqual({ ok: false, code: 'CIR-10' });
    expect(patternOf(alarm(), 'fault-contact', 'comes')).toEqual({ ok: true, code: null });
  });
});

describe('CIR-16 volts', () => {
  test('a broken wire stops it and nothing reports it: said of every pump that is told by volts', () => {
    expect(texts(with_(VOLTS))).toContain('CIR-16');
    expect(texts(contextOf())).not.toContain('CIR-16');
  });
  test('mistake: thresholds that are not those sent; near miss: those sent', () => {
    expect(texts(with_(VOLTS), { vOn: 2 })).toContain('CIR-16.volts');
    expect(texts(with_(VOLTS), { vOff: 0.5 })).toContain('CIR-16.volts');
    // one step above what the site rests at; at that itself it would run on
    expect(texts(with_(VOLTS), { vOn: 1.5, vOff: 1 })).toContain('CIR-16.volts');
    expect(texts(with_(VOLTS), { vOn: 1.5, vOff: 1.1 })).not.toContain('CIR-16.volts');
    expect(texts(with_(VOLTS), { vOn: 1.5, vOff: 1.6 })).toContain('CIR-16.order');
    expect(texts(with_(VOLTS), { vFull: 10.1 })).toContain('CIR-16.full');
    expect(texts(with_(VOLTS), { vFull: 10 })).not.toContain('CIR-16.full');
  });
});

test('CIR-17: what is set in a menu that opens at power-up is read again; a menu that is always open is not', () => {
  expect(patternOf(link(), 'menu-taken', 'before')).toEqual({ ok: false, code: 'CIR-17' });
  expect(patternOf(link(), 'menu-taken', 'closed')).toEqual({ ok: false, code: 'CIR-17' });
  expect(patternOf(link(), 'menu-taken', 'taken')).toEqual({ ok: true, code: null });
  const open = BUILDING.parameters.map((one) => ({ ...one, enterWhen: 'any' as const }));
  const context = contextOf({ ...BUILDING, parameters: open }, link().duty);
  const settings = understand(context.profile, context.plate, sound(context));
  expect(proofChecks(context, settings).map(({ key }) => key)).not.toContain('menu-taken');
});

describe('CIR-21 silence', () => {
  test('mistake: nobody decided, or it is set otherwise; near miss: decided and set', () => {
    expect(texts(link({ silent: null }))).toContain('CIR-21.link');
    expect(texts(link(), { silence: 'stop' })).toContain('CIR-21.link');
    expect(texts(link(), { silence: 'keep' })).not.toContain('CIR-21.link');
  });
});
