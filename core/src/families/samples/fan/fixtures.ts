import { z } from 'zod';
import { POWER_CUT, runBench, type BenchModel } from '../../../bench';
import { described, figure, formOf, group, recordForm, tick, whole } from '../../../describe';
import { findingMaker, type Finding, type Subject, type TextBook } from '../../../findings';
import { roleTable, type Parameter, type ProfileOf, type SettingValues } from '../../../profile';
import { slip, stateCheck, wrong } from '../../../proof';
import { fig } from '../../../units';
import { arrivalFacts } from '../../parts/arrival-facts';
import { figureOrNull, noteSchema, record, type Frozen } from '../../../visit/wire';
import { defineFamily, type Family } from '../../family';
import type { FamilyKind } from '../../kind';
import { STOPPED } from '../../parts/make-safe';
import { PlanDraft } from '../../parts/plan-draft';
import type { Work } from '../../parts/work';

/**
 * For tests only: a fan with two settings, as small as a family of pumps can be. It is added to the table by one line and walks a
 * whole job: whatever that needs elsewhere is missing in the house.
 */
const dusted = record(
  'fan-dusted',
  {
    blades: whole('Blades wiped', { min: 1, max: 12 }),
    grille: tick('The grille was off'),
    dust_mm: described(figureOrNull, { label: 'Dust on them', quantity: 'bore' }),
  },
  { touches: true },
);
const FAN_RECORDS = [
  record('fan-now', {
    speed_pct: z.number().nullable(),
    state: z.literal('turns'),
    unreadable: z.record(z.string(), noteSchema),
  }),
  dusted,
] as const;

/** What the sample family works with. */
export interface FanKind extends FamilyKind {
  readonly duty: { readonly family: 'fan'; readonly wanted_pct: number };
  readonly plate: { readonly family: 'fan'; readonly rated_W: number | null };
  readonly profile: ProfileOf<{ readonly family: 'fan'; readonly hasClock: boolean }>;
  readonly context: FanContext;
  readonly settings: { readonly speed_pct: number | null; readonly automatic: boolean };
  readonly record: Frozen<z.infer<(typeof FAN_RECORDS)[number]>>;
  readonly reading: never;
}

interface FanContext {
  readonly duty: FanKind['duty'];
  readonly profile: FanKind['profile'];
  readonly plate: FanKind['plate'];
  readonly today: string;
  readonly inForce: SettingValues;
}

const TEXTS = {
  'FAN-01': {
    title: 'Turns too slowly',
    so: 'The fan is set to {speed}; {required} required.',
    will: 'Too little moves.',
    todo: 'Set {required}.',
  },
} satisfies TextBook;
const finding = findingMaker<keyof typeof TEXTS>({ 'FAN-01': 'stop' });

const REASONS = {
  wanted: '{required} required.',
  automatic: 'The fan runs by itself.',
};
type Role = 'speed' | 'state';
type Reason = {
  readonly text: keyof typeof REASONS;
  readonly values: Readonly<Record<string, ReturnType<typeof fig>>>;
};

const understand: Family<FanKind>['understand'] = (_profile, _plate, values) => ({
  speed_pct: typeof values.speed === 'number' ? values.speed : null,
  automatic: values.state === 'auto',
});

class FanPlan extends PlanDraft<FanContext, Role, 'state.auto', Reason, never, FanKind['settings']> {
  protected understood(values: SettingValues) {
    return understand(this.context.profile, this.context.plate, values);
  }
  protected parameter(role: Role) {
    return this.context.profile.parameters.find((parameter) => parameter.role === role);
  }
}

/** One thing happens in a second: it turns, and the turns are counted. */
const model = ({ speed_pct }: FanKind['settings']): BenchModel<{ turned: number; stood_s: number }> => ({
  events: POWER_CUT,
  channels: [
    { key: 'speed', label: 'Speed', unit: '%' },
    { key: 'stood', label: 'Stood still', unit: 's' },
  ],
  flags: [],
  init: () => ({ turned: 0, stood_s: 0 }),
  step: (state, inputs) => {
    if (inputs.on['power-cut']) state.stood_s += 1;
    else state.turned += speed_pct ?? 0;
  },
  read: (state, inputs, into) => {
    into[0] = inputs.on['power-cut'] ? 0 : (speed_pct ?? 0);
    into[1] = state.stood_s;
  },
  flagsOf: () => 0,
  sums: ({ turned, stood_s }) => ({ turned, stood_s }),
});

const dusting: Work<FanKind, 'fan-dusted'> = {
  kind: 'fan-dusted',
  title: 'Dusting',
  caution: () => 'Switched off at its plug first.',
  form: () => recordForm(dusted),
  said: ({ blades, grille }) => ({
    words: `${blades} blades wiped${grille ? ', grille off' : ''}`,
    verdict: 'good',
  }),
};

function checkFan({ duty, profile, plate }: FanContext, subject: Subject, values: SettingValues): Finding[] {
  const { speed_pct } = understand(profile, plate, values);
  if (speed_pct === null || speed_pct >= duty.wanted_pct) return [];
  const told = { speed: fig('percent', speed_pct), wanted: fig('percent', duty.wanted_pct) };
  return [finding('FAN-01', subject, told, ['drive/1/speed'])];
}

const fanDuty = group({
  family: z.literal('fan'),
  wanted_pct: figure('Wanted', 'percent', { min: 0, max: 100 }),
});
const fanBehaviours = group({ family: z.literal('fan'), hasClock: tick('Has a clock') });

export const fanFamily: Family<FanKind> = defineFamily<FanKind>({
  name: 'fan',
  words: 'a fan',
  roleWords: { speed: 'Speed' },
  examples: () => [],
  forms: {
    duty: formOf(fanDuty, {
      parts: [
        {
          name: 'speed',
          title: 'Speed',
          asks: ['wanted_pct'],
          says: (say) => `${say.of('wanted_pct')} of its speed`,
        },
      ],
      start: {},
    }),
    behaviours: formOf(fanBehaviours, {
      parts: [{ name: 'habits', title: 'Habits of a fan', asks: ['hasClock'], says: () => '' }],
      start: {},
    }),
    controllerOf: 'A fan',
    groups: [{ key: 'drive', label: 'Drive' }],
  },
  wire: {
    duty: fanDuty,
    plate: z.object({ family: z.literal('fan'), rated_W: z.number().positive().nullable() }).strict(),
    behaviours: fanBehaviours,
    records: FAN_RECORDS,
    carried: [],
  },
  ...roleTable({ speed: 'percent', state: ['state.auto', 'state.off'] }),
  understand,
  context: ({ duty, profile, plate, today, inForce }) => ({ duty, profile, plate, today, inForce }),
  plan: (context) => {
    const draft = new FanPlan(context);
    const wanted = fig('percent', context.duty.wanted_pct);
    draft.put('speed', context.duty.wanted_pct, { text: 'wanted', values: { wanted } });
    draft.choose('state', 'state.auto', { text: 'automatic', values: {} });
    return draft.finish();
  },
  held: () => new Set(),
  checkPlan: (context, { values }) => checkFan(context, 'target', values),
  check: checkFan,
  open: () => [],
  texts: TEXTS,
  reasons: REASONS,
  arrival: {
    makeSafe: [STOPPED],
    plate: [{ key: 'rated_W', label: 'Rated power', quantity: 'power' }],
    plateCode: 'FAN-02',
    readings: {
      record: 'fan-now',
      fields: () => [{ key: 'speed_pct', label: 'Speed it shows', said: 'speed', quantity: 'percent' }],
      states: [{ value: 'turns', label: 'It turns' }],
      body: ({ figures, unreadable, state }) => ({
        kind: 'fan-now',
        speed_pct: figures.speed_pct ?? null,
        state: state as 'turns',
        unreadable,
      }),
    },
    work: [dusting],
  },
  proof: {
    checks: (_context, { speed_pct }) => [
      stateCheck(
        { key: 'turns', title: 'it turns', method: 'Look.', expected: 'It turns' },
        {
          turns: 'It turns',
          stands: wrong('It stands', 'FAN-03', 'wiring', 'Its supply is off', 'Look at its switch.'),
        },
        'turns',
      ),
      {
        key: 'shown',
        title: 'its speed',
        method: 'Read the display.',
        expected: `${speed_pct ?? 0} %`,
        tolerance: '± 2 %',
        caution: null,
        pumps: false,
        ask: {
          kind: 'figure',
          figure: { key: 'shown_pct', label: 'Speed shown', quantity: 'percent' },
          least: (speed_pct ?? 0) - 2,
          greatest: (speed_pct ?? 0) + 2,
          below: slip('FAN-01', 'speed', 'The knob slipped', 'Turn it up until it reads what is set.'),
        },
      },
    ],
  },
  due: () => [{ key: 'blades', stage: 'as-found', words: 'Clean the blades.', date: '2027-01-01' }],
  bench: {
    run: ({ profile, plate }, values, scenario, options) =>
      runBench(model(understand(profile, plate, values)), scenario, options),
    plain: () => ({ days: 1, water: { every_s: 3600, flows_m3h: [0] }, wobble: 0, seed: 1, events: [] }),
    words: POWER_CUT,
    events: () => ['power-cut'],
    channel: 'speed',
    sums: () => ({
      rows: [
        { key: 'turned', label: 'Turned', unit: '', decimals: 0, of: (s) => s.turned },
        { key: 'stood', label: 'Stood still', unit: 's', decimals: 0, of: (s) => s.stood_s },
      ],
      headline: { of: (s) => s.turned, decimals: 0, unit: 'turns', moreIsBetter: true },
    }),
    caveat: () => 'A simulation.',
  },
  strip: ({ inForce }) => ({
    unit: '%',
    rates: Array.from({ length: 24 }, () => Number(inForce.speed ?? 0)),
    greatest: 100,
  }),
  handOver: {
    part: ({ values }) => ({
      first: [
        {
          kind: 'before-after',
          key: 'air',
          title: 'Air, before and after',
          headline: null,
          sides: [
            {
              column: 'found',
              items: [{ kind: 'figure', words: `${values.found.speed ?? '–'} %`, known: true }],
            },
            {
              column: 'left',
              items: [{ kind: 'figure', words: `${values.force.speed ?? '–'} %`, known: true }],
            },
          ],
          note: null,
        },
      ],
      behind: [],
      tried: [],
      proof: { points: 0, passed: 0, says: [{ words: 'Air felt at the grille.', sound: true }] },
    }),
    facts: ({ document }) => arrivalFacts(document, fanFamily.arrival.readings),
    runs: () => ['The fan runs while it is switched on.'],
    tables: () => [{ name: 'speeds', label: 'Speeds', fields: ['speed'], rows: [[60]] }],
  },
});

const common = {
  group: 'drive' as const,
  changedBy: 'anyone' as const,
  enterWhen: 'any' as const,
  needsRestart: false,
  entry: 'knob' as const,
  storedBy: 'Stored as soon as it is turned.',
  route: [],
} satisfies Partial<Parameter>;

export const FAN_PROFILE: FanKind['profile'] = {
  format: 'barythm-profile',
  formatVersion: 1,
  id: 'fan-with-a-knob',
  version: 1,
  name: 'Fan with a knob',
  about: 'A knob and a switch.',
  family: 'fan',
  behaviours: { family: 'fan', hasClock: false },
  groups: [{ key: 'drive', label: 'Drive' }],
  parameters: [
    {
      ...common,
      key: 'speed',
      role: 'speed',
      label: 'Speed',
      type: 'number',
      unit: '%',
      least: 0,
      greatest: 100,
      step: 5,
    },
    {
      ...common,
      key: 'state',
      role: 'state',
      label: 'State',
      type: 'choice',
      options: [
        { value: 'auto', label: 'Automatic', role: 'state.auto' },
        { value: 'off', label: 'Off', role: 'state.off' },
      ],
    },
  ],
};

export const SAMPLES = [
  {
    profile: FAN_PROFILE,
    duty: { family: 'fan', wanted_pct: 60 },
    plate: { family: 'fan', rated_W: 40 },
    found: { speed: 40, state: 'off' },
  },
] as const;
