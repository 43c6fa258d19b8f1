import { filterHours_h } from '../effect/cycles';
import { contextOf, DUTY, KEYS, LITTLE, SMALL, sound, texts } from '../fixtures';
import type { SpaRole } from '../settings/roles';

/** Too much or too little of one setting, and one step nearer to what is right. */
const keyOf = (role: SpaRole, profile = KEYS) => profile.parameters.find((one) => one.role === role)!.key;

test('SPA-08.more: more than an hour over one and a half times what is needed; near miss: a step less', () => {
  const context = contextOf(SMALL, { ...LITTLE, choices: { heating: 'always' } });
  const needed = filterHours_h(context.duty)!;
  const most = Math.floor(needed * 1.5 + 1);
  const length = keyOf('cycle.length', SMALL);
  expect(sound(context)[length]).toBeLessThan(most);
  expect(texts(context, { [length]: most + 1 })).toContain('SPA-08.more');
  expect(texts(context, { [length]: most })).not.toContain('SPA-08.more');
});

test('SPA-08.after: a clean-up into the quiet of ten at night; near misses: until ten, or stated so', () => {
  const bathed = { ...DUTY, baths: [{ from: 1200, to: 1290 }] };
  const length = keyOf('clean-up');
  expect(texts(contextOf(KEYS, bathed), { [length]: 40 })).toContain('SPA-08.after');
  expect(texts(contextOf(KEYS, bathed), { [length]: 30 })).not.toContain('SPA-08.after');
  const stated = contextOf(KEYS, { ...bathed, choices: { cleanUp_min: 40 } });
  expect(texts(stated, { [length]: 40 })).not.toContain('SPA-08.after');
  const loud = contextOf(KEYS, { ...bathed, baths: [{ from: 1290, to: 1350 }] });
  expect(texts(loud, { [length]: 40 })).not.toContain('SPA-08.after');
});

test('SPA-12.display: a display that reads high, and its range is right; near miss: by what nobody feels', () => {
  const read = (displayOff_K: number) =>
    texts(contextOf(KEYS, DUTY, { displayOff_K, offsetThen_K: 0 }), {
      [keyOf('set')]: 37,
      [keyOf('sensor.offset')]: 0,
    });
  expect(read(0.6)).toContain('SPA-12.display');
  expect(read(0.6)).not.toContain('SPA-12.range');
  expect(read(0.5)).not.toContain('SPA-12.display');
});

test('SPA-10.display: a display that lets the water two tenths over the limit; near miss: two tenths', () => {
  const read = (displayOff_K: number) =>
    texts(contextOf(KEYS, DUTY, { displayOff_K, offsetThen_K: 0 }), {
      [keyOf('set')]: 40,
      [keyOf('sensor.offset')]: 0,
    });
  expect(read(-0.3)).toContain('SPA-10.display');
  expect(read(-0.2)).not.toContain('SPA-10.display');
});

test('SPA-08.filter: two minutes short of 5 h 20 min; near miss: a minute', () => {
  const context = contextOf(SMALL, { ...LITTLE, choices: { heating: 'always' } });
  const length = keyOf('cycle.length', SMALL);
  expect(texts(context, { [length]: 5.3 })).toContain('SPA-08.filter');
  expect(texts(context, { [length]: 5.315 })).not.toContain('SPA-08.filter');
});

test('SPA-12.set: set six tenths under what is required; near miss: five', () => {
  const context = contextOf(KEYS, DUTY);
  expect(texts(context, { [keyOf('set')]: 36.4 })).toContain('SPA-12.set');
  expect(texts(context, { [keyOf('set')]: 36.5 })).not.toContain('SPA-12.set');
});
