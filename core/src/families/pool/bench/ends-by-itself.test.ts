import type { BenchEvent, Scenario } from '../../../bench';
import type { SettingValues } from '../../../profile';
import { shipped } from '../../suites/shipped.fixtures';
import { withFixed } from '../../../profile';
import { settingsOf } from '../settings/pumping';
import { contextOf, DUTY, PANEL, PANEL_DUTY, sound, TEN_SLOTS } from '../fixtures';
import { benchSheet, plainWeek } from './bench';
import { eventsFor } from './events';

const week = (change: Partial<Scenario> = {}): Scenario => ({ ...plainWeek(), ...change });
const day = (change: Partial<Scenario> = {}): Scenario => week({ days: 1, ...change });
const event = (kind: BenchEvent['kind'], at_s: number, until_s: number | null): BenchEvent => ({
  kind,
  at_s,
  until_s,
  amount: null,
});
const sumsOf = (values: SettingValues, scenario: Scenario, context = contextOf()) =>
  benchSheet(context, values, scenario).sums;

describe('what ends by itself', () => {
  const panel = contextOf(PANEL, PANEL_DUTY);
  const values = sound(panel);
  const noon = 12 * 3600;
  test('a timed hold keeps programs off for its time, and lets go', () => {
    const held = benchSheet(panel, values, day({ events: [event('timed-hold', noon, null)] }));
    const free = benchSheet(panel, values, day());
    // an hour, to the second it begins in
    expect(held.sums.offProgram_h - free.sums.offProgram_h).toBeCloseTo(1, 2);
    const words = held.happenings.map(({ words: said }) => said);
    expect(words).toContain('Programs are held off.');
    expect(words).toContain('Programs may run again.');
  });
  test('one that is begun again begins anew, and a power cut ends it', () => {
    const off_h = (events: BenchEvent[]) =>
      sumsOf(values, day({ events }), panel).offProgram_h - sumsOf(values, day(), panel).offProgram_h;
    const again = [event('timed-hold', noon, null), event('timed-hold', noon + 1800, null)];
    expect(off_h(again)).toBeCloseTo(1.5, 2);
    const cut = [event('timed-hold', noon, null), event('power-cut', noon + 600, noon + 660)];
    expect(off_h(cut)).toBeLessThan(0.25);
  });
  test('how long a timed hold lasts is what is set, where that can be set', () => {
    const slots = shipped('pool-drive-eight-slots') as typeof TEN_SLOTS;
    const own = contextOf(slots, DUTY);
    const set = { ...sound(own), slotMode: 'times', days: '1234567', start: 0, stop: 1435, speed: 2000 };
    const off_h = (holdLength: number) => {
      const of = (events: BenchEvent[]) => sumsOf({ ...set, holdLength }, day({ events }), own).offProgram_h;
      return of([event('timed-hold', noon, null)]) - of([]);
    };
    expect(off_h(90)).toBeCloseTo(1.5, 2);
    expect(off_h(5)).toBeCloseTo(5 / 60, 2);
    expect(settingsOf(own, { holdLength: 90 }).hold_min).toBe(90);
    expect(settingsOf(own, {}).hold_min).toBeNull();
    // where nobody read it the bench says so
    const unread = (values: SettingValues) => benchSheet(own, values, day()).unknown?.join(' ') ?? '';
    expect(unread(set)).toContain('How long a timed hold lasts is not known');
    expect(unread({ ...set, holdLength: 90 })).not.toContain('timed hold');
    // one that is fixed in the controller counts without being read
    const fixed = contextOf(shipped('pool-drive-timer-menus') as typeof TEN_SLOTS, DUTY);
    expect(settingsOf(fixed, withFixed(fixed.profile, {})).hold_min).toBe(90);
  });
  test('a run by hand of a slot’s own key ends at that slot’s stop, or where it is stopped before', () => {
    const keyed = shipped('pool-drive-two-programs') as typeof TEN_SLOTS;
    const own = contextOf(keyed, DUTY);
    // its program runs from 14:00 to 15:00; by hand from noon
    const set = {
      state: 'auto',
      start: 840,
      stop: 900,
      speed: 1000,
      'start/2': 0,
      'stop/2': 0,
      primeOn: 'off',
    };
    const full = { ...sound(own), ...set };
    const hand = (until_s: number | null) => ({ ...event('hand-run', noon, until_s), amount: 2500 });
    /** hours that it ran by hand; null where that went on to the end */
    const byHand_h = (events: BenchEvent[], profile = keyed) => {
      const { happenings } = benchSheet(contextOf(profile, DUTY), full, day({ events }));
      const at = (said: string) => happenings.find(({ words: one }) => one === said)?.at_s ?? null;
      const [began, over] = [at('The pump runs by hand.'), at('Programs take over again.')];
      return began === null || over === null ? null : (over - began) / 3600;
    };
    expect(byHand_h([hand(null)])).toBeCloseTo(3, 2);
    expect(byHand_h([hand(noon + 3600)])).toBeCloseTo(1, 2);
    // one that is begun after that stop goes on to the next day’s
    expect(byHand_h([{ ...hand(null), at_s: noon + 4 * 3600 }])).toBeNull();
    const handRun = 'until-stopped' as const;
    const until = { ...keyed, behaviours: { ...keyed.behaviours, handRun } };
    expect(byHand_h([hand(null)], until)).toBeNull();
  });
  test('a boost of the chlorinator makes all it can while water flows, for its hours', () => {
    const low = { ...values, output: 20 };
    const boosted = sumsOf(low, day({ events: [event('chlorine-boost', 0, null)] }), panel);
    const plain = sumsOf(low, day(), panel);
    expect(plain.chlorine_g).toBeGreaterThan(0);
    // 24 hours of it: the whole day at full output instead of a fifth
    expect(boosted.chlorine_g / plain.chlorine_g).toBeCloseTo(5, 1);
    const longer = sumsOf(low, week({ events: [event('chlorine-boost', 0, null)] }), panel);
    const more_g = longer.chlorine_g - sumsOf(low, week(), panel).chlorine_g;
    expect(more_g / plain.chlorine_g).toBeCloseTo(4, 1);
  });
  test('neither is offered where the profile does not say how long it lasts, or nothing makes chlorine', () => {
    const kinds = (context: typeof panel) => eventsFor(context);
    expect(kinds(panel)).toEqual(expect.arrayContaining(['timed-hold', 'chlorine-boost']));
    expect(kinds(contextOf(PANEL, { ...PANEL_DUTY, chlorinator: null }))).not.toContain('chlorine-boost');
    const { timed_min: _, ...holds } = PANEL.behaviours.holds;
    const unsaid = { ...PANEL, behaviours: { ...PANEL.behaviours, holds, chlorinatorBoost_h: undefined } };
    expect(kinds(contextOf(unsaid, PANEL_DUTY))).not.toContain('timed-hold');
    expect(kinds(contextOf(unsaid, PANEL_DUTY))).not.toContain('chlorine-boost');
    // a drive without timed holds has none to offer, whatever it says
    expect(kinds(contextOf(TEN_SLOTS))).not.toContain('timed-hold');
  });
});
