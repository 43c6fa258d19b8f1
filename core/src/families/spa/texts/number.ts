import type { TextBook } from '../../../findings';

/** The number, what it needs, and what it takes. */
export const NUMBER_TEXTS = {
  'SPA-00': {
    title: 'Not all of the order of work was done',
    so: 'Not done: {what}. {why}',
    will: 'What is set afterwards rests on it.',
    todo: 'Do it before the settings are proved.',
  },
  'SPA-01': {
    title: 'The number does not match what is connected',
    so: 'Number {number}: {lacks}.',
    will: '{does}',
    todo: '{todo}',
  },
  'SPA-01.none': {
    title: 'The number stands in no row of the table',
    so: 'The pack is set to {number}; the table has {count} rows, and none with that number.',
    will: 'Which outputs it drives is not known.',
    todo: 'Read the number again, and the table that is printed in this very pack.',
  },
  'SPA-01.no-row': {
    title: 'No row fits what is connected',
    so: 'No row has an output for all of it: {blocks}. The nearest is {near}.',
    will: 'Whatever number is chosen, something stays dead or loses a speed.',
    todo: 'Check the list of what is connected and the table; else agree with the owner what is left off, by a licensed person to connect it.',
  },
  'SPA-02': {
    title: 'The set-up switch is on',
    so: 'Switch {at} of the bank is on: {means}.',
    will: 'The pack stands in set-up, or opens it again at the next start.',
    todo: 'Power off, locked and proved dead; the switch off; then see that the page is gone.',
  },
  'SPA-02.page': {
    title: 'Not seen out of set-up',
    so: 'After the number was changed, {what}.',
    will: 'The next power cut opens the set-up page again, in front of the next person there.',
    todo: 'Look again: the switch off, the page gone.',
  },
  'SPA-03': {
    title: 'A live board was worked on',
    so: 'The set-up switch was moved with the supply on{licensed}; this pack reads it {when}.',
    will: 'Mains lies bare beside water, within reach of the hand that moves it.',
    todo: 'Power off, locked and proved dead for every further touch; a licensed electrician where the pack reads it live alone.',
  },
  'SPA-04': {
    title: 'Load above the supply’s rating',
    so: 'With {state} phase {phase} takes {worst}; the breaker is {breaker}.',
    will: 'The breaker trips while somebody bathes; one that does not overheats its wires.',
    todo: '{todo}',
  },
  'SPA-04.unsaid': {
    title: 'The table does not say when the heater runs',
    so: 'Row {number} says nothing of the heater: its current is calculated as if it ran beside everything.',
    will: 'If it waits for the jets, the breaker has more left, and the tub cools while somebody bathes.',
    todo: 'Try it: one pump at high speed, then all, and look whether it still heats. Record what you saw.',
  },
  'SPA-02.before': {
    title: 'The number before the change is not known',
    so: 'This pack shows its number in the set-up page alone, and nobody wrote down the one that stood there.',
    will: 'If the new one is wrong, there is no way back to the old one.',
    todo: 'Write down what is known of it; next time read it before it is changed.',
  },
  'SPA-02.inside': {
    title: 'The number was not read back inside the set-up page',
    so: 'This pack shows its number in the set-up page alone, and the page was left without reading it back.',
    will: 'A number that was not stored shows first by what does not run.',
    todo: 'Open the page once more, with the supply off for the switch, and read it.',
  },
  'SPA-04.none': {
    title: 'Every row that fits takes more than the supply carries',
    so: 'The minimum that one of them takes at most is {min}; the breaker is {breaker}.',
    will: 'Whatever number is chosen, the breaker trips.',
    todo: 'A larger supply or less connected, by a licensed electrician.',
  },
  'SPA-04.rule': {
    title: 'Chosen heater rule is not planned',
    so: 'Chosen was that {asked}; planned is that {taken}.',
    will: 'No row offers the chosen rule within what supply and board carry.',
    todo: 'Look at the rows with their currents, or have a larger supply fitted by a licensed electrician.',
  },
  'SPA-04.board': {
    title: 'More current than the board is made for',
    so: 'At most it takes {worst} on a phase; its board carries {most}.',
    will: 'Tracks and relays burn.',
    todo: 'Less connected, or another pack; by a licensed electrician.',
  },
  'SPA-04.output': {
    title: 'More current than the output is made for',
    so: 'Its output for {output} carries {most}; {current} are taken from it.',
    will: 'Its relay welds shut or burns.',
    todo: 'Move it to an output that carries it, or have it driven by a contactor; by a licensed electrician.',
  },
  'SPA-05': {
    title: 'Not every output tried at every speed',
    so: 'Not tried: {outputs}.',
    will: 'A dead output or a lost speed is found by the first bather.',
    todo: 'Each key through all its states, each output seen or heard.',
  },
  'SPA-06': {
    title: 'Not entered again after the number was changed',
    so: 'The change of number put back {settings}, and they were not entered again.',
    will: 'The pack runs on what it was delivered with: another temperature, other hours, or none.',
    todo: 'Enter each again, and read it back.',
  },
  'SPA-06.clock': {
    title: 'The clock was not set again',
    so: 'The change of number put the clock back, and it was not set since.',
    will: 'Cycles run in the night, and at peak price.',
    todo: 'Set the clock and record it again.',
  },
  'SPA-07': {
    title: 'No panel key for what is connected',
    so: 'No key drives {outputs}.',
    will: 'The equipment is there, and nobody can switch it on.',
    todo: 'Another panel, or a key with another function; else say so to the owner.',
  },
  'SPA-09': {
    title: 'What the row needs is not set',
    so: 'Row {number} needs {needs}; it stands otherwise.',
    will: 'The number alone does not make the row: outputs stay dead or swap.',
    todo: 'Power off, locked and proved dead; then set it so.',
  },
} as const satisfies TextBook;
