import type { AnyProfile } from '../families';
import { SET, WHEEL } from '../families/drive/fixtures';
import { SHIPPED } from '../families/suites/shipped.fixtures';
import { inOrderOfWork } from '../profile';
import type { LastLeft } from '../visit';
import { mapBelieved, mapProfile } from './same-setting';

const LEFT: LastLeft = { source: 'left', date: '2026-11-03', values: {} };
type Changed = Readonly<Record<string, unknown>>;
const changed = (profile: AnyProfile, change: (one: AnyProfile['parameters'][number]) => Changed | null) =>
  ({
    ...profile,
    version: profile.version + 1,
    parameters: profile.parameters.flatMap((one) => change(one) ?? []),
  }) as unknown as AnyProfile;

test.each(SHIPPED.map((profile) => [profile.id, profile] as const))(
  '%s: on itself every setting is the same, and what was believed stays as it was',
  (_, profile) => {
    const settings = inOrderOfWork(profile);
    expect(mapProfile(profile, profile)).toEqual({
      same: settings.length,
      changed: [],
      added: [],
      gone: [],
    });
    const values = Object.fromEntries(
      settings.flatMap(({ key, least, options }) => {
        const value = options?.[0].value ?? (typeof least === 'number' ? least : null);
        return value === null ? [] : [[key, value]];
      }),
    );
    expect(mapBelieved({ ...LEFT, values }, profile, profile)).toEqual({ ...LEFT, values });
  },
);

describe('a newer version', () => {
  const setPoint = SET.parameters.find(({ key }) => key === 'P20')!;
  const values = { P20: 3.9, P21: 10 };

  test('a setting that is called otherwise goes on under its new name, by what it means', () => {
    const newer = changed(SET, (one) => (one.key === 'P20' ? { ...one, key: 'P20x', label: 'Held' } : one));
    expect(mapProfile(SET, newer)).toMatchObject({
      changed: [`${setPoint.label} → Held`],
      added: [],
      gone: [],
    });
    expect(mapBelieved({ ...LEFT, values }, SET, newer)!.values).toEqual({ P20x: 3.9, P21: 10 });
  });

  test('a setting in another unit is converted, onto its step; the figure itself is not taken', () => {
    const newer = changed(SET, (one) =>
      one.key === 'P20' ? { ...one, unit: 'kPa', step: 10, least: 0, greatest: 1000 } : one,
    );
    expect(mapProfile(SET, newer).changed).toEqual([`${setPoint.label}: bar → kPa`]);
    expect(mapBelieved({ ...LEFT, values }, SET, newer)!.values).toEqual({ P20: 390, P21: 10 });
  });

  test('a setting that is gone is known no more, a new one is not known yet, and where each value is from goes along', () => {
    const newer = changed(SET, (one) =>
      one.key === 'P21' ? null : one.key === 'P20' ? { ...one, role: undefined, key: 'Q1' } : one,
    );
    const mapping = mapProfile(SET, newer);
    expect(mapping.gone).toContain(setPoint.label);
    expect(mapping.added).toEqual([setPoint.label]);
    expect(mapBelieved({ ...LEFT, values }, SET, newer)).toBeNull();
    const kept = { ...LEFT, values: { ...values, P24: 1 } } as LastLeft;
    const told = { source: 'reported', date: '2026-10-01' } as const;
    const origins = { P24: told };
    expect(mapBelieved({ ...kept, origins }, SET, newer)).toEqual({ ...LEFT, values: { P24: 1 }, origins });
  });
});

test('another controller knows what means the same in it, and nothing of the rest', () => {
  const { values } = mapBelieved({ ...LEFT, values: { P20: 3.9, P41: 120 } }, SET, WHEEL)!;
  expect(values).toEqual({ p1: 3.9, tlow: 120 });
  expect(mapBelieved(null, SET, WHEEL)).toBeNull();
});
