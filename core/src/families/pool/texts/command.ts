import type { TextBook } from '../../../findings';

/** What findings on command, clock, access and the work on site say. */
export const COMMAND_TEXTS = {
  'POO-18': {
    title: 'Salt added on the panel’s reading',
    so: '{added} of salt were added, and no test kit confirmed the panel’s {panel}.',
    will: 'The reading leans on its temperature sensor: too much salt is only got rid of by draining.',
    todo: 'Test the water with a kit before any is added.',
  },
  'POO-19': {
    title: 'Sensors not checked',
    so: 'Heat, solar or chlorinator go by the controller’s sensors ({sensors}), and nobody held a reference beside them.',
    will: 'Everything that is judged by them is judged by a guess.',
    todo: 'Compare each with a reference thermometer under Prove.',
  },
  'POO-21': {
    title: 'Valves moved in the menu, pipework not traced',
    so: 'Valves were moved in the menu ({which}), and the pipework was not followed first.',
    will: 'A wrong valve shuts the suction or empties a raised pool.',
    todo: 'Follow the pipes, then move one valve at a time and watch it.',
  },
  'POO-23': {
    title: 'Two pumps with one address',
    so: 'Its address is {address}, and another pump on the link has the same.',
    will: 'Both answer at once: one panel commands two pumps, or none.',
    todo: 'Give it the address {free}.',
  },
  'POO-24.manual': {
    title: 'Stands in manual',
    so: 'The pump stands in manual. Programs run in automatic only.',
    will: 'No program runs until someone puts it back.',
    todo: 'Put it in automatic.',
  },
  'POO-24.hold': {
    title: 'Stands on hold',
    so: 'The pump stands on hold.',
    will: 'No program runs until the hold is released.',
    todo: 'Release the hold, and see the program take over.',
  },
  'POO-25.command': {
    title: 'Programs in what does not command it',
    so: 'The {master} commands this pump, and {count} of its own programs are enabled.',
    will: 'They do nothing now, and run beside the {master} when it lets go.',
    todo: 'Clear them, or make its own programs the master.',
  },
  'POO-25.masters': {
    title: 'Commanded by something else than set',
    so: 'At the site the pump is commanded by {seen}; it is set, or planned, for {set}.',
    will: 'Two masters, or none: the last one to write has the pump.',
    todo: 'Decide on one, and take the programs out of the other.',
  },
  'POO-26': {
    title: 'Linked devices to check again',
    so: 'The schedule changes, and these hang on it: {devices}.',
    will: 'They dose, heat or clean while the water stands.',
    todo: 'Check the times of each against the new schedule, and record it under Prove.',
  },
  'ANY-04.summer': {
    title: 'The clock does not follow summer time',
    so: 'The pump does not follow summer time. On {date} the site’s clock is put {way}.',
    will: 'From then on everything runs an hour {late} by the site’s clock.',
    todo: 'Switch it to follow by itself where it can; else put the date into the next visit.',
  },
  'ANY-10.speed': {
    title: '{what} outside the limits',
    so: '{what} is set to {value}; the limits in force are {min} to {max}.',
    will: 'The pump runs at the limit instead.',
    todo: 'Move the speed or the limit.',
  },
  'ANY-10.speeds': {
    title: 'Minimum speed above maximum',
    so: 'The minimum speed is set to {min}, the maximum to {max}.',
    will: 'No speed satisfies both; which one wins is up to the controller.',
    todo: 'Set the minimum below the maximum.',
  },
  'ANY-11.password': {
    title: '{which} password where others have access',
    so: 'Others can reach its menu. {which} password protects it.',
    will: 'Anyone can change what was proved, and nobody will know.',
    todo: 'Set one of the site’s own, and give it to the customer in writing. Stop works without it.',
  },
  'ANY-11.keys': {
    title: 'Keys within reach of children',
    so: 'A child can reach the front keys, and {count} of them do something.',
    will: 'Jets, heat or a boost start while someone is at the suction.',
    todo: 'Set each of them to nothing.',
  },
  'ANY-11.edits': {
    title: 'Its speed keys change a program',
    so: 'Others can reach its keys, and a speed that is changed while a program runs is stored at once.',
    will: 'Anyone who makes it quieter for an hour has changed that program for good.',
    todo: 'Lock its keys where it has a lock, and read the speeds again at every visit.',
  },
  'ANY-11.stays': {
    title: 'The menu stays open for long',
    so: 'After the last key the menu stays open for {open}; {most} are enough to work at it.',
    will: 'Anyone who comes by meanwhile can change settings without the password.',
    todo: 'Set {most} or less.',
  },
  'ANY-12.water': {
    title: 'Waits after a power cut',
    so: 'After a power cut the pump waits for a person.',
    will: 'The water stands, untreated and without frost guard, until somebody looks.',
    todo: 'Let it resume, or have the operator look after every cut.',
  },
  'ANY-12.lost': {
    title: 'The clock does not outlast a power cut',
    so: 'The clock keeps going for {keeps} without power; once it is lost, the controller {does}.',
    will: 'After a longer cut it {wrong}.',
    todo: 'Tell the customer to check the clock after every cut; put it into the next visit.',
  },
  'PRO-01.days': {
    title: 'No weekdays on this controller',
    so: '{name} is meant for {days}, and this controller runs every program each day.',
    will: 'The program would run on all days.',
    todo: 'Plan it for every day, or leave it out.',
  },
  'PRO-01.slots': {
    title: 'More programs than slots',
    so: '{required} programs are planned, and there are {slots} slots for schedules.',
    will: 'The rest cannot be entered.',
    todo: 'Join some of them, or let the cheapest plan find one that fits.',
  },
  'PRO-01.empty': {
    title: 'A slot cannot be emptied',
    so: 'Slot {slots} is to hold nothing, and this profile has no way to say so.',
    will: 'What was there goes on running.',
    todo: 'Look for its enable on the controller; complete the profile.',
  },
  'PRO-01.timed': {
    title: 'No place for a timed run',
    so: '“{name}” is required as a run that ends by itself, and this controller has no more keys or boost runs for one.',
    will: 'The pump is started by hand and forgotten.',
    todo: 'Leave it out, or plan it as a program.',
  },
  'PRO-01.reach': {
    title: 'No key for a timed run',
    so: '“{name}” is required on a key, and children can reach the keys.',
    will: 'Someone has to start it from the menu.',
    todo: 'Show the operator where, or have the keys covered.',
  },
  'PRO-01.speeds': {
    title: 'One circuit, two speeds',
    so: '{circuit} is planned at {speeds}, and the panel gives a circuit one speed.',
    will: 'The circuit runs at the higher one each time.',
    todo: 'Give all of its programs one speed.',
  },
} as const satisfies TextBook;
