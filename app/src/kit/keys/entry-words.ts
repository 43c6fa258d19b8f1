import type { EntryWay, Parameter } from '@barythm/core/profile';

/** The state a controller must be in while a value is entered. */
export const ENTER_WHEN: Record<Parameter['enterWhen'], string> = {
  any: 'At any time.',
  stopped: 'Only while stopped.',
  waiting: 'Only while waiting.',
  running: 'Set this while the pump is running.',
  isolated: 'Only isolated and locked off.',
  'power-up': 'Only in the first seconds after power is on. Missed it? Switch off, wait, and on again.',
};

/** Each way of entering a value, and the slip that belongs to it. */
export const ENTRY_SLIP: Record<EntryWay, string> = {
  'hold-and-step': 'Hold until the item flashes; a short or bounced press opens another menu.',
  'up-and-down': 'Let go in time: held keys run on, and holding counts as another press.',
  'digit-cursor': 'A digit that would pass the limit is refused without a word.',
  wheel: 'Press twice: to choose, and again to apply.',
  'soft-keys': 'Leave by the key that stores; the one that leaves drops the entry.',
  'open-and-store': 'One key opens, another stores: the opening key pressed twice stores nothing.',
  numbered: 'Unlock first, and lock again; do not type the code into a parameter.',
  guided: 'Going back drops the entry and returns the default.',
  switches: 'Read at power-up only: switch off before, on after.',
  knob: 'Turn only while it strokes; read the scale straight on.',
  mechanical: 'Work on the machine itself: isolated, locked off, by the maker’s manual.',
};
