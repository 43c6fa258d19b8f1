import { z } from 'zod';

/** What a controller's clock shows: the time of day alone, the weekday too, the date too. */
export const clockShowsSchema = z.enum(['time', 'weekday', 'date']);
export type ClockShows = z.infer<typeof clockShowsSchema>;
