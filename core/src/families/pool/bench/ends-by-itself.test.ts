import type { BenchEvent, Scenario } from '../../../bench';
import type { SettingValues } from '../../../profile';
import { contextOf, PANEL, PANEL_DUTY, sound, TEN_SLOTS } from '../fixtures';
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
