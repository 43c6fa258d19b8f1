import { parameterWithRole, type Parameter } from '../../../profile';
import { roleUnitFault } from '../../roles';
import { BUILDING, contextOf, DUTY, sound, texts } from '../fixtures';
import { understand } from '../settings/understand';
import type { CirculatorProfile } from '../wire/job';

/** One metre of water, kPa. */
const KPA = 9.80665;
/** The same display, which shows its head as a pressure. */
const inKpa = (profile: CirculatorProfile): CirculatorProfile => ({
  ...profile,
  parameters: profile.parameters.map((parameter): Parameter => {
    const { role, least, greatest } = parameter;
    if (role !== 'head') return parameter;
    const scaled = (of: Parameter['least']) => (typeof of === 'number' ? Math.round(of * KPA) : of);
    return { ...parameter, unit: 'kPa', least: scaled(least), greatest: scaled(greatest), step: 1 };
  }),
});
const KPA_DISPLAY = inKpa(BUILDING);
const context = contextOf(KPA_DISPLAY, DUTY);
const { key } = parameterWithRole(KPA_DISPLAY, 'head')!;

test('a head that is shown in kPa is profiled, planned and read in kPa', () => {
  const head = parameterWithRole(KPA_DISPLAY, 'head')!;
  expect(roleUnitFault('circulator', head)).toBeNull();
  const planned = sound(context)[key] as number;
  const metres = sound(contextOf(BUILDING, DUTY))[key] as number;
  // the next whole kPa up from what is wanted: never less than in tenths of a metre by more than a step
  expect(planned).toBe(Math.round(planned));
  expect(Math.abs(planned / KPA - metres)).toBeLessThan(0.1 + 1 / KPA);
  expect(understand(KPA_DISPLAY, context.plate, { ...sound(context), [key]: planned }).head_m).toBeCloseTo(
    planned / KPA,
    9,
  );
});

test('too little of it is found, and what was planned is not', () => {
  const planned = sound(context)[key] as number;
  expect(texts(context)).toEqual(texts(contextOf(BUILDING, DUTY)));
  expect(texts(context, { [key]: Math.round(planned / 2) })).toContain('CIR-12.set');
});
