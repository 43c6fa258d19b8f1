import fc from 'fast-check';
import type { Scenario } from '../../../bench';
import { whyWarmer } from '../effect/why';
import { contextOf, DUTY, GUIDED, NUMBERED, sound, VACUUM } from '../fixtures';
import { understand } from '../settings/understand';
import type { TransferDuty } from '../wire/duty';
import { benchSheet, plainDay } from './bench';
import { coolEnough } from '../effect/cooling';
import { compareControls, runSession } from './run-session';
import { eventsFor } from './events';
import { sessionDay } from './session';

const context = contextOf();
const event = (kind: string, at_h: number, until_h: number, amount: number | null = null) => ({
  kind,
  at_s: Math.round(at_h * 3600),
  until_s: Math.round(until_h * 3600),
  amount,
});
const run = (events: Scenario['events'], values = {}, of = context, session = sessionDay(of, 'regular')) =>
  benchSheet(of, { ...sound(of), ...values }, { ...session, events });
const EVEN = { ctrl: 'ev' };

test('what came is what was sent, what flooded and what is left', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('regular', 'ragged', 'cleaning') as fc.Arbitrary<'regular' | 'ragged' | 'cleaning'>,
      fc.constantFrom('ev', 'le'),
      fc.integer({ min: 0, max: 20 }),
      fc.integer({ min: 0, max: 8 }),
      (session, ctrl, at, amount) => {
        const events = [
          event('surge', at, at + 1, amount),
          event('check-leaks', at, at + 2, amount / 10),
          event('float-stuck', at, at + 1),
        ];
        const { sums } = run(events, { ctrl }, context, sessionDay(context, session));
        const went = sums.sent_m3 + (sums.flooded_L + sums.left_L) / 1000;
        expect(Math.abs(sums.in_m3 + sums.back_m3 - went)).toBeLessThan(1e-9);
      },
    ),
    { numRuns: 6 },
  );
});

test('on the same slugs the steadier control delivers no warmer, or says why', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 3, max: 40 }),
      fc.integer({ min: 40, max: 300 }),
      fc.integer({ min: 1, max: 2 }),
      fc.constantFrom('regular', 'ragged') as fc.Arbitrary<'regular' | 'ragged'>,
      (gulp_L, every_s, together, session) => {
        const duty: TransferDuty = { ...DUTY, inflow: { ...DUTY.inflow, gulp_L, every_s, together } };
        const one = contextOf(GUIDED, duty);
        const settings = understand(GUIDED, one.plate, sound(one));
        const { runs, warmer } = compareControls(one, settings, session, whyWarmer);
        const cooler = runs.even.sums.delivered_C <= runs.level.sums.delivered_C + 0.02;
        expect(cooler || (warmer ?? '').length > 20).toBe(true);
        expect(cooler ? warmer : null).toBeNull();
      },
    ),
    { numRuns: 6 },
  );
});

test('why the steadier one is warmer is the reason that it is', () => {
  const why = (change: Partial<TransferDuty['inflow']>, values = {}) => {
    const duty: TransferDuty = { ...DUTY, inflow: { ...DUTY.inflow, ...change } };
    const one = contextOf(GUIDED, duty);
    return whyWarmer(one, understand(GUIDED, one.plate, { ...sound(one), ...values }));
  };
  expect(why({ gulp_L: 20, every_s: 40 })).toContain('nearly all that it can send');
  expect(why({ gulp_L: 20 }, { top: 60 })).toContain('does not fit between its levels');
  expect(why({ gulp_L: 3 })).toContain('timed emptying');
  expect(why({ gulp_L: 3 }, { empty: 0 })).toContain('near its minimum speed');
});

test('even-flow sends a steady stream where the other goes up and down; it cools better, and lets product stand longer', () => {
  const { runs } = compareControls(
    context,
    understand(GUIDED, context.plate, sound(context)),
    'regular',
    whyWarmer,
  );
  // once it has settled, over some gulps
  const swing = ({ flow_m3h }: typeof runs.even) => {
    const part = flow_m3h.slice(300, 420);
    return Math.max(...part) - Math.min(...part);
  };
  expect(swing(runs.even)).toBeLessThan(swing(runs.level) / 2);
  expect(runs.even.sums.delivered_C).toBeLessThan(runs.level.sums.delivered_C);
  expect(runs.even.sums.longest_min).toBeGreaterThan(runs.level.sums.longest_min);
});

test('a surge floods what cleaning alone does not; a stuck float floods or runs dry', () => {
  expect(run([], EVEN, context, sessionDay(context, 'cleaning')).sums.floods).toBe(0);
  expect(run([event('surge', 10, 10.5, 9)]).sums.floods).toBeGreaterThan(0);
  expect(run([event('float-stuck', 15.5, 18)]).sums.air_min).toBeGreaterThan(0);
});

test('foam takes it past empty, and it sends air; a lost coolant delivers as it came', () => {
  expect(run([event('foam', 9, 18, 250)]).sums.air_min).toBeGreaterThan(run([]).sums.air_min);
  expect(run([event('coolant-lost', 8, 16)]).sums.delivered_C).toBeCloseTo(21, 1);
});

test('the wrong way it moves too little; a power cut that waits floods', () => {
  expect(run([event('wrong-direction', 8, 16)]).sums.floods).toBeGreaterThan(0);
  expect(run([event('power-cut', 10, 10.1)], { cut: 'wait' }).sums.floods).toBe(1);
  expect(run([event('power-cut', 10, 10.02)], { cut: 'go' }).sums.floods).toBe(0);
});

test('a check valve that leaks brings back what was sent', () => {
  const { sums } = run([event('check-leaks', 17, 23, 0.05)]);
  expect(sums.back_m3).toBeGreaterThan(0.01);
  expect(run([]).sums.back_m3).toBe(0);
});

test('what is not known is said; what is not there does not happen', () => {
  expect(benchSheet(context, {}, plainDay(context)).unknown).toEqual([
    'The control is not known: it is taken to follow the level.',
    'Its levels are not known: the whole way of the float is taken.',
    'Its speeds are not known: it stands.',
    'Its run-on is not known: none is taken.',
    'Its timed emptying is not known: none is taken.',
    'The product side’s share of the cooler’s resistance is not known: a half is taken.',
  ]);
  expect(eventsFor(contextOf(NUMBERED, VACUUM))).not.toContain('coolant-lost');
  const none = { ...DUTY, vessel: { ...DUTY.vessel, checkValve: false } };
  expect(eventsFor(contextOf(GUIDED, none))).not.toContain('check-leaks');
});

test('what comes while the plant is cleaned is no product: it makes nothing that is delivered warmer', () => {
  const context = contextOf();
  const settings = understand(context.profile, context.plate, sound(context));
  const delivered = (session: 'regular' | 'cleaning') =>
    runSession(context, settings, session).sums.delivered_C;
  expect(delivered('cleaning')).toBeCloseTo(delivered('regular'), 1);
  expect(coolEnough(context.duty, delivered('cleaning'))).toBe(true);
});
