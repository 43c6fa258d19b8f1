import { ANY_SEVERITIES, ANY_TEXTS, findingMaker, type Severities, type TextBook } from '../../../findings';

/** What each finding says: what is so, with the figures; what that will do; what to do. */
export const TRANSFER_TEXTS = {
  ...ANY_TEXTS,
  'LEV-00': {
    title: 'Not all of the order of work was done',
    so: 'Not done: {what}. {why}',
    will: 'What is set afterwards rests on it.',
    todo: 'Do it before the settings are proved.',
  },
  'LEV-01': {
    title: 'At its minimum speed it moves nothing',
    so: 'The minimum speed is {set}; with {lift} to lift nothing moves under {moves}.',
    will: 'The pump turns and heats its liquid, and the vessel fills.',
    todo: 'Set {needed} or more.',
  },
  'LEV-01.most': {
    title: 'Faster than the motor may turn',
    so: 'The maximum speed is {set}; {limit} is the most by its plate and what it takes.',
    will: 'The motor runs over its plate whenever the vessel is full.',
    todo: 'Set {limit} or less.',
  },
  'LEV-01.pump': {
    title: 'Faster than the pump is made for',
    so: 'The maximum speed is {set}; its own limit is {limit}.',
    will: 'Bearings and seal do not last.',
    todo: 'Set {limit} or less.',
  },
  'LEV-01.none': {
    title: 'No speed moves it and spares it',
    so: 'Nothing moves under {moves}, and {most} is the most that it may turn.',
    will: 'Whatever is set, it moves nothing or it is overtaxed.',
    todo: 'Less to lift, less vacuum, or another pump.',
  },
  'LEV-02': {
    title: 'The levels lie too near for an even flow',
    so: '{slug} fall at once, and {swing} lie between the levels.',
    will: 'After each fall it must send at least {min} at once: the flow is not even, and what is delivered is warmer.',
    todo: 'A higher top level; where the float ends, a larger vessel.',
  },
  'LEV-02.taught': {
    title: 'Float taught the wrong way round',
    so: 'Nothing was taught at {bottom}, full at {top}.',
    will: 'Every level in per cent stands for another one: it empties what is full, or never starts.',
    todo: 'Move the float to its lowest, teach 0 %, then to its highest, and teach 100 %.',
  },
  'LEV-02.order': {
    title: 'The bottom level lies above the top',
    so: 'Bottom {bottom}, top {top}.',
    will: 'The pump starts and stops at once.',
    todo: 'Set the bottom under the top.',
  },
  'LEV-02.float': {
    title: 'Top level beyond the float',
    so: 'The top level is {top}; the float ends at {height}.',
    will: 'The top is never reached: the pump does not turn faster, and the vessel floods.',
    todo: 'Set the top level below {height}.',
  },
  'LEV-02.alarm': {
    title: 'High-level alarm below the top level',
    so: 'The alarm comes at {alarm}; the pump works up to {top}.',
    will: 'The alarm comes in normal operation, until nobody looks any more.',
    todo: 'Set the alarm above {top} and below {height}.',
  },
  'LEV-02.silent': {
    title: 'High-level alarm never comes',
    so: 'The alarm is set to {alarm}; the float ends at {height}.',
    will: 'The vessel floods and nothing tells.',
    todo: 'Set the alarm below {height}.',
  },
  'LEV-07.mean': {
    title: 'More comes in than the pump can send',
    so: 'On average {mean} comes in; at its maximum speed the pump sends {gives}.',
    will: 'The vessel floods; under vacuum what floods is drawn into the vacuum line.',
    todo: 'Raise the maximum speed where motor, pump and suction allow it; else less inflow, or a larger pump.',
  },
  'LEV-03': {
    title: 'Never empties',
    so: 'Even-flow keeps the level near the middle, and no timed emptying is set; product may stand for {stands}.',
    will: 'The same product stands in it all day.',
    todo: 'Set a timed emptying within {stands}.',
  },
  'LEV-03.late': {
    title: 'Empties too seldom',
    so: 'The pump empties every {every}; product may stand for {stands}.',
    will: 'Product stands longer than it may.',
    todo: 'Set {stands} or less.',
  },
  'LEV-04': {
    title: 'Even-flow with foam',
    so: 'The product foams, and the float rides on the foam.',
    will: 'The controller takes foam for liquid, runs dry under it and sends air.',
    todo: 'Follow the level instead.',
  },
  'LEV-04.surges': {
    title: 'Surges that even-flow cannot hold back',
    so: 'Cleaning comes in surges of {surge}; {room} lie between the middle and the top.',
    will: 'The vessel floods before the mean has risen.',
    todo: 'Follow the level, or use the input that tells it of cleaning.',
  },
  'LEV-05': {
    title: 'The motor’s {what} is not its plate’s',
    so: '{set} is set, and its plate says {plate}.',
    will: 'The protection is set for another motor than this one.',
    todo: 'Set {plate}.',
  },
  'LEV-05.kind': {
    title: 'Set for another {what}',
    so: '{set} is set; it is {is}.',
    will: 'Levels, speeds and protection of that {what} are not those of this one.',
    todo: 'Choose {is}, then look at all that the change puts back.',
  },
  'LEV-05.inlets': {
    title: 'Inlets counted otherwise than they are',
    so: '{set} inlets are set; {are} are there.',
    will: 'The controller calculates with another inflow than really arrives.',
    todo: 'Set {are}.',
  },
  'LEV-02.empty': {
    title: 'Emptied to the very bottom',
    so: 'The bottom level is 0: the pump runs until the float lies on the floor.',
    will: 'The pump draws air each time, and the float cannot tell any less.',
    todo: 'Set a bottom level a little above what the float can tell.',
  },
  'LEV-07.input': {
    title: 'Cleaning is not told to it',
    so: 'The input for cleaning is off, and {inflow} comes while the plant is cleaned.',
    will: 'The pump goes on as in a session, and the vessel may fill with hot water and lye.',
    todo: 'Set the input to used, and see that it is wired.',
  },
  'ANY-12.waits': {
    title: 'Waits after a power cut',
    so: 'After a power cut the pump waits for a person, and product goes on coming.',
    will: 'The vessel fills and floods unnoticed.',
    todo: 'Let it resume, or have the alarm reach somebody.',
  },
  'LEV-06': {
    title: 'Direction was not tried',
    so: 'Nobody tried, slowly, which way it turns.',
    will: 'A pump that turns the wrong way moves a little, and looks worn.',
    todo: 'Some seconds, slowly.',
  },
  'LEV-06.live': {
    title: 'Leads were swapped without waiting until dead',
    so: 'Two leads were swapped {waited} after switching off{proved}; {discharge} is its discharge time.',
    will: 'The drive holds a deadly charge for minutes.',
    todo: 'Isolate, wait the stated time, prove dead; a licensed electrician.',
  },
  'LEV-07': {
    title: 'More comes at cleaning than it can send',
    so: 'Cleaning brings {inflow}; {at} it sends {gives}.',
    will: 'The vessel floods, and cleaning liquor runs where product belongs.',
    todo: '{todo}',
  },
  'LEV-08': {
    title: 'The float does not tell the level',
    so: 'Moved over its whole way, it was seen that {seen}.',
    will: 'The vessel floods or runs dry with every setting as it should be.',
    todo: 'Free it, turn it the right way up, or change it; then move it again.',
  },
  'LEV-09': {
    title: 'The run-on sends air',
    so: 'The pump runs on for {runOn}, which draws {drawn}; {outlet} may be drawn.',
    will: 'Air goes through the cooler and froths the product behind it.',
    todo: 'Set {most} or less.',
  },
  'LEV-10': {
    title: 'The kind was changed last',
    so: '{kind} was changed after {settings} were set.',
    will: 'The controller has rewritten them to what that kind comes with.',
    todo: 'Read each of them again, and enter it.',
  },
  'LEV-11': {
    title: 'Delivered too warm',
    so: 'Over a session it delivers {delivered}; {required} are required.',
    will: 'The product spoils sooner, or the store must cool it again.',
    todo: '{todo}',
  },
  'LEV-12': {
    title: 'Too little head at the inlet',
    so: 'With {vacuum} of vacuum {there} stand above boiling; at {speed} {needed} and half a metre are needed.',
    will: 'The pump cavitates: noise, less flow, and a wheel that is eaten.',
    todo: 'A lower maximum speed, more height above the pump, or less vacuum.',
  },
  'LEV-13': {
    title: 'The check valve leaks back',
    so: 'With the pump at rest the vessel was seen to fill.',
    will: 'What was sent comes back warm, and is cooled again.',
    todo: 'Clean the valve and its seat; else change it.',
  },
  'ANY-12.transfer': {
    title: 'What it does after a power cut is not known',
    so: 'Whether the pump carries on after a power cut is unknown.',
    will: 'Product goes on coming, and the vessel floods.',
    todo: 'Read it from the controller or its manual, set it, and try it.',
  },
} as const satisfies TextBook;

export type TransferTextId = keyof typeof TRANSFER_TEXTS;

export const TRANSFER_SEVERITIES: Severities<TransferTextId> = {
  ...ANY_SEVERITIES,
  'LEV-00': 'note',
  'LEV-01': 'stop',
  'LEV-01.most': 'stop',
  'LEV-01.pump': 'stop',
  'LEV-01.none': 'stop',
  'LEV-02.order': 'stop',
  'LEV-02.taught': 'stop',
  'LEV-02.float': 'stop',
  'LEV-07.mean': 'stop',
  'LEV-05': 'note',
  'LEV-05.kind': 'stop',
  'LEV-05.inlets': 'note',
  'ANY-12.waits': 'note',
  'LEV-06': 'stop',
  'LEV-06.live': 'stop',
  'LEV-08': 'stop',
  'LEV-09': 'note',
  'LEV-12': 'stop',
};

/** Makes a finding of this family. */
export const finding = findingMaker<TransferTextId>(TRANSFER_SEVERITIES);
