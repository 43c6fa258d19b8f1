import type { KeyStep, Parameter } from '../profile';
import { pressName, pressOf, type Press } from './press';

/** A place of the menu: what the display stands at. */
export interface Place {
  readonly id: string;
  /** the place that it was reached from; null for the home display */
  readonly parent: string | null;
  /** the press that leads here from there */
  readonly by: Press | null;
  readonly shows: string | null;
  /** its number among those that one key goes through, as the profile lists them; null where presses are counted */
  readonly inRing: number | null;
}

export const HOME = 'home';

/** The places of a menu, and at which of them each setting is read and set. */
export interface Places {
  readonly all: ReadonlyMap<string, Place>;
  /** places by the key of a setting that stands in the menu; a knob or a switch stands in none */
  readonly of: ReadonlyMap<string, { readonly read: string; readonly set: string }>;
}

/** A setting, or a page, that keys lead to. */
export type Reached = Pick<Parameter, 'key' | 'route' | 'readAt'> & Partial<Pick<Parameter, 'entry'>>;

/** Entries that no display leads to: a knob, a switch, a lever. */
const BY_HAND: ReadonlySet<Parameter['entry']> = new Set(['knob', 'switches', 'mechanical']);
export const isInMenu = ({ entry, route }: Reached): boolean =>
  (entry === undefined || !BY_HAND.has(entry)) && route.length > 0;

interface Rest {
  readonly parameter: Reached;
  readonly steps: readonly KeyStep[];
  /** steps of its route that are behind */
  readonly gone: number;
}

/**
 * The ways to all settings, laid over one another: a press that several begin with is one. A key that shows something else for each of
 * several settings is pressed until that stands there; else presses are counted one by one, so that the second is on the way to the third.
 *
 * @param parameters with their places in repeating groups, as `inOrderOfWork` gives them
 */
export function menuPlaces(parameters: readonly Reached[]): Places {
  const all = new Map<string, Place>();
  const of = new Map<string, { read: string; set: string }>();
  all.set(HOME, { id: HOME, parent: null, by: null, shows: null, inRing: null });

  const lay = (at: string, rests: readonly Rest[]) => {
    for (const { parameter, steps, gone } of rests) {
      const known = of.get(parameter.key) ?? { read: at, set: at };
      const { readAt = parameter.route.length } = parameter;
      of.set(parameter.key, {
        read: gone <= readAt ? at : known.read,
        set: steps.length === 0 ? at : known.set,
      });
    }
    const onward = rests.filter(({ steps }) => steps.length > 0);
    for (const group of byKey(onward)) layKey(at, group);
  };

  const layKey = (at: string, rests: readonly Rest[]) => {
    const pressed = pressOf(rests[0].steps[0]);
    const named = pressName({ ...pressed, until: null });
    const seeks = isSought(rests.map(({ steps }) => steps[0]));
    if (seeks) {
      const shown = [...new Set(rests.map(({ steps }) => steps[0].shows ?? ''))];
      shown.forEach((shows, i) => {
        const until = shows === '' ? null : shows;
        const id = join(at, `${named} until ${shows}`);
        all.set(id, { id, parent: at, by: { ...pressed, until }, shows: until, inRing: i });
        lay(id, rests.filter(({ steps }) => (steps[0].shows ?? '') === shows).map(onwards));
      });
      return;
    }
    const most = Math.max(...rests.map(({ steps }) => timesOf(steps[0])));
    let from = at;
    for (let times = 1; times <= most; times += 1) {
      const here = rests.filter(({ steps }) => timesOf(steps[0]) === times);
      const shows = here.map(({ steps }) => steps[0].shows).find((one) => one !== undefined) ?? null;
      const id = join(from, named);
      all.set(id, { id, parent: from, by: { ...pressed, until: null }, shows, inRing: null });
      lay(id, here.map(onwards));
      from = id;
    }
  };

  lay(
    HOME,
    parameters.filter(isInMenu).map((parameter) => ({ parameter, steps: parameter.route, gone: 0 })),
  );
  return { all, of };
}

const join = (at: string, press: string) => `${at} / ${press}`;
const timesOf = ({ times }: KeyStep) => (times === 'place' ? 1 : times);
const onwards = ({ parameter, steps, gone }: Rest): Rest => ({
  parameter,
  steps: steps.slice(1),
  gone: gone + 1,
});

function byKey(rests: readonly Rest[]): Rest[][] {
  const groups = new Map<string, Rest[]>();
  for (const rest of rests) {
    const name = pressName({ ...pressOf(rest.steps[0]), until: null });
    groups.set(name, [...(groups.get(name) ?? []), rest]);
  }
  return [...groups.values()];
}

/** Whether a key is pressed until something stands there: a wheel that is turned, or one that shows several things after as many presses. */
function isSought(steps: readonly KeyStep[]): boolean {
  if (steps[0].press === 'turn') return true;
  if (steps[0].digits !== undefined) return false;
  return steps.some((one) =>
    steps.some(
      (other) => timesOf(one) === timesOf(other) && one.shows && other.shows && one.shows !== other.shows,
    ),
  );
}
