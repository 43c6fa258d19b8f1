import { EVERY_DAY } from '../../../time';
import { checkSettings } from '../checks/checks';
import {
  contextOf,
  DUTY,
  FOUR_SPEEDS,
  LINK,
  sound,
  TEN_SLOTS,
  texts,
  wordsOf,
  slot,
  panel,
  emptied,
} from '../fixtures';

const CONTEXT = contextOf();

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
  test('mistakes: a pause too long, flow below the minimum, loud in the quiet hours', () => {
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
