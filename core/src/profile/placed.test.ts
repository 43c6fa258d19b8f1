import { MOTOR } from '../families/metering/fixtures';
import { POOL_OPTION_ROLES, POOL_ROLES, placeOfOption } from '../families/pool';
import { FOUR_SPEEDS, LINK, PANEL, TEN_SLOTS } from '../families/pool/fixtures';
import {
  addressOf,
  faultOf,
  inOrderOfWork,
  isThere,
  keyAt,
  parameterAt,
  parameterWithRole,
  placesOf,
  wordsFor,
  wordsForFault,
} from './index';
import { SHEETS } from '../families/drive/fixtures';

const POOLS = [TEN_SLOTS, FOUR_SPEEDS, LINK, PANEL];

describe('repeating groups', () => {
  test('stand place by place, in the order of the groups', () => {
    const keys = inOrderOfWork(TEN_SLOTS).map(({ key }) => key);
    expect(keys.slice(keys.indexOf('days'), keys.indexOf('days') + 6)).toEqual([
      'days',
      'start',
      'stop',
      'speed',
      'enable',
      'days/2',
    ]);
    expect(new Set(keys).size).toBe(keys.length);
    expect(keys.indexOf('key/4')).toBe(keys.length - 1);
  });
  test('are named by the noun or by the places’ own names, and their way counts to the place', () => {
    const third = inOrderOfWork(TEN_SLOTS).find(({ key }) => key === 'start/3')!;
    expect(third.label).toBe('Program 3: start');
    expect(third.route.some(({ times, shows }) => times === 3 && shows === 'slot 3')).toBe(true);
    const roof = inOrderOfWork(PANEL).find(({ key }) => key === 'circuitSpeed/6')!;
    expect(roof.label).toBe('Roof solar: speed');
    expect(JSON.stringify(inOrderOfWork(PANEL))).not.toContain('{place}');
  });
  test('how many places a group has', () => {
    expect([placesOf(TEN_SLOTS, 'programs'), placesOf(TEN_SLOTS, 'motor'), placesOf(MOTOR, 'x')]).toEqual([
      10, 1, 1,
    ]);
  });
  test('address, key and parameter lead to each other, in every place of every profile', () => {
    for (const profile of [...POOLS, MOTOR]) {
      for (const parameter of inOrderOfWork(profile)) {
        const address = addressOf(parameter);
        expect(parameterAt(profile, address)).toBe(parameter);
        const [, index, key] = address.split('/');
        expect(keyAt(key, Number(index))).toBe(parameter.key);
      }
    }
    expect(parameterAt(TEN_SLOTS, 'programs/11/start')).toBeUndefined();
    expect(parameterAt(TEN_SLOTS, 'motor/1/start')).toBeUndefined();
  });
  test('a role is found in its place', () => {
    expect(parameterWithRole(TEN_SLOTS, 'program.start', 7)?.key).toBe('start/7');
    expect(parameterWithRole(TEN_SLOTS, 'speed.greatest')?.key).toBe('limit');
    expect(parameterWithRole(FOUR_SPEEDS, 'heat.pool')).toBeUndefined();
  });
});

test('the shipped pool profiles keep to the family’s closed list of meanings', () => {
  for (const profile of POOLS) {
    for (const parameter of profile.parameters) {
      if (parameter.role) expect(POOL_ROLES).toContain(parameter.role);
      for (const { role } of parameter.options ?? []) {
        if (role && placeOfOption(role) === null) expect(POOL_OPTION_ROLES).toContain(role);
      }
      // a default that the controller itself would refuse cannot be one
      if (parameter.default !== undefined) expect(faultOf(parameter, parameter.default, {})).toBeNull();
    }
  }
});

describe('values of each kind', () => {
  const of = (key: string) => inOrderOfWork(TEN_SLOTS).find((parameter) => parameter.key === key)!;
  const from = inOrderOfWork(FOUR_SPEEDS).find(({ key }) => key === 'from')!;
  test.each([
    [of('start'), 450, '7:30'],
    [of('days'), '12345', 'Mon–Fri'],
    [of('days'), '1234567', 'every day'],
    [of('state'), 'hold', 'Service hold'],
    [from, 'none', '--:--'],
    [of('limit'), 2630, '2630'],
  ])('%#: in words', (parameter, value, words) => {
    expect(wordsFor(parameter, value)).toBe(words);
  });
  test.each([
    [of('start'), 1440, 'is a time of day from 0:00 to 23:59'],
    [of('start'), 'noon', 'is a time of day'],
    [of('days'), '8', 'names the days of the week'],
    [of('state'), 'asleep', 'has no such choice'],
    [of('limit'), '2630', 'must be a number'],
    [of('limit'), 100, 'cannot be below 620 rev/min'],
    [of('limit'), 9000, 'cannot be above 3260 rev/min'],
    [of('limit'), 2633, 'in steps of 10 rev/min; the nearest is 2630 rev/min'],
    [from, 422, 'in steps of 15 min; the nearest is 7:00'],
  ])('%#: %s is refused', (parameter, value, words) => {
    const fault = faultOf(parameter, value, {});
    expect(fault && wordsForFault(parameter, fault)).toContain(words);
  });
});

test('a place past the number of those that are there is none, once that number is known', () => {
  const there = (values: Record<string, number>) =>
    inOrderOfWork(SHEETS)
      .filter(({ key }) => key.startsWith('amps'))
      .filter((one) => isThere(SHEETS, one, values))
      .map(({ key }) => key);
  expect(there({})).toHaveLength(8);
  expect(there({ count: 3 })).toEqual(['amps', 'amps/2', 'amps/3']);
  // one stands whatever is read, and what does not repeat is always there
  expect(there({ count: 0 })).toEqual(['amps']);
  expect(inOrderOfWork(TEN_SLOTS).every((one) => isThere(TEN_SLOTS, one, {}))).toBe(true);
});
