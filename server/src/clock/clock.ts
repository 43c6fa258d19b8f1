/** Tells the instant. One clock is passed to everything that needs one; nothing else asks the machine. */
export type Clock = () => string;

export const systemClock: Clock = () => new Date().toISOString();

/** A clock that stands still, for tests and pictures. Throws when `instant` is none. */
export function frozenClock(instant: string): Clock {
  const at = new Date(instant);
  if (Number.isNaN(at.getTime())) throw new Error(`BARYTHM_NOW is not an instant: “${instant}”.`);
  return () => at.toISOString();
}

/** A machine without a battery wakes up in 1970, and one with a wrong one in the next century: what it would write nobody could read back. */
function inOurTime(clock: Clock): Clock {
  const now = clock();
  if (now < '2020' || now >= '2100')
    throw new Error(`The clock of this machine shows ${now.slice(0, 10)}: set it right first.`);
  return clock;
}

/** Frozen when `BARYTHM_NOW` is set, the machine's otherwise. Throws where it stands outside the years that a job may have. */
export function clockFromEnvironment(environment: Record<string, string | undefined>): Clock {
  const frozen = environment.BARYTHM_NOW;
  return inOurTime(frozen ? frozenClock(frozen) : systemClock);
}
