import type { Parameter } from '../../profile';
import { bareContext } from '../../job';
import { parameterWithRole } from '../../profile';
import { besidesFault, familyOf, type AnyProfile } from '../index';
import { SHIPPED, shipped } from '../suites/shipped.fixtures';
import { CirculatorDraft } from '../circulator/plan/draft';
import type { CirculatorContext } from '../circulator/settings/context';
import { bestOption, isNearEnough, type Wants } from './choices';

const STEP = shipped('circulator-one-button').parameters.find(({ key }) => key === 'step') as Parameter;
const chosen = (wants: Wants, standing?: string) => {
  const settled = bestOption(STEP, wants, standing);
  return settled && { value: settled.option.value, alike: settled.alike?.map(({ value }) => value) ?? null };
};
const head = (figure: number, way: 'up' | 'near' | 'down' = 'up') =>
  ({ figure, quantity: 'head', way }) as const;

describe('a choice that settles two things', () => {
  test('the meaning and the figure together name one of them', () => {
    const constant = { option: 'mode.constant' };
    expect(chosen({ mode: constant, head: head(2.2) })).toEqual({ value: 'level1', alike: null });
    expect(chosen({ mode: constant, head: head(2.5) })?.value).toBe('level1');
    // one step over what is required, never under it
    expect(chosen({ mode: constant, head: head(2.6) })?.value).toBe('level2');
    expect(chosen({ mode: constant, head: head(2.6, 'down') })?.value).toBe('level1');
    expect(chosen({ mode: { option: 'mode.proportional' }, head: head(2.6) })?.value).toBe('rising2');
  });
  test('where none is enough it is the nearest, and that is said', () => {
    expect(chosen({ mode: { option: 'mode.constant' }, head: head(5) })?.value).toBe('level2');
    expect(isNearEnough(4, head(5))).toBe(false);
    expect(isNearEnough(4, head(4))).toBe(true);
    expect(isNearEnough(4, head(4.05, 'near'))).toBe(false);
  });
  test('a meaning alone is no answer where several have it, but for the one that stands there', () => {
    expect(chosen({ mode: { option: 'mode.fixed' } })?.alike).toEqual(['speed1', 'speed2', 'speed3']);
    expect(chosen({ mode: { option: 'mode.fixed' } }, 'speed2')).toEqual({ value: 'speed2', alike: null });
    expect(chosen({ mode: { option: 'mode.self' } })).toEqual({ value: 'own', alike: null });
  });
  test('a figure of a choice that says none is not known, and never taken for one', () => {
    expect(chosen({ mode: { option: 'mode.fixed' }, head: head(1) })).toBeUndefined();
    expect(chosen({ mode: { option: 'mode.clock' } })).toBeUndefined();
  });
  test('the one that settles least besides comes first', () => {
    const mode = parameterWithRole(shipped('drive-mode-and-faults'), 'sharing')!;
    const best = (wants: Wants) => bestOption(mode, wants)?.option.value;
    expect(best({ holds: { option: 'holds.pressure' } })).toBe('single');
    expect(best({ holds: { option: 'holds.pressure' }, sharing: { option: 'sharing.all-vary' } })).toBe(
      'all',
    );
    expect(
      best({ holds: { option: 'holds.signal' }, sharing: { option: 'sharing.all-vary' } }),
    ).toBeUndefined();
  });
});

/** A plan of a usual pump, by its title. */
function planned(profile: AnyProfile, title: RegExp, inForce = {}) {
  const family = familyOf(profile.family);
  const { duty, plate } = family.examples(profile).find((one) => title.test(one.title))!;
  const context = bareContext({ duty, profile, plate, today: '2026-01-15', zone: 'UTC', inForce });
  const plan = family.plan(context);
  const findings = family.checkPlan(context, plan);
  return { plan, findings, targets: plan.targets.map(({ key, value }) => [key, value]) };
}

describe('in a plan', () => {
  const BUTTON = shipped('circulator-one-button');
  test('the lamp that carries the duty is one target, its head known afterwards', () => {
    const { plan, targets } = planned(BUTTON, /^of radiators$/);
    expect(targets).toHaveLength(1);
    expect(targets[0][1]).toMatch(/^rising/);
    expect(plan.settings).toMatchObject({ mode: 'proportional', head_m: expect.any(Number) });
  });
  test('a head that no lamp of its mode gives is told, in whatever order both were wanted', () => {
    const family = familyOf(BUTTON.family);
    const { duty, plate } = family.examples(BUTTON).find(({ title }) => title === 'of radiators')! as {
      duty: CirculatorContext['duty'];
      plate: CirculatorContext['plate'];
    };
    const context = bareContext({
      duty: duty as never,
      profile: BUTTON,
      plate: plate as never,
      today: '2026-01-15',
      zone: 'UTC',
      inForce: {},
    }) as unknown as CirculatorContext;
    const mode = (draft: CirculatorDraft) =>
      draft.choose('mode', 'mode.proportional', { text: 'mode.chosen', values: {} });
    const lift = (head: number) => (draft: CirculatorDraft) =>
      draft.set('head', head, { text: 'mode.chosen', values: {} }, 'up');
    const told = (...steps: ((draft: CirculatorDraft) => void)[]) => {
      const draft = new CirculatorDraft(context);
      for (const one of steps) one(draft);
      const { targets, problems } = draft.finish();
      return [targets.map(({ value }) => value), problems.map(({ kind }) => kind)];
    };
    // 3.8 m is had level, and rising goes to 3.5
    for (const steps of [
      [mode, lift(3.8)],
      [lift(3.8), mode],
    ])
      expect(told(...steps)).toEqual([['rising2'], ['clamped']]);
    for (const steps of [
      [mode, lift(3.5)],
      [lift(3.5), mode],
    ])
      expect(told(...steps)).toEqual([['rising2'], []]);
  });
  test('speeds without a figure are not chosen between: nothing is set, and that is said', () => {
    const { targets, findings } = planned(BUTTON, /hot-water/);
    expect(targets).toEqual([]);
    const [several] = findings.filter(({ text }) => text === 'PRO-01.several');
    expect(several.values.choices).toContain('Lamp 2: speed II');
    // one that stands there is kept
    expect(planned(BUTTON, /hot-water/, { step: 'speed2' }).targets).toEqual([['step', 'speed2']]);
  });
  test('alone or with others is one choice with how they share', () => {
    const drive = shipped('drive-mode-and-faults');
    const mode = (title: RegExp) => planned(drive, title).targets.find(([key]) => key === 'mode')?.[1];
    expect(mode(/^at a constant pressure$/)).toBe('single');
    expect(['one', 'all']).toContain(mode(/two in a set/));
    // a range is a code: 10 bar on its label
    expect(planned(drive, /^at a constant pressure$/).targets).toContainEqual([
      'range',
      expect.stringMatching(/^r/),
    ]);
  });
  test('the range that a signal comes in is settled with its mode', () => {
    const lamps = shipped('metering-outside-lamps');
    expect(planned(lamps, /current signal/).targets).toContainEqual(['mode', 'signal4']);
  });
});

test('what a choice settles besides is a meaning of that setting, or a figure where it holds one', () => {
  expect(besidesFault('metering', 'signal.range', 'range.4-20')).toBeNull();
  expect(besidesFault('metering', 'signal.range', 'memory.on')).toContain('is no choice of “signal.range”');
  expect(besidesFault('metering', 'gearbox', 'A')).toContain('is no role of a metering pump');
  expect(besidesFault('circulator', 'head', 2.5)).toBeNull();
  expect(besidesFault('circulator', 'mode', 2.5)).toBe('“mode” holds no figure.');
  for (const profile of SHIPPED)
    for (const { options = [] } of profile.parameters)
      for (const { also = {} } of options)
        for (const [role, means] of Object.entries(also))
          expect([profile.id, besidesFault(profile.family, role, means)]).toEqual([profile.id, null]);
});
