import { THRESHOLDS } from '../../../findings';
import { atLeast, atMost, within, type Claim, type Claims } from '../../suites/claims.fixtures';
import { capacity_lph, needed_lph } from '../effect/dose';
import type { MeteringContext } from '../settings/context';
import type { MeteringSettings } from '../settings/understand';
import type { REASONS } from './reasons';

type Of = Claim<MeteringContext, MeteringSettings>;

const spare: Of = ({ context, settings, given }) => {
  const capacity = capacity_lph(context, settings);
  return capacity === null || atLeast(capacity, given('need') * (1 + THRESHOLDS.capacityMargin));
};
const working: Of = ({ set }) => set > 0 && set <= 100;

export const CLAIMS: Claims<keyof typeof REASONS, MeteringContext, MeteringSettings> = {
  'mode.analog': null,
  'mode.analog.controller': null,
  'mode.manual': null,
  'mode.multiply': null,
  'mode.divide': null,
  'mode.contact': null,
  'mode.batch': null,
  'mode.timer': null,
  'factor.multiply': ({ set }) => set >= 1,
  'factor.divide': ({ set }) => set >= 1,
  'factor.calibration': null,
  'length.pulses': (it) => working(it) && atMost(it.given('rate'), it.settings.geared_spm * 0.9),
  'rate.ceiling': ({ set, given }) => atLeast(set, given('rate')),
  'memory.off': null,
  'memory.on': null,
  recognition: ({ value, given }) => atMost(Number(value), given('limit')),
  'batch.strokes': ({ set, given }) =>
    within(set * given('stroke'), given('volume'), given('stroke') / 2) &&
    within(((set * given('stroke')) / given('volume') - 1) * 100, given('error'), 0.5),
  'batch.volume': ({ set, step, given }) => within(set, given('volume'), step),
  'batch.rate': ({ set, given }) => atMost((given('strokes') * 60) / set, given('spacing') / 2),
  'timer.every': ({ set, step, context: { duty } }) => within(set, duty.timer!.every_min, step),
  'timer.run-stated': ({ given, context: { duty } }) => within(given('flow'), duty.feed_lph!, 1e-9),
  'rate.stated': ({ given, context: { duty } }) =>
    within(given('flow'), duty.feed_lph!, 0.1 * duty.feed_lph!),
  'timer.run': ({ set, settings }) => set < (settings.timer?.every_min ?? Infinity) * 60,
  'timer.rate': ({ settings, given }) => within(settings.timer?.run_s ?? given('run'), given('run'), 1),
  'stop.permits': null,
  'stop.stops': null,
  'dry.stop': null,
  'dry.warn': null,
  'dry.ignore': null,
  'suction.fast': null,
  'suction.slow': spare,
  'suction.none': null,
  'deaeration.on': null,
  'deaeration.off': null,
  'compensation.on': ({ given }) => given('least') < given('greatest'),
  'compensation.off': null,
  'access.locked': null,
  'after-cut.mains': null,
  'after-fault.wait': null,
  'after-fault.resume': null,
  'gear.fitted': null,
  'gear.kept': ({ context: { duty } }) => duty.choices.gear === 'fitted',
  'gear.unread': null,
  'gear.change': null,
  'length.full-rate': working,
  'length.feed': working,
  'length.measured': ({ set, step, context: { duty } }) =>
    duty.strokeVolume.basis === 'measured' && within(set, duty.strokeVolume.atLength_pct ?? set, step),
  'length.long': working,
  'length.middle': working,
  'length.even': working,
  'range.live': null,
  'range.dead': null,
  'range.falling': null,
  'x1.zero': ({ set, step, context: { duty } }) =>
    duty.signal.source === 'flow' && within(set, duty.signal.low_mA, step),
  'y1.zero': ({ set }) => set === 0,
  'x1.edge': ({ set, context: { duty } }) => duty.signal.source === 'controller' && set < duty.signal.low_mA,
  'x.controller': null,
  'y.feed': ({ given }) => given('flow') > 0,
  'y.low': ({ given }) => given('flow') >= 0,
  'x.stated': null,
  'y.none': ({ set }) => set === 0,
  'x2.span': ({ set, step }) => within(set, 20, step),
  'x2.greatest': ({ set, given }) => set < 20 && given('water') < given('span'),
  'x2.whole': ({ set, given, context: { duty } }) =>
    set <= 20 && atLeast(given('water'), duty.water.greatest_m3h) && given('water') <= given('span'),
  'y2.span': ({ given, context }) =>
    within(given('flow'), needed_lph(context, given('span')), 0.1 * given('flow')),
  'y2.greatest': ({ given, context }) =>
    within(given('flow'), needed_lph(context, given('water')), 0.1 * given('flow')),
  'below.stop': null,
  'below.falling': null,
  'below.hold': null,
  'wire.stop': null,
  'wire.hold': null,
  'wire.off': null,
  'rate.manual': ({ set, settings, given }) =>
    set <= 0 ||
    settings.manual_spm === null ||
    within((settings.manual_spm * given('stroke') * 60) / 1000, given('flow'), 0.005 * given('flow')),
  'rate.greatest': ({ settings, given }) => atLeast(settings.setGreatest_spm ?? Infinity, given('rate')),
  'rate.least': ({ set }) => set === 0,
  'after-cut.resume': ({ context: { duty } }) => duty.place.interlocked === true,
  'after-cut.resume.open': ({ context: { duty } }) => duty.place.interlocked !== true,
  'after-cut.wait': null,
};
