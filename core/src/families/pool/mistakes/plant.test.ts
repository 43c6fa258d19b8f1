import { EVERY_DAY } from '../../../time';
import { checkSettings } from '../checks/checks';
import { THRESHOLDS } from '../../../findings';
import { Walk } from '../../../job/testing/walk.fixtures';
import { cleanFlow_m3h, pumpOf, totalVolume_m3 } from '../effect/hydraulics';
import { saltToAdd } from '../effect/salt';
import {
  contextOf,
  DUTY,
  FOUR_SPEEDS,
  LINK,
  PANEL,
  PANEL_DUTY,
  sound,
  TEN_SLOTS,
  texts,
  wordsOf,
  panel,
} from '../fixtures';
import type { PoolDuty } from '../wire/duty';

const CONTEXT = contextOf();

describe('POO-08 maximum speed left open, POO-27 the suction cover', () => {
  test('mistake: at 3260 rev/min a clean filter lets more through than it is rated for', () => {
    const finding = checkSettings(CONTEXT, 'found', { ...sound(CONTEXT), limit: 3260 }).find(
      ({ text }) => text === 'POO-08',
    );
    expect(finding?.severity).toBe('stop');
    expect(wordsOf(finding)).toContain(
      'The pump may turn at 3260 rev/min: with a clean filter that is 19.8 m³/h, and the filter’s rated flow is 16 m³/h.',
    );
  });
  test('mistake: more than the cover is rated for stops by itself', () => {
    const small = contextOf(TEN_SLOTS, { ...DUTY, limits: { ...DUTY.limits, cover_m3h: 15 } });
    expect(texts(small, { limit: 2630 })).toContain('POO-27.cover');
  });
  test('near miss: limited below every wall', () => {
    expect(
      texts(CONTEXT, { limit: 2630 }).filter((text) => text === 'POO-08' || text === 'POO-27.cover'),
    ).toEqual([]);
  });
});

describe('POO-09 the limit caps prime or boost', () => {
  test('mistake', () => expect(texts(CONTEXT, { limit: 1800, primeSpeed: 3000 })).toContain('POO-09'));
  test('near miss: the prime is no faster; or this controller does not cap it', () => {
    expect(texts(CONTEXT, { limit: 2630, primeSpeed: 2600 })).not.toContain('POO-09');
    expect(texts(contextOf(LINK), { high: 2000, primeAt: 2600 })).not.toContain('POO-09');
  });
});

describe('POO-27 and POO-08 of a prime that the limit does not cap', () => {
  const flow_m3h = cleanFlow_m3h(DUTY, pumpOf(DUTY), 2600);
  const primed = (limits: Partial<PoolDuty['limits']>) =>
    texts(contextOf(LINK, { ...DUTY, limits: { ...DUTY.limits, ...limits } }), {
      high: 2000,
      primeAt: 2600,
    });
  test('mistake: the cover takes a little less than the prime sends; near miss: a little more', () => {
    expect(primed({ cover_m3h: flow_m3h - 0.05, filter_m3h: 40 })).toContain('POO-27.prime');
    expect(primed({ cover_m3h: flow_m3h + 0.05, filter_m3h: 40 })).not.toContain('POO-27.prime');
  });
  test('mistake: the filter, past the margin that it has and a cover has not; near miss: within it', () => {
    const just_m3h = flow_m3h / (1 + THRESHOLDS.wallMargin);
    expect(primed({ cover_m3h: 40, filter_m3h: just_m3h - 0.05 })).toContain('POO-08.prime');
    expect(primed({ cover_m3h: 40, filter_m3h: just_m3h + 0.05 })).not.toContain('POO-08.prime');
  });
  test('near miss: this limit caps the prime too', () => {
    const small = contextOf(TEN_SLOTS, { ...DUTY, limits: { ...DUTY.limits, cover_m3h: flow_m3h - 0.05 } });
    expect(texts(small, { limit: 2000, primeSpeed: 2600 })).not.toContain('POO-27.prime');
  });
});

describe('POO-10 priming', () => {
  test('mistakes: off, zero, too short, so long that it may run dry', () => {
    expect(texts(CONTEXT, { primeMode: 'off' })).toContain('POO-10.off');
    expect(texts(CONTEXT, { primeTime: 0 })).toContain('POO-10.off');
    expect(texts(CONTEXT, { primeMode: 'fixed', primeTime: 0.5 })).toContain('POO-10.short');
    expect(texts(CONTEXT, { primeTime: 20 })).toContain('POO-10.long');
  });
  test('near miss: ten minutes; or off on purpose, filled by hand', () => {
    expect(texts(CONTEXT, { primeTime: 10 }).filter((text) => text.startsWith('POO-10'))).toEqual([]);
    const byHand = contextOf(TEN_SLOTS, { ...DUTY, choices: { priming: 'off' } });
    expect(texts(byHand, { primeMode: 'off', primeTime: 0 })).not.toContain('POO-10.off');
  });
});

describe('POO-11 frost guard', () => {
  test('mistakes: off, a circuit left out, trusted for the drive alone, hard winters', () => {
    expect(texts(panel(), { frost: 'off' })).toContain('POO-11.off');
    const left = checkSettings(panel(), 'found', { ...sound(panel()), 'circuitFrost/6': 'no' });
    expect(wordsOf(left.find(({ text }) => text === 'POO-11.circuit'))).toContain(
      'Frost guard does not run Roof',
    );
    const drive = {
      ...FOUR_SPEEDS,
      parameters: [
        ...FOUR_SPEEDS.parameters,
        ...TEN_SLOTS.parameters.filter(({ role }) => role === 'frost.guard'),
      ],
      groups: [...FOUR_SPEEDS.groups, { key: 'frost', label: 'Frost' }],
    };
    const exposed = { ...DUTY, winter: 'light' as const, circuits: [{ ...DUTY.circuits[0], exposed: true }] };
    expect(texts(contextOf(drive, exposed), { frost: 'on' })).toContain('POO-11.drive');
    expect(texts(panel({ winter: 'hard' }))).toContain('POO-11.hard');
  });
  test('near miss: every exposed circuit named; no frost; drained down', () => {
    expect(texts(panel()).filter((text) => text.startsWith('POO-11'))).toEqual([]);
    expect(texts(panel({ winter: 'none' }), { frost: 'off' })).not.toContain('POO-11.off');
    expect(texts(panel({ choices: { frost: 'drain' } }), { frost: 'off' })).not.toContain('POO-11.off');
  });
});

describe('POO-12 heater or chlorinator below its minimum flow', () => {
  test('mistake: the filter runs too slowly for the heater', () => {
    const finding = checkSettings(panel(), 'found', { ...sound(panel()), circuitSpeed: 1000 }).find(
      ({ text }) => text === 'POO-12',
    );
    expect(wordsOf(finding)).toContain('Heater needs 7 m³/h');
  });
  test('near miss: just enough', () => expect(texts(panel())).not.toContain('POO-12'));
});

describe('POO-13 after-run, POO-14 set points', () => {
  test('mistakes', () => {
    expect(texts(panel(), { afterRun: 0 })).toContain('POO-13');
    expect(texts(panel(), { poolTemp: 36 })).toContain('POO-14.warm');
    const tub = panel({ heat: { ...PANEL_DUTY.heat!, tub_C: 34 } });
    expect(texts(tub, { body: 'pool', poolTemp: 34, tubTemp: 27 })).toContain('POO-14.body');
  });
  test('near misses: five minutes; the warmest that is allowed; each water has its own', () => {
    expect(texts(panel(), { afterRun: 5 })).not.toContain('POO-13');
    expect(texts(panel(), { poolTemp: 34 })).not.toContain('POO-14.warm');
    const tub = panel({ heat: { ...PANEL_DUTY.heat!, tub_C: 34 } });
    expect(texts(tub, { body: 'pool', poolTemp: 27, tubTemp: 34 })).not.toContain('POO-14.body');
  });
});

describe('POO-15 solar stop not below start', () => {
  test('mistake: half a kelvin apart', () =>
    expect(texts(panel(), { solarStart: 3, solarStop: 2.5 })).toContain('POO-15'));
  test('near miss: one kelvin; or the roof is not used', () => {
    expect(texts(panel(), { solarStart: 3, solarStop: 2 })).not.toContain('POO-15');
    expect(texts(panel(), { source: 'heater', solarStart: 3, solarStop: 3 })).not.toContain('POO-15');
  });
});

describe('POO-16 the cleaner before the main pump', () => {
  // the cleaner's program is the first of the day: the pump starts with it
  const alone = {
    circuit: 'c3',
    days: EVERY_DAY,
    start: 720,
    stop: 840,
    'circuit/2': 'none',
    'circuit/3': 'none',
  };
  test('mistake: no delay, and nothing runs before it', () =>
    expect(texts(panel(), { ...alone, cleanerDelay: 0 })).toContain('POO-16'));
  test('near miss: it waits; or the filter ran long before', () => {
    expect(texts(panel(), { ...alone, cleanerDelay: 10 })).not.toContain('POO-16');
    expect(texts(panel(), { cleanerDelay: 0 })).not.toContain('POO-16');
  });
});

describe('POO-17 chlorinator in cold water', () => {
  const cold = panel({ water_C: 9 });
  test('mistake: its cut-out stands too low', () => expect(texts(cold, { cold: 5 })).toContain('POO-17'));
  test('near miss: the cut-out idles it; or the water is warm', () => {
    expect(texts(cold, { cold: 12 })).not.toContain('POO-17');
    expect(texts(panel(), { cold: 5 })).not.toContain('POO-17');
  });
});

describe('POO-20 another kind of pump', () => {
  const plate = { plate: { family: 'pool' as const, greatest_rpm: 3260, rated_W: 1500, kind: 'M' } };
  test('mistake', () =>
    expect(texts(contextOf(TEN_SLOTS, DUTY, plate), { pumpKind: 'L' })).toContain('POO-20'));
  test('near miss: as on the plate; or the plate does not say', () => {
    expect(texts(contextOf(TEN_SLOTS, DUTY, plate), { pumpKind: 'M' })).not.toContain('POO-20');
    expect(texts(CONTEXT, { pumpKind: 'L' })).not.toContain('POO-20');
  });
});

describe('POO-18 how much salt', () => {
  const wanted = { rated_gph: 20, needed_gpd: 180, cold_C: 12, salt: { least_gl: 2.8, greatest_gl: 3.6 } };
  const duty = { ...PANEL_DUTY, chlorinator: wanted };
  const volume = totalVolume_m3(duty);
  const told = (kit_gl: number, added_kg: number) => {
    const walk = new Walk({ profile: PANEL, duty, plate: contextOf().plate });
    walk.arrive();
    walk.plan();
    walk.record({ kind: 'salt', panel_gl: 3, kit_gl, added_kg });
    return walk.view.findings.job.map(({ text }) => text).filter((text) => text.startsWith('POO-18'));
  };
  test('up to the middle of what is wanted: grams a litre are kilograms a cubic metre', () => {
    expect(saltToAdd(duty, 2)).toMatchObject({
      add_kg: expect.closeTo(1.2 * volume, 6) as number,
      above: false,
    });
    expect(saltToAdd(duty, 2.8)).toMatchObject({ add_kg: 0, above: false });
    expect(saltToAdd(duty, 3.7)).toMatchObject({ add_kg: 0, above: true });
    expect(saltToAdd({ ...duty, chlorinator: { ...wanted, salt: undefined } }, 2)).toBeNull();
  });
  test('mistake: too much, or still too little; near miss: what was told', () => {
    expect(told(2, 1.7 * volume)).toEqual(['POO-18.much']);
    expect(told(2, 0.7 * volume)).toEqual(['POO-18.little']);
    expect(told(2, 1.2 * volume)).toEqual([]);
    expect(told(2, 0.81 * volume)).toEqual([]);
    expect(told(3.61, 0)).toEqual(['POO-18.much']);
  });
});
