import { bareContext } from '../../job';
import { checksOf } from '../../job/proof/offered-checks';
import type { Sample } from '../../job/testing/walk.fixtures';
import { TODAY } from '../../job/testing/walk.fixtures';
import type { ProofCheck } from '../../proof';
import type { SettingValues } from '../../profile';
import { FAMILY_NAMES, familyOf, type FamilyName } from '../index';

/** What each figure that is read at a pump may be, on the plan of each plant: a tolerance that moves moves one of these. */
const EXPECTED: Readonly<Record<FamilyName, Readonly<Record<string, readonly [number, number]>>>> = {
  metering: {
    'numbered-timer timer': [474, 478],
    'pulse-wheel batch': [75, 75],
    'stepper-flow batch': [50, 50],
    'stepper-flow slow-flow': [3.24, 3.96],
    'pulse-wheel pulses': [33, 34],
    // one stroke for 25 pulses of a litre, and 140 strokes/min at most
    'dosing-modes-on-one-key pulses': [3, 5],
    'dosing-modes-on-one-key pulses-ceiling': [137, 143],
    'three-key-contact pulses': [99, 101],
    'three-key-contact pulses-ceiling': [117, 123],
    'two-point-soft-keys manual-flow': [0.1458, 0.1782],
    'two-point-soft-keys manual-rate': [26, 28],
  },
  pool: {
    'circuit-panel-eight flow-chlorinator': [5, 6.152],
    'circuit-panel-eight flow-cleaner': [9, 11.03],
    'circuit-panel-eight flow-filter': [6.303, 8.559],
    'circuit-panel-eight flow-heater': [7, 8.559],
    'circuit-panel-eight flow-roof': [7, 8.62],
    'circuit-panel-eight power-1280': [147.7, 180.6],
    'circuit-panel-eight power-1650': [292.4, 357.4],
    'circuit-panel-eight prime': [0, 6],
    'circuit-panel-eight sensor-air': [-1, 1],
    'circuit-panel-eight sensor-roof': [-1, 1],
    'circuit-panel-eight sensor-water': [-1, 1],
    'panel-pool-tub-inner flow-chlorinator': [5, 6.353],
    'panel-pool-tub-inner flow-cleaner': [9, 11.03],
    'panel-pool-tub-inner flow-filter': [6.401, 8.693],
    'panel-pool-tub-inner flow-heater': [7, 8.693],
    'panel-pool-tub-inner flow-roof': [7, 8.62],
    'panel-pool-tub-inner flow-tub': [6, 7.356],
    'panel-pool-tub-inner power-1300': [154, 188.3],
    'panel-pool-tub-inner power-1650': [292.4, 357.4],
    'panel-pool-tub-inner prime': [0, 3],
    'panel-pool-tub-inner sensor-air': [-1, 1],
    'panel-pool-tub-inner sensor-roof': [-1, 1],
    'panel-pool-tub-inner sensor-water': [-1, 1],
    'pool-drive-eight-slots flow-filter': [6.28, 8.528],
    'pool-drive-eight-slots power-1275': [143.2, 175],
    'pool-drive-eight-slots prime': [0, 6],
    'pool-drive-four-speeds flow-filter': [6.26, 8.501],
    'pool-drive-four-speeds power-1271': [142, 173.6],
    'pool-drive-four-speeds prime': [0, 3],
    'pool-drive-link flow-filter': [4, 5.016],
    'pool-drive-link power-1275': [143.2, 175],
    'pool-drive-link prime': [0, 3],
    'pool-drive-ten-slots flow-filter': [6.255, 8.495],
    'pool-drive-ten-slots power-1270': [141.7, 173.2],
    'pool-drive-ten-slots power-1740': [337.3, 412.3],
    'pool-drive-ten-slots prime': [0, 6],
    'pool-drive-ten-slots sensor-air': [-1, 1],
  },
  circulator: {
    'building-circulator-display far-end': [55, 60],
    'building-circulator-display flow': [2.346, 3.174],
    'building-circulator-display head': [2.88, 3.52],
    'building-circulator-display power': [69.25, 93.69],
    'building-circulator-display sensor-rest': [3.9, 4.1],
    'building-circulator-display volts-down': [0.8, 1.2],
    // 28 % at 1.5 V, all of it at 8 V: a straight line between them, tried at 3.1, 4.8 and 6.4 V
    'building-circulator-display volts-line-1': [42.72, 48.72],
    'building-circulator-display volts-line-2': [61.55, 67.55],
    'building-circulator-display volts-line-3': [79.28, 85.28],
    'building-circulator-display volts-up': [1.3, 1.7],
    'home-circulator-dial flow': [0.6279, 0.8496],
    'home-circulator-dial head': [1.616, 1.975],
    'home-circulator-dial power': [7.375, 9.977],
    'hot-water-return-clock far-end': [55, 60],
    'hot-water-return-clock flow': [0.1343, 0.1817],
    'hot-water-return-clock power': [3.917, 5.299],
    'twin-circulator-display far-end': [55, 60],
    'twin-circulator-display flow': [2.346, 3.174],
    'twin-circulator-display head': [2.88, 3.52],
    'twin-circulator-display power': [69.25, 93.69],
    'twin-circulator-display sensor-rest': [3.9, 4.1],
  },
  drive: {
    'booster-two-pumps closed-valve': [37.77, 40.39],
    'booster-two-pumps cut-in': [3.05, 3.35],
    'booster-two-pumps set-pressure': [3.5, 3.9],
    'booster-two-pumps stop-flow': [0.5251, 1.281],
    'booster-two-pumps zero': [3.9, 4.1],
    'drive-four-switches set-pressure': [3.05, 3.45],
    'drive-four-switches zero': [3.9, 4.1],
    'drive-pages-by-kind set-pressure': [1.8, 2.2],
    'drive-pages-by-kind zero': [3.9, 4.1],
    'drive-pages-by-kind zero-inlet': [3.9, 4.1],
    'drive-panel-each-on-a-line cut-in': [3.05, 3.35],
    'drive-panel-each-on-a-line set-pressure': [3.5, 3.9],
    'drive-panel-each-on-a-line zero': [3.9, 4.1],
    'drive-wall-box closed-valve': [37.77, 40.39],
    'drive-wall-box cut-in': [3.05, 3.35],
    'drive-wall-box set-pressure': [3.5, 3.9],
    'drive-wall-box stop-flow': [0.4515, 1.18],
    'drive-wall-box zero': [3.9, 4.1],
    'drive-wheel-text closed-valve': [37.77, 40.39],
    'drive-wheel-text cut-in': [3.05, 3.35],
    'drive-wheel-text frequency': [39.5, 40.5],
    'drive-wheel-text set-pressure': [3.5, 3.9],
    'drive-wheel-text stop-flow': [0.5251, 1.281],
    'drive-wheel-text zero': [3.9, 4.1],
  },
  spa: {
    'spa-pack-four-keys clamp': [17, 23],
    'spa-pack-four-keys number-back': [6, 6],
    'spa-pack-four-keys warms': [0.75, 1.25],
    'spa-pack-soft-keys clamp': [11.73, 15.86],
    'spa-pack-soft-keys number-back': [14, 14],
    'spa-pack-soft-keys warms': [0.75, 1.25],
    'spa-pack-two-keys clamp': [17.76, 24.03],
    'spa-pack-two-keys number-back': [1, 1],
    'spa-pack-two-keys warms': [0.75, 1.25],
  },
  transfer: {
    'vessel-float-page-by-page delivered': [11.04, 13.04],
    'vessel-float-page-by-page greatest-flow': [5, 6.347],
    'vessel-drive-guided delivered': [10.75, 12.75],
    'vessel-drive-guided greatest-flow': [5, 6.347],
    'vessel-drive-numbered delivered': [11.09, 13.09],
    'vessel-drive-numbered greatest-flow': [4.423, 5.983],
  },
};

/** Least and greatest strokes in a minute that are taken; null where other figures than strokes are asked for. */
function takenOf(ask: Extract<ProofCheck['ask'], { kind: 'figures' }>): readonly [number, number] | null {
  if (ask.row) return null;
  const taken = Array.from({ length: 2001 }, (_, strokes) => strokes).filter(
    (strokes) => ask.judge({ strokes, seconds: 60, pulses: 100 }, null).ok,
  );
  return [taken[0], taken[taken.length - 1]];
}

/** Least and greatest of what is read; of a comparison, by how much they may differ. */
function spanOf({ ask }: ProofCheck): readonly [number, number] | null {
  switch (ask.kind) {
    case 'figure':
      return [ask.least, ask.greatest];
    case 'figures':
      return takenOf(ask);
    case 'compare':
      return [-ask.within, ask.within];
    default:
      return null;
  }
}
const rounded = (value: number) => Number(value.toPrecision(4));

test.each(FAMILY_NAMES)('%s: what is read is judged within these bounds', (name) => {
  const family = familyOf(name);
  const { PLANTS } = jest.requireActual<{ PLANTS: readonly Sample[] }>(
    `../${name}/mistakes/both-ways.fixtures`,
  );
  // of plants with one kind of controller the first that has a check stands for it
  const spans = [...PLANTS].reverse().flatMap(({ profile, duty, plate, found }) => {
    const inForce = found as SettingValues;
    const context = bareContext({ duty, profile, plate, today: TODAY, zone: 'Atlantic/Faroe', inForce });
    const settings = family.understand(profile, plate, { ...inForce, ...family.plan(context).values });
    return checksOf(family, context, settings).flatMap((check) => {
      const span = spanOf(check);
      return span ? [[`${profile.id} ${check.key}`, span.map(rounded)] as const] : [];
    });
  });
  expect(Object.fromEntries(spans)).toEqual(EXPECTED[name]);
});
