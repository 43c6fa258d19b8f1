import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { z } from 'zod';
import { POWER_CUT, runBench, type BenchModel } from '../../../bench';
import { figure, formOf, group, rows, text, tick, whole } from '../../../describe';
import { findingMaker, type Finding, type Subject, type TextBook } from '../../../findings';
import { roleTable, type ProfileOf, type SettingValues } from '../../../profile';
import { slip, stateCheck, wrong } from '../../../proof';
import { fig } from '../../../units';
import { noteSchema, record, type Frozen } from '../../../visit/wire';
import { defineFamily, type Family } from '../../family';
import type { FamilyKind } from '../../kind';
import { arrivalFacts } from '../../parts/arrival-facts';
import { STOPPED } from '../../parts/make-safe';
import { PlanDraft } from '../../parts/plan-draft';

/**
 * For tests only: a gate that lifts by a sequence of its controller’s own, in hundredths of a second. The sequence is data of its profile,
 * read from a file; its bench runs five seconds of one lift. Nothing outside this folder knows it.
 */
const stepSchema = group({
  state: text('State', { max: 40 }),
  lasts_ms: whole('Lasts, ms', { min: 10, max: 60_000 }),
  drive: figure('Drives at', 'percent', { min: 0, max: 1 }),
});
const gateBehaviours = group({
  family: z.literal('gate'),
  hasClock: tick('Has a clock'),
  sequence: rows('Add a step', stepSchema, { min: 1, max: 20 }),
});
const gateDuty = group({
  family: z.literal('gate'),
  lift_mm: figure('Lifts by', 'level', { max: 5000 }),
  stroke_mm: figure('Of a whole stroke of', 'level', { max: 5000 }),
});
const GATE_RECORDS = [
  record('gate-now', {
    open_pct: z.number().nullable(),
    state: z.literal('rests'),
    unreadable: z.record(z.string(), noteSchema),
  }),
] as const;

export interface GateKind extends FamilyKind {
  readonly duty: Frozen<z.infer<typeof gateDuty>>;
  readonly plate: { readonly family: 'gate' };
  readonly profile: ProfileOf<Frozen<z.infer<typeof gateBehaviours>>>;
  readonly context: {
    readonly duty: GateKind['duty'];
    readonly profile: GateKind['profile'];
    readonly plate: GateKind['plate'];
    readonly today: string;
    readonly inForce: SettingValues;
  };
  readonly settings: { readonly pace_pct: number | null };
  readonly record: Frozen<z.infer<(typeof GATE_RECORDS)[number]>>;
  readonly reading: never;
}
type GateContext = GateKind['context'];

const TEXTS = {
  'GAT-01': {
    title: 'Does not lift far enough',
    so: 'It lifts by {lift}; {required} are required.',
    will: 'It stands half open.',
    todo: 'Turn the pace up.',
  },
} satisfies TextBook;
const finding = findingMaker<keyof typeof TEXTS>({ 'GAT-01': 'stop' });

const understand: Family<GateKind>['understand'] = (_profile, _plate, { pace }) => ({
  pace_pct: typeof pace === 'number' ? pace : null,
});

const STEPS_PER_s = 100;
const STROKE_s = 3;

/** What the sequence of a profile drives, hundredth by hundredth. */
const model = (
  { duty, profile }: GateContext,
  pace_pct: number,
): BenchModel<{ at: number; lift_mm: number }> => {
  const { sequence } = profile.behaviours;
  const drives = sequence.flatMap(({ lasts_ms, drive }) =>
    Array<number>(Math.round((lasts_ms * STEPS_PER_s) / 1000)).fill(drive),
  );
  const each_mm = (duty.stroke_mm * pace_pct) / 100 / (STROKE_s * STEPS_PER_s);
  return {
    events: POWER_CUT,
    channels: [{ key: 'lift', label: 'Lift', unit: 'mm' }],
    flags: [],
    steps_per_s: STEPS_PER_s,
    init: () => ({ at: 0, lift_mm: 0 }),
    step: (state, inputs) => {
      if (inputs.on['power-cut']) return;
      state.lift_mm += each_mm * (drives[state.at] ?? 0);
      state.at += 1;
    },
    read: (state, _inputs, into) => {
      into[0] = state.lift_mm;
    },
    flagsOf: () => 0,
    sums: ({ lift_mm }) => ({ lift_mm }),
  };
};
const LIFT = {
  days: 1 as const,
  short_s: 5,
  water: { every_s: 1, flows_m3h: [0] },
  wobble: 0,
  seed: 1,
  events: [],
};

const lift_mm = (context: GateContext, pace_pct: number) =>
  runBench(model(context, pace_pct), LIFT).sums.lift_mm;

function checkGate(context: GateContext, subject: Subject, values: SettingValues): Finding[] {
  const { pace_pct } = understand(context.profile, context.plate, values);
  if (pace_pct === null) return [];
  const lift = lift_mm(context, pace_pct);
  if (lift >= context.duty.lift_mm - 1e-6) return [];
  const told = { lift: fig('level', lift), wanted: fig('level', context.duty.lift_mm) };
  return [finding('GAT-01', subject, told, ['drive/1/pace'])];
}

type Reason = { readonly text: 'least'; readonly values: Readonly<Record<string, ReturnType<typeof fig>>> };

class GatePlan extends PlanDraft<GateContext, 'pace', never, Reason, never, GateKind['settings']> {
  protected understood(values: SettingValues) {
    return understand(this.context.profile, this.context.plate, values);
  }
  protected parameter() {
    return this.context.profile.parameters[0];
  }
}

export const gateFamily: Family<GateKind> = defineFamily<GateKind>({
  name: 'gate',
  words: 'a gate',
  roleWords: { lift: 'Lift' },
  examples: () => [],
  forms: {
    duty: formOf(gateDuty, {
      parts: [
        {
          name: 'lift',
          title: 'Lift',
          asks: ['lift_mm', 'stroke_mm'],
          says: (say) => `Lifts by ${say.of('lift_mm')}.`,
        },
      ],
      start: {},
    }),
    behaviours: formOf(gateBehaviours, {
      parts: [
        { name: 'steps', title: 'What it does in turn', asks: ['sequence', 'hasClock'], says: () => '' },
      ],
      start: { sequence: [{}] },
    }),
    controllerOf: 'A gate',
    groups: [{ key: 'drive', label: 'Drive' }],
  },
  wire: {
    duty: gateDuty,
    plate: z.object({ family: z.literal('gate') }).strict(),
    behaviours: gateBehaviours,
    records: GATE_RECORDS,
    carried: [],
  },
  ...roleTable({ pace: 'percent' }),
  understand,
  context: ({ duty, profile, plate, today, inForce }) => ({ duty, profile, plate, today, inForce }),
  plan: (context) => {
    const draft = new GatePlan(context);
    const enough = [...Array(19).keys()].map((i) => 10 + i * 5);
    const pace = enough.find((one) => lift_mm(context, one) >= context.duty.lift_mm - 1e-6) ?? 100;
    draft.put('pace', pace, { text: 'least', values: { wanted: fig('level', context.duty.lift_mm) } });
    return draft.finish();
  },
  held: () => new Set(),
  checkPlan: (context, { values }) => checkGate(context, 'target', values),
  check: checkGate,
  open: () => [],
  texts: TEXTS,
  reasons: { least: 'The minimum pace that lifts by {required}.' },
  arrival: {
    makeSafe: [STOPPED],
    plate: [],
    plateCode: 'GAT-02',
    readings: {
      record: 'gate-now',
      fields: () => [{ key: 'open_pct', label: 'Stands open', said: 'gate', quantity: 'percent' }],
      states: [{ value: 'rests', label: 'It rests' }],
      body: ({ figures, unreadable, state }) => ({
        kind: 'gate-now',
        open_pct: figures.open_pct ?? null,
        state: state as 'rests',
        unreadable,
      }),
    },
  },
  proof: {
    checks: (context, { pace_pct }) => [
      stateCheck(
        { key: 'order', title: 'its order', method: 'Watch one lift.', expected: 'one state after another' },
        {
          right: 'In its order',
          stuck: wrong(
            'It sticks',
            'GAT-03',
            'wiring',
            'No end switch is reached',
            'Look at the end switch.',
          ),
        },
        'right',
      ),
      {
        key: 'lift',
        title: 'its lift',
        method: 'Measure it.',
        expected: 'the lift of its bench',
        tolerance: '10 mm',
        caution: null,
        pumps: false,
        ask: {
          kind: 'figure',
          figure: { key: 'lift_mm', label: 'Lift', quantity: 'level' },
          least: lift_mm(context, pace_pct ?? 0) - 10,
          greatest: lift_mm(context, pace_pct ?? 0) + 10,
          off: slip('GAT-01', 'speed', 'Another pace', 'Read the dial again.'),
        },
      },
    ],
  },
  bench: {
    run: (context, values, scenario, options) =>
      runBench(model(context, Number(values.pace ?? 0)), scenario, options),
    plain: () => LIFT,
    words: POWER_CUT,
    events: () => ['power-cut'],
    channel: 'lift',
    sums: () => ({
      rows: [{ key: 'lift', label: 'Lift', unit: 'mm', decimals: 0, of: (s) => s.lift_mm }],
      headline: { of: (s) => s.lift_mm, decimals: 0, unit: 'mm', moreIsBetter: true },
    }),
    caveat: () => 'A simulation.',
  },
  strip: () => null,
  handOver: {
    part: () => ({ first: [], behind: [], tried: [], proof: { points: 0, passed: 0, says: [] } }),
    facts: ({ document }) => arrivalFacts(document, gateFamily.arrival.readings),
    runs: () => ['The gate runs while it is switched on.'],
  },
});

/** A profile as it lies in a file: its sequence is nowhere in code. */
const GATE_PROFILE = JSON.parse(
  readFileSync(join(__dirname, 'gate-by-steps.json'), 'utf8'),
) as GateKind['profile'];

export const SAMPLES = [
  {
    profile: GATE_PROFILE,
    duty: { family: 'gate', lift_mm: 600, stroke_mm: 1000 },
    plate: { family: 'gate' },
    found: { pace: 30 },
  },
] as const;
