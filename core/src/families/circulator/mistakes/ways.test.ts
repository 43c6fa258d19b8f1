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
