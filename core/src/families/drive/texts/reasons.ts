import { CLAMPED_REASON } from '../../parts/clamped';
import { REPAIRED_REASON } from '../../parts/repair';
import type { TextValues } from '../../../findings';

/** Why a target is what it is: a template and its figures. */
export interface DriveReason {
  readonly text: keyof typeof DRIVE_REASONS;
  readonly values: TextValues;
}

export const DRIVE_REASONS = {
  ...CLAMPED_REASON,
  ...REPAIRED_REASON,
  'holds.pressure': 'A pressure is to be held, whatever is drawn.',
  'holds.difference': 'A pressure difference is to be held.',
  'holds.speed': 'The pump runs at one speed.',
  'holds.signal': 'An outside signal asks for its speed.',
  'units.fitted': 'As many as are fitted.',
  'address.own': 'An address of its own on the cable.',
  plate: 'As its motor’s plate has it.',
  'thermal.on': 'The motor is protected by its own sensor of heat.',
  'least.bearings': 'Bearings and motor cooling need {min} or more.',
  'least.signal': 'What is asked for at the minimum signal.',
  'most.signal': 'What is asked for at the maximum signal.',
  'speed.within': 'As near to the frequency that is asked for as pump, plate and plant allow.',
  'set.over-cut-in':
    'A step above the cut-in pressure, which must not lie under the {zero} that the taps need at no flow.',
  'cut-in.step': 'The next step of its display under the set pressure.',
  'most.rated': 'The rated frequency.',
  'most.pressure': 'Above it, {rating} downstream would be passed with {inlet} at the inlet.',
  'most.plate': 'Above it, the motor would pass {plate} on its plate.',
  'ramp.pump': 'No faster than {ramp} from standing, for bearings and check valves.',
  'range.label': 'The range on the sensor’s label, {range}.',
  'signal.source': 'What the source gives.',
  'signal.lost': 'As the site decided.',
  'sensor.two': 'Two sensors measure the difference.',
  'sensor.differential': 'A difference needs a differential sensor.',
  'sensor.plain': 'A plain sensor behind the check valve, near the vessel.',
  'set.tap': '{tap} at the tap, {lift} for the height and {pipe} for the pipe at {draw}.',
  'set.lifted': 'Enough at no flow; raised with the demand.',
  'set.stated': 'The difference that is asked for.',
  'lift.none': 'Held the same at any draw.',
  'lift.pipe': 'What the pipe takes at the maximum demand.',
  'speed.stated': 'The frequency that is asked for.',
  'cut-in.under': '{under} under the set pressure, and above the {zero} that the taps need at no flow.',
  'cut-in.vessel':
    'Just above the vessel’s pre-charge of {gas}, so that the vessel is never empty before it starts.',
  'stop.between':
    'Shut off it turns at {closed} with minimum pressure at the inlet; with this it stops under {surely} to {stops}, by the pressure there: above {leak} of leak and below the minimum real draw of {min}.',
  'stop.delay': 'Long enough for a hand to be washed; short enough not to heat the water.',
  'stop.boost': 'Fills the vessel a little further before it stops.',
  'stop.boost-none': 'Without a vessel nothing is filled.',
  'dry.under': 'Half of the cut-in pressure: normal dips stay above this.',
  'dry.delay':
    'Longer than the {fill} that filling an empty main takes, shorter than the {dry} that its seal stands dry.',
  'dry.delay-filled':
    'An empty main is filled slowly first: then well within the {dry} that its seal stands dry.',
  'dry.delay-short': 'Well within the {dry} that its seal stands dry.',
  'dry.stop': 'Only stopping protects the pump.',
  'dry.chosen': 'As chosen, and why is written: {why}',
  'dry.retries': 'Where a start may surprise someone, a person looks first.',
  'fill.on': 'An empty main is filled at a low speed until the pressure rises.',
  'fill.off': 'The main fills before the seal suffers.',
  'next.below': 'More than its own ripple, less than a tap feels.',
  'next.settles': 'Long enough for the one that varies to settle beside a full one.',
  'next.delay': 'A tap that opens and closes does not call for the next.',
  'next.off': 'Below this one pump less carries the demand.',
  'next.hours': 'Worn alike: another leads each day.',
  'sharing.cheaper': '{this} kWh a day; the other way would take {other} kWh.',
  'sharing.only': 'The curves do not tell them apart.',
  'sharing.chosen': 'Chosen here.',
  'after.resume': 'Nobody is surprised by a start: water comes back by itself.',
  'after.wait': 'A start may surprise someone: {what}.',
  'after.chosen': 'As chosen.',
  'lock.on': 'Its set value can be turned at its front by anyone.',
  'set-up.complete': 'Set-up is marked complete last of all.',
} as const;
