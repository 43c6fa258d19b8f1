import type { Limit, Parameter, Predicate } from './parameter';
import type { Profile } from './profile';

const PLACED = new WeakMap<Profile, readonly Parameter[]>();

/** The key under which a value stands among a sheet's values: the parameter's own for the first place, `start/2` for the second. */
export function keyAt(key: string, index: number): string {
  return index === 1 ? key : `${key}/${index}`;
}

/**
 * Every parameter of a profile, those of repeating groups once for each place, in the order of work: by group, then place by
 * place, then as the profile lists them. Keys, labels and references of a repeated one name its place.
 */
export function inOrderOfWork(profile: Profile): readonly Parameter[] {
  const known = PLACED.get(profile);
  if (known) return known;
  const placed = profile.groups.flatMap((group) => {
    const own = profile.parameters.filter((parameter) => parameter.group === group.key);
    const { repeat } = group;
    if (!repeat) return own.map((parameter) => everyPlaceRewritten(profile, parameter));
    const keys = new Set(own.map(({ key }) => key));
    return Array.from({ length: repeat.count }, (_, i) => {
      const place = repeat.names?.[i] ?? `${repeat.noun} ${i + 1}`;
      return own.map((parameter) => inPlace(parameter, i + 1, place, keys)).map(ifThere(repeat, i + 1));
    }).flat();
  });
  PLACED.set(profile, placed);
  return placed;
}

/** A place past the number of those that are there does nothing. */
function ifThere(
  { by, count }: { by?: string; count: number },
  index: number,
): (one: Parameter) => Parameter {
  if (by === undefined || index === 1) return (one) => one;
  const enough = {
    parameter: by,
    in: Array.from({ length: count - index + 1 }, (_, i) => String(index + i)),
  };
  return (one) => ({
    ...one,
    appliesWhen: one.appliesWhen ? { all: [enough, one.appliesWhen] } : enough,
  });
}

/** What stands outside a group that repeats puts back every place of it. */
function everyPlaceRewritten(profile: Profile, parameter: Parameter): Parameter {
  if (!parameter.rewrites) return parameter;
  const places = (key: string) => {
    const group = profile.parameters.find((other) => other.key === key)?.group;
    return profile.groups.find((other) => other.key === group)?.repeat?.count ?? 1;
  };
  const rewrites = parameter.rewrites.flatMap((key) =>
    Array.from({ length: places(key) }, (_, i) => keyAt(key, i + 1)),
  );
  return { ...parameter, rewrites };
}

function inPlace(
  parameter: Parameter,
  index: number,
  place: string,
  siblings: ReadonlySet<string>,
): Parameter {
  const at = (key: string) => (siblings.has(key) ? keyAt(key, index) : key);
  const limit = (given: Limit | undefined) =>
    typeof given === 'object' ? { ...given, by: at(given.by) } : given;
  return {
    ...parameter,
    key: keyAt(parameter.key, index),
    label: `${place}: ${parameter.label.charAt(0).toLowerCase()}${parameter.label.slice(1)}`,
    least: limit(parameter.least),
    greatest: limit(parameter.greatest),
    appliesWhen: parameter.appliesWhen && moved(parameter.appliesWhen, at),
    ...(parameter.expects && {
      expects: parameter.expects.map(({ value, when }) => ({ value, when: moved(when, at) })),
    }),
    ...(parameter.rewrites && { rewrites: parameter.rewrites.map(at) }),
    route: parameter.route.map(({ key, times, shows, ...step }) => ({
      ...step,
      key: key.replace('{place}', String(index)),
      times: times === 'place' ? index : times,
      shows: shows?.replace('{place}', String(index)),
    })),
  };
}

function moved(predicate: Predicate, at: (key: string) => string): Predicate {
  if ('all' in predicate) return { all: predicate.all.map((inner) => moved(inner, at)) };
  if ('any' in predicate) return { any: predicate.any.map((inner) => moved(inner, at)) };
  if ('not' in predicate) return { not: moved(predicate.not, at) };
  return { ...predicate, parameter: at(predicate.parameter) };
}

/** How many places a parameter's group has. */
export function placesOf(profile: Profile, group: string): number {
  return profile.groups.find(({ key }) => key === group)?.repeat?.count ?? 1;
}
