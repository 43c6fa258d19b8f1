import { atLeast, atMost, within, type Claim, type Claims } from '../../suites/claims.fixtures';
import { headAt_m } from '../../../hydraulics';
import { returnAt_C } from '../effect/hot-water';
import { atDuty_m, lineOf } from '../effect/line';
import { pumpOf } from '../effect/pump';
import type { CirculatorContext } from '../settings/context';
import type { CirculatorSettings } from '../settings/understand';
import type { CIRCULATOR_REASONS } from './reasons';

type Of = Claim<CirculatorContext, CirculatorSettings>;

/** As it is set, the line carries the duty. */
const carries: Of = ({ context, settings, given }) => {
  const pump = pumpOf(context.duty, settings.twin.way);
  const line = lineOf(context, pump, settings);
  return line === null || atLeast(atDuty_m(pump, line), given('head'));
};
/** And a step less would not. */
const smallest: Of = (it) => {
  const { context, settings, step, given } = it;
  const pump = pumpOf(context.duty, settings.twin.way);
  const less = lineOf(context, pump, {
    ...settings,
    head_m: it.role === 'head' ? settings.head_m! - step : settings.head_m,
    share: it.role === 'speed' ? settings.share! - step / 100 : settings.share,
  });
  return carries(it) && (step === 0 || less === null || atDuty_m(pump, less) < given('head') + 1e-9);
};
const free: Of = ({ set, context: { duty } }) =>
  duty.control.kind === 'link' && !duty.control.others.includes(set);

export const CLAIMS: Claims<keyof typeof CIRCULATOR_REASONS, CirculatorContext, CirculatorSettings> = {
  'control.own': null,
  'control.volts': null,
  'control.sensor': null,
  'control.link': null,
  'contact.used': null,
  'contact.off': null,
  'volts.between': ({ set, given }) => set > given('rest') && atMost(set, given('start')),
  'volts.as-sent': ({ set, step, role, context: { duty } }) =>
    duty.control.kind === 'volts' &&
    within(set, role === 'volts.on' ? duty.control.on_V : duty.control.full_V, step),
  'range.label': ({ set, step, given }) => within(set, given('range'), step),
  'sensor.differential': null,
  'sense.heating': null,
  'sense.cooling': null,
  'place.flow': null,
  'place.return': null,
  'fault.site': null,
  'port.on': null,
  'address.keep': free,
  'address.free': free,
  'silence.own-mode': null,
  'silence.stop': null,
  'twin.lead': ({ settings }) => settings.twin.parts.filter((part) => part === 'lead').length === 1,
  'twin.follows': ({ settings }) => settings.twin.parts.includes('lead'),
  'twin.alternate': null,
  'twin.on-demand': null,
  'twin.chosen': null,
  'twin.hours': null,
  'mode.radiators': null,
  'mode.underfloor': null,
  'mode.primary': null,
  'mode.solar': null,
  'mode.cooling': null,
  'mode.hot-water': null,
  'return.coolest': ({ set, given }) => set > given('coolest'),
  'run.pause': ({ given, context: { duty } }) => atMost(given('pause'), duty.hotWater!.longestPause_min),
  'run.none': ({ set }) => set === 0,
  'mode.unknown': null,
  'mode.chosen': null,
  'head.duty': smallest,
  'head.over': (it) => smallest(it) && it.given('over') > 0,
  'duty.short': ({ given, context, settings }) => {
    const { curve, flow_m3h } = pumpOf(context.duty, settings.twin.way);
    return (
      given('gives') < given('head') && within(given('gives'), Math.max(0, headAt_m(curve, flow_m3h)), 0.01)
    );
  },
  'speed.duty': (it) => {
    const { duty } = it.context;
    const warm =
      !duty.hotWater ||
      it.settings.mode === 'temperature' ||
      atLeast(returnAt_C(duty.hotWater, pumpOf(duty).flow_m3h), duty.hotWater.coolest_C);
    return warm && (it.set / 100 <= duty.pump.leastShare + it.step / 100 || smallest(it));
  },
  'after-cut.resume': null,
  'after-cut.wait': null,
};
