import type { TextBook } from '../../../findings';

/** What stands beside programs and guards. */
export const BESIDE_TEXTS = {
  'POO-06.stays': {
    title: 'A circuit runs until somebody switches it off',
    so: '{circuit} ends by hand only.',
    will: 'Somebody starts it and leaves: it heats and moves water all night.',
    todo: 'Let it count down from its start.',
  },
  'ANY-12.circuit': {
    title: 'A circuit comes on when power is restored',
    so: '{circuit} comes on by itself after a power cut.',
    will: 'The circuit starts with nobody at the panel, perhaps with somebody in the water.',
    todo: 'Let it stay off until somebody starts it.',
  },
  'POO-20.speeds': {
    title: 'The pump has other speeds than are set',
    so: 'The panel is set to {set}; the pump has {is}.',
    will: 'The panel asks for speeds that the pump does not have, or switches it as it must not be.',
    todo: 'Set what is there.',
  },
  'POO-20.second': {
    title: 'The second pump is another than is set',
    so: 'The panel is set to {set}; there is {is}.',
    will: 'A pump never runs, or an output switches something else.',
    todo: 'Set what is there.',
  },
  'POO-20.fixed': {
    title: 'A speed that the pump does not have',
    so: '{set} is set; the pump runs at {speeds}.',
    will: 'The pump runs at its nearest speed, and moves more or less water than planned.',
    todo: 'Set one of its own speeds.',
  },
  'POO-15.uncooled': {
    title: 'Night cooling is off',
    so: 'The water is to be cooled down to {required}, and night cooling is off.',
    will: 'The water stays too warm.',
    todo: 'Switch night cooling on.',
  },
  'POO-15.unasked': {
    title: 'The roof cools at night, and nobody asked for that',
    so: 'Night cooling is on; the duty asks for none.',
    will: 'What the sun or the heater gave is lost again by the morning.',
    todo: 'Switch night cooling off; where the site asks for it, enter the temperature in the duty.',
  },
  'POO-15.fights': {
    title: 'Heats by day and cools by night',
    so: 'The roof cools down to {cooled}; the pool is heated to {heated}.',
    will: 'Heating and cooling take turns, and both cost.',
    todo: 'Set what it is cooled to clearly above what it is heated to.',
  },
  'POO-15.cooled': {
    title: 'Cooled to another temperature than was agreed',
    so: 'The roof cools down to {cooled}; {required} was agreed.',
    will: 'The water is warmer or cooler in the morning than is expected.',
    todo: 'Set {required}.',
  },
  'POO-16.skipped': {
    title: 'Delays are skipped',
    so: 'What waits for valves and for the main pump does not wait.',
    will: 'The pump pushes against a valve that is still turning, or a booster runs dry.',
    todo: 'Put it back: a delay is skipped by a technician at the pump alone, and only while he is there.',
  },
  'POO-21.roof': {
    title: 'No valve leads over the roof',
    so: 'The roof heats the water, and no valve is set for it.',
    will: 'The water never reaches the roof, or always does.',
    todo: 'Follow the pipework, and set the valve that turns for it.',
  },
  'POO-21.half': {
    title: 'Pool and tub are changed over at one end only',
    so: 'No valve is set for the {lacks} of pool and tub.',
    will: 'Water is drawn from one and given to the other: one overflows.',
    todo: 'Follow the pipework, and set the valve of the other end.',
  },
  'POO-10.fine': {
    title: 'A full prime is sensed very finely',
    so: 'How finely it senses a full prime is set to fine.',
    will: 'A little air is taken for no prime: it stops with a dry alarm though water moves.',
    todo: 'Set it to usual, and watch a prime from empty.',
  },
  'POO-10.coarse': {
    title: 'A full prime is sensed coarsely',
    so: 'How finely it senses a full prime is set to coarse.',
    will: 'Foam is taken for water: it goes on to a speed at which the pipe does not fill.',
    todo: 'Set it to usual, and watch a prime from empty.',
  },
  'POO-26.blind': {
    title: 'Doses whether or not water moves',
    so: '{name} is told by nothing that water moves.',
    will: 'The chemical goes into still water and meets the next bather.',
    todo: 'Have a flow switch or a contact of the panel wired by a licensed electrician before it doses.',
  },
  'POO-26.told': {
    title: 'The chemistry controller is told another way than is set',
    so: '{name} is told by {is}; the panel is set to {set}.',
    will: 'Dosing goes on while the water stands, or never starts.',
    todo: 'Set what is wired, then stop the pump and see that dosing stops.',
  },
} as const satisfies TextBook;
