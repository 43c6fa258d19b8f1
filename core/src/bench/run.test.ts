import fc from 'fast-check';
import type { BenchModel } from './model';
import { RunCancelled, runBench, stateAt } from './run';
import type { BenchEvent } from './event';
import { SECONDS_PER_DAY, scenarioSchemaOf, type Scenario } from './scenario';
import { DAY_SHAPES, shapedDay } from './shapes';
import { Timeline } from './timeline';
import { chance } from './wobble';
import { happensAtOnce, POWER_CUT, wordsOfChange, type EventBook } from './event-words';

/** A pump so plain that its sums can be told by hand: it moves what the water asks for, and stands without power. */
type Plain = { moved: number; standing: number; starts: number };
const BOOK: EventBook = {
  ...POWER_CUT,
  frost: { name: 'Frost', over: 'The frost is over', amount: 'K below freezing' },
  gas: { name: 'Gas enters the head', over: '', amount: 'mL' },
};
const plain: BenchModel<Plain> = {
  events: BOOK,
  channels: [{ key: 'water', label: 'Water', unit: 'm³/h' }],
  flags: [{ begins: 'It stands.', ends: 'It runs.' }],
  init: () => ({ moved: 0, standing: 0, starts: 0 }),
  step: (state, inputs) => {
    const standing = inputs.on['power-cut'] ? 1 : 0;
    if (state.standing && !standing) state.starts += 1;
    state.standing = standing;
    if (!standing) state.moved += inputs.water_m3h / 3600;
  },
  read: (state, inputs, into) => {
    into[0] = state.standing ? 0 : inputs.water_m3h;
  },
  flagsOf: (state) => state.standing,
  sums: ({ moved, starts }) => ({ moved, starts }),
};
const day = (change: Partial<Scenario> = {}): Scenario => ({
  days: 1,
  water: { every_s: 3600, flows_m3h: [6, 12] },
  wobble: 0,
  seed: 1,
  events: [],
  ...change,
});
const cut = (at_s: number, until_s: number | null): BenchEvent => ({
  kind: 'power-cut',
  at_s,
  until_s,
  amount: null,
});

describe('a run', () => {
  test('moves what the water asks for, hour by hour', () => {
    const { sums, seconds, bucket_s, traces } = runBench(plain, day());
    expect(seconds).toBe(SECONDS_PER_DAY);
    expect(sums.moved).toBeCloseTo(12 * 6 + 12 * 12, 6);
    expect(traces[0].max).toHaveLength(seconds / bucket_s);
    expect([traces[0].max[0], traces[0].min[60], traces[0].max[119]]).toEqual([6, 12, 12]);
  });
  test('tells what happened with its time, in words', () => {
    const { happenings, sums } = runBench(plain, day({ events: [cut(7200, 10_800)] }));
    expect(happenings).toEqual([
      { at_s: 7200, words: 'Power cut.' },
      { at_s: 7200, words: 'It stands.' },
      { at_s: 10_800, words: 'Power returns.' },
      { at_s: 10_800, words: 'It runs.' },
    ]);
    expect(sums).toMatchObject({ starts: 1 });
    expect(sums.moved).toBeCloseTo(12 * 6 + 12 * 12 - 6, 6);
  });
  test('loses no extreme: a second’s spike stands in its stretch', () => {
    const flows = Array.from({ length: SECONDS_PER_DAY }, (_, i) => (i === 40_000 ? 99 : 5));
    const { traces } = runBench(plain, day({ water: { every_s: 1, flows_m3h: flows } }));
    const bucket = Math.floor(40_000 / 60);
    expect(traces[0].max[bucket]).toBe(99);
    expect(traces[0].min[bucket]).toBe(5);
    expect(Math.max(...traces[0].max.filter((_, i) => i !== bucket))).toBe(5);
  });
  test('taken up half way it is the same to the last digit', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3600, max: 80_000 }), fc.integer({ min: 1, max: 5000 }), (at, long) => {
        const scenario = day({ events: [cut(at, at + long)], wobble: 0.3 });
        const before = runBench(plain, day({ wobble: 0.3 }));
        const again = runBench(plain, scenario, { from: { run: before, until_s: at } });
        expect(again).toEqual(runBench(plain, scenario));
      }),
      { numRuns: 5 },
    );
  });
  test('can be stopped on the way, and says how far it is', () => {
    const shares: number[] = [];
    const stop = (share: number) => {
      shares.push(share);
      return share < 0.3;
    };
    expect(() => runBench(plain, day(), { onProgress: stop })).toThrow(RunCancelled);
    expect(shares[0]).toBe(0);
    expect(shares.length).toBeLessThan(40);
    expect(Math.max(...shares)).toBeGreaterThanOrEqual(0.3);
  });
  test('its state at any second can be looked at again', () => {
    const scenario = day({ events: [cut(7200, 10_800)] });
    const run = runBench(plain, scenario);
    const { state, inputs } = stateAt(plain, scenario, run, 9000);
    expect(state).toMatchObject({ standing: 1, starts: 0 });
    expect(state.moved).toBeCloseTo(6 + 12, 6);
    expect(inputs.on['power-cut']).toBe(true);
  });
});

describe('the timeline', () => {
  test('an event begins in one second only, holds, and ends; what ended before the start is not entered', () => {
    const timeline = new Timeline(day({ events: [cut(10, 12), cut(20, null)] }), 0, ['power-cut']);
    const seen = Array.from({ length: 25 }, (_, second) => {
      const { begins, on } = timeline.at(second);
      return [begins['power-cut'], on['power-cut']];
    });
    expect(seen.map(([begins], i) => (begins ? i : -1)).filter((i) => i >= 0)).toEqual([10, 20]);
    expect(seen.map(([, on], i) => (on ? i : -1)).filter((i) => i >= 0)).toEqual([
      10, 11, 20, 21, 22, 23, 24,
    ]);
    expect(new Timeline(day({ events: [cut(10, 12)] }), 15, ['power-cut']).inputs.on['power-cut']).toBe(
      false,
    );
    expect(new Timeline(day({ events: [cut(10, null)] }), 15, ['power-cut']).inputs.on['power-cut']).toBe(
      true,
    );
  });
  test('weather by the hour, over and over', () => {
    const timeline = new Timeline(day({ days: 7, weather: { air_C: [1, 2, 3], sun: [0, 1] } }), 0, [
      'power-cut',
    ]);
    const airs = Array.from({ length: 5 * 3600 }, (_, second) => timeline.at(second).air_C);
    expect([0, 1, 2, 3, 4].map((hour) => airs[hour * 3600 + 10])).toEqual([1, 2, 3, 1, 2]);
  });
  test('the wobble keeps within its share, and a seed is a day', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 2 ** 31 - 1 }),
        fc.integer({ min: 0, max: 10_080 }),
        (seed, minute) => {
          const one = chance(seed, minute);
          expect(one).toBeGreaterThanOrEqual(0);
          expect(one).toBeLessThan(1);
          expect(chance(seed, minute)).toBe(one);
        },
      ),
    );
    const mean = Array.from({ length: 5000 }, (_, i) => chance(7, i)).reduce((sum, x) => sum + x, 0) / 5000;
    expect(mean).toBeCloseTo(0.5, 1);
    const { traces } = runBench(plain, day({ water: { every_s: 3600, flows_m3h: [10] }, wobble: 0.2 }));
    expect(Math.min(...traces[0].min)).toBeGreaterThanOrEqual(8);
    expect(Math.max(...traces[0].max)).toBeLessThanOrEqual(12);
    expect(new Set(traces[0].max).size).toBeGreaterThan(100);
  });
});

describe('a scenario is checked in words', () => {
  const fault = (change: object) => {
    const parsed = scenarioSchemaOf(BOOK).safeParse({ ...day(), ...change });
    return parsed.success ? '' : parsed.error.issues.map(({ message }) => message).join(' ');
  };
  test.each([
    [{ days: 3 }, 'Choose a day or a week.'],
    [{ water: { every_s: 3600, flows_m3h: [] } }, 'Enter at least one flow.'],
    [{ water: { every_s: 3600, flows_m3h: [-1] } }, 'A flow cannot be negative.'],
    [{ wobble: 0.9 }, 'At most half of the flow.'],
    [{ events: [cut(20, 10)] }, 'An event must end after it begins.'],
    [{ events: [{ ...cut(1, 2), kind: 'flood' }] }, 'Choose one of the events.'],
    [{ events: [{ ...cut(1, 2), amount: -5 }] }, 'The amount cannot be negative.'],
    [{ weather: { air_C: [10], sun: [1.4] } }, 'Full sun is 1.'],
  ])('%j', (change, words) => {
    expect(fault(change)).toContain(words);
  });
  test('a sound one passes', () => {
    expect(fault({ events: [cut(1, 2)], weather: { air_C: [10], sun: [0.5] }, startDay: 3 })).toBe('');
  });
});

describe('events', () => {
  test('one without an end happens at once', () => {
    expect(Object.keys(BOOK).filter((kind) => happensAtOnce(BOOK[kind]))).toEqual(['gas']);
  });
  test('are told with their amount and its unit', () => {
    const frost: BenchEvent = { kind: 'frost', at_s: 0, until_s: 10, amount: 4 };
    expect(wordsOfChange({ at_s: 0, begins: true, event: frost }, BOOK)).toBe('Frost: 4 K below freezing.');
    expect(wordsOfChange({ at_s: 10, begins: false, event: frost }, BOOK)).toBe('The frost is over.');
  });
});

test('shaped days stand around the usual flow and never pass the maximum', () => {
  for (const shape of Object.keys(DAY_SHAPES) as (keyof typeof DAY_SHAPES)[]) {
    const hours = shapedDay(shape, 10, 18);
    expect(hours).toHaveLength(24);
    expect(Math.max(...hours)).toBeLessThanOrEqual(18);
    expect(Math.min(...hours)).toBeGreaterThanOrEqual(0);
    const mean = shapedDay(shape, 10, 1000).reduce((sum, flow) => sum + flow, 0) / 24;
    expect(mean).toBeGreaterThan(6);
    expect(mean).toBeLessThan(11);
  }
});

describe('a short run, in steps finer than a second', () => {
  /** A door that opens a hundredth of the way in each hundredth of a second, unless the power is cut. */
  const door: BenchModel<{ open: number; begun: number }> = {
    events: POWER_CUT,
    channels: [{ key: 'open', label: 'Open', unit: '%' }],
    flags: [{ begins: 'It is open.', ends: null }],
    steps_per_s: 100,
    init: () => ({ open: 0, begun: 0 }),
    step: (state, inputs) => {
      if (inputs.begins['power-cut']) state.begun += 1;
      if (!inputs.on['power-cut'] && state.open < 100) state.open += 1;
    },
    read: (state, _inputs, into) => {
      into[0] = state.open;
    },
    flagsOf: ({ open }) => (open >= 100 ? 1 : 0),
    sums: ({ open, begun }) => ({ open, begun }),
  };
  const cut = { kind: 'power-cut', at_s: 0, until_s: 2, amount: null };

  test('every step counts, an event begins in one of them, and what happens has its hundredth', () => {
    const run = runBench(door, day({ short_s: 5, events: [cut] }));
    expect([run.seconds, run.bucket_s, run.traces[0].max.length]).toEqual([5, 0.01, 500]);
    expect(run.sums).toEqual({ open: 100, begun: 1 });
    expect(run.happenings.find(({ words }) => words === 'It is open.')?.at_s).toBeCloseTo(2.99, 9);
    expect(run.traces[0].max[199]).toBe(0);
    expect(run.traces[0].max[200]).toBe(1);
  });
  test('its state at a moment is that of the run', () => {
    const scenario = day({ short_s: 5, events: [cut] });
    const run = runBench(door, scenario);
    expect(stateAt(door, scenario, run, 2.5).state.open).toBe(51);
    // a moment whose hundredths are no whole number to a computer
    expect(stateAt(door, scenario, run, 2.3).state.open).toBe(31);
    expect(stateAt(door, scenario, run, 4).state.open).toBe(100);
  });
  test('a run of some minutes is drawn in no more stretches than a picture shows, and all of them fill it', () => {
    const run = runBench(door, day({ short_s: 37 }));
    expect(run.traces[0].max.length).toBeLessThanOrEqual(1000);
    expect(run.traces[0].max.length * run.bucket_s).toBeCloseTo(37, 9);
    expect(run.traces[0].mean.every(Number.isFinite)).toBe(true);
  });
});
