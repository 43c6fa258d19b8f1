import fc from 'fast-check';
import { DAY_MIN, timeOfDay } from '../time';
import { flowAt_m3h, lawThrough, powerAt_W, type FlowPoint } from '../hydraulics';
import {
  checkedTariff,
  cheapestTwoPrice,
  costOf,
  daySums,
  OVERLAP_RULES,
  resolveDay,
  type OverlapRule,
  type Program,
} from './index';

const POINT: FlowPoint = { speed_rpm: 2000, flow_m3h: 11.5, power_W: 420 };

const anyMinute = fc.integer({ min: 0, max: DAY_MIN - 1 });
const anyProgram = fc.record({
  start: anyMinute,
  stop: anyMinute,
  speed: fc.integer({ min: 6, max: 34 }).map((hundreds) => hundreds * 100),
  enabled: fc.boolean(),
});
const anyDay = fc
  .array(anyProgram, { maxLength: 8 })
  .map((programs): Program[] => programs.map((program, i) => ({ ...program, slot: i + 1 })));
const anyRule = fc.constantFrom(...OVERLAP_RULES);

const wants = ({ start, stop, enabled }: Program, minute: number): boolean =>
  enabled !== false &&
  start !== stop &&
  (start < stop ? minute >= start && minute < stop : minute >= start || minute < stop);

describe('a resolved day', () => {
  test('gives every minute exactly one outcome, from 0:00 to 24:00', () => {
    fc.assert(
      fc.property(anyDay, anyRule, (programs, rule) => {
        const segments = resolveDay(programs, rule);
        expect(segments[0].from).toBe(0);
        expect(segments[segments.length - 1].to).toBe(DAY_MIN);
        for (const [i, { from, to }] of segments.entries()) {
          expect(to).toBeGreaterThan(from);
          if (i > 0) expect(from).toBe(segments[i - 1].to);
        }
      }),
    );
  });

  test('names at every minute the one that the rule prefers, and all others that want the pump', () => {
    fc.assert(
      fc.property(anyDay, anyRule, anyMinute, (programs, rule, minute) => {
        const here = resolveDay(programs, rule).find(({ from, to }) => from <= minute && minute < to)!;
        const wanting = programs.filter((program) => wants(program, minute));
        expect(new Set([...(here.program ? [here.program] : []), ...here.suppressed])).toEqual(
          new Set(wanting),
        );
        for (const other of here.suppressed) expect(beats(here.program!, other, rule, minute)).toBe(true);
      }),
    );
  });

  test('moves and costs the sum of its minutes', () => {
    const tariff = checkedTariff([
      { from: 0, to: 405, price: 0.19 },
      { from: 405, to: DAY_MIN, price: 0.46 },
    ]);
    fc.assert(
      fc.property(anyDay, anyRule, (programs, rule) => {
        const segments = resolveDay(programs, rule);
        const sums = daySums(segments, POINT, 2.8, tariff);
        const law = lawThrough(POINT, 2.8);
        let volume_m3 = 0;
        let cost = 0;
        for (let minute = 0; minute < DAY_MIN; minute++) {
          const program = segments.find(({ from, to }) => from <= minute && minute < to)?.program;
          if (!program) continue;
          volume_m3 += flowAt_m3h(POINT, program.speed) / 60;
          cost += (powerAt_W(law, program.speed) / 60_000) * (minute < 405 ? 0.19 : 0.46);
        }
        expect(sums.volume_m3).toBeCloseTo(volume_m3, 6);
        expect(sums.cost).toBeCloseTo(cost, 8);
      }),
      { numRuns: 30 },
    );
  });

  /** Said again from the rule's words, apart from the code under test. */
  function beats(a: Program, b: Program, rule: OverlapRule, minute: number): boolean {
    const since = ({ start }: Program) => (start <= minute ? start : start - DAY_MIN);
    const lead = {
      'latest-start': since(a) - since(b),
      'highest-speed': a.speed - b.speed,
      'first-slot': b.slot - a.slot,
      'last-slot': a.slot - b.slot,
    }[rule];
    return lead > 0 || (lead === 0 && a.slot < b.slot);
  }
});

describe('a tariff', () => {
  test('is put in order, and what a stretch costs is split at its windows', () => {
    const tariff = checkedTariff([
      { from: 600, to: DAY_MIN, price: 0.4 },
      { from: 0, to: 600, price: 0.1 },
    ]);
    // an hour at 2 kW, half of it at each price
    expect(costOf(tariff, 570, 630, 2000)).toBeCloseTo(0.1 + 0.4, 12);
  });

  test.each([
    [
      [
        [0, 600],
        [660, 1440],
      ],
      'No price from 10:00 to 11:00.',
    ],
    [
      [
        [0, 700],
        [600, 1440],
      ],
      'Two prices from 10:00 to 11:40.',
    ],
    [[[60, 1440]], 'No price from 0:00 to 1:00.'],
    [[[0, 1380]], 'No price from 23:00 to 24:00.'],
    [
      [
        [0, 0],
        [0, 1440],
      ],
      'A window from 0:00 cannot end at 0:00.',
    ],
  ] as [number[][], string][])('with windows %j says why it cannot be used', (windows, words) => {
    expect(() => checkedTariff(windows.map(([from, to]) => ({ from, to, price: 1 })))).toThrow(words);
  });

  test('minutes are written as times', () => {
    expect([0, 65, 1440].map(timeOfDay)).toEqual(['0:00', '1:05', '24:00']);
  });
});

describe('the cheapest pair of speeds at two prices', () => {
  const cheap = { hours: 14, price: 0.18 };
  const dear = { hours: 10, price: 0.4 };
  const plan = cheapestTwoPrice(150, POINT, cheap, dear);
  const moved = (a: number, b: number) => flowAt_m3h(POINT, a) * 14 + flowAt_m3h(POINT, b) * 10;
  const cost = (a: number, b: number) => {
    const law = lawThrough(POINT, 3);
    return (powerAt_W(law, a) * 14 * 0.18 + powerAt_W(law, b) * 10 * 0.4) / 1000;
  };

  test('moves the volume, in the ratio of the root of the prices', () => {
    expect(moved(plan.speedCheap_rpm, plan.speedDear_rpm)).toBeCloseTo(150, 9);
    expect(plan.speedDear_rpm / plan.speedCheap_rpm).toBeCloseTo(Math.sqrt(0.18 / 0.4), 12);
  });

  test.each([-200, -20, -1, 1, 20, 200])(
    'no other pair that moves as much costs less (%i rev/min off)',
    (off) => {
      const other = plan.speedCheap_rpm + off;
      const rest = (150 - flowAt_m3h(POINT, other) * 14) / (10 * flowAt_m3h(POINT, 1));
      expect(moved(other, rest)).toBeCloseTo(150, 9);
      expect(cost(other, rest)).toBeGreaterThan(plan.cost);
    },
  );

  test('energy for nothing takes it all', () => {
    const free = cheapestTwoPrice(150, POINT, { hours: 14, price: 0 }, dear);
    expect(free).toMatchObject({ speedDear_rpm: 0, cost: 0 });
  });
});
