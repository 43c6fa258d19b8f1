import { z } from 'zod';
import { MOST } from './bounds';

const key = z.string().min(1).max(MOST.label);
const press = z.enum(['short', 'hold', 'turn']);

/** A key that does more than move through the menu, as it is pressed or held. */
export const actSchema = z
  .object({
    key,
    press,
    does: z.enum(['moves-water', 'primes', 'resets', 'starts', 'stops']),
    /** what happens, and what to see to before */
    words: z.string().min(1).max(MOST.text),
  })
  .strict();
export type Act = z.infer<typeof actSchema>;

/** How one gets about in a controller’s menu, beside the way to each setting from its home display. */
export const menuSchema = z
  .object({
    /** keys that go along what stands side by side, each with the one that takes it back */
    moves: z.array(z.object({ key, back: key }).strict()).max(20),
    /** one level up, with nothing changed; left out where no key does that */
    leave: z.object({ key, press }).strict().optional(),
    /** from anywhere to the home display, with nothing changed and nothing set going */
    home: z
      .object({
        keys: z
          .array(z.object({ key, press, times: z.int().min(1).max(99) }).strict())
          .min(1)
          .max(MOST.steps),
        shows: z.string().min(1).max(MOST.label),
      })
      .strict(),
    /** where the display stands once a value is stored */
    afterStoring: z.enum(['value', 'list', 'home']),
    acts: z.array(actSchema).max(20),
    /** leaving it for the home display sets something going: what, and what to see to before */
    leavingStarts: z.string().min(1).max(MOST.text).optional(),
  })
  .strict();
export type MenuHabits = z.infer<typeof menuSchema>;

/** What is wrong with a menu beyond its shape, with the place in it; the way home must set nothing going. */
export function complainOfMenu(
  { home, moves, leave, acts }: MenuHabits,
  complain: (path: (string | number)[], message: string) => void,
): void {
  const acting = (one: { key: string; press: string }) =>
    acts.find((act) => act.key === one.key && (act.press === one.press || one.press === 'hold'));
  home.keys.forEach((step, i) => {
    const act = acting(step);
    if (act) complain(['home', 'keys', i], `“${step.key}” does more than move: it is no safe way home.`);
  });
  if (leave && acting(leave)) complain(['leave'], `“${leave.key}” does more than leave.`);
  moves.forEach(({ key: name, back }, i) => {
    if (name === back) complain(['moves', i], 'A key does not take itself back.');
    if (moves.findIndex((other) => other.key === name) !== i)
      complain(['moves', i], `“${name}” stands twice.`);
  });
}
