import { keyAt, type SettingValues } from '../../../profile';
import { EVERY_DAY } from '../../../time';
import { checkSettings, planAndCheck } from '../checks/checks';
import type { PoolDuty } from '../wire/duty';
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
} from '../fixtures';

const CONTEXT = contextOf();
/** A program in a slot of the ten-slot drive. */
const slot = (n: number, program: Record<string, string | number>): SettingValues =>
  Object.fromEntries(
    Object.entries({ days: EVERY_DAY, speed: 1500, enable: 'on', ...program }).map(([key, value]) => [
      keyAt(key, n),
      value,
    ]),
  );
const panel = (change: Partial<PoolDuty> = {}) => contextOf(PANEL, { ...PANEL_DUTY, ...change });

test.each([
  [TEN_SLOTS, DUTY],
  [FOUR_SPEEDS, DUTY],
  [LINK, DUTY],
  [PANEL, PANEL_DUTY],
])('a plan of a sound duty has nothing that stops or warns: %#', (profile, duty) => {
  const { findings } = planAndCheck(contextOf(profile, duty));
  expect(findings.filter(({ severity }) => severity !== 'note')).toEqual([]);
});

describe('POO-01 stored, not enabled', () => {
  const parked = slot(7, { start: 60, stop: 300, enable: 'off' });
  test('mistake', () => expect(texts(CONTEXT, parked)).toContain('POO-01'));
  test('mistake: the enable that the plan wants was forgotten', () => {
    const duty = {
      ...DUTY,
      programs: [{ name: '', days: EVERY_DAY, start: 60, stop: 300, speed_rpm: 1500, circuit: null }],
    };
    const context = contextOf(TEN_SLOTS, duty);
    expect(texts(context, { 'enable/5': 'off' }, 'left')).toContain('POO-01');
  });
  test('near miss: enabled; or left in a slot that the plan switched off', () => {
    expect(texts(CONTEXT, { ...parked, 'enable/7': 'on' })).not.toContain('POO-01');
    const duty = {
      ...DUTY,
      programs: [{ name: '', days: EVERY_DAY, start: 0, stop: 720, speed_rpm: 1500, circuit: null }],
    };
    expect(texts(contextOf(TEN_SLOTS, duty), parked, 'left')).not.toContain('POO-01');
  });
});

describe('POO-02 overlap', () => {
  const two = {
    ...slot(5, { start: 420, stop: 1320, speed: 2500 }),
    ...slot(6, { start: 1020, stop: 1260, speed: 1500 }),
  };
  test('mistake: the later and slower one takes the pump', () => {
    const finding = checkSettings(CONTEXT, 'found', two).find(({ text }) => text === 'POO-02');
    expect(wordsOf(finding)).toContain(
      'Program 6 has the pump where program 5 wants it too, 28 h a week: here the latest start wins.',
    );
    expect(wordsOf(finding)).toContain('it goes on when the other ends');
  });
  test('by the controller’s own rule: highest speed, first slot, refused', () => {
    const shares = { from: 420, until: 1320, share: 90, 'from/2': 1020, 'until/2': 1260, 'share/2': 50 };
    const never = checkSettings(contextOf(FOUR_SPEEDS), 'found', shares).find(
      ({ text }) => text === 'POO-02.never',
    );
    expect(wordsOf(never)).toContain(
      'Program 2 is enabled and never has the pump: 1 takes it each time. Here the highest speed wins.',
    );
    const refused = {
      ...TEN_SLOTS,
      behaviours: {
        ...TEN_SLOTS.behaviours,
        programs: { ...TEN_SLOTS.behaviours.programs, overlap: 'refused' as const },
      },
    };
    expect(texts(contextOf(refused), two)).toContain('POO-02.refused');
  });
  test('near miss: one begins where the other ends', () => {
    expect(texts(CONTEXT, { ...two, 'stop/5': 1020 }).filter((text) => text.startsWith('POO-02'))).toEqual(
      [],
    );
  });
});

describe('POO-03 the same twice', () => {
  const twice = { ...slot(5, { start: 600, stop: 1080 }), ...slot(6, { start: 605, stop: 1080 }) };
  test('mistake', () => expect(texts(CONTEXT, twice)).toContain('POO-03'));
  test('near miss: 11 minutes apart, or another speed', () => {
    expect(texts(CONTEXT, { ...twice, 'start/6': 611 })).not.toContain('POO-03');
    expect(texts(CONTEXT, { ...twice, 'speed/6': 1600 })).not.toContain('POO-03');
  });
});

describe('POO-04 start equals stop', () => {
  test('mistake: off on one controller, all day on another, refused on a third', () => {
    expect(texts(CONTEXT, slot(7, { start: 480, stop: 480 }))).toContain('POO-04.off');
    expect(texts(contextOf(FOUR_SPEEDS), { from: 480, until: 480, share: 60 })).toContain('POO-04.all-day');
    expect(
      texts(contextOf(LINK), {
        'on/5': 480,
        'off/5': 480,
        'rpm/5': 1500,
        'days/5': EVERY_DAY,
        'use/5': 'on',
      }),
    ).toContain('POO-04.refused');
  });
  test('near miss: 0:00 to 0:00 is an empty slot; a switched-off one means nothing', () => {
    expect(texts(CONTEXT, slot(7, { start: 0, stop: 0 }))).not.toContain('POO-04.off');
    expect(texts(CONTEXT, slot(7, { start: 480, stop: 480, enable: 'off' }))).not.toContain('POO-04.off');
  });
});

describe('POO-05 a schedule on a front key, POO-06 a timed key taken for a schedule', () => {
  test('mistakes', () => {
    expect(texts(CONTEXT, slot(1, { start: 480, stop: 600 }))).toContain('POO-05');
    expect(texts(contextOf(FOUR_SPEEDS), { 'from/5': 480, 'until/5': 600, 'share/5': 60 })).toContain(
      'POO-06',
    );
  });
  test('near misses: a slot without a key; keys used on purpose; a timed key with no times', () => {
    expect(texts(CONTEXT, slot(7, { start: 480, stop: 600 }))).not.toContain('POO-05');
    expect(
      texts(
        contextOf(TEN_SLOTS, { ...DUTY, choices: { keys: 'first-slots' } }),
        slot(1, { start: 480, stop: 600 }),
      ),
    ).not.toContain('POO-05');
    expect(texts(contextOf(FOUR_SPEEDS), { 'from/5': 'none', 'until/5': 'none' })).not.toContain('POO-06');
  });
});

describe('POO-07 dear hours', () => {
  const run = (start: number, stop: number) => ({ ...emptied(), ...slot(5, { start, stop, speed: 2500 }) });
  test('mistake: most of it from 17:00 to 21:00', () =>
    expect(texts(CONTEXT, run(1020, 1260))).toContain('POO-07'));
  test('near miss: at night', () => expect(texts(CONTEXT, run(0, 390))).not.toContain('POO-07'));
});

/** All slots of the ten-slot drive off. */
function emptied(): SettingValues {
  return Object.fromEntries(Array.from({ length: 10 }, (_, i) => [keyAt('enable', i + 1), 'off']));
}

describe('POO-08 greatest speed left open, POO-27 the suction cover', () => {
  test('mistake: at 3260 rev/min a clean filter lets more through than it is rated for', () => {
    const finding = checkSettings(CONTEXT, 'found', { ...sound(CONTEXT), limit: 3260 }).find(
      ({ text }) => text === 'POO-08',
    );
    expect(finding?.severity).toBe('stop');
    expect(wordsOf(finding)).toContain(
      'It may turn at 3260 rev/min: with a clean filter that is 19.8 m³/h, and the filter’s rated flow is 16 m³/h.',
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

describe('POO-10 priming', () => {
  test('mistakes: off, nil, too short, so long that it may run dry', () => {
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

describe('POO-12 heater or chlorinator below its least flow', () => {
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

describe('POO-22 turnover and needs', () => {
  test('mistake: too short a day, with the figures', () => {
    const short = { ...emptied(), ...slot(5, { start: 0, stop: 600, speed: 1270 }) };
    const finding = checkSettings(CONTEXT, 'found', short).find(({ text }) => text === 'POO-22');
    expect(wordsOf(finding)).toMatch(/on Mon 69\.\d m³ are moved; 166\.4 m³ are needed/);
  });
  test('mistake: the cleaner gets an hour too little', () => {
    expect(texts(panel(), { stop: 780 })).toContain('POO-22.need');
  });
  test('near miss: just enough', () => {
    expect(texts(CONTEXT).filter((text) => text.startsWith('POO-22'))).toEqual([]);
    expect(texts(panel()).filter((text) => text.startsWith('POO-22'))).toEqual([]);
  });
});

describe('POO-23 two pumps with one address', () => {
  const linked = { ...DUTY, command: 'link' as const, otherAddresses: [2, 3] };
  test('mistake, with an address that is free', () => {
    const finding = checkSettings(contextOf(LINK, linked), 'found', { source: 'link', address: 2 }).find(
      ({ text }) => text === 'POO-23',
    );
    expect(wordsOf(finding)).toContain('Give it the address 1.');
  });
  test('near miss', () => expect(texts(contextOf(LINK, linked), { address: 4 })).not.toContain('POO-23'));
});

describe('POO-24 manual or hold', () => {
  test('mistake', () => {
    expect(texts(CONTEXT, { state: 'hand' })).toContain('POO-24.manual');
    expect(texts(CONTEXT, { state: 'hold' })).toContain('POO-24.hold');
  });
  test('near miss: automatic', () =>
    expect(texts(CONTEXT).filter((text) => text.startsWith('POO-24'))).toEqual([]));
});

describe('POO-25 two masters', () => {
  const linked = { ...DUTY, command: 'link' as const };
  const own = { 'on/2': 480, 'off/2': 600, 'rpm/2': 1500, 'days/2': EVERY_DAY, 'use/2': 'on' };
  test('mistake: programs in what does not command; commanded by something else than set', () => {
    expect(texts(contextOf(LINK, linked), { source: 'link', ...own })).toContain('POO-25.command');
    expect(texts(contextOf(LINK, DUTY, { commandSeen: 'relay' }), { source: 'own' })).toContain(
      'POO-25.masters',
    );
  });
  test('near miss: its own programs switched off; seen as set', () => {
    expect(
      texts(contextOf(LINK, linked), { source: 'link', ...own, 'use/2': 'off', use: 'off' }).filter((text) =>
        text.startsWith('POO-25'),
      ),
    ).toEqual([]);
    expect(texts(contextOf(LINK, DUTY, { commandSeen: 'own' }), { source: 'own' })).not.toContain(
      'POO-25.masters',
    );
  });
});

describe('POO-27 rules that a plan breaks', () => {
  const run = (start: number, stop: number, speed = 2500) => ({
    ...emptied(),
    ...slot(5, { start, stop, speed }),
  });
  test('mistakes: a pause too long, flow below the least, loud in the quiet hours', () => {
    expect(texts(CONTEXT, run(600, 1200))).toContain('POO-27.pause');
    expect(texts(contextOf(TEN_SLOTS, { ...DUTY, leastFlow_m3h: 3 }), run(0, 1380))).toContain('POO-27.flow');
    expect(texts(CONTEXT, run(1200, 1400))).toContain('POO-27.quiet');
  });
  test('near misses: four hours exactly; never below; slow enough', () => {
    expect(texts(CONTEXT, run(240, 0))).not.toContain('POO-27.pause');
    expect(texts(contextOf(TEN_SLOTS, { ...DUTY, leastFlow_m3h: 3 }))).not.toContain('POO-27.flow');
    expect(texts(CONTEXT, run(1200, 1400, 1800))).not.toContain('POO-27.quiet');
  });
});

describe('what any pump is asked', () => {
  test('ANY-04: a clock that does not follow summer time says when and which way', () => {
    const finding = checkSettings(CONTEXT, 'left', { ...sound(CONTEXT), summer: 'hand' }).find(
      ({ text }) => text === 'ANY-04.summer',
    );
    expect(wordsOf(finding)).toContain('On 28 Mar 2027 the site’s clock is put forward');
    expect(texts(CONTEXT, { summer: 'auto' }, 'left')).not.toContain('ANY-04.summer');
  });
  test('ANY-09: a value the controller would refuse, in its own words', () => {
    expect(texts(CONTEXT, { 'speed/5': 3600 })).toContain('ANY-09.above');
    expect(texts(CONTEXT, { 'start/5': 1440 })).toContain('ANY-09.option');
    expect(texts(CONTEXT, { 'start/5': 1439, 'speed/5': 1280 })).not.toContain('ANY-09.above');
  });
  test('ANY-10: a speed outside the limits, limits crossed', () => {
    expect(texts(CONTEXT, { limit: 1200, 'speed/5': 1500 })).toContain('ANY-10.speed');
    expect(texts(CONTEXT, { least: 2000, limit: 1200 })).toContain('ANY-10.speeds');
    expect(texts(CONTEXT, { limit: 1500, 'speed/5': 1500 })).not.toContain('ANY-10.speed');
  });
  test('ANY-11: default password where others have access; keys within a child’s reach', () => {
    expect(texts(CONTEXT, { password: 'default' })).toContain('ANY-11.password');
    expect(texts(CONTEXT, { password: 'own' })).not.toContain('ANY-11.password');
    const child = contextOf(TEN_SLOTS, { ...DUTY, place: { childrenReach: true, othersReach: false } });
    expect(texts(child, { key: 'slot' })).toContain('ANY-11.keys');
    expect(texts(child)).not.toContain('ANY-11.keys');
  });
  test('ANY-12: power cut not decided; a clock that does not outlast one', () => {
    const values = { ...sound(CONTEXT) };
    delete values.afterCut;
    expect(checkSettings(CONTEXT, 'found', values).map(({ text }) => text)).toContain('ANY-12.unknown');
    expect(texts(contextOf(FOUR_SPEEDS))).toContain('ANY-12.lost');
    expect(texts(CONTEXT).filter((text) => text.startsWith('ANY-12'))).toEqual([]);
  });
});
