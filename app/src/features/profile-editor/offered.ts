import { rowsAt, textAt, type Look, type Option, type Texts } from '@barythm/core/describe';
import { familyOf, optionRolesOf, roleInWords, roleUnitFault, type FamilyName } from '@barythm/core/families';
import type { Parameter } from '@barythm/core/profile';
import { INTERNAL_UNIT, unitsOf, type Quantity } from '@barythm/core/units';

/** A meaning that no plan asks for. */
export const RECORDED_ONLY = 'none';

export const familyAt = (look: Look) => look.at('family') as FamilyName;
/** The path of the parameter that a place of the form belongs to. */
export const parameterAt = (path: string) => /^parameters\.\d+/.exec(path)?.[0] ?? '';

const textOf = (row: Texts, key: string) => String(textAt(row, key) ?? '');

/** Rows that have a label, by what each is known by. */
export const labelled = (rows: readonly Texts[], at: 'key' | 'value'): Option[] =>
  rows.flatMap((row) =>
    textOf(row, 'label') === '' ? [] : [{ value: textOf(row, at), label: textOf(row, 'label') }],
  );

/** Parameters but the one that is described. */
const others = (look: Look) =>
  look.rows('parameters').filter((_, i) => `parameters.${i}` !== parameterAt(look.path));
export const parametersBeside = (look: Look) => labelled(others(look), 'key');
export const choicesBeside = (look: Look) =>
  labelled(
    others(look).filter((row) => textAt(row, 'type') === 'choice'),
    'key',
  );

/** Choices of the parameter that is known by a key. */
export function optionsOf(look: Look, key: string): Option[] {
  const row = look.rows('parameters').find((one) => textAt(one, 'key') === key);
  return row === undefined ? [] : labelled(rowsAt(row, 'options'), 'value');
}

/** Every meaning of the family that no other parameter has. */
export function meaningsOffered(look: Look): readonly Option[] {
  const family = familyAt(look);
  const taken = new Set(others(look).map((row) => textAt(row, 'role')));
  return [
    { value: RECORDED_ONLY, label: 'Only recorded: no plan asks for it' },
    ...familyOf(family)
      .roles.filter((role) => !taken.has(role))
      .map((role) => ({ value: role, label: roleInWords(family, role) })),
  ];
}

/** What choices of this one can settle besides: every meaning of the family that is one of some, or a figure; a figure of its own too. */
export function besidesOffered(look: Look): readonly Option[] {
  const family = familyAt(look);
  const own = look.at(`${parameterAt(look.path)}.role`);
  return familyOf(family)
    .roles.filter((role) =>
      optionRolesOf(family, role).length > 0 ? role !== own : familyOf(family).quantities[role] !== undefined,
    )
    .map((role) => ({ value: role, label: roleInWords(family, role) }));
}

/** What the choices of a meaning can mean, in words. */
export const meaningsOf = (family: FamilyName, role: string): readonly Option[] =>
  optionRolesOf(family, role).map((value) => ({ value, label: roleInWords(family, value) }));

/** What the choices of the parameter that is described can mean; none where it means none in particular. */
export function optionMeanings(look: Look): readonly Option[] {
  const family = familyAt(look);
  return meaningsOf(family, look.at(`${parameterAt(look.path)}.role`));
}

/** Units that a figure of a meaning can have; none where it can have any. */
export function unitsFor(family: FamilyName, role: string): readonly string[] {
  const every = ['%', ...(Object.keys(INTERNAL_UNIT) as Quantity[]).flatMap(unitsOf)];
  const fits = [...new Set(every)].filter(
    (unit) => roleUnitFault(family, { role, type: 'number', unit } as Parameter) === null,
  );
  const own = familyOf(family).quantities[role];
  if (own !== undefined) return fits.length > 0 ? fits : [INTERNAL_UNIT[own]];
  return fits.length < every.length / 2 ? fits : [];
}

/** Whether the menu that a parameter stands in is one that repeats. */
export function isInRepeating(look: Look): boolean {
  const group = look.at(`${parameterAt(look.path)}.group`);
  const row = look.rows('groups').find((one) => textAt(one, 'key') === group);
  return row !== undefined && textAt(row, 'repeat.on') === 'yes';
}
