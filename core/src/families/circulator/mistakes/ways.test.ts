import { BUILDING, contextOf, DUTY, HOT, RETURN, texts } from '../fixtures';

/** Too much or too little of one setting, and one step nearer to what is right. */
test('CIR-16.early: full speed more than a volt before the site is at its end; near miss: a volt', () => {
  const context = contextOf(BUILDING, {
    ...DUTY,
    control: { kind: 'volts', off_V: 0.5, on_V: 1.5, full_V: 8 },
  });
  expect(texts(context, { vFull: 6.9 })).toContain('CIR-16.early');
  expect(texts(context, { vFull: 7 })).not.toContain('CIR-16.early');
});

test('ANY-12.cold: it waits for a person after a cut; near miss: a person chose it', () => {
  expect(texts(contextOf(BUILDING, DUTY), { cut: 'wait' })).toContain('ANY-12.cold');
  const meant = contextOf(BUILDING, { ...DUTY, choices: { afterCut: 'wait' } });
  expect(texts(meant, { cut: 'wait' })).not.toContain('ANY-12.cold');
});

test('CIR-19.never: a return set as warm as its supply; near miss: a degree less', () => {
  const context = contextOf(RETURN, { ...HOT, choices: { mode: 'temperature' } });
  const key = RETURN.parameters.find(({ role }) => role === 'temperature')!.key;
  expect(texts(context, { [key]: 60 })).toContain('CIR-19.never');
  expect(texts(context, { [key]: 59 })).not.toContain('CIR-19.never');
});

test('CIR-19.night: night saving on a hot-water return; near miss: on radiators', () => {
  expect(texts(contextOf(BUILDING, HOT), { night: 'on' })).toContain('CIR-19.night');
  expect(texts(contextOf(BUILDING, DUTY), { night: 'on' })).not.toContain('CIR-19.night');
});

test('CIR-19.cool: a return that comes back a twentieth of a degree too cool; near miss: a step of speed more', () => {
  const context = contextOf(RETURN, { ...HOT, choices: { mode: 'fixed' } });
  expect(texts(context, { speed: 62.9 })).toContain('CIR-19.cool');
  expect(texts(context, { speed: 63 })).not.toContain('CIR-19.cool');
});

test('CIR-12.set, CIR-18.valves: 2 % short of 3.2 m, or 2 m left to the valves; near misses a centimetre on', () => {
  const context = contextOf(BUILDING, { ...DUTY, choices: { mode: 'constant' } });
  expect(texts(context, { head: 3.13 })).toContain('CIR-12.set');
  expect(texts(context, { head: 3.14 })).not.toContain('CIR-12.set');
  expect(texts(context, { head: 2.21 })).toContain('CIR-18.valves');
  expect(texts(context, { head: 2.2 })).not.toContain('CIR-18.valves');
});
