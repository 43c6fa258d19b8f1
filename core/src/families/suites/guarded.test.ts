import { answerAt, asWhole, type Answers } from '../../describe';
import { bareContext } from '../../job';
import { TODAY } from '../../job/testing/walk.fixtures';
import {
  inOrderOfWork,
  limitFor,
  type Parameter,
  type SettingValue,
  type SettingValues,
} from '../../profile';
import { askedAt, FAMILY_NAMES, familyOf, type Duty, type FamilyName } from '../index';
import { tableOf } from './both-ways.fixtures';

/**
 * A setting whose change can hurt is judged by the limits that guard it, with nothing else known of the duty: what is found of it with the
 * whole duty is found with these alone.
 */

/** A duty of which only some answers are known. */
function only(duty: Duty, paths: readonly string[]): Answers {
  const out: Record<string, unknown> = { family: duty.family };
  for (const path of paths.map((one) => one.replace('?', ''))) {
    const value = answerAt(duty as unknown as Answers, path);
    if (value === undefined || value === null) continue;
    const keys = path.split('.');
    let at = out;
    for (const key of keys.slice(0, -1)) at = (at[key] ??= {}) as Record<string, unknown>;
    at[keys[keys.length - 1]] = value;
  }
  return out;
}

/** What a setting can be moved to: the ends of its range, or its other choices. */
function movedTo(parameter: Parameter, sound: SettingValues): readonly SettingValue[] {
  const now = sound[parameter.key];
  const all =
    parameter.type === 'choice'
      ? (parameter.options ?? []).map(({ value }) => value)
      : [limitFor(parameter.least, sound), limitFor(parameter.greatest, sound)];
  return all.filter((value): value is SettingValue => value !== undefined && value !== now);
}

describe.each(FAMILY_NAMES)('%s', (name) => {
  const family = familyOf(name);
  const guards = Object.entries(family.guards);
  const { PLANTS } = tableOf(name);

  test('has settings that are guarded, and each role of them is one of its own', () => {
    expect(guards.length).toBeGreaterThan(0);
    expect(guards.map(([role]) => role).filter((role) => !family.roles.includes(role))).toEqual([]);
  });

  test('what guards a setting is asked on the form of its duty', () => {
    const paths = guards.flatMap(([, guard]) => guard?.by ?? []).map((path) => path.replace('?', ''));
    expect([...new Set(paths)].filter((path) => askedAt(family.forms.duty, path) === path)).toEqual([]);
  });

  test('what is found of it with the whole duty is found with its guards alone, and nothing besides', () => {
    const missed: string[] = [];
    const seen = new Set<string>();
    for (const { duty, profile, plate, found: values, read } of PLANTS) {
      const inForce = values as SettingValues;
      const pump = { profile, plate, today: TODAY, zone: 'Atlantic/Faroe', inForce };
      const whole = { ...bareContext({ ...pump, duty }), ...read };
      const sound = { ...inForce, ...family.plan(whole).values };
      for (const parameter of inOrderOfWork(profile)) {
        const { role } = parameter;
        const guard = role === undefined ? undefined : family.guards[role];
        // a role that one choice settles with others is judged with them
        if (!guard || parameter.options?.some((option) => option.also)) continue;
        const part = bareContext({
          ...pump,
          duty: asWhole<Duty>(family.wire.duty, only(duty, guard.by)),
        });
        const textsOf = (context: typeof whole, now: SettingValues) =>
          family
            .check({ ...context, ...read }, 'target', now)
            .filter(({ addresses }) => addresses.some((one) => one.endsWith(`/${parameter.key}`)))
            .map(({ text }) => text);
        const before = new Set(textsOf(whole, sound));
        for (const value of movedTo(parameter, sound)) {
          const now = { ...sound, [parameter.key]: value };
          const [all, alone] = [textsOf(whole, now), textsOf(part, now)];
          for (const text of alone) {
            seen.add(role!);
            if (!all.includes(text))
              missed.push(`${role} ${String(value)}: ${text} is found with its guards alone`);
          }
          for (const text of all)
            if (!before.has(text) && DANGERS[name].includes(text) && !alone.includes(text))
              missed.push(
                `${profile.id}: ${role} ${String(value)}: ${text} is not found with its guards alone`,
              );
        }
      }
    }
    expect([...new Set(missed)]).toEqual([]);
    // each of them is found to be wrong by its guards somewhere
    expect(guards.map(([role]) => role).filter((role) => !seen.has(role))).toEqual([]);
  });
});

/** What a change can do that hurts: said of it with the limits alone. */
const DANGERS: Readonly<Record<FamilyName, readonly string[]>> = {
  circulator: ['CIR-19.set', 'CIR-19.never', 'CIR-19.stands', 'CIR-19.pause', 'CIR-19.night', 'CIR-19.place'],
  drive: [
    'DRV-09.set',
    'DRV-09.relief',
    'DRV-09.second',
    'DRV-05',
    'DRV-05.none',
    'DRV-05.late',
    'DRV-05.nil',
    'DRV-14.ramp',
    'DRV-14.ramp-down',
    'DRV-14.least',
    'DRV-07',
    'DRV-07.fault',
    'DRV-07.retries',
    'DRV-02',
    'DRV-02.thermal',
    'DRV-01.shift',
  ],
  metering: [
    'MET-21.none',
    'MET-21.warn',
    'MET-10.set',
    'ANY-11.open',
    'ANY-12.open',
    'MET-23',
    'ANY-23.open',
  ],
  pool: [
    'POO-14.warm',
    'POO-13',
    'POO-27.hold',
    'POO-10.off',
    'POO-10.short',
    'ANY-11.password',
    'ANY-11.stays',
    'POO-23',
    'POO-20',
  ],
  spa: ['SPA-10', 'SPA-10.range'],
  transfer: [
    'LEV-02.empty',
    'LEV-02.float',
    'LEV-02.silent',
    'LEV-03.late',
    'LEV-07.nobody',
    'LEV-07.input',
    'LEV-05',
  ],
};
