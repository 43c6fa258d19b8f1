import {
  inOrderOfWork,
  type Act,
  type MenuHabits,
  type PageOf,
  type Parameter,
  type Profile,
} from '../profile';
import { levelAbove, menuGraph, type MenuGraph } from './graph';
import { HOME, isInMenu, menuPlaces, type Places, type Reached } from './places';
import { walkCost, walkOrder, type Before, type Stop } from './walk';
import { stepsOf, type WayStep } from './press';
import { WaysFrom, type Way } from './way';

/** What is done at a setting: looked at, or changed and stored. */
export type Doing = 'read' | 'set';

/** A place that a person can say the display stands at. */
export interface NamedPlace {
  readonly id: string;
  /** as its displays follow one another: “Settings, Signal, Point 2” */
  readonly words: string;
}

/** A place of the menu as it hangs under the one that leads to it. */
export interface MenuPlace {
  readonly id: string;
  /** what the display shows there */
  readonly shows: string;
  /** displays that lead to it from the home display, from the outside in */
  readonly under: readonly string[];
  /** the key that leads there from the display before */
  readonly by: string;
}

/** A controller’s menu, and the shortest way through it. */
export class Keypad {
  private readonly places: Places;
  private readonly graph: MenuGraph;
  private readonly ways = new Map<string, WaysFrom>();
  /** keys that go along what stands side by side */
  private readonly along: ReadonlySet<string>;

  constructor(
    private readonly menu: MenuHabits,
    parameters: readonly Reached[],
  ) {
    this.along = new Set(menu.moves.flatMap(({ key, back }) => [key, back]));
    this.places = menuPlaces(parameters);
    this.graph = menuGraph(this.places, menu);
  }

  /** The home display, and what it shows. */
  get home(): NamedPlace {
    return { id: HOME, words: this.menu.home.shows };
  }

  /** The keys of the safe way home, from wherever the display stands. */
  get wayHome(): readonly WayStep[] {
    const { keys, shows } = this.menu.home;
    const presses = keys.flatMap(({ key, press, times }) =>
      Array.from({ length: times }, () => ({ key, press, until: null, shows: null as string | null })),
    );
    presses[presses.length - 1] = { ...presses[presses.length - 1], shows };
    return stepsOf(presses);
  }

  /** What the way home sets going, where leaving the menu does: whoever may stand in it confirms that first. */
  private get leaving(): readonly Act[] {
    const last = this.menu.home.keys.at(-1);
    const { leavingStarts: words } = this.menu;
    return words === undefined || !last ? [] : [{ key: last.key, press: last.press, does: 'starts', words }];
  }

  /** Whether a setting is reached by the menu; a knob or a switch is not. */
  has({ key }: Pick<Parameter, 'key'>): boolean {
    return this.places.of.has(key);
  }

  /**
   * The keys from where the display stands to a setting.
   *
   * @param from a place of the menu; null where nobody knows what the display shows: the way home comes first then
   * @returns null where the setting stands in no menu, or no way leads to it
   */
  way(from: string | null, key: string, doing: Doing): Way | null {
    const to = this.places.of.get(key)?.[doing];
    if (to === undefined) return null;
    if (from !== null && this.places.all.has(from)) return this.from(from).to(to);
    const way = this.from(HOME).to(to);
    if (way === null) return null;
    const home = this.wayHome;
    const presses = way.presses + home.reduce((sum, { times }) => sum + times, 0);
    return { steps: [...home, ...way.steps], presses, acts: [...this.leaving, ...way.acts] };
  }

  /** Where the display stands once a setting was read, or set and stored; null where nobody can say. */
  after(key: string, doing: Doing): string | null {
    const at = this.places.of.get(key)?.[doing];
    if (at === undefined) return null;
    if (doing === 'read' || this.menu.afterStoring === 'value') return at;
    return this.menu.afterStoring === 'home'
      ? HOME
      : (levelAbove(this.places, this.places.all.get(at)!, this.along)?.id ?? HOME);
  }

  /** The keys of settings in the order that takes the fewest presses; what stands in no menu keeps its place before them. */
  order(from: string | null, keys: readonly string[], doing: Doing, before?: Before): readonly string[] {
    const inMenu = keys.filter((key) => this.places.of.has(key));
    const byHand = keys.filter((key) => !this.places.of.has(key));
    const stops = walkOrder(from ?? HOME, this.stops(inMenu, doing), this.cost, before);
    return [...byHand, ...stops.map(({ key }) => key)];
  }

  /** Presses of a walk in this order, from where the display stands. */
  presses(from: string | null, keys: readonly string[], doing: Doing): number {
    const inMenu = keys.filter((key) => this.places.of.has(key));
    const pressed = (at: string, to: string) => this.from(at).to(to)?.presses ?? Infinity;
    return walkCost(from ?? HOME, this.stops(inMenu, doing), pressed);
  }

  /** Places that have a display of their own, for whoever says what it shows now; the home display first. */
  get named(): readonly NamedPlace[] {
    const shown = [...this.places.all.values()].filter(({ shows }) => shows !== null);
    return [this.home, ...shown.map(({ id }) => ({ id, words: this.wordsOf(id) }))];
  }

  /** The menu as a tree, each display under those that lead to it, in the order in which the profile lists its settings. */
  get tree(): readonly MenuPlace[] {
    // a value that is open for change is no display of its own
    const opened = new Set(
      [...this.places.of.values()].flatMap(({ read, set }) => (read === set ? [] : [set])),
    );
    return [...this.places.all.values()].flatMap(({ id, shows, by }) => {
      if (shows === null || by === null || opened.has(id)) return [];
      return [{ id, shows, under: this.pathOf(id).slice(0, -1), by: by.key }];
    });
  }

  /** What the display shows at a place, after what led there; what was only passed on the way along is not named. */
  wordsOf(id: string): string {
    return this.pathOf(id).join(', ') || this.menu.home.shows;
  }

  private pathOf(id: string): string[] {
    const words: string[] = [];
    let passed = false;
    for (let at = this.places.all.get(id); at?.by; at = this.places.all.get(at.parent ?? '')) {
      const { by, shows, parent } = at;
      if (!passed && shows !== null) words.unshift(shows);
      passed = this.along.has(by.key) && this.places.all.get(parent ?? '')?.by?.key === by.key;
    }
    return words;
  }

  private stops(keys: readonly string[], doing: Doing): Stop[] {
    return keys.map((key) => ({
      key,
      at: this.places.of.get(key)![doing],
      then: this.after(key, doing) ?? HOME,
    }));
  }

  private readonly cost = (from: string, to: string): number => this.from(from).cost(to);

  private from(id: string): WaysFrom {
    const known = this.ways.get(id);
    if (known) return known;
    const ways = new WaysFrom(this.graph, id);
    this.ways.set(id, ways);
    return ways;
  }
}

/** What a page is known by among the settings; no setting’s key has a space. */
export const pageKey = (of: PageOf): string => `page ${of}`;

const KNOWN = new WeakMap<Profile, Keypad | null>();

/** The menu of a profile that describes how one gets about in it; null where it does not. */
export function keypadOf(profile: Profile): Keypad | null {
  const known = KNOWN.get(profile);
  if (known !== undefined) return known;
  const pages = (profile.pages ?? []).map(({ of, route }) => ({ key: pageKey(of), route }));
  const own = profile.panels?.[0].key;
  // what opens only as it is switched on is no place of the menu that stands there afterwards
  const settings = inOrderOfWork(profile).filter(
    ({ panel = own, opensBy }) => panel === own && opensBy?.by !== 'word',
  );
  const parameters = [...settings, ...pages];
  const keypad = profile.menu && parameters.some(isInMenu) ? new Keypad(profile.menu, parameters) : null;
  KNOWN.set(profile, keypad);
  return keypad;
}
