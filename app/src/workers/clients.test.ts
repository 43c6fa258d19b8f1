import { plainWeek } from '@barythm/core/families/pool';
import { contextOf } from '@barythm/core/families/pool/fixtures';
import { BenchCancelled, BenchClient } from './bench-client';
import type { FromBench, ShownRun, ToBench } from './bench-messages';
import { PlanCancelled, PlanClient } from '../families/pool/cheapest/plan-client';
import type { FromPlanner } from '../families/pool/cheapest/plan-messages';

/** A worker that keeps what it is asked, and says what a test lets it say. */
class StandIn {
  static all: StandIn[] = [];
  onmessage: ((event: { data: unknown }) => void) | null = null;
  onerror: ((event: { message: string }) => void) | null = null;
  readonly asked: unknown[] = [];
  ended = false;
  constructor(readonly url: URL) {
    StandIn.all.push(this);
  }
  postMessage(message: unknown) {
    this.asked.push(message);
  }
  terminate() {
    this.ended = true;
  }
  say(data: FromBench | FromPlanner) {
    this.onmessage?.({ data });
  }
}
const before = globalThis.window;
beforeEach(() => {
  StandIn.all = [];
  Object.assign(globalThis, {
    Worker: StandIn,
    window: { location: { href: 'http://127.0.0.1:4310/bench/x' } },
  });
});
afterAll(() => Object.assign(globalThis, { window: before }));
const [worker] = [() => StandIn.all[StandIn.all.length - 1]];

const ASK = { context: contextOf(), sheets: [{ name: 'As found', values: {} }], scenario: plainWeek() };
const RUN = { name: 'As found', sums: { cost: 3 } } as unknown as ShownRun;

describe('the bench’s worker', () => {
  test('is asked once it is required, tells how far it is, and answers the one that asked', async () => {
    const client = new BenchClient();
    expect(StandIn.all).toHaveLength(0);
    const shares: number[] = [];
    const first = client.run(ASK, (share) => shares.push(share));
    const second = client.run(ASK, () => undefined, 3600);
    expect(StandIn.all).toHaveLength(1);
    const [one, other] = worker().asked as Extract<ToBench, { kind: 'run' }>[];
    expect([one.sameUntil_s, other.sameUntil_s]).toEqual([null, 3600]);
    worker().say({ kind: 'progress', id: one.id, share: 0.4 });
    worker().say({ kind: 'runs', id: other.id, runs: [] });
    worker().say({ kind: 'runs', id: one.id, runs: [RUN] });
    expect(await second).toEqual([]);
    expect(await first).toEqual([RUN]);
    expect(shares).toEqual([0.4]);
  });
  test('cancelled it is ended, all that waited hear of it, and the next run begins with a new one', async () => {
    const client = new BenchClient();
    const gone = client.run(ASK, () => undefined);
    client.cancel();
    await expect(gone).rejects.toThrow(BenchCancelled);
    expect(worker().ended).toBe(true);
    void client.run(ASK, () => undefined).catch(() => undefined);
    expect(StandIn.all).toHaveLength(2);
    // a late word of the old one is nobody’s
    StandIn.all[0].say({ kind: 'progress', id: 1, share: 1 });
    client.cancel();
  });
  test('what fails in it is said in its words; one that cannot start says that', async () => {
    const client = new BenchClient();
    const failing = client.run(ASK, () => undefined);
    worker().say({ kind: 'failed', id: (worker().asked[0] as ToBench).id, words: 'Points at one speed.' });
    await expect(failing).rejects.toThrow('Points at one speed.');
    const dead = client.run(ASK, () => undefined);
    worker().onerror?.({ message: '' });
    await expect(dead).rejects.toThrow('The bench could not be started.');
  });
  test('a stroke is looked at in the run that it holds', async () => {
    const client = new BenchClient();
    const strokes = client.strokesAt(7200);
    const [asked] = worker().asked as Extract<ToBench, { kind: 'stroke' }>[];
    expect(asked).toMatchObject({ kind: 'stroke', at_s: 7200 });
    worker().say({ kind: 'strokes', id: asked.id, strokes: [{ name: 'As left', trace: [], gas_mL: 0 }] });
    expect(await strokes).toMatchObject([{ name: 'As left' }]);
  });
});

describe('the search’s worker', () => {
  test('tells how far it is, and what it came to', async () => {
    const client = new PlanClient();
    const told: unknown[] = [];
    const found = client.find(contextOf(), 25, (progress) => told.push(progress));
    expect(worker().asked).toMatchObject([{ timeLimit_s: 25 }]);
    worker().say({ kind: 'progress', seconds: 3, best: 12, bound: 9 });
    worker().say({ kind: 'answer', answer: { kind: 'none', because: ['turnover', 'quiet hours'] } });
    expect(await found).toEqual({ kind: 'none', because: ['turnover', 'quiet hours'] });
    expect(told).toMatchObject([{ seconds: 3, best: 12, bound: 9 }]);
  });
  test('a new search ends the one before; a cancelled one says so', async () => {
    const client = new PlanClient();
    const first = client.find(contextOf(), 25, () => undefined);
    const second = client.find(contextOf(), 25, () => undefined);
    await expect(first).rejects.toThrow(PlanCancelled);
    expect(StandIn.all.map(({ ended }) => ended)).toEqual([true, false]);
    client.cancel();
    await expect(second).rejects.toThrow(PlanCancelled);
    expect(worker().ended).toBe(true);
  });
  test('what fails in it is said in its words', async () => {
    const client = new PlanClient();
    const failing = client.find(contextOf(), 25, () => undefined);
    worker().say({ kind: 'failed', words: 'The solver could not be loaded.' });
    await expect(failing).rejects.toThrow('The solver could not be loaded.');
    const dead = client.find(contextOf(), 25, () => undefined);
    worker().onerror?.({ message: 'No such file.' });
    await expect(dead).rejects.toThrow('No such file.');
  });
});
