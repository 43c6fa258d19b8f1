import Graph from 'graphology';
import type { Act, MenuHabits } from '../profile';
import { HOME, type Place, type Places } from './places';
import { pressesOf, type Press } from './press';

/** A way from one place of the menu to another: presses, and what they set going. */
export interface Edge {
  readonly presses: readonly (Press & { readonly shows: string | null })[];
  readonly cost: number;
  readonly act: Act | null;
}
/** The menu as a graph. What one key goes through hangs on a hub each: any of them is one press from any other, however many there are. */
export interface MenuGraph {
  readonly graph: Graph<object, Edge>;
  readonly isHub: (id: string) => boolean;
  /** from one to another of those that hang on a hub */
  readonly sought: (from: string, to: string) => Edge;
}

/** So much dearer is a key that sets something going than any way that does not: it is pressed where there is no other. */
const ACT_COST = 1e6;

/** The menu as a graph: on along each route, along what stands side by side, one level up, and home from anywhere. */
export function menuGraph(places: Places, menu: MenuHabits): MenuGraph {
  const graph: MenuGraph['graph'] = new Graph({ type: 'directed', multi: false });
  for (const id of places.all.keys()) graph.addNode(id);
  const edgeOf = (presses: Edge['presses']): Edge => {
    const act = presses.map((one) => actOf(menu, one)).find((one) => one !== null) ?? null;
    const cost = presses.reduce((sum, one) => sum + pressesOf(one), 0);
    return { presses, cost: cost + (act ? ACT_COST : 0), act };
  };
  const link = (from: string, to: string, presses: Edge['presses']) => {
    if (from === to) return;
    const plain = edgeOf(presses);
    // where leaving starts it, every way out does
    const leaves = to === HOME && plain.act === null ? leavingActOf(menu, presses) : null;
    const edge = leaves ? { ...plain, act: leaves, cost: plain.cost + ACT_COST } : plain;
    if (!graph.hasEdge(from, to)) graph.addEdge(from, to, edge);
    else if (graph.getEdgeAttribute(graph.edge(from, to), 'cost') > edge.cost)
      graph.replaceEdgeAttributes(graph.edge(from, to), edge);
  };
  const back = new Map(menu.moves.map((move) => [move.key, move.back]));
  const goesAlong = new Set([...back.keys(), ...back.values()]);
  const home = menu.home.keys.flatMap(({ key, press, times }) =>
    Array.from({ length: times }, () => ({ key, press, until: null, shows: null })),
  );
  const hubs = new Set<string>();
  const hang = (place: Place, by: Press) => {
    const counterpart = by.press === 'turn' ? by.key : back.get(by.key);
    if (place.inRing === null || counterpart === undefined) return;
    const hub = `all of ${place.parent} ${by.press} ${by.key}`;
    if (!hubs.has(hub)) graph.addNode(hub);
    hubs.add(hub);
    const { shows } = place;
    const cost = Math.max(
      ...[by.key, counterpart].map((key) => edgeOf([{ key, press: by.press, until: shows, shows }]).cost),
    );
    graph.addEdge(place.id, hub, { presses: [], cost: 0, act: null });
    graph.addEdge(hub, place.id, { presses: [], cost, act: null });
  };
  for (const place of places.all.values()) {
    const { id, parent, by } = place;
    if (parent === null || by === null) continue;
    link(parent, id, [{ ...by, shows: place.shows }]);
    if (place.inRing === null && by.press === 'short' && back.has(by.key)) {
      const shows = places.all.get(parent)?.shows ?? null;
      link(id, parent, [{ key: back.get(by.key)!, press: 'short', until: null, shows }]);
    }
    hang(place, by);
    const above = levelAbove(places, place, goesAlong);
    if (menu.leave && above) link(id, above.id, [{ ...menu.leave, until: null, shows: above.shows }]);
    link(
      id,
      HOME,
      home.map((one, i) => ({ ...one, shows: i === home.length - 1 ? menu.home.shows : null })),
    );
  }
  return {
    graph,
    isHub: (id) => hubs.has(id),
    sought: (from, to) => edgeOf([along(places.all.get(from)!, places.all.get(to)!, back)]),
  };
}

/** What leaving a menu for its home display sets going. */
function leavingActOf({ leavingStarts }: MenuHabits, presses: Edge['presses']): Act | null {
  const last = presses.at(-1);
  if (leavingStarts === undefined || !last || last.press === 'turn') return null;
  return { key: last.key, press: last.press, does: 'starts', words: leavingStarts };
}

/** What a press sets going; a hold of a key whose short press does so counts as one: it must not become that press. */
export function actOf({ acts }: MenuHabits, { key, press }: Press): Act | null {
  return acts.find((act) => act.key === key && (act.press === press || press === 'hold')) ?? null;
}

/** From one to another that the same key goes through: a wheel is turned either way; a key goes on, and its counterpart back. */
function along(from: Place, to: Place, back: ReadonlyMap<string, string>): Edge['presses'][number] {
  const { key, press } = from.by!;
  const { shows } = to;
  const goesOn = press === 'turn' || to.inRing! > from.inRing!;
  return { key: goesOn ? key : (back.get(key) ?? key), press, until: shows, shows };
}

/** The place that was left for this level: before the last press that opened something, rather than went along. */
export function levelAbove(places: Places, from: Place, moves: ReadonlySet<string>): Place | null {
  let at: Place = from;
  while (at.by !== null && at.parent !== null) {
    const goesAlong = at.by.press === 'turn' || (at.by.press === 'short' && moves.has(at.by.key));
    const parent = places.all.get(at.parent)!;
    if (!goesAlong) return parent;
    at = parent;
  }
  return null;
}
