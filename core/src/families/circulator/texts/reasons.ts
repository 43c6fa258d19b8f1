import { CLAMPED_REASON } from '../../parts/clamped';
import { REPAIRED_REASON } from '../../parts/repair';
import type { TextValues } from '../../../findings';

/** Why a target is what it is: a template and its figures. */
export interface CirculatorReason {
  readonly text: keyof typeof CIRCULATOR_REASONS;
  readonly values: TextValues;
}

export const CIRCULATOR_REASONS = {
  ...CLAMPED_REASON,
  ...REPAIRED_REASON,
  'control.own': 'Nothing outside tells it how fast to run.',
  'control.volts': 'The site’s controller asks for its speed by a voltage.',
  'control.sensor': 'A differential sensor across the index circuit tells it the head.',
  'control.link': 'The building’s system commands it over its link.',
  'contact.used': 'A start contact is wired to it.',
  'contact.off': 'No start contact is wired: an open one would make it stand.',
  'volts.between': 'Between the {rest} at rest, where it must stand, and the {start} that starts it.',
  'volts.as-sent': 'As the site’s controller sends it.',
  'range.label': 'The range on the sensor’s label, {range}.',
  'sensor.differential': 'It measures the head across the index circuit.',
  'sense.heating': 'Heating: faster when it is too cool.',
  'sense.cooling': 'Cooling: faster when it is too warm.',
  'place.flow': 'Measured in the flow.',
  'place.return': 'Measured where the return comes back.',
  'fault.site': 'As the site reads its fault contact.',
  'port.on': 'The link is at this port: it works only once it is chosen.',
  'address.keep': 'No other pump on the link has this address, and its protocol takes it.',
  'address.free': 'The first address of its protocol that nobody on the link has.',
  'silence.own-mode': 'The pump carries on in its own mode when the link fails, as decided.',
  'silence.stop': 'The pump stops when the link fails, as decided.',
  'twin.lead': 'One commands; what is set is set on it alone.',
  'twin.follows': 'Follows the lead.',
  'twin.alternate': 'They take turns: both stay free, and are worn alike.',
  'twin.on-demand': 'One alone does not carry {flow} at {head}: the second joins when it is required.',
  'twin.chosen': 'Chosen here instead of what is proposed.',
  'twin.hours': 'Changed every day.',
  'mode.radiators':
    'Radiators with thermostatic valves: the losses are mostly in the pipes, and fall with the flow.',
  'mode.underfloor': 'Underfloor on short manifolds: the losses are mostly in the loops, and stay.',
  'mode.primary': 'A primary circuit: its flow must not vary.',
  'mode.solar': 'A solar circuit: its own controller switches it, and the flow is to stay.',
  'mode.cooling': 'Cooling with valves: the head at the coils is to stay.',
  'mode.hot-water':
    'A hot-water return only makes good what its pipe loses: a fixed speed, and it never stands.',
  'return.coolest': 'Just above {coolest}, the coolest that is allowed.',
  'run.pause': 'It stands {pause} in the night, which is allowed, and is warm again at 5:00.',
  'run.none': 'Not used in this plan.',
  'mode.unknown': 'What it serves is not known: let it learn, and look again after a week.',
  'mode.chosen': 'Chosen here instead of the mode that is proposed.',
  'head.duty': 'The smallest step that carries {flow} at {head}.',
  'head.over': 'The smallest step that carries {flow} at {head}: {over} over there, {cost} a year.',
  'duty.short':
    'As near as it comes: at {flow} its curve gives {gives} at full speed, and {head} are required.',
  'speed.duty': 'The smallest step of speed that carries {flow} at {head}.',
  'after-cut.resume': 'Circulation goes on by itself.',
  'after-cut.wait': 'Waits for a person, as chosen.',
} as const;
