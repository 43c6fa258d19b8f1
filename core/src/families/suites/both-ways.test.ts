import { bareContext } from '../../job';
import { TODAY } from '../../job/testing/walk.fixtures';
import {
  figureOfOption,
  inOrderOfWork,
  isChosenFigure,
  limitFor,
  type Parameter,
  type SettingValue,
  type SettingValues,
} from '../../profile';
import { tableOf, type Cell, type Way } from './both-ways.fixtures';
import { FAMILY_NAMES, familyOf, type FamilyName } from '../index';

/** Each setting moved to either end of what its controller takes, or to every other choice, on every plant of its family. */

/** Share of the cells that may go without a finding, in every family. */
const MOST_NONE = 0.15;

function moved(parameter: Parameter, sound: SettingValues): (readonly [Way, SettingValue])[] {
  const now = sound[parameter.key];
  const { role = '' } = parameter;
  if (isChosenFigure(parameter, role)) {
    // a figure behind a code is too low or too high like any other
    const figure = (value: SettingValue | undefined) => {
      const option = parameter.options?.find((one) => one.value === value);
      return option ? figureOfOption(option, role) : null;
    };
    const stands = figure(now);
    return (parameter.options ?? []).flatMap(({ value }) => {
      const other = figure(value);
      if (value === now || other === null || stands === null) return [];
      return [[other < stands ? 'low' : 'high', value] as const];
    });
  }
  if (parameter.type === 'choice')
    return (parameter.options ?? []).flatMap(({ value }) =>
      value === now ? [] : [['wrong', value] as const],
    );
  // days on which it was not meant to run, and none of those on which it was
  if (parameter.type === 'days') return now === '1' ? [] : [['wrong', '1']];
  const ends = [
    ['low', limitFor(parameter.least, sound)],
    ['high', limitFor(parameter.greatest, sound)],
  ] as const;
  return ends.flatMap(([way, end]) => (end === undefined || end === now ? [] : [[way, end] as const]));
}

/** What is newly found for each role and way, over all plants. */
function foundBy(name: FamilyName): Map<string, Set<string>> {
  const family = familyOf(name);
  const found = new Map<string, Set<string>>();
  for (const { duty, profile, plate, found: values, read } of tableOf(name).PLANTS) {
    const inForce = values as SettingValues;
    const bare = bareContext({ duty, profile, plate, today: TODAY, zone: 'Atlantic/Faroe', inForce });
    const context = { ...bare, ...read };
    const sound = { ...inForce, ...family.plan(context).values };
    const textsOf = (now: SettingValues) => family.check(context, 'found', now).map(({ text }) => text);
    const before = new Set(textsOf(sound));
    for (const parameter of inOrderOfWork(profile))
      for (const [way, value] of parameter.role ? moved(parameter, sound) : []) {
        const cell = `${parameter.role} ${way}`;
        const texts = textsOf({ ...sound, [parameter.key]: value }).filter((text) => !before.has(text));
        found.set(cell, new Set([...(found.get(cell) ?? []), ...texts]));
      }
  }
  return found;
}

describe.each(FAMILY_NAMES)('%s', (name) => {
  const { BOTH_WAYS } = tableOf(name);
  const cells = Object.entries(BOTH_WAYS).flatMap(([role, ways]) =>
    Object.entries(ways).map(([way, cell]) => [`${role} ${way}`, cell as Cell] as const),
  );
  const found = foundBy(name);

  test('every role has its line, and every way in which a controller takes it', () => {
    expect(Object.keys(BOTH_WAYS).sort()).toEqual([...familyOf(name).roles].sort());
    const said = new Set<string>(cells.map(([cell]) => cell));
    expect([...found.keys()].filter((cell) => !said.has(cell))).toEqual([]);
  });
  test('what is said of it is found', () => {
    const silent = cells.filter(([cell, text]) => typeof text === 'string' && !found.get(cell)?.has(text));
    expect(silent).toEqual([]);
  });
  test('where nothing is found, the reason stands; and none stands where something is', () => {
    const spoken = cells.filter(
      ([cell, text]) =>
        typeof text === 'object' && (text.none.length < 15 || (found.get(cell)?.size ?? 0) > 0),
    );
    expect(spoken).toEqual([]);
    const nones = cells.filter(([, text]) => typeof text === 'object').length;
    expect(nones / cells.length).toBeLessThanOrEqual(MOST_NONE);
  });
});
