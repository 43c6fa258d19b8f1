import { Walk, seenAt, TODAY } from '../../job/testing/walk.fixtures';
import { gateOfHandover, gateOfSet, offeredChecks } from '../../job';
import { renderFinding } from '../../findings';
import { faultOf, keyAt, parameterAt } from '../../profile';
import { keyOf } from '../../sheet';
import { METRIC } from '../../units';
import { ALL_TEXTS, FAMILY_NAMES, familyOf } from '../index';
import { samplesOf } from './samples.fixtures';

// one line more each in the table: families that only the tests know
jest.mock('../all', () => {
  const table = jest.requireActual<typeof import('../all')>('../all');
  const { fanFamily } =
    jest.requireActual<typeof import('../samples/fan/fixtures')>('../samples/fan/fixtures');
  const { gateFamily } =
    jest.requireActual<typeof import('../samples/gate/fixtures')>('../samples/gate/fixtures');
  const FAMILIES = { ...table.FAMILIES, fan: fanFamily, gate: gateFamily };
  return {
    ...table,
    FAMILIES,
    FAMILY_NAMES: Object.keys(FAMILIES),
    familyOf: (name: keyof typeof FAMILIES) => FAMILIES[name],
  };
});

const SAMPLES = FAMILY_NAMES.flatMap((name) =>
  samplesOf(name).map((sample) => [`${name}: ${sample.profile.id}`, sample] as const),
);

test('the table holds the families that only the tests know', () => {
  expect(FAMILY_NAMES).toEqual(expect.arrayContaining(['fan', 'gate']));
  expect(ALL_TEXTS['FAN-01'].title).toBe('Turns too slowly');
});

describe('what a family that only the tests know described once', () => {
  const [, fan] = SAMPLES.find(([name]) => name.startsWith('fan'))!;
  const arrived = () => {
    const walk = new Walk(fan);
    walk.arrive();
    walk.found(fan.found);
    walk.plan();
    walk.set();
    return walk;
  };

  test('a record of its own is work at the pump: it is seen in automatic again', () => {
    const walk = arrived();
    walk.prove();
    walk.record({ kind: 'automatic', seen: 'It runs as it should.' });
    const codes = () => walk.view.findings.job.map(({ code }) => code);
    expect(codes()).not.toContain('ANY-03');
    walk.written({ kind: 'fan-dusted', blades: 5, grille: true, dust_mm: null } as never);
    expect(codes()).toContain('ANY-03');
  });

  test('a wrong state and a figure under its limits name their slips', () => {
    const walk = arrived();
    const [turns, shown] = offeredChecks(walk.view);
    walk.written({ kind: 'check', check: turns.key, seen: 'stands', figures: {}, note: '' });
    walk.written({ kind: 'check', check: shown.key, seen: null, figures: { shown_pct: 40 }, note: '' });
    expect(walk.view.patterns.map(({ title }) => title)).toEqual(['Its supply is off', 'The knob slipped']);
    expect(walk.view.checks.map(({ verdict }) => verdict.pattern?.code)).toEqual(['FAN-03', 'FAN-01']);
  });

  test('a channel of its bench is traced, and its sum said', () => {
    const family = familyOf(fan.profile.family);
    const context = new Walk(fan).view.context!;
    const plain = family.bench.plain(context);
    const events = [{ kind: 'power-cut', at_s: 3600, until_s: 3720, amount: null }];
    const run = family.bench.run(context, { speed: 60, state: 'auto' }, { ...plain, events });
    const stood = run.traces.find(({ key }) => key === 'stood')!;
    expect([Math.max(...stood.max), run.sums.stood_s]).toEqual([120, 120]);
    const row = family.bench.sums(context).rows.find(({ key }) => key === 'stood');
    expect(row?.of(run.sums)).toBe(120);
  });
});

test('a sequence out of a profile’s file is walked in hundredths of a second', () => {
  const [, gate] = SAMPLES.find(([name]) => name.startsWith('gate'))!;
  const context = new Walk(gate).view.context!;
  const { bench } = familyOf(gate.profile.family);
  const run = bench.run(context, { pace: 60 }, bench.plain(context));
  // 600 mm in three seconds of lifting, and a tenth of that pace for half a second of seating
  expect(run.sums.lift_mm).toBeCloseTo(600 + 200 * 0.1 * 0.5, 6);
  expect([run.seconds, run.bucket_s]).toEqual([5, 0.01]);
  expect(run.traces[0].max[24]).toBe(0);
  expect(run.traces[0].max[25]).toBeCloseTo(2, 9);
});

/** Sums that a model keeps only where there is such a thing: a tank that somebody measured, a second pump. */
const OF_SOME: ReadonlySet<string> = new Set(['tank_L', 'both_h']);

describe.each(SAMPLES)('%s', (_, sample) => {
  const { profile, duty, found } = sample;
  const family = familyOf(profile.family);
  const context = new Walk(sample).view.context!;

  test('its meanings are closed, and its family is said the same everywhere', () => {
    expect([family.name, duty.family, profile.behaviours.family]).toEqual(Array(3).fill(profile.family));
    for (const { role, options = [] } of profile.parameters) {
      if (role !== undefined) expect(family.roles).toContain(role);
      for (const option of options)
        if (option.role !== undefined)
          expect([option.role, family.isOptionRole(option.role)]).toEqual([option.role, true]);
    }
    expect(family.isOptionRole('no.such-meaning')).toBe(false);
  });

  test('the schemas of its wire take what it works with, and turn another’s away', () => {
    const { wire } = family;
    expect(wire.duty.parse(duty)).toEqual(duty);
    expect(wire.plate.parse(sample.plate)).toEqual(sample.plate);
    expect(wire.behaviours.parse(profile.behaviours)).toEqual(profile.behaviours);
    for (const schema of [wire.duty, wire.plate, wire.behaviours])
      expect(schema.safeParse({ family: 'kettle' }).success).toBe(false);
  });

  test('every target of its plan is one that its controller takes', () => {
    const { targets } = family.plan(context);
    expect(targets.length).toBeGreaterThan(0);
    const values = Object.fromEntries(targets.map(({ address, value }) => [keyOf(address), value]));
    for (const { address, value } of targets) {
      const parameter = parameterAt(profile, address)!;
      expect([address, faultOf(parameter, value, { ...found, ...values })]).toEqual([address, null]);
    }
  });

  test('whatever it finds wrong has its text, with every slot filled', () => {
    const wrong = family.check(context, 'found', found);
    expect(wrong.length).toBeGreaterThan(0);
    for (const finding of wrong) {
      expect(JSON.stringify(renderFinding(finding, ALL_TEXTS, METRIC))).not.toMatch(/\{\w+\}|undefined|NaN/);
    }
  });

  test('what is read on its plate is a column each', () => {
    expect(new Set(family.arrival.plate.map(({ key }) => key)).size).toBe(family.arrival.plate.length);
    for (const { key } of family.arrival.plate) expect(keyAt(key, 1)).toBe(key);
  });

  test('a job walks from as found to its hand-over, each step gated', () => {
    const walk = new Walk(sample);
    expect(gateOfSet(walk.view).map(({ code }) => code)).toContain('ANY-02');
    expect(gateOfHandover(walk.view).map(({ code }) => code)).toContain('NOTHING');
    walk.arrive();
    walk.found(found);
    expect(walk.view.findings.found.length).toBeGreaterThan(0);
    walk.plan();
    expect(gateOfSet(walk.view)).toEqual([]);
    expect(walk.set()).toBeGreaterThan(0);
    const tried = walk.prove();
    expect(walk.view.checks.filter(({ verdict }) => verdict.ok)).toHaveLength(tried.length);
    walk.leave();
    const { handover } = walk.document;
    expect(handover?.summary.settings).toHaveLength(walk.view.parameters.length);
    expect(handover?.summary.proof.automatic).toBe(true);
    expect(JSON.stringify(handover)).not.toMatch(/undefined|NaN/);
    // frozen: what is done to the view afterwards says the same
    expect(JSON.parse(JSON.stringify(handover))).toEqual(handover);
    for (const due of family.due(walk.view, TODAY)) expect(due.words).not.toMatch(/undefined|NaN/);
  });

  test('each of its checks knows right from wrong', () => {
    const walk = new Walk(sample);
    walk.arrive();
    walk.found(found);
    walk.plan();
    walk.set();
    const checks = offeredChecks(walk.view);
    expect(checks.length).toBeGreaterThan(0);
    for (const check of checks.filter(({ ask }) => !(ask.kind === 'figures' && ask.row))) {
      const judged = (right: boolean) => family.proof.judge(check, seenAt(check, right), null).ok;
      expect([check.key, judged(true), judged(false)]).toEqual([check.key, true, false]);
    }
  });

  test('its bench gives the same day to the last digit, and every event has its turn', () => {
    const { bench } = family;
    const plain = bench.plain(context);
    const once = bench.run(context, found, plain);
    expect(bench.run(context, found, plain)).toEqual(once);
    expect(Object.values(once.sums).every((sum) => Number.isFinite(sum))).toBe(true);
    expect(bench.events(context).length).toBeGreaterThan(0);
  });

  test('what its bench shows is there: channels, and every sum by the key that its model keeps', () => {
    const { bench } = family;
    const { sums, traces } = bench.run(context, found, bench.plain(context));
    const keys = traces.map(({ key }) => key);
    expect(keys).toEqual(expect.arrayContaining([bench.channel, ...bench.hidden(context)]));
    const missed = new Set<string>();
    const watched = new Proxy(sums, {
      get: (target, key: string) => {
        if (!(key in target)) missed.add(key);
        return target[key];
      },
    });
    const { rows, headline } = bench.sums(context);
    const told = [...rows, headline].map((row) => row.of(watched));
    expect([...missed].filter((key) => !OF_SOME.has(key))).toEqual([]);
    for (const value of told) expect(value === undefined || Number.isFinite(value)).toBe(true);
    expect(new Set(rows.map(({ key }) => key)).size).toBe(rows.length);
  });
});
