import { findingMaker, type Finding, type TextBook } from '../../findings';
import type { SettingValues } from '../../profile';
import { FAN_PROFILE } from '../samples/fan/fixtures';
import { PlanDraft, type PlanGround } from './plan-draft';
import { MOST_JUDGED, settled } from './repair';

/** A fan whose speed moves in steps of five; its state hangs on its speed. */
const TEXTS = {
  'FAN-02': { title: 'Too slow', so: 's', will: 'w', todo: 't' },
  'FAN-03': { title: 'Loud', so: 's', will: 'w', todo: 't' },
} satisfies TextBook;
const finding = findingMaker<keyof typeof TEXTS>({ 'FAN-02': 'stop', 'FAN-03': 'note' });
const AT = 'drive/1/speed';

interface Context extends PlanGround {
  readonly profile: typeof FAN_PROFILE;
  readonly plate: object;
  readonly duty: { readonly wanted: number; readonly held: boolean };
}
type Reason = { readonly text: string; readonly values: Record<string, string> };
class Draft extends PlanDraft<Context, string, string, Reason, never, SettingValues> {
  protected understood(values: SettingValues) {
    return values;
  }
  protected parameter(role: string) {
    return FAN_PROFILE.parameters.find((one) => one.role === role);
  }
}

/** Plans a fan whose findings are these; answers its targets by key, and how often it was judged. */
function planned(wanted: number, check: (speed: number) => Finding[], held = false) {
  let judged = 0;
  const plan = settled<Context, string, Reason, object, SettingValues>({
    propose: (context) => {
      const draft = new Draft(context);
      draft.put('speed', context.duty.wanted, { text: 'wanted', values: {} });
      draft.choose('state', Number(draft.values().speed) > 50 ? 'state.auto' : 'state.off', {
        text: 'by-speed',
        values: {},
      });
      return draft.finish();
    },
    check: (_context, _subject, values) => {
      judged += 1;
      return check(values.speed as number);
    },
    understand: (_profile, _plate, values) => values,
    texts: TEXTS,
    held: (duty) => new Set(duty.held ? ['speed'] : []),
  })({ profile: FAN_PROFILE, plate: {}, inForce: {}, duty: { wanted, held } });
  const byKey = Object.fromEntries(plan.targets.map((target) => [target.key, target]));
  return { speed: byKey.speed, state: byKey.state, values: plan.values, judged };
}
const slow = (needed: number) => (speed: number) =>
  speed < needed ? [finding('FAN-02', 'target', {}, [AT])] : [];

test('what a finding names is moved to the nearest step that cures it, and what hangs on it is planned anew', () => {
  const { speed, state, values } = planned(45, slow(55));
  expect(speed).toMatchObject({ value: 55, reason: { text: 'repaired' } });
  expect(speed.reason.values).toMatchObject({
    was: '45 %',
    now: '55 %',
    finding: 'Too slow',
    code: 'FAN-02',
  });
  // at 45 it would be off
  expect(state).toMatchObject({ value: 'auto', reason: { text: 'by-speed' } });
  expect(values).toMatchObject({ speed: 55, state: 'auto' });
});

test('three steps are moved, and no fourth: then it stays as proposed, and the finding says it', () => {
  expect(planned(40, slow(55)).speed.value).toBe(55);
  expect(planned(40, slow(56)).speed).toMatchObject({ value: 40, reason: { text: 'wanted' } });
});

test('what is held is moved by nothing; a plan without a fault is judged once', () => {
  expect(planned(45, slow(50), true).speed.value).toBe(45);
  expect(planned(60, slow(50))).toMatchObject({ speed: { value: 60 }, judged: 1 });
});

test('a cure that brings a finding is none, not even for a note', () => {
  const loud = (speed: number) => [
    ...slow(50)(speed),
    ...(speed === 50 ? [finding('FAN-03', 'target', {}, [AT])] : []),
  ];
  expect(planned(45, loud).speed.value).toBe(55);
  const always = (speed: number) => [
    ...slow(50)(speed),
    ...(speed > 45 ? [finding('FAN-03', 'target', {}, [AT])] : []),
  ];
  expect(planned(45, always).speed.value).toBe(45);
});

test('it is judged so often and no more', () => {
  expect(planned(45, () => [finding('FAN-02', 'target', {}, [AT])]).judged).toBeLessThanOrEqual(
    MOST_JUDGED + 1,
  );
});
