import { inWindow } from '../../../schedule';
import fc from 'fast-check';
import { EVERY_DAY } from '../../../time';
import { checkSettings } from '../checks/checks';
import { planAndCheck } from './plan';
import { type PoolDuty, poolDutySchema } from '../wire/duty';
import { contextOf, DUTY, LINK, PANEL, PANEL_DUTY, TEN_SLOTS, wordsOf } from '../fixtures';
import { cleanFlow_m3h, leastSpeed_rpm, pumpOf } from '../effect/hydraulics';
import { speedRange } from './programs';
import { settingsOf } from '../settings/pumping';
import { trueWeek, weekSums } from '../effect/week';

const figure = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const minute = fc.integer({ min: 0, max: 1439 });

/** Pools that a pump of this size may have to do with, quiet hours and needs off the quarter hour among them. */
const duties = fc
  .record({
    turnovers: figure(0.5, 8),
    quiet: fc.option(
      fc.record({
        from: minute,
        long: fc.integer({ min: 30, max: 700 }),
        cap: fc.integer({ min: 900, max: 2200 }),
      }),
    ),
    need: fc.option(
      fc.record({
        from: fc.integer({ min: 0, max: 1300 }),
        long: fc.integer({ min: 5, max: 139 }),
        flow: figure(5, 14),
      }),
    ),
    beforeWash: figure(0.7, 1),
    leastFlow: fc.option(figure(3, 8)),
    cheap: fc.integer({ min: 60, max: 700 }),
  })
  .map(({ turnovers, quiet, need, beforeWash, leastFlow, cheap }): PoolDuty => ({
    ...DUTY,
    bodies: [{ ...DUTY.bodies[0], turnoversPerDay: turnovers }],
    beforeWash,
    circuits: [
      ...DUTY.circuits,
      {
        name: 'Cleaner',
        kind: 'cleaner',
        leastFlow_m3h: need?.flow ?? 9,
        static_m: 0,
        exposed: false,
        place: null,
      },
    ],
    needs: need
      ? [{ circuit: 'Cleaner', days: EVERY_DAY, from: need.from, to: need.from + need.long, hours: null }]
      : [],
    quiet: quiet ? { from: quiet.from, to: (quiet.from + quiet.long) % 1440, greatest_rpm: quiet.cap } : null,
    longestPause_min: null,
    leastFlow_m3h: leastFlow,
    leastRun_min: 0,
    tariff: {
      currency: 'SKR',
      windows: [
        { days: EVERY_DAY, months: null, from: 0, to: cheap, price: 0.18 },
        { days: EVERY_DAY, months: null, from: cheap, to: 1440, price: 0.31 },
      ],
    },
  }));

/** Whether every minute at the fastest that limits and quiet hours allow would move the water and keep the least flow: then a plan must. */
function reachable(duty: PoolDuty): boolean {
  const context = contextOf(TEN_SLOTS, duty);
  const pump = pumpOf(duty);
  const { greatest_rpm, least_rpm, step_rpm } = speedRange(context);
  const least = Math.max(
    least_rpm,
    leastSpeed_rpm(pump, duty.circuits[0], step_rpm),
    duty.leastFlow_m3h === null ? 0 : pump.speedFor_rpm(duty.leastFlow_m3h),
  );
  let moved = 0;
  let continuous = true;
  for (let at = 0; at < 1440; at++) {
    const quiet =
      duty.quiet && inWindow(at, duty.quiet.from, duty.quiet.to) ? duty.quiet.greatest_rpm : Infinity;
    const fastest = Math.min(greatest_rpm, Math.floor(quiet / step_rpm) * step_rpm);
    if (fastest >= least) moved += pump.flow_m3h(fastest) / 60;
    else continuous = false;
  }
  const [body] = duty.bodies;
  const needed = 8 * 4 * body.depth_m * body.turnoversPerDay;
  return moved >= needed && (duty.leastFlow_m3h === null || continuous);
}

test('the duties tried are ones that can be met, and ones that cannot', () => {
  const met = fc.sample(duties, { numRuns: 200, seed: 11 }).filter(reachable).length;
  expect(met).toBeGreaterThan(60);
  expect(met).toBeLessThan(195);
});

test('a default plan draws no finding on turnover, minimum flow or quiet hours that it could have avoided', () => {
  fc.assert(
    fc.property(duties, (duty) => {
      const { findings } = planAndCheck(contextOf(TEN_SLOTS, poolDutySchema.parse(duty)));
      for (const finding of findings) wordsOf(finding);
      const texts = findings.map(({ text }) => text);
      if (reachable(duty)) {
        expect(texts).not.toContain('POO-22');
        expect(texts).not.toContain('POO-27.flow');
      }
      // a need of the duty's own may lie in the quiet hours; the run of the filter never passes their cap
      if (duty.needs.length === 0) expect(texts).not.toContain('POO-27.quiet');
      expect(texts).not.toContain('POO-08');
      expect(texts).not.toContain('POO-27.cover');
    }),
    { numRuns: 250 },
  );
});

test('quiet hours and needs are kept to the minute', () => {
  const duty: PoolDuty = {
    ...DUTY,
    quiet: { from: 22 * 60 + 10, to: 6 * 60 + 5, greatest_rpm: 1500 },
    circuits: [
      ...DUTY.circuits,
      { name: 'Cleaner', kind: 'cleaner', leastFlow_m3h: 11, static_m: 0, exposed: false, place: null },
    ],
    needs: [{ circuit: 'Cleaner', days: EVERY_DAY, from: 601, to: 606, hours: null }],
    bodies: [{ ...DUTY.bodies[0], turnoversPerDay: 5.5 }],
  };
  const context = contextOf(TEN_SLOTS, duty);
  const { plan, findings } = planAndCheck(context);
  expect(findings.map(({ text }) => text)).not.toEqual(expect.arrayContaining(['POO-27.quiet']));
  const week = trueWeek(context, settingsOf(context, plan.values)).filter(({ cause }) => cause === 'program');
  for (let at = 0; at < 1440; at++) {
    const speed = week.find(({ from, to }) => from <= at && at < to)?.speed_rpm ?? 0;
    if (inWindow(at, 1330, 365)) expect(speed).toBeLessThanOrEqual(1500);
  }
  const fast = week.filter(({ speed_rpm }) => pumpOf(duty).flow_m3h(speed_rpm) >= 11);
  // five minutes are wanted, and no quarter of an hour is made of them
  expect(fast.some(({ from, to }) => from <= 601 && to >= 606)).toBe(true);
});

describe('a panel that times what moves no water', () => {
  const lights = {
    name: 'Lights',
    kind: 'no-water' as const,
    leastFlow_m3h: 0,
    static_m: 0,
    exposed: false,
    place: 5,
  };
  const duty: PoolDuty = { ...PANEL_DUTY, circuits: [...PANEL_DUTY.circuits, lights] };
  const bare = contextOf(PANEL, duty);
  const timer = { 'circuit/2': 'c5', 'start/2': 1080, 'stop/2': 1380, 'days/2': EVERY_DAY };
  const context = contextOf(PANEL, duty, { inForce: timer });
  const values = planAndCheck(context).plan.values;

  test('its timer is left alone by the plan, and its slot is not used for anything else', () => {
    expect(values).toMatchObject(timer);
  });
  test('it adds no water to the day, and an unread speed of it leaves the week known', () => {
    const sums = (of: typeof context, held = values) =>
      weekSums(of, trueWeek(of, settingsOf(of, held)), settingsOf(of, held)).daily_m3[0];
    const without = planAndCheck(bare).plan.values;
    expect(sums(context)).toBeCloseTo(sums(bare, without), 6);
    const { 'circuitSpeed/5': _, ...unread } = values;
    expect(checkSettings(context, 'left', unread).map(({ code }) => code)).not.toContain('POO-22');
    expect(settingsOf(context, unread).programs.some(({ circuit }) => circuit === 5)).toBe(false);
  });
});

describe('each water has its own circuits', () => {
  const tub = {
    name: 'Tub',
    kind: 'tub' as const,
    shapes: [{ shape: 'round' as const, length_m: 2, width_m: 0 }],
    depth_m: 0.9,
    turnoversPerDay: 6,
    circuits: ['Spa'],
  };
  const spa = { name: 'Spa', kind: 'spa' as const, leastFlow_m3h: 8, static_m: 0, exposed: false, place: 2 };
  const duty: PoolDuty = {
    ...PANEL_DUTY,
    bodies: [{ ...PANEL_DUTY.bodies[0], circuits: ['Filter'] }, tub],
    circuits: [...PANEL_DUTY.circuits, spa],
  };
  test('the hours of one circuit do not turn the other water over: the plan runs both', () => {
    const { plan, findings } = planAndCheck(contextOf(PANEL, duty));
    expect(findings.map(({ text }) => text)).not.toContain('POO-22');
    const context = contextOf(PANEL, duty);
    const { waters } = weekSums(context, trueWeek(context, settingsOf(context, plan.values)));
    expect(waters.map(({ names }) => names)).toEqual([['Seal pool'], ['Tub']]);
    for (const { needed_m3, daily_m3 } of waters)
      expect(Math.min(...daily_m3)).toBeGreaterThanOrEqual(needed_m3 * 0.999);
  });
  test('mistake: the tub’s circuit never runs, however long the filter does', () => {
    const context = contextOf(PANEL, {
      ...duty,
      programs: [{ name: 'Filter', days: EVERY_DAY, start: 0, stop: 0, speed_rpm: 2400, circuit: 'Filter' }],
    });
    const found = planAndCheck(context).findings.filter(({ text }) => text === 'POO-22');
    expect(found.map(({ values }) => values.body)).toEqual(['Tub']);
  });
  test('a circuit that is none of the duty’s is said at the body', () => {
    const wrong = poolDutySchema.safeParse({ ...duty, bodies: [{ ...tub, circuits: ['Jets'] }] });
    expect(wrong.error?.issues[0]).toMatchObject({
      path: ['bodies', 0, 'circuits'],
      message: 'There is no circuit “Jets”.',
    });
  });
});

describe('what nobody answered stays as it is', () => {
  test('the winters were never spoken of: no target for frost guard, and no finding on it', () => {
    const duty = { ...PANEL_DUTY, winter: null };
    const { plan, findings } = planAndCheck(
      contextOf(PANEL, duty, { inForce: { frost: 'on', frostTemp: 4 } }),
    );
    expect(plan.targets.map(({ role }) => role).filter((role) => role.startsWith('frost'))).toEqual([]);
    expect(plan.targets.map(({ role }) => role)).not.toContain('circuit.frost');
    expect(findings.map(({ code }) => code)).not.toContain('POO-11');
  });
  test('near miss: mild winters were said, so it is switched off', () => {
    const { plan } = planAndCheck(contextOf(PANEL, { ...PANEL_DUTY, winter: 'none' }));
    expect(plan.targets.find(({ role }) => role === 'frost.guard')?.value).toBe('off');
  });
  test('the travel of valves is left as it stands', () => {
    const { plan } = planAndCheck(contextOf(PANEL, PANEL_DUTY, { inForce: { valveDelay: 20 } }));
    expect(plan.targets.map(({ role }) => role)).not.toContain('delay.valves');
  });
});

describe('limits of the plant over the whole span', () => {
  test('POO-12: a slow stretch that begins before the window and runs into it counts', () => {
    const duty: PoolDuty = {
      ...DUTY,
      circuits: [
        ...DUTY.circuits,
        { name: 'Heater', kind: 'heater', leastFlow_m3h: 9, static_m: 0, exposed: false, place: null },
      ],
      heat: { ...PANEL_DUTY.heat!, source: 'heater' },
      needs: [{ circuit: 'Heater', days: EVERY_DAY, from: 600, to: 700, hours: null }],
      programs: [
        { name: 'Filter', days: EVERY_DAY, start: 540, stop: 660, speed_rpm: 1000, circuit: 'Filter' },
      ],
    };
    const late = planAndCheck(contextOf(TEN_SLOTS, duty)).findings.map(({ code }) => code);
    expect(late).toContain('POO-12');
    const before = { ...duty, programs: [{ ...duty.programs![0], stop: 600 }] };
    expect(planAndCheck(contextOf(TEN_SLOTS, before)).findings.map(({ code }) => code)).not.toContain(
      'POO-12',
    );
  });
  test('a suction cover has no margin: half a per cent over is a stop, a filter lets its step pass', () => {
    const pump = pumpOf(DUTY);
    const flow = cleanFlow_m3h(DUTY, pump, 2000);
    const at = (limits: Partial<PoolDuty['limits']>) =>
      checkSettings(
        contextOf(TEN_SLOTS, {
          ...DUTY,
          limits: {
            ...DUTY.limits,
            filter_m3h: 99,
            suction_mm: null,
            return_mm: null,
            cover_m3h: null,
            ...limits,
          },
        }),
        'left',
        { limit: 2000 },
      ).map(({ text }) => text);
    expect(at({ cover_m3h: flow * 0.995 })).toContain('POO-27.cover');
    expect(at({ cover_m3h: flow })).not.toContain('POO-27.cover');
    expect(at({ filter_m3h: flow * 0.995 })).not.toContain('POO-08');
  });
});

describe('guards', () => {
  test('the frost speed of a lifted roof is the speed of its minimum flow, and its reason says that flow', () => {
    const roof = PANEL_DUTY.circuits.find(({ kind }) => kind === 'solar')!;
    const speed = planAndCheck(
      contextOf(TEN_SLOTS, {
        ...PANEL_DUTY,
        circuits: PANEL_DUTY.circuits.map((c) => ({ ...c, place: null })),
      }),
    ).plan.targets.find(({ role }) => role === 'frost.speed')!;
    const flow = pumpOf(PANEL_DUTY).flow_m3h(Number(speed.value), roof.static_m);
    expect(flow).toBeGreaterThanOrEqual(roof.leastFlow_m3h * 0.999);
    expect(speed.reason).toMatchObject({
      text: 'frost.lifted',
      values: { flow: { v: expect.closeTo(flow, 6) } },
    });
  });
  test('POO-11: a frost speed that lifts nothing over the roof is found; near miss: one that does', () => {
    const duty = { ...PANEL_DUTY, circuits: PANEL_DUTY.circuits.map((c) => ({ ...c, place: null })) };
    const context = contextOf(TEN_SLOTS, duty);
    const values = planAndCheck(context).plan.values;
    const key = TEN_SLOTS.parameters.find(({ role }) => role === 'frost.speed')!.key;
    const texts = (speed: number) =>
      checkSettings(context, 'left', { ...values, [key]: speed }).map(({ text }) => text);
    expect(texts(900)).toContain('POO-11.slow');
    expect(texts(Number(values[key]))).not.toContain('POO-11.slow');
  });
  test('the chlorinator’s hours are those in which its own circuit has its flow', () => {
    const circuits = PANEL_DUTY.circuits.map((c) => (c.kind === 'chlorinator' ? { ...c, place: 4 } : c));
    const duty: PoolDuty = {
      ...PANEL_DUTY,
      circuits,
      chlorinator: { rated_gph: 25, needed_gpd: 100, cold_C: 12 },
      programs: [
        { name: 'Filter', days: EVERY_DAY, start: 0, stop: 480, speed_rpm: 1600, circuit: 'Filter' },
        {
          name: 'Chlorinator',
          days: EVERY_DAY,
          start: 480,
          stop: 840,
          speed_rpm: 1600,
          circuit: 'Chlorinator',
        },
        { name: 'Filter', days: EVERY_DAY, start: 840, stop: 0, speed_rpm: 1600, circuit: 'Filter' },
      ],
    };
    const context = contextOf(PANEL, duty);
    const { plan } = planAndCheck(context);
    const output = plan.targets.find(({ role }) => role === 'chlorinator.output')!;
    // 100 g in the 6 h of its own circuit, less the minutes of a prime that never falls into them
    expect(output.value).toBe(67);
    expect(output.reason.values.hours).toMatchObject({ v: expect.closeTo(6, 1) });
    const short = checkSettings(context, 'left', { ...plan.values, output: 21 }).find(
      ({ text }) => text === 'PRO-02.set',
    )!;
    expect(wordsOf(short)).toMatch(/31\.5 g a day/);
    expect(checkSettings(context, 'left', plan.values).map(({ code }) => code)).not.toContain('PRO-02');
  });
});

test('under relays or a link the plan writes no programs of its own: it does not make two masters itself', () => {
  for (const command of ['relay', 'link'] as const) {
    const { findings, plan } = planAndCheck(contextOf(LINK, { ...DUTY, command }));
    expect(findings.map(({ code }) => code)).not.toContain('POO-25');
    expect(findings.map(({ code }) => code)).not.toContain('POO-22');
    expect(
      settingsOf(contextOf(LINK, DUTY), plan.values).programs.every(
        ({ enabled, empty }) => empty || enabled === false,
      ),
    ).toBe(true);
  }
});

test('POO-07 names the currency and does not advise what was just done', () => {
  const dear = {
    ...DUTY,
    programs: [
      { name: 'Filter', days: EVERY_DAY, start: 1020, stop: 1260, speed_rpm: 2400, circuit: 'Filter' },
    ],
  };
  const found = planAndCheck(contextOf(TEN_SLOTS, dear)).findings.find(({ code }) => code === 'POO-07')!;
  expect(wordsOf(found)).toMatch(/SKR a month/);
  expect(wordsOf(found)).not.toContain('let the cheapest plan');
});
