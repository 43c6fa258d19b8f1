import type { TextBook } from '../../../findings';

/** What findings on programs and their cost say. */
export const PROGRAM_TEXTS = {
  'POO-01': {
    title: 'Stored, but not enabled',
    so: 'Program {slot} ({what}) is stored, and its enable is off.',
    will: 'The program never runs, though it stands in the list.',
    todo: 'Switch its own enable on, and see it start; or clear it if it is not meant to run.',
  },
  'POO-02': {
    title: 'One program takes the pump from another',
    so: 'Program {winner} has the pump where program {loser} wants it too, {hours} a week: here {rule}.',
    will: 'Program {loser} does not run at {speed} as someone meant; {after}.',
    todo: 'Set the times so that they do not overlap.',
  },
  'POO-02.never': {
    title: 'A program never runs',
    so: 'Program {loser} is enabled and never has the pump: {winner} takes it each time. Here {rule}.',
    will: 'What it was meant for is not done.',
    todo: 'Move it to where nothing else runs, or clear it.',
  },
  'POO-02.refused': {
    title: 'Programs that this controller refuses',
    so: 'Programs {winner} and {loser} overlap, {hours} a week. This controller does not store an overlap.',
    will: 'One of them was misread, or will be refused on entry.',
    todo: 'Read both again; set the times so that they do not overlap.',
  },
  'POO-03': {
    title: 'The same program twice',
    so: 'Programs {one} and {other} have the same days and speed, and times within {within}.',
    will: 'A later change to one of them has no effect, with no reason to be seen.',
    todo: 'Clear one of them.',
  },
  'POO-04.off': {
    title: 'Start equals stop: it never runs',
    so: 'Program {slot} starts and stops at {time}. This controller takes that for off.',
    will: 'The program never runs.',
    todo: 'Set the stop that is meant, or clear it.',
  },
  'POO-04.all-day': {
    title: 'Start equals stop: it runs all day',
    so: 'Program {slot} starts and stops at {time}. This controller takes that for all day.',
    will: 'The program runs 24 hours, at {speed}.',
    todo: 'Set the stop that is meant; leave it only if all day is.',
  },
  'POO-04.refused': {
    title: 'Start equals stop: refused',
    so: 'Program {slot} starts and stops at {time}. This controller refuses that.',
    will: 'The slot keeps what was there before.',
    todo: 'Read it again.',
  },
  'POO-05': {
    title: 'A schedule on a front key',
    so: 'Program {slot} runs by schedule, and its slot is a front key too.',
    will: 'A press of the key starts or stops it, and the key is not free for a run by hand.',
    todo: 'Move it to a slot without a key.',
  },
  'POO-06': {
    title: 'A timed key is no schedule',
    so: 'Slot {slot} is a key that starts a timed run by hand. Its times were set as if it ran by schedule.',
    will: 'The program runs only when someone presses it.',
    todo: 'Put the schedule into a slot that has one.',
  },
  'POO-07': {
    title: 'Much of it runs in the peak hours',
    so: '{share} of the run cost falls in the peak hours; up to {limit} is usual. They are {hours} of running a week.',
    will: 'The energy costs {cost} a month.',
    todo: '{cure}',
  },
  'POO-22': {
    title: 'Turnover not met',
    so: '{body}: on {day} {moved} are moved; {needed} are needed.',
    will: 'The water is not filtered as often as it has to be; people bathe in it.',
    todo: 'Run longer or faster, within what filter and suction cover let through.',
  },
  'POO-22.need': {
    title: '{circuit} does not get what it needs',
    so: 'On {day} {circuit} runs {given} at {flow} or more; {required} are required.',
    will: '{circuit} does not do its work.',
    todo: 'Give it a program of its own, at {speed} or more.',
  },
  'POO-27.pause': {
    title: 'Too long without circulation',
    so: 'The longest pause is {pause}; {limit} is allowed.',
    will: 'Water stands untreated for longer than the local rule allows.',
    todo: 'Split the runs, or run slower and longer.',
  },
  'POO-27.hold': {
    title: 'A timed hold is longer than the water may stand',
    so: 'A hold lasts {hold}; {limit} without circulation is allowed.',
    will: 'Anyone who puts it on hold and leaves has water that stands untreated for longer than the local rule allows.',
    todo: 'Set it to {limit} or less, or tell the people who use it.',
  },
  'POO-24.short': {
    title: 'A timed hold lets go soon',
    so: 'A hold lasts {hold}; work at the pump takes {limit} or more.',
    will: 'Programs start again by themselves while somebody is still at it.',
    todo: 'Set it longer, and isolate the pump before hands go in: a hold is no isolation.',
  },
  'POO-27.flow': {
    title: 'Below the minimum continuous flow',
    so: 'The flow falls to {flow}; {limit} must never be left.',
    will: 'The water is not treated without a break, as the local rule asks.',
    todo: 'Let it run all the time, at {speed} or more.',
  },
  'POO-27.cover': {
    title: 'More than the suction cover is rated for',
    so: 'At {speed} a clean filter lets {flow} through; the suction cover is rated for {limit}.',
    will: 'People can be held at the suction: entrapment kills.',
    todo: 'Do not run it so. Set the maximum speed to {allowed} or less, and check the cover’s own marking.',
  },
  'POO-27.prime': {
    title: 'Prime or frost guard over the rating of the suction cover',
    so: '{what} runs at {speed}, which is {flow}; the suction cover is rated for {limit}. The speed limit does not cap it.',
    will: 'People can be held at the suction: entrapment kills.',
    todo: 'Do not run it so. Bring it to {allowed} or less; where the controller cannot, another controller, or a cover with a higher rating.',
  },
  'POO-08.prime': {
    title: 'Prime or frost guard over a limit of the plant',
    so: '{what} runs at {speed}, which is {flow}; {wall} takes {limit}. The speed limit does not cap it.',
    will: 'Filter media are lifted, pipes wear, at every start.',
    todo: 'Bring it to {allowed} or less, or have it start against a valve that holds the flow down.',
  },
  'POO-27.quiet': {
    title: 'Too fast in the quiet hours',
    so: 'Between {from} and {to} it runs at {speed}; {limit} is the cap there.',
    will: 'Neighbours and guests hear it.',
    todo: 'Move the fast runs out of the quiet hours.',
  },
} as const satisfies TextBook;
