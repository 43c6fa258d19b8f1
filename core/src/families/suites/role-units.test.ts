import fc from 'fast-check';
import { parameterWithRole, readIn, shownIn, type Parameter, type RoleQuantities } from '../../profile';
import { INTERNAL_UNIT, parseFigure, parseInUnit, spelledUnit, type Quantity } from '../../units';
import { BLANK_UNITS } from './role-units.fixtures';
import { ALL_PROFILES, FLOW_DUTY, pulseContext, SOUND_PULSE } from '../metering/fixtures';
import {
  type MeteringProfile,
  planAndCheck as planMetering,
  understand as understandMetering,
} from '../metering';
import { roleUnitFault } from '../roles';
import { METERING_QUANTITIES, RATE_ROLES } from '../metering/settings/roles';
import { planAndCheck, type PoolProfile, understand } from '../pool';
import { contextOf, FOUR_SPEEDS, LINK, PANEL, PANEL_DUTY, TEN_SLOTS } from '../pool/fixtures';
import { POOL_QUANTITIES, SPEED_ROLES } from '../pool/settings/roles';

/** Every unit that a display may show each quantity in. */
const UNITS: Partial<Record<Quantity, readonly string[]>> = {
  temperature: ['°C', '°F', 'K'],
  difference: ['K', '°C', '°F'],
  minutes: ['min', 's', 'h'],
  seconds: ['s', 'min', 'h'],
  percent: ['%'],
  current: ['mA', 'A'],
  strokeVolume: ['mL', 'L'],
  speed: ['rev/min', 'rpm', '1/min'],
};
const ROLES = Object.entries({ ...METERING_QUANTITIES, ...POOL_QUANTITIES }) as [string, Quantity][];

const shown = (unit: string): Parameter => ({
  key: 'x',
  label: 'x',
  group: 'g',
  type: 'number',
  unit,
  changedBy: 'anyone',
  enterWhen: 'any',
  needsRestart: false,
  entry: 'wheel',
  storedBy: 'x',
  route: [],
});

test.each(ROLES)('%s is read in every unit of its quantity, and shown again as it was', (_, q) => {
  const units = UNITS[q] ?? [INTERNAL_UNIT[q]];
  for (const unit of units) {
    expect([unit, spelledUnit(q, unit) !== undefined]).toEqual([unit, true]);
    fc.assert(
      fc.property(fc.double({ min: -500, max: 5000, noNaN: true }), (value) => {
        const read = readIn(shown(unit), q, value)!;
        expect(shownIn(shown(unit), q, read)).toBeCloseTo(value, 6);
      }),
      { numRuns: 30 },
    );
  }
});

test('the figure of every role in every shipped profile is read in the unit that its display shows', () => {
  const figures = [...ALL_PROFILES, FOUR_SPEEDS, LINK, PANEL, TEN_SLOTS].flatMap(({ parameters }) =>
    parameters.filter(({ type, role }) => type === 'number' && role !== undefined),
  );
  expect(figures.length).toBeGreaterThan(60);
  const own: readonly string[] = [...RATE_ROLES, ...SPEED_ROLES];
  const quantities: RoleQuantities = { ...METERING_QUANTITIES, ...POOL_QUANTITIES };
  const unread = figures.filter(
    (parameter) =>
      !own.includes(parameter.role!) && readIn(parameter, quantities[parameter.role!] ?? 'plain', 1) === null,
  );
  expect(unread.map(({ role, unit }) => `${role} in ${unit}`)).toEqual([]);
});

test('a unit that is none of the quantity’s is not known, never taken for another', () => {
  expect(readIn(shown('furlong'), 'temperature', 30)).toBeNull();
  expect(shownIn(shown('furlong'), 'temperature', 30)).toBeNull();
  expect(parseInUnit('30 furlong', 'temperature', '°C')).toMatchObject({ ok: false });
  expect(parseInUnit('30', null, 'furlong')).toEqual({ ok: true, value: 30 });
  expect(parseInUnit('30 m', null, 'furlong')).toMatchObject({
    ok: false,
    words: expect.stringContaining('furlong'),
  });
});

test.each([
  ['85 °F', 'temperature', 29.444],
  ['1.5 gal/h', 'pumpFlow', 5.678],
  ['1.5 gal/h', 'waterFlow', 0.00568],
  ['2900 ppm', 'strength', 2.9],
  ['3 in', 'length', 0.0762],
] as const)('%s is understood as %s', (text, q, value) => {
  const parsed = parseFigure(text, q);
  expect(parsed).toMatchObject({ ok: true });
  expect(parsed.ok && parsed.value).toBeCloseTo(value, 3);
});

test('what is typed for a display in °F is brought to it, pasted units and all', () => {
  expect(parseInUnit('30 °C', 'temperature', '°F')).toEqual({ ok: true, value: 86 });
  expect(parseInUnit('86', 'temperature', '°F')).toEqual({ ok: true, value: 86 });
  expect(parseInUnit('2 min', 'seconds', 's')).toEqual({ ok: true, value: 120 });
});

/** A profile with its units changed, its limits and defaults with them: the same controller, sold elsewhere. */
function inOtherUnits(profile: PoolProfile): PoolProfile {
  const change: Record<string, readonly [string, (value: number) => number]> = BLANK_UNITS;
  return {
    ...profile,
    parameters: profile.parameters.map((parameter) => {
      const [unit, to] = change[parameter.role ?? ''] ?? [];
      if (!unit || !to) return parameter;
      const moved = (value: unknown) =>
        typeof value === 'number' ? Math.round(to(value)) : (value as undefined);
      return {
        ...parameter,
        unit,
        step: 1,
        least: moved(parameter.least),
        greatest: moved(parameter.greatest),
        default: moved(parameter.default),
      };
    }),
  };
}

test.each([TEN_SLOTS, FOUR_SPEEDS, LINK, PANEL])(
  'a pool controller in °F and seconds is planned as the one in °C and minutes',
  (profile) => {
    const metric = planAndCheck(contextOf(profile, PANEL_DUTY));
    const other = inOtherUnits(profile);
    const foreign = planAndCheck(contextOf(other, PANEL_DUTY));
    const codes = (all: typeof metric.findings) => all.map(({ text }) => text).sort();
    expect(codes(foreign.findings)).toEqual(codes(metric.findings));
    const ours = understand(profile, contextOf(profile).plate, metric.plan.values);
    const theirs = understand(other, contextOf(other).plate, foreign.plan.values);
    for (const [key, near] of [
      ['pool_C', 0.6],
      ['afterRun_min', 0.2],
    ] as const) {
      if (ours.heat[key] === null) continue;
      expect(Math.abs(theirs.heat[key]! - ours.heat[key]!)).toBeLessThan(near);
    }
    if (ours.frost.below_C !== null && parameterWithRole(other, 'frost.temperature')) {
      expect(Math.abs(theirs.frost.below_C! - ours.frost.below_C)).toBeLessThan(0.6);
    }
    if (ours.prime.time_min !== null) expect(theirs.prime.time_min).toBeCloseTo(ours.prime.time_min, 1);
  },
);

test('a batch volume in litres is the batch in millilitres', () => {
  const stepper = ALL_PROFILES.find((profile) =>
    profile.parameters.some(({ role }) => role === 'batch.volume'),
  )!;
  const key = stepper.parameters.find(({ role }) => role === 'batch.volume')!.key;
  const litres: MeteringProfile = {
    ...stepper,
    parameters: stepper.parameters.map((parameter) =>
      parameter.role === 'batch.volume'
        ? { ...parameter, unit: 'L', least: 0, greatest: 10, step: 0.001 }
        : parameter,
    ),
  };
  const plate = { gear: null, greatest_spm: null, rated_bar: null };
  expect(understandMetering(litres, plate, { [key]: 0.025 }).batchVolume_mL).toBeCloseTo(25, 9);
  const context = pulseContext(
    { ...FLOW_DUTY, mode: 'batch', batch: { volume_mL: 25, spacing_s: 60 } },
    { profile: litres, plate },
  );
  expect(planMetering(context).plan.values[key]).toBeCloseTo(0.025, 9);
  expect(SOUND_PULSE.work).toBe('per');
});

test('a role that two families use is measured by each in its own quantity', () => {
  const set = (unit: string) => ({ ...shown(unit), role: 'set' });
  expect([roleUnitFault('drive', set('bar')), roleUnitFault('spa', set('°C'))]).toEqual([null, null]);
  expect(roleUnitFault('drive', set('°C'))).toContain('“°C” is no unit of this meaning');
  expect(roleUnitFault('spa', set('bar'))).toContain('“bar” is no unit of this meaning');
});
