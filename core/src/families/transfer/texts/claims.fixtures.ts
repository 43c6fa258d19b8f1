import { atLeast, atMost, within, type Claim, type Claims } from '../../suites/claims.fixtures';
import { flowAt_m3h, pumpOf, speedFor_rpm } from '../effect/pump';
import type { TransferContext } from '../settings/context';
import type { TransferSettings } from '../settings/understand';
import type { TRANSFER_REASONS } from './reasons';

type Of = Claim<TransferContext, TransferSettings>;

const most: Of = ({ set, settings, given, context: { duty } }) =>
  atMost(set, given('limit')) &&
  set > (settings.least_rpm ?? 0) &&
  // what it then sends is said of what is set
  within(flowAt_m3h(pumpOf(duty), set), given('flow'), 0.05 * given('flow') + 0.05);

export const CLAIMS: Claims<keyof typeof TRANSFER_REASONS, TransferContext, TransferSettings> = {
  'kinds.first': null,
  'inlets.fitted': ({ set, step, context: { duty } }) => within(set, duty.inflow.inlets, step / 2),
  plate: ({ set, step, role, context: { plate } }) => {
    const stands = {
      'motor.current': plate.current_A,
      'motor.speed': plate.speed_rpm,
      'motor.volts': plate.volts_V,
    }[role];
    return stands !== null && stands !== undefined && within(set, stands, step);
  },
  'least.lift': ({ set, given }) => set > given('moves'),
  'least.lowest': ({ set, given }) => set > given('moves'),
  'most.curve': most,
  'most.motor': most,
  'most.limit': most,
  'most.suction': most,
  'control.even': null,
  'control.foam': ({ context: { duty } }) => duty.product.foams,
  'control.surges': ({ context: { duty } }) => duty.product.surges,
  'control.cooler': ({ context: { duty } }) => duty.cooler !== null,
  'control.only': ({ context: { profile } }) => profile.behaviours.controls.length === 1,
  'control.chosen': ({ context: { duty } }) => duty.choices.control !== undefined,
  'bottom.low': ({ set, settings }) => set > 0 && set < (settings.top_mm ?? Infinity),
  'top.even': ({ set, given, context: { duty } }) => set < duty.vessel.height_mm && given('swing') > 0,
  'top.level': ({ set, context: { duty } }) => set < duty.vessel.height_mm,
  'alarm.high': ({ set, settings, context: { duty } }) =>
    set < duty.vessel.height_mm && set > (settings.top_mm ?? 0),
  'gain.half': ({ set, given, settings, step }) =>
    within(
      (set * ((settings.top_mm! - settings.bottom_mm!) / 2)) / 1000,
      given('mean') / 2,
      given('mean') * 0.1 + step,
    ),
  'averaging.falls': ({ set, given }) => atLeast(set * 60, given('falls')),
  'emptying.stands': ({ set, given }) => set > 0 && atMost(set, given('stands')),
  'emptying.follows': ({ set }) => set === 0,
  'run-on.outlet': ({ set, given }) => atMost(set, given('most')),
  'cleaning.used': ({ context: { duty } }) => duty.inflow.cleaningInput === true,
  'cleaning.nobody': ({ context: { duty } }) => duty.inflow.cleaningInput === false,
  'cleaning.speed': ({ set, given, context: { duty } }) =>
    atLeast(set, speedFor_rpm(pumpOf(duty), given('inflow'))),
  'cleaning.most': ({ set, given, settings, context: { duty } }) =>
    atMost(set, settings.most_rpm!) &&
    given('carried') < given('inflow') * 1.1 + 1e-9 &&
    within(flowAt_m3h(pumpOf(duty), set), given('carried'), 0.01),
  'after.resume': null,
  'after.chosen': ({ context: { duty } }) => duty.choices.afterCut !== undefined,
  'again.kind': null,
};
