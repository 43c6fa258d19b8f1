import { z } from 'zod';
import { choice, described, figure, flagOrNothing, group, lines, text, tick } from '../describe';
import { bareCode } from './bare-code';
import { clockShowsSchema } from './clock-shows';

/** One message of a display, or one lamp, and what the maker’s manual says of it. */
export const controllerMessageSchema = group({
  // of a lamp, how it looks: “red, twice, then a pause”
  shows: text('It shows', { max: 40, hint: 'As displayed; of a lamp, how it looks: red, twice, a pause' }),
  lamp: described(z.literal(true), { label: 'A lamp', tick: true, place: flagOrNothing }).optional(),
  kind: choice('Which is', { reminder: 'a reminder', fault: 'a fault' }),
  means: text('It means', { max: 200 }),
  todo: text('What to do', { max: 200 }),
  page: text('Page of the manual', { max: 40, hint: 'Where that stands, e.g. 34' }).optional(),
});
export type ControllerMessage = Readonly<z.infer<typeof controllerMessageSchema>>;

/** A contact that tells something else of a fault. */
export const alarmOutputSchema = group({
  name: text('Terminals', { max: 40, hint: 'As they are marked' }),
  tells: text('It tells of', { max: 200, hint: 'e.g. running dry, overload' }),
  // one that opens tells of a cut wire too
  contact: choice('When it tells, its contact', {
    closes: 'closes',
    opens: 'opens',
    'changes-over': 'changes over',
  }),
  // what it may switch; left out where nobody read it
  most_V: figure('Switches at most', 'voltage', { max: 1000 }).optional(),
  most_A: figure('and', 'plain', { max: 100, unit: 'A' }).optional(),
});
export type AlarmOutput = Readonly<z.infer<typeof alarmOutputSchema>>;

/** How its settings are reached where they are behind a code or a key. */
export const accessSchema = group(
  {
    opensBy: text('They are opened by', { max: 200 }),
    closesAfter_min: figure('They close by themselves after', 'minutes', {
      max: 1440,
      hint: 'Empty where they stay open',
      none: 'they stay open',
    }).nullable(),
  },
  { on: 'Its settings are behind a code or key' },
);

/** What a profile of any family may say of its controller; a family’s behaviours begin with these fields. */
export const controllerShape = {
  manual: text('Maker’s manual', { max: 200, hint: 'Title, number and edition' }).optional(),
  revision: text('Revision', { max: 60, hint: 'That it was read from, as it shows it' }).optional(),
  options: described(
    z
      .array(text('Option', { max: 80 }))
      .min(1)
      .max(20),
    {
      label: 'Options assumed fitted',
      lines: 2,
      place: lines,
      hint: 'Boards and modules, one a line',
    },
  ).optional(),
  hasClock: tick('Has a clock'),
  clockShows: described(clockShowsSchema, {
    label: 'The clock shows',
    options: [
      { value: 'time', label: 'Time' },
      { value: 'weekday', label: 'Weekday and time' },
      { value: 'date', label: 'Date and time' },
    ],
  }).optional(),
  messages: described(z.array(controllerMessageSchema).max(99), { add: 'Add a message or lamp' }).optional(),
  alarms: described(z.array(alarmOutputSchema).min(1).max(8), { add: 'Add an alarm output' }).optional(),
  access: accessSchema.optional(),
  resetBy: text('How a factory reset is done', { max: 200 }).optional(),
  resetShows: text('A factory reset shows').optional(),
  // or which switch of it goes off again, where that is needed before it runs by itself
  setUpEnd: text('How set-up is marked complete').optional(),
};

/** What a controller of any family does by itself, as far as rules that any pump has ask for it. */
export type CommonBehaviours = Readonly<
  z.infer<z.ZodObject<typeof controllerShape>> & { readonly family: string }
>;

/** Revision and options that a profile was read from, in words; empty where it says neither. */
export function madeOf({ revision, options = [] }: Pick<CommonBehaviours, 'revision' | 'options'>): string {
  return [...(revision ? [`revision ${revision}`] : []), ...options].join(', ');
}

/** What its profile says of what is shown; null where it does not know that message. */
export function meaningOf(
  { messages = [] }: Pick<CommonBehaviours, 'messages'>,
  shows: string,
): ControllerMessage | null {
  const read = bareCode(shows);
  return read === '' ? null : (messages.find((message) => bareCode(message.shows) === read) ?? null);
}
