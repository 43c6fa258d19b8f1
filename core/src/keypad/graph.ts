import Graph from 'graphology';
import type { Act, MenuHabits } from '../profile';
import { HOME, type Place, type Places } from './places';
import type { Press } from './press';

/** A way from one place of the menu to another: presses, and what they set going. */
export interface Edge {
  readonly presses: readonly (Press & { readonly shows: string | null })[];
  readonly cost: number;
  readonly act: Act | null;
}
export type MenuGraph = Graph<object, Edge>;

/** So much dearer is a key that sets something going than any way that does not: it is pressed where there is no other. */
const ACT_COST = 1e6;

/** The menu as a graph: on along each route, along what stands side by side, one level up, and home from anywhere. */
export function menuGraph(places: Places, menu: MenuHabits): MenuGraph {
  const graph: MenuGraph = new Graph<object, Edge>({ type: 'directed', multi: false });
  for (const id of places.all.keys()) graph.addNode(id);
  const link = (from: string, to: string, presses: Edge['presses']) => {
    if (from === to) return;
    const act = presses.map((one) => actOf(menu, one)).find((one) => one !== null) ?? null;
    const cost = presses.length + (act ? ACT_COST : 0);
    if (!graph.hasEdge(from, to)) graph.addEdge(from, to, { presses, cost, act });
    else if (graph.getEdgeAttribute(graph.edge(from, to), 'cost') > cost)
      graph.replaceEdgeAttributes(graph.edge(from, to), { presses, cost, act });
  };
  const back = new Map(menu.moves.map((move) => [move.key, move.back]));
  const home = menu.home.keys.flatMap(({ key, press, times }) =>
    Array.from({ length: times }, () => ({ key, press, until: null, shows: null })),
  );
  const rings = ringsOf(places);
  for (const place of places.all.values()) {
    const { id, parent, by } = place;
    if (parent === null || by === null) continue;
    link(parent, id, [{ ...by, shows: place.shows }]);
    if (place.inRing === null && by.press === 'short' && back.has(by.key)) {
      const shows = places.all.get(parent)?.shows ?? null;
      link(id, parent, [{ key: back.get(by.key)!, press: 'short', until: null, shows }]);
    }
    for (const other of rings.get(ringOf(place)) ?? [])
      for (const press of along(place, other, back)) link(id, other.id, [press]);
    const above = levelAbove(places, place, new Set([...back.keys(), ...back.values()]));
    if (menu.leave && above) link(id, above.id, [{ ...menu.leave, until: null, shows: above.shows }]);
    link(
      id,
      HOME,
      home.map((one, i) => ({ ...one, shows: i === home.length - 1 ? menu.home.shows : null })),
    );
  }
  return graph;
}

/** What a press sets going; a hold of a key whose short press does so counts as one: it must not become that press. */
export function actOf({ acts }: MenuHabits, { key, press }: Press): Act | null {
  return acts.find((act) => act.key === key && (act.press === press || press === 'hold')) ?? null;
}

const ringOf = ({ parent, by, inRing }: Place) =>
  inRing === null || by === null ? null : `${parent} ${by.press} ${by.key}`;

function ringsOf(places: Places): ReadonlyMap<string | null, readonly Place[]> {
  const rings = new Map<string | null, Place[]>();
  for (const place of places.all.values()) {
    const ring = ringOf(place);
    if (ring !== null) rings.set(ring, [...(rings.get(ring) ?? []), place]);
  }
  return rings;
}

/** From one to another that the same key goes through: a wheel is turned either way; a key goes on, and its counterpart back. */
function along(
  { by, inRing }: Place,
  other: Place,
  back: ReadonlyMap<string, string>,
): (Press & { shows: string | null })[] {
  if (by === null || inRing === null || other.inRing === null || other.inRing === inRing) return [];
  const { shows } = other;
  const seeks = (key: string) => [{ key, press: by.press, until: shows, shows }];
  if (by.press === 'turn') return seeks(by.key);
  const counterpart = back.get(by.key);
  if (counterpart === undefined) return [];
  return other.inRing > inRing ? seeks(by.key) : seeks(counterpart);
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
