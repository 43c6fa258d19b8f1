import { CLAMPED_REASON } from '../../parts/clamped';
import { REPAIRED_REASON } from '../../parts/repair';
import type { TextValues } from '../../../findings';

/** Why a target is what it is: a template and its figures. */
export interface Reason {
  readonly text: keyof typeof REASONS;
  readonly values: TextValues;
}

export const REASONS = {
  ...CLAMPED_REASON,
  ...REPAIRED_REASON,
  'mode.analog': 'The dose follows the water flow: the signal paces the pump.',
  'mode.analog.controller': 'The controller’s signal is the demand itself.',
  'mode.manual': 'One fixed rate is required.',
  'mode.multiply':
    'Each pulse of the meter makes several strokes: a good stroke length and rate are reached so.',
  'mode.divide': 'Several pulses of the meter make one stroke: a good stroke length is reached so.',
  'mode.contact': 'Each contact makes one stroke; the set rate is only a ceiling now.',
  'mode.batch': 'Each trigger gives one batch.',
  'mode.timer': 'The pump runs by its own clock.',
  'factor.multiply':
    '{litres} of water need {volume} of product for {dose}: {factor} strokes for each pulse.',
  'factor.divide': '{litres} of water need {volume} of product for {dose}: one stroke for {factor} pulses.',
  'factor.calibration': 'The drawdown measured {measured}; the drive assumes {nominal}.',
  'length.pulses':
    'So that a pulse gives {volume}. At {water} that is {rate}, within 90 % of the ceiling. Rounding leaves {error}.',
  'rate.ceiling': 'In this mode the set rate is a ceiling: {rate} are needed at {water}, so it is left open.',
  'memory.off':
    'Pulses that cannot be answered in time are dropped: stored ones would run into still water later.',
  'memory.on': 'Pulses that cannot be answered in time are stored, as chosen.',
  recognition: 'The longest time within {limit} at {pulses}: bounce is rejected, no pulse missed.',
  'batch.strokes': '{volume} in whole strokes of {stroke}; rounding leaves {error}.',
  'batch.volume': '{volume} for each trigger.',
  'batch.rate': '{strokes} done in half of the {spacing} between triggers.',
  'timer.every': 'As the process wants it.',
  'timer.run-stated': '{flow} in the mean, as the site states it, every {every}.',
  'rate.stated': '{flow} with {stroke} a stroke; the site states {required}.',
  'timer.run': '{flow} on the mean for {water}, gathered over {every}.',
  'timer.rate': 'At this rate a run takes {run}.',
  'stop.permits': 'Runs only while the contact is closed: a broken wire stops it.',
  'stop.stops': 'Stops when the contact closes, as chosen: a broken wire leaves it running.',
  'dry.stop': 'Stops when it runs without liquid.',
  'dry.warn': 'Warns and goes on, by a written reason: {reason}',
  'dry.ignore': 'Does nothing when dry, by a written reason: {reason}',
  'suction.fast': 'The liquid does not gas and its suction is not in question: the full suction speed.',
  'suction.slow': 'The slowest pull that still gives {need} with 10 % to spare: gas stays in the liquid.',
  'suction.none':
    'No slower step gives {need} with 10 % to spare: a bigger pump, a flooded suction or a degassing head.',
  'deaeration.on': 'The liquid gasses: its movements work gas out in pauses ({pause} at the longest).',
  'deaeration.off': 'The liquid does not gas.',
  'compensation.on': 'Back pressure varies from {min} to {max}, which moves the flow by {change}.',
  'compensation.off': 'No swing of back pressure is known that would be worth it.',
  'access.locked': 'Others can reach its keys.',
  'after-cut.mains': 'Its mains supply switches it on and off: it works only if it resumes when power comes.',
  'after-fault.wait': 'Waits for a person after a fault.',
  'after-fault.resume': 'Carries on by itself when a fault has gone, as chosen.',
  'gear.fitted': 'The gear that is fitted can give full rate at a good stroke length.',
  'gear.kept': 'The gear that is fitted stays, as chosen.',
  'gear.unread':
    'The gear was not read. With gear {gear} full rate falls within the working range: look at its mark, and change it if it is another.',
  'gear.change': 'With gear {gear} full rate falls within the working range of the stroke length.',
  'length.full-rate':
    'At {rate} this length gives {flow} at 20 mA; {span} of water needs {required} for {dose}. That is off by {error}.',
  'length.feed': 'At {rate} this length gives {flow}; the maximum useful feed is {required}.',
  'length.measured': 'The stroke volume was measured at this length; another would void it.',
  'length.long': 'A long stroke squeezes gas out and is more accurate.',
  'length.middle': 'Near 80 % leaves room both ways and the dose stays in its band.',
  'length.even': 'A shorter stroke at a higher rate doses more evenly.',
  'range.live': 'The transmitter sends 4–20 mA; the pump must read the same, and a broken wire shows.',
  'range.dead': 'The transmitter sends 0–20 mA; the pump must read the same.',
  'range.falling': 'The controller’s signal falls as more is needed.',
  'x1.zero': 'The transmitter’s current at no flow.',
  'y1.zero': 'No flow, no dose: the line passes through zero.',
  'x1.edge':
    'A little under the range: at 4.00 mA most is asked for, and slightly below its first point it stops.',
  'x.controller': 'The controller’s signal already is the demand: its whole range is used.',
  'y.feed': 'The maximum useful feed, {flow}, with {stroke} a stroke.',
  'y.low': 'What the site states at the low end, {flow} with {stroke} a stroke.',
  'x.stated': 'As the site states it.',
  'y.none': 'No demand, no feed.',
  'x2.span': 'Full signal is the transmitter’s span, {span}, not the maximum flow.',
  'x2.greatest':
    'The pump cannot give what {span} would need. The line ends at {water}, the maximum flow, and holds there.',
  'x2.whole':
    'At {water} of the {span} the rate below is a whole stroke, so that rounding does not move the dose; above it the line holds.',
  'y2.span': '{flow} at {span}, with {stroke} a stroke.',
  'y2.greatest': '{flow} at {water}, with {stroke} a stroke.',
  'below.stop': 'Stops below the first point: a chemical must not run into still water.',
  'below.falling':
    'Holds below the first point: there most is asked for, and a hair under the range is no reason to stop. The watch stops a broken wire.',
  'below.hold': 'Holds below the first point, as chosen.',
  'wire.stop': 'A broken wire stops the pump instead of dosing by a false signal.',
  'wire.hold': 'On a lost signal the pump goes on at the end of its line on that side, as chosen.',
  'wire.off': 'A 0–20 mA signal cannot tell a broken wire from no flow, so the watch must be off.',
  'rate.manual': '{flow} for {water} of water at {dose}, with {stroke} a stroke.',
  'rate.greatest': 'The line asks for {rate} at full signal; a lower limit would cut it short.',
  'rate.least': 'No minimum rate: the line has to reach down to zero.',
  'after-cut.resume': 'Dosing is interlocked with the water, so it may resume when power returns.',
  'after-cut.resume.open':
    'Chosen to resume. Dosing is not interlocked with the water: it resumes whether water flows or not.',
  'after-cut.wait': 'Waits for a person after a power cut, since a chemical is dosed.',
} as const;
