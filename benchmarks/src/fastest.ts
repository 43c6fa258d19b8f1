/** Milliseconds of the fastest of some runs. */
export function fastest(work: () => unknown, runs = 5): number {
  let best = Infinity;
  for (let i = 0; i < runs; i++) {
    const start = performance.now();
    work();
    best = Math.min(best, performance.now() - start);
  }
  return best;
}
