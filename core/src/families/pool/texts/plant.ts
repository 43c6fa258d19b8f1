import type { TextBook } from '../../../findings';

/** What findings on limits, priming, frost, heat and treatment say. */
export const PLANT_TEXTS = {
  'POO-08': {
    title: 'Greatest speed left open',
    so: 'It may turn at {speed}: with a clean filter that is {flow}, and {wall} is {limit}.',
    will: 'A run by hand or a boost passes what filter or pipes are made for.',
    todo: 'Set the greatest speed to {allowed}.',
  },
  'POO-08.timed': {
    title: '{what} passes the limit',
    so: '{what} turns at {speed}, which the limit does not cap here: with a clean filter that is {flow}, and {wall} is {limit}.',
    will: 'Whoever presses the key runs it beyond what filter, cover or pipes are made for.',
    todo: 'Set its speed to {allowed} or less.',
  },
  'POO-09': {
    title: 'The limit also caps {what}',
    so: 'The greatest speed is {limit}, and on this controller it caps {what} too; {wanted} is wanted there.',
    will: 'A poor prime: air stays in the strainer and it stops with a dry alarm, or boosts too weakly.',
    todo: 'Raise the limit as far as the limits of the plant let you, or fill the pot by hand and give the prime more time.',
  },
  'POO-10.off': {
    title: 'Priming is off',
    so: 'Priming is off, or its time is nil.',
    will: 'It starts at the program’s speed with air in the pot, and may run dry.',
    todo: 'Set a prime, unless the pump stands below the water.',
  },
  'POO-10.short': {
    title: 'Too little time to prime',
    so: 'The prime ends after {time}; less than {limit} seldom pulls the water up.',
    will: 'It stops with a dry alarm, or goes on with air in the pot.',
    todo: 'Give it more time.',
  },
  'POO-10.long': {
    title: 'It may prime dry for long',
    so: 'The prime may take {time}; more than {limit} without water wears the seal.',
    will: 'With a blocked or leaking suction it runs dry all that time.',
    todo: 'Shorten it.',
  },
  'POO-11.off': {
    title: 'No frost guard',
    so: 'Frost guard is off, and pipes stand in the frost: {circuits}.',
    will: 'Water standing in them freezes and bursts them.',
    todo: 'Switch it on for each of them, or drain down.',
  },
  'POO-11.circuit': {
    title: 'A circuit without frost guard',
    so: 'Frost guard does not run {circuits}, whose pipes stand in the frost.',
    will: 'Their water stands and freezes while the rest moves.',
    todo: 'Name each exposed circuit in it, the roof first.',
  },
  'POO-11.drive': {
    title: 'This frost guard protects the drive alone',
    so: 'Its frost guard warms the drive’s own electronics. It is not made to keep {circuits} from freezing.',
    will: 'Pipes and filter are trusted to something that does not look after them.',
    todo: 'Have the exposed pipes moved by a program or drained.',
  },
  'POO-11.slow': {
    title: 'Frost guard does not reach {circuit}',
    so: 'At the {speed} of the frost guard {flow} go through {circuit}; it needs {least}.',
    will: 'Too little water is lifted there: it stands and freezes.',
    todo: 'Set the frost speed to {needed} or more.',
  },
  'POO-11.hard': {
    title: 'Hard winters: drain down',
    so: 'Winters are hard here, and frost guard is all there is. It fails with the power.',
    will: 'One cut on a cold night, and pipes, filter and pump burst.',
    todo: 'Drain down for the winter; no setting replaces it.',
  },
  'POO-12': {
    title: '{what} below its least flow',
    so: '{what} needs {limit}; while it may work the flow falls to {flow}.',
    will: '{will}',
    todo: 'Let it run at {speed} or more while {what} works.',
  },
  'POO-13': {
    title: 'Heater stops without after-run',
    so: 'After the heater stops the water runs on {time}; {wanted} is wanted.',
    will: 'Its own heat boils what stands in it, and trips its limiter.',
    todo: 'Set the after-run.',
  },
  'POO-14.body': {
    title: 'Set point of water that is not selected',
    so: 'The set point of the {idle} was set, and the {selected} is selected.',
    will: 'It does nothing until someone selects the {idle}; the {selected} is heated to its own.',
    todo: 'Check both set points, and which water is selected.',
  },
  'POO-14.warm': {
    title: 'Set point too warm',
    so: 'The {body} is set to {set}; at most {warmest} is agreed.',
    will: 'Too warm water exhausts and scalds, children first.',
    todo: 'Lower it, and keep to what the operator has agreed.',
  },
  'POO-15': {
    title: 'Solar stop too near its start',
    so: 'It starts at {start} of difference and stops at {stop}; they must be at least {gap} apart.',
    will: 'It starts and stops again and again.',
    todo: 'Set the stop well below the start.',
  },
  'POO-16': {
    title: 'Cleaner does not wait for the main pump',
    so: 'The cleaner starts {wait} after the main pump; {wanted} is wanted.',
    will: 'Its booster starts without water and runs dry.',
    todo: 'Set the delay, or start its program later.',
  },
  'POO-17': {
    title: 'Chlorinator in cold water',
    so: 'The water is {water}; below {cold} its maker lets it idle. Its cut-out: {set}.',
    will: 'Cold water gives little salt to its plates: they wear and make nothing.',
    todo: 'Set the cut-out, and dose by hand or by pump until the water is warmer.',
  },
  'POO-19.off': {
    title: '{sensor} is off',
    so: '{sensor} shows {off} {way} against the reference, with the offset that is set.',
    will: 'Heat, frost guard and chlorinator start and stop at another temperature than was set.',
    todo: 'Set its offset to {offset} and compare again; renew a sensor that does not hold it.',
  },
  'POO-20': {
    title: 'Another kind of pump is set',
    so: 'The controller is set to “{set}”; the plate says “{plate}”.',
    will: 'The watts it shows are those of another pump.',
    todo: 'Set the kind of the plate, and prove it with a meter of your own.',
  },
  'PRO-02.set': {
    title: 'Chlorinator is set too low',
    so: 'At {output} it makes {made} a day in the {hours} in which its own circuit has its flow; {needed} are needed.',
    will: 'The residual falls.',
    todo: 'Raise its output, or run its circuit longer.',
  },
  'PRO-02': {
    title: 'Chlorinator cannot make what is needed',
    so: '{needed} are needed a day; at full output it makes {most}.',
    will: 'The residual falls.',
    todo: 'Run it longer, or dose the rest.',
  },
} as const satisfies TextBook;
