import { bodySchema, poolDutySchema, type BodyOfWater, type PoolDuty } from '@barythm/core/families/pool';
import {
  days,
  figure,
  flag,
  group,
  list,
  listOrNothing,
  maybe,
  months,
  names,
  numbers,
  optional,
  switched,
  time,
  word,
  type PathErrors,
  type Place,
  type Texts,
} from '../../../form/tree';

const BODY = group({
  name: word,
  kind: word,
  shapes: list(group({ shape: word, length_m: figure('length'), width_m: zeroIfBlank('length') })),
  depth_m: figure('length'),
  turnoversPerDay: figure('plain'),
  circuits: optional(names),
});
/** The place in a panel: blank where no panel switches the circuit. */
const DUTY: Readonly<Record<string, Place>> = {
  bodies: list(BODY),
  points: list(
    group({
      speed_rpm: figure('speed'),
      flow_m3h: figure('waterFlow'),
      head_m: maybe(figure('length')),
      power_W: figure('power'),
    }),
  ),
  pointsFrom: word,
  beforeWash: percent(),
  limits: group({
    filter_m3h: maybe(figure('waterFlow')),
    cover_m3h: maybe(figure('waterFlow')),
    suction_mm: maybe(figure('bore')),
    return_mm: maybe(figure('bore')),
  }),
  circuits: list(
    group({
      name: word,
      kind: word,
      leastFlow_m3h: zeroIfBlank('waterFlow'),
      static_m: zeroIfBlank('length'),
      exposed: flag,
      place: maybe(figure('plain')),
    }),
  ),
  needs: list(group({ circuit: word, days, from: time, to: time, hours: maybe(figure('hours')) })),
  timedRuns: listOrNothing(group({ name: word, speed_rpm: figure('speed'), minutes: figure('minutes') })),
  quiet: switched({ from: time, to: time, greatest_rpm: figure('speed') }),
  longestPause_min: maybe(figure('minutes')),
  leastFlow_m3h: maybe(figure('waterFlow')),
  leastRun_min: zeroIfBlank('minutes'),
  tariff: group({
    currency: word,
    windows: list(group({ days, months, from: time, to: time, price: figure('plain') })),
  }),
  command: word,
  otherAddresses: numbers,
  linked: list(group({ kind: word, name: word })),
  winter: maybe(word),
  frostNight: group({ hours: figure('hours'), perYear: zeroIfBlank('plain') }),
  heat: switched({
    source: word,
    pool_C: figure('temperature'),
    tub_C: maybe(figure('temperature')),
    warmest_C: figure('temperature'),
    afterRun_min: zeroIfBlank('minutes'),
    startDifference_K: figure('difference'),
    stopDifference_K: figure('difference'),
    heater_kW: optional(figure('heat')),
    roof_m2: optional(figure('area')),
  }),
  chlorinator: switched({
    rated_gph: figure('massRate'),
    needed_gpd: figure('mass'),
    cold_C: figure('temperature'),
  }),
  water_C: maybe(figure('temperature')),
  place: group({ childrenReach: flag, othersReach: flag }),
  choices: group({
    afterCut: optional(word),
    priming: optional(word),
    frost: optional(word),
    keys: optional(word),
  }),
};
const TREE = group(DUTY);

function zeroIfBlank(quantity: Parameters<typeof figure>[0]): Place {
  const place = figure(quantity);
  return {
    ...place,
    read: (texts, path, tell) => (String(texts ?? '').trim() === '' ? 0 : place.read(texts, path, tell)),
  };
}

/** A share, typed in per cent. */
function percent(): Place {
  const place = figure('percent');
  return {
    read: (texts, path, tell) => {
      const value = place.read(texts, path, tell);
      return typeof value === 'number' ? value / 100 : undefined;
    },
    write: (value) => place.write(typeof value === 'number' ? value * 100 : undefined),
  };
}

/** A body of water as far as it is typed; null while it is not whole. */
export function readBody(texts: Texts): BodyOfWater | null {
  let whole = true;
  const read = BODY.read(texts, '', () => {
    whole = false;
  });
  const parsed = bodySchema.safeParse(read);
  return whole && parsed.success ? parsed.data : null;
}

/** A duty as texts; its programs are kept apart, on the timeline. */
export function poolTexts(duty: PoolDuty): Texts {
  return TREE.write(duty);
}

/** A form that nobody has filled in yet: what most sites have stands in it. */
export const BLANK_POOL: Texts = TREE.write({
  bodies: [{ name: 'Pool', kind: 'pool', shapes: [{ shape: 'rectangle' }] }],
  points: [{}],
  pointsFrom: 'measured',
  beforeWash: 0.9,
  circuits: [{ name: 'Filter', kind: 'filter' }],
  tariff: { windows: [{ days: '1234567', from: 0, to: 1440 }] },
  command: 'own',
  frostNight: { hours: 8, perYear: 0 },
  leastRun_min: 30,
});

/** Reads the texts as a duty; what is wrong is said at the path where it was typed. */
export function readPoolDuty(
  texts: Texts,
  programs: PoolDuty['programs'],
): { readonly duty: PoolDuty | null; readonly errors: PathErrors } {
  const errors: Record<string, string> = {};
  const read = TREE.read(texts, '', (path, words) => {
    errors[path] ??= words;
  }) as object;
  const parsed = poolDutySchema.safeParse({ ...read, family: 'pool', programs });
  if (parsed.success) return { duty: Object.keys(errors).length === 0 ? parsed.data : null, errors };
  for (const issue of parsed.error.issues) {
    const path = issue.path.join('.');
    // a figure that could not be read has said so already
    if (!Object.keys(errors).some((told) => told === path || told.startsWith(`${path}.`)))
      errors[path] ??= issue.message;
  }
  return { duty: null, errors };
}
