import { z } from 'zod';
import { clockShowsSchema } from './clock-shows';

const line = (most: number) => z.string().min(1, 'This is needed.').max(most, `At most ${most} characters.`);

/** One message of a display, or one lamp, and what the maker’s manual says of it. */
export const controllerMessageSchema = z
  .object({
    /** as it stands on the display; of a lamp, how it looks: “red, twice, then a pause” */
    shows: line(40),
    /** a lamp, and no text of a display */
    lamp: z.literal(true).optional(),
    kind: z.enum(['reminder', 'fault']),
    means: line(200),
    todo: line(200),
  })
  .strict();
export type ControllerMessage = Readonly<z.infer<typeof controllerMessageSchema>>;

/** A contact that tells something else of a fault. */
export const alarmOutputSchema = z
  .object({
    /** as its terminals are called */
    name: line(40),
    /** what it tells of */
    tells: line(200),
    /** what its contact does when it tells; one that opens tells of a cut wire too */
    contact: z.enum(['closes', 'opens', 'changes-over']),
    /** what it may switch; left out where nobody read it */
    most_V: z.number().positive().max(1000).optional(),
    most_A: z.number().positive().max(100).optional(),
  })
  .strict();
export type AlarmOutput = Readonly<z.infer<typeof alarmOutputSchema>>;

/** How its settings are reached where they are behind a code or a key. */
export const accessSchema = z
  .object({
    opensBy: line(200),
    /** without a key pressed it closes again by itself after this, min; null where it stays open until it is closed */
    closesAfter_min: z.number().positive().max(1440).nullable(),
  })
  .strict();

/** What a profile of any family may say of its controller; a family’s behaviours begin with these fields. */
export const controllerShape = {
  /** the revision that the profile was read from, as the controller shows it */
  revision: line(60).optional(),
  /** options that this profile takes for fitted: boards, modules */
  options: z.array(line(80)).min(1).max(20).optional(),
  hasClock: z.boolean(),
  clockShows: clockShowsSchema.optional(),
  messages: z.array(controllerMessageSchema).max(99).optional(),
  alarms: z.array(alarmOutputSchema).min(1).max(8).optional(),
  access: accessSchema.optional(),
  /** how a factory reset is done */
  resetBy: line(200).optional(),
  /** how a factory reset shows that it was one */
  resetShows: z.string().min(1).optional(),
  /** how set-up is marked complete, or which switch of it goes off again, where that is needed before it runs by itself */
  setUpEnd: z.string().min(1).optional(),
};

/** What a controller of any family does by itself, as far as rules that any pump has ask for it. */
export type CommonBehaviours = Readonly<
  z.infer<z.ZodObject<typeof controllerShape>> & { readonly family: string }
>;

/** Revision and options that a profile was read from, in words; empty where it says neither. */
export function madeOf({ revision, options = [] }: Pick<CommonBehaviours, 'revision' | 'options'>): string {
  return [...(revision ? [`revision ${revision}`] : []), ...options].join(', ');
}

/** A message as it is compared: case, signs and spaces do not tell two apart, for nobody types them alike. */
function bare(shows: string): string {
  return shows.toLocaleLowerCase('en').replace(/[^\p{L}\p{N}]+/gu, '');
}

/** What its profile says of what is shown; null where it does not know that message. */
export function meaningOf(
  { messages = [] }: Pick<CommonBehaviours, 'messages'>,
  shows: string,
): ControllerMessage | null {
  const read = bare(shows);
  return read === '' ? null : (messages.find((message) => bare(message.shows) === read) ?? null);
}
