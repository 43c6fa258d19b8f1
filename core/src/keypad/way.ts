import { singleSource } from 'graphology-shortest-path/dijkstra';
import type { Act } from '../profile';
import type { Edge, MenuGraph } from './graph';
import { pressesOf, stepsOf, type WayStep } from './press';

/** The keys from one place to another. */
export interface Way {
  readonly steps: readonly WayStep[];
  readonly presses: number;
  /** what pressing them sets going, which no other way spares: each with its caution, confirmed before the key is shown */
  readonly acts: readonly Act[];
}

/** Ways from one place to every other that can be reached, shortest first; searched once for all of them. */
export class WaysFrom {
  private readonly paths: Readonly<Record<string, readonly string[]>>;

  constructor(
    private readonly menu: MenuGraph,
    from: string,
  ) {
    this.paths = menu.graph.hasNode(from) ? singleSource(menu.graph, from, 'cost') : {};
  }

  /** What it costs to get there: presses, and far more where something is set going; infinite where no way leads. */
  cost(to: string): number {
    const path = this.paths[to];
    return path ? this.edges(path).reduce((sum, { cost }) => sum + cost, 0) : Infinity;
  }

  /** The way there; null where none leads. */
  to(to: string): Way | null {
    const path = this.paths[to];
    if (!path) return null;
    const edges = this.edges(path);
    const presses = edges.flatMap((edge) => edge.presses);
    return {
      steps: stepsOf(presses),
      presses: presses.reduce((sum, one) => sum + pressesOf(one), 0),
      acts: edges.flatMap(({ act }) => (act ? [act] : [])),
    };
  }

  private edges(path: readonly string[]): Edge[] {
    const edges: Edge[] = [];
    path.forEach((node, i) => {
      if (i === 0 || this.menu.isHub(node)) return;
      const before = path[i - 1];
      edges.push(
        this.menu.isHub(before)
          ? this.menu.sought(path[i - 2], node)
          : this.menu.graph.getEdgeAttributes(before, node),
      );
    });
    return edges;
  }
}
