import loadHighs from 'highs';
import { highsSolver, type MixedIntegerSolver, type SolveProgress } from './index';

let solver: MixedIntegerSolver;
beforeAll(async () => {
  solver = highsSolver((await loadHighs()) as never);
});
const TIGHT = { timeLimit_s: 10, gap: 0 };

/** Two whole pieces, the dear one worth more: at least so much of both. */
const model = (atLeast: number, most = 10) => `Minimize
 cost: 3 dear + 2 cheap
Subject To
 enough: 2 dear + cheap >= ${atLeast}
Bounds
 0 <= dear <= ${most}
 0 <= cheap <= ${most}
Generals
 dear cheap
End
`;

test('answers the cheapest plan, proven, and names what is not zero in it', () => {
  const solved = solver.solve(model(7), TIGHT);
  if (solved.status !== 'optimal') throw new Error(solved.status);
  // 3 dear and 1 cheap; or 4 dear, which costs more
  expect(solved.objective).toBeCloseTo(11, 9);
  expect(Object.fromEntries(solved.values)).toEqual({ dear: 3, cheap: 1 });
  expect(solved.bound).toBeLessThanOrEqual(solved.objective);
  const even = solver.solve(model(8), TIGHT);
  if (even.status !== 'optimal') throw new Error(even.status);
  expect([...even.values.keys()]).toEqual(['dear']);
});

test('the cheapest of all ways that there are: against every one of them', () => {
  for (const atLeast of [1, 5, 11, 23]) {
    let best = Infinity;
    for (let dear = 0; dear <= 10; dear++)
      for (let cheap = 0; cheap <= 10; cheap++)
        if (2 * dear + cheap >= atLeast) best = Math.min(best, 3 * dear + 2 * cheap);
    const solved = solver.solve(model(atLeast), TIGHT);
    expect(solved).toMatchObject({ status: 'optimal', objective: expect.closeTo(best, 6) });
  }
});

test('what cannot be had is said to be so, and the next model knows nothing of it', () => {
  expect(solver.solve(model(31), TIGHT)).toEqual({ status: 'infeasible' });
  expect(solver.solve(model(30), TIGHT)).toMatchObject({ status: 'optimal', objective: 50 });
});

test('no time at all finds nothing, or a plan that is not proven: never one that is called the cheapest', () => {
  const pieces = Array.from({ length: 60 }, (_, i) => `p${i}`);
  const weight = (i: number) => 7 + ((i * 37) % 29);
  const hard = `Minimize
 cost: ${pieces.map((name, i) => `${weight(i)} ${name}`).join(' + ')}
Subject To
 ${[3, 7, 11].map((by) => `c${by}: ${pieces.map((name, i) => `${1 + ((i * by) % 13)} ${name}`).join(' + ')} >= 241`).join('\n ')}
Generals
 ${pieces.join(' ')}
End
`;
  const solved = solver.solve(hard, { timeLimit_s: 0, gap: 0 });
  expect(['nothing-found', 'time-limit']).toContain(solved.status);
  const seen: SolveProgress[] = [];
  const whole = solver.solve(hard, { timeLimit_s: 20, gap: 0, onProgress: (one) => seen.push(one) });
  if (whole.status !== 'optimal') throw new Error(whole.status);
  for (const { best, bound } of seen) {
    // what it tells on its way is never better than what it ends with
    if (best !== null) expect(best).toBeGreaterThanOrEqual(whole.objective - 1e-6);
    if (bound !== null) expect(bound).toBeLessThanOrEqual(whole.objective + 1e-6);
  }
});
