import { z } from 'zod';
import { controllerShape } from '../../../profile';

/** What a speed limit caps besides programs. */
export const CLAMPED = ['programs', 'prime', 'boost', 'frost'] as const;

/** What a pool pump's drive or a circuit panel does by itself: not set, but planned and proved against. */
export const poolBehavioursSchema = z
  .object({
    family: z.literal('pool'),
    ...controllerShape,
    /** a drive turns one pump; a panel switches circuits and gives the pump its speed */
    kind: z.enum(['drive', 'panel']),
    speed: z
      .object({
        least_rpm: z.number().positive(),
        greatest_rpm: z.number().positive(),
        step_rpm: z.number().positive(),
      })
      .strict(),
    programs: z
      .object({
        /** whose turn it is when two want the pump; on a panel, whose speed counts when circuits coincide */
        overlap: z.enum(['latest-start', 'highest-speed', 'first-slot', 'last-slot', 'refused']),
        /** an earlier program goes on when the one that took over ends */
        resumes: z.boolean(),
        startEqualsStop: z.enum(['off', 'all-day', 'refused']),
        /** slots that are front keys too */
        keyed: z.array(z.int().min(1)),
        /** keyed slots that start a timed run by hand, and no schedule at all */
        timed: z.array(z.int().min(1)),
        /** programs run only while the pump is in automatic */
        needsAutomatic: z.boolean(),
        /** slots that can be edited only while they run; up and down then change the stored speed at once */
        editedRunning: z.boolean(),
      })
      .strict(),
    /** what the greatest speed caps on this controller */
    limitClamps: z.array(z.enum(CLAMPED)),
    priming: z
      .object({
        /** senses a full prime and stops early; runs a fixed time; has none (filled by hand) */
        kind: z.enum(['sense', 'fixed', 'none']),
        /** what it does when it is not primed within its time */
        notPrimed: z.enum(['dry-alarm', 'runs-on']),
        /** speed and time where they cannot be set */
        speed_rpm: z.number().positive().nullable(),
        time_min: z.number().positive().nullable(),
      })
      .strict(),
    /** null: it has no frost guard at all */
    frost: z
      .object({
        protects: z.enum(['water', 'drive']),
        /** it runs at a speed that is set, or at its greatest */
        speed: z.enum(['set', 'greatest']),
        /** hours it runs each time; null while it stays cold */
        hours: z.number().positive().nullable(),
      })
      .strict()
      .nullable(),
    holds: z
      .object({
        service: z.boolean(),
        timed: z.boolean(),
        /** how long a timed hold lasts where that cannot be set, min */
        timed_min: z.number().positive().max(1440).optional(),
        /** may be run by hand while held, as chemicals are mixed in */
        handRunDuring: z.boolean(),
      })
      .strict(),
    /** a plain hand run lasts until it is stopped, until the next program, or until the slot's own stop */
    handRun: z.enum(['until-stopped', 'until-next-program', 'own-stop']),
    clock: z
      .object({
        /** follows summer time by itself, not at all, or as set */
        summer: z.enum(['follows', 'by-hand', 'set']),
        /** hours it keeps time without power */
        keeps_h: z.number().min(0),
        /** with its clock lost it stands, or runs from 0:00 */
        lost: z.enum(['stands', 'runs-from-midnight']),
      })
      .strict(),
    hasClock: z.literal(true),
    /** how long a boost of its chlorinator lasts before it ends by itself, h */
    chlorinatorBoost_h: z.number().positive().max(168).optional(),
    /** what can command it */
    commands: z.array(z.enum(['own', 'relay', 'link'])).min(1),
    afterPowerCut: z.enum(['resume', 'wait', 'set', 'unknown']),
    /** addresses on its link, least and greatest; null without a link */
    addresses: z
      .object({ least: z.int().min(0), greatest: z.int().max(255) })
      .strict()
      .nullable(),
    /** how a factory reset shows that it was one */
    resetShows: z.string().min(1),
  })
  .strict();
export type PoolBehaviours = z.infer<typeof poolBehavioursSchema>;
