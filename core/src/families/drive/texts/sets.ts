import type { TextBook } from '../../../findings';

/** Motor, several pumps, and what starts by itself. */
export const SET_TEXTS = {
  'DRV-00': {
    title: 'Not all of the order of work was done',
    so: 'Not done: {what}. {why}',
    will: 'What is set afterwards rests on it.',
    todo: 'Do it before the settings are proved.',
  },
  'DRV-00.holds': {
    title: 'Controls to the wrong quantity',
    so: 'The controller holds {holds}; the duty asks for {needed}.',
    will: 'Pressure or flow goes wherever the demand takes it, up to what the pump can give.',
    todo: 'Set the control kind to hold {needed}, then check the settings that belong to it.',
  },
  'DRV-00.cannot': {
    title: 'Controller cannot hold what the duty asks for',
    so: 'The duty asks for {what}, and this controller has no such control kind.',
    will: 'Nothing that can be set here does what is required.',
    todo: 'Change the duty to what this controller can hold, or fit another controller.',
  },
  'DRV-02': {
    title: 'The motor’s {what} is not its plate’s',
    so: '{set} is set, and its plate says {plate}.',
    will: 'The drive protects another motor than this one.',
    todo: 'Set {plate}.',
  },
  'DRV-02.default': {
    title: 'The motor’s {what} was left as delivered',
    so: '{set} is what the drive comes with, and the plate was not read.',
    will: 'The drive most likely protects another motor than this one.',
    todo: 'Read the plate, and set what it says.',
  },
  'DRV-02.thermal': {
    title: 'Thermal protection is off',
    so: 'The motor’s own sensor of heat does nothing.',
    will: 'A slow, warm motor burns out below its rated current.',
    todo: 'Wire it and switch it on; where there is none, say so.',
  },
  'DRV-03': {
    title: 'Direction was not tried',
    so: 'Nobody tried, slowly, which way {units} turns.',
    will: 'A pump that turns the wrong way gives some pressure and little flow, and looks worn.',
    todo: 'Some seconds, slowly; a shaft that cannot be seen by its pressure both ways.',
  },
  'DRV-03.live': {
    title: 'Leads were swapped without waiting until dead',
    so: 'Two leads were swapped {waited} after switching off{proved}; {discharge} is its discharge time.',
    will: 'The drive holds a deadly charge for minutes.',
    todo: 'Isolate, wait the stated time, prove dead; a licensed electrician.',
  },
  'DRV-06': {
    title: 'Two with one address',
    so: 'Address {address} stands more than once on the cable.',
    will: 'One of the pumps is not seen, and never runs.',
    todo: 'Give each an address of its own, and count the units seen again.',
  },
  'DRV-07': {
    title: 'It starts by itself after a power cut',
    so: 'After a cut it goes on by itself, and a start may surprise someone: {what}.',
    will: 'Water comes out where nobody stands ready for it.',
    todo: 'Let it wait for a person, or accept it in writing.',
  },
  'DRV-07.fault': {
    title: 'It starts by itself once a fault is gone',
    so: 'When a fault has cleared it goes on by itself, and a start may surprise someone: {what}.',
    will: 'Somebody has a hand in it, looking for the fault.',
    todo: 'Let it wait for a person, or accept it in writing.',
  },
  'DRV-07.retries': {
    title: 'Starts by itself after running dry',
    so: 'After running dry it tries again by itself, {retries} times, and a start may surprise someone: {what}.',
    will: 'Somebody may have a hand in the pump, looking for the cause.',
    todo: 'Set the retries to 0, so that a person looks first.',
  },
  'DRV-07.keys': {
    title: 'Anyone can turn its set pressure',
    so: 'The keys at its front move the set value, and they are not locked.',
    will: 'A passer-by raises the pressure, and nobody knows.',
    todo: 'Lock the keys, or set a code.',
  },
  'DRV-11': {
    title: 'Units seen are not units fitted',
    so: '{seen} are seen, and {fitted} are fitted.',
    will: 'The one that is not seen never runs, and nobody misses it until it is needed.',
    todo: 'Addresses, cables and their ends; then count again.',
  },
  'DRV-11.set-up': {
    title: 'Set-up is not finished',
    so: 'Its set-up is not marked complete.',
    will: 'It runs on what it was delivered with, or not at all.',
    todo: 'Finish it on the last unit, and mark it complete.',
  },
  'DRV-14.plate': {
    title: 'The motor is taken over its plate',
    so: 'At {most} and {flow} it takes {power}; its plate says {plate}.',
    will: 'It trips when most is drawn, or burns out.',
    todo: 'A lower greatest frequency.',
  },
  'DRV-14.least': {
    title: 'Slower than its bearings and cooling allow',
    so: 'The least frequency is {set}; {needed} is needed.',
    will: 'Bearings run dry and the motor overheats at low speed.',
    todo: 'Set {needed} or more.',
  },
  'DRV-14.signal': {
    title: 'Signal asks for less than the minimum frequency',
    so: 'At its least the signal asks for {asked}; bearings and cooling need {least}.',
    will: 'The drive turns at {least} there: the lowest part of the signal does nothing.',
    todo: 'Let the site’s signal begin at {least}, or accept that it does not turn slower.',
  },
  'DRV-14.speed': {
    title: 'Stated speed is not allowed here',
    so: 'The duty asks for {asked}; pump, plate and plant allow {taken} at the nearest.',
    will: 'At {asked} something is past its limit.',
    todo: 'Use {taken}, or change what limits it.',
  },
  'DRV-14.ramp-down': {
    title: 'Slows down too fast',
    so: 'It goes from {rated} to standing in {set}; {needed} is the shortest.',
    will: 'Check valves slam and the pipes take a surge.',
    todo: 'Set the ramp down to {needed} or more.',
  },
  'DRV-14.ramp': {
    title: 'It starts too fast',
    so: 'From standing to {rated} it takes {set}; {needed} is the shortest.',
    will: 'Bearings, coupling and check valve are hit at every start.',
    todo: 'Set {needed} or more.',
  },
  'ANY-12.drive': {
    title: 'Nobody decided what it does after a power cut',
    so: 'What it does after a power cut is not known.',
    will: 'The site has no water, or it starts by surprise.',
    todo: 'Decide it with the operator, set it, and try it.',
  },
  'ANY-23.drive': {
    title: 'Nobody decided what it does after a fault',
    so: 'What it does once a fault has cleared is not known.',
    will: 'It stays off until someone notices, or starts under somebody’s hand.',
    todo: 'Decide it with the operator, and set it.',
  },
  'DRV-16': {
    title: 'The pressure hunts',
    so: 'It was seen to swing with a steady draw.',
    will: 'Check valves hammer, and everything wears.',
    todo: 'The vessel’s gas first; then less gain or a longer reset, one at a time.',
  },
} as const satisfies TextBook;
