import { familyOf, type RecordBody } from '@barythm/core/families';
import { lastLeftOf } from '@barythm/core/job';
import { inOrderOfWork, type Profile, type SettingValue, type SettingValues } from '@barythm/core/profile';
import type { Writing } from '../../jobs';
import { otherPump } from '../shipped';
import { PlainDemo } from './plain-job';

/** One visit of the season at a pump that is proved by what it does. */
interface Visit {
  readonly pumpId: string;
  readonly daysAgo: number;
  readonly hour: number;
  readonly figures: Readonly<Record<string, number>>;
  readonly state: string;
  /** over what was left the last time */
  readonly found: Readonly<Record<string, SettingValue>>;
  /** what else was written down once the settings were read */
  readonly records?: readonly RecordBody[];
  readonly share: number;
  /** days from now until it is due again */
  readonly dueIn: number;
}

const VISITS: readonly Visit[] = [
  {
    pumpId: 'circulator-warden',
    daysAgo: 214,
    hour: 9,
    figures: { power_W: 21, flow_C: 52, return_C: 44 },
    state: 'runs',
    found: { mode: 'left', speed: 80, head: 3 },
    share: 1.02,
    dueIn: 150,
  },
  {
    pumpId: 'circulator-clinic-hot-water',
    daysAgo: 188,
    hour: 13,
    figures: { power_W: 7, flow_C: 60, return_C: 51 },
    state: 'runs',
    found: { mode: 'fixed', speed: 40, probe: 50, from: 300, to: 1380, cut: 'go' },
    share: 1.01,
    dueIn: 40,
  },
  {
    pumpId: 'drive-hostel',
    daysAgo: 240,
    hour: 10,
    figures: { pressure_bar: 3.4, inlet_bar: 0.22, frequency_hz: 41.2, hours_h: 8120 },
    state: 'runs',
    found: { P01: 2, P02: 4.6, P03: 25, P04: 50, addr: 1, 'addr/2': 2, P20: 3.4, P21: 10, P30: 36, P42: '2' },
    share: 1,
    dueIn: 25,
  },
  {
    pumpId: 'circulator-clinic',
    daysAgo: 310,
    hour: 9,
    figures: { head_m: 4.4, power_W: 96, inlet_bar: 1.4, flow_C: 62, return_C: 49 },
    state: 'runs',
    found: { source: 'own', mode: 'dpc', head: 4.4, range: 0.6 },
    share: 0.99,
    dueIn: 60,
  },
  {
    pumpId: 'circulator-clinic-twin',
    daysAgo: 97,
    hour: 14,
    figures: { head_m: 3.9, flow_m3h: 3.6, power_W: 160, inlet_bar: 1.4, flow_C: 36, return_C: 30 },
    state: 'runs',
    found: { part: 'lead', 'part/2': 'lead', together: 'both', mode: 'dpv', head: 5 },
    share: 1.01,
    dueIn: 84,
  },
  {
    pumpId: 'drive-nursery',
    daysAgo: 160,
    hour: 8,
    figures: { pressure_bar: 2.9, inlet_bar: -0.05, frequency_hz: 46, current_A: 5.1, hours_h: 2210 },
    state: 'runs',
    found: {
      kind: 'p',
      seen: 1,
      amps: 3.4,
      rpm: 2900,
      volts: 400,
      range: 6,
      p1: 2.9,
      cut: 2.4,
      react: 'warn',
    },
    records: [{ kind: 'precharge', measured_bar: 2.3, empty: true }],
    share: 0.99,
    dueIn: 30,
  },
  {
    pumpId: 'drive-nursery',
    daysAgo: 41,
    hour: 11,
    figures: { pressure_bar: 3.1, inlet_bar: 0, frequency_hz: 44.5, current_A: 5.4, hours_h: 3380 },
    state: 'runs',
    found: { p1: 3.4, cutback: 'go', lock: 'off' },
    share: 1.01,
    dueIn: 120,
  },
  {
    pumpId: 'spa-hostel',
    daysAgo: 171,
    hour: 15,
    figures: { water_C: 36.2, display_C: 36.5, air_C: 9, current_A: 14.8 },
    state: 'heats',
    found: { num: 6, set: 37, heat: 'any', start: 480, long: 120, 'start/2': 1080, 'long/2': 120, clean: 0 },
    share: 1,
    dueIn: 20,
  },
  {
    pumpId: 'spa-clinic',
    daysAgo: 262,
    hour: 8,
    figures: { water_C: 33.8, display_C: 35.2, air_C: 18 },
    state: 'filters',
    found: {
      no: 12,
      temp: 35,
      mode: 'prog',
      pin: 'off',
      tpin: 'off',
      cal: 0,
      fn: 'p1',
      'fn/2': 'p2',
      'fn/3': 'air',
      'fn/4': 'li',
      'fn/5': 'no',
    },
    records: [
      {
        kind: 'number-change',
        from: 12,
        readBack: 14,
        moved: 'dead',
        licensed: false,
        switchOff: true,
        pageGone: true,
        clockSet: false,
        shows: 'Settings restored',
      },
    ],
    share: 0.98,
    dueIn: 80,
  },
  {
    pumpId: 'spa-clinic',
    daysAgo: 76,
    hour: 8,
    figures: { water_C: 34.9, display_C: 35, air_C: 20, current_A: 8.9 },
    state: 'rests',
    found: { temp: 35.5 },
    share: 1.01,
    dueIn: 105,
  },
  {
    pumpId: 'transfer-cider',
    daysAgo: 392,
    hour: 9,
    figures: { level_mm: 88, speed_rpm: 2100, current_A: 1.9, product_C: 19.5, delivered_C: 13.1 },
    state: 'runs',
    found: { plant: 'pr', ctrl: 'le', least: 1200, most: 2860, bottom: 30, top: 300, runon: 40, cut: 'go' },
    share: 0.99,
    dueIn: -27,
  },
  {
    pumpId: 'transfer-cider',
    daysAgo: 58,
    hour: 7,
    figures: { level_mm: 240, speed_rpm: 1850, current_A: 1.6, product_C: 20.5, delivered_C: 12.2 },
    state: 'runs',
    found: { alarm: 600 },
    share: 1.01,
    dueIn: 300,
  },
];

/** The season's work at circulators, drives, tubs and receivers; what the site reported of some of them since is still to be looked at. */
export async function plainSeason(writing: Writing, dateAgo: (days: number) => string): Promise<void> {
  const left = new Map<string, SettingValues>();
  for (const visit of VISITS) {
    const { duty } = otherPump(visit.pumpId);
    const instant = Date.parse(`${dateAgo(visit.daysAgo)}T00:00:00Z`) + visit.hour * 3_600_000;
    const job = await new PlainDemo(writing, visit.pumpId, new Date(instant).toISOString()).start();
    const { profile } = await job.document();
    // as the visit before left it: what the site reported came later
    const known = Object.entries(left.get(visit.pumpId) ?? {}).filter(isKnown);
    await job.arrive(visit.figures, visit.state);
    await job.found({ ...asDelivered(profile), ...Object.fromEntries(known), ...visit.found });
    const { first } = familyOf(profile.family).arrival;
    if (first) {
      const seen = first.steps.map(({ key }) => key);
      await job.record({ kind: first.kind, seen, why: '' } as RecordBody);
    }
    for (const record of visit.records ?? []) await job.record(record);
    await job.plan(duty);
    await job.set();
    await job.prove(visit.share);
    await job.acceptStops('Told to the customer; repaired at the next visit.');
    await job.handOver(dateAgo(-visit.dueIn));
    left.set(visit.pumpId, lastLeftOf(await job.document())?.values ?? {});
  }
}

function isKnown(pair: [string, SettingValue | undefined]): pair is [string, SettingValue] {
  return pair[1] !== undefined;
}

/** What a controller comes with: nobody has touched it yet. */
function asDelivered(profile: Profile): Record<string, SettingValue> {
  const values = inOrderOfWork(profile).map(
    ({ key, default: own, least, options }): [string, SettingValue] => [
      key,
      own ?? options?.[0].value ?? (typeof least === 'number' ? least : 0),
    ],
  );
  return Object.fromEntries(values);
}
