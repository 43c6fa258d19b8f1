import { EVERY_DAY } from '../../../time';
import { checkSettings } from '../checks/checks';
import { planAndCheck } from '../plan/plan';
import {
  contextOf,
  DUTY,
  FOUR_SPEEDS,
  LINK,
  PANEL,
  PANEL_DUTY,
  TEN_SLOTS,
  texts,
  wordsOf,
  slot,
  emptied,
} from '../fixtures';

const CONTEXT = contextOf();

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
