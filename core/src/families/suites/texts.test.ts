import { ANY_SEVERITIES, ANY_TEXTS } from '../../findings';
import { FAMILIES } from '../all';
import { ALL_TEXTS } from '../index';

test('a text is given once: no family says by a code what another, or any pump, says by it', () => {
  const given = new Map<string, unknown>(Object.entries(ANY_TEXTS));
  const twice: string[] = [];
  for (const [name, { texts }] of Object.entries(FAMILIES))
    for (const [id, text] of Object.entries(texts)) {
      if (given.has(id) && given.get(id) !== text) twice.push(`${name}: ${id}`);
      given.set(id, text);
    }
  expect(twice).toEqual([]);
  expect(Object.keys(ALL_TEXTS)).toHaveLength(given.size);
});

test('each says what is so, what it does and what to do, in whole sentences under a short title', () => {
  for (const [id, { title, so, will, todo }] of Object.entries(ALL_TEXTS)) {
    expect([id, title]).toEqual([id, expect.stringMatching(/^\S.*[^.\s]$/)]);
    expect([id, title.length <= 70]).toEqual([id, true]);
    for (const words of [so, will, todo])
      // a slot at the end brings its own full stop
      expect([id, words]).toEqual([id, expect.stringMatching(/([.!?”]|\.”|\{\w+\})$/)]);
  }
});

test('its name begins with its code, and a severity is given to texts that are there', () => {
  for (const id of Object.keys(ALL_TEXTS)) expect(id).toMatch(/^[A-Z]{3}-\d{2}(\.[a-z][a-z-]*)?$/);
  for (const id of Object.keys(ANY_SEVERITIES)) expect([id, id in ANY_TEXTS]).toEqual([id, true]);
});
