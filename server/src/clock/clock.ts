/** Tells the instant. One clock is passed to everything that needs one; nothing else asks the machine. */
export type Clock = () => string;

export const systemClock: Clock = () => new Date().toISOString();

/** A clock that stands still, for tests and pictures. Throws when `instant` is none. */
export function frozenClock(instant: string): Clock {
  const at = new Date(instant);
  if (Number.isNaN(at.getTime())) throw new Error(`BARYTHM_NOW is not an instant: “${instant}”.`);
  return () => at.toISOString();
}

/** Frozen when `BARYTHM_NOW` is set, the machine's otherwise. */
export function clockFromEnvironment(environment: Record<string, string | undefined>): Clock {
  const frozen = environment.BARYTHM_NOW;
  return frozen ? frozenClock(frozen) : systemClock;
}
