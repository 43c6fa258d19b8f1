/**
 * Keeps the last few answers of a long computation, told apart by all that went into it: a job is looked at again at every write, and
 * most of what it is worked out from has not changed. The answer must depend on `from` alone, which is data with finite figures, and
 * nobody may change it.
 *
 * @param most how many answers are kept; the one asked for longest ago goes first
 */
export function lately<From extends readonly unknown[], Answer>(
  most: number,
  work: (...from: From) => Answer,
): (...from: From) => Answer {
  const kept = new Map<string, Answer>();
  return (...from) => {
    const key = JSON.stringify(from);
    const had = kept.get(key);
    const answer = had ?? work(...from);
    // asked for again, it is the youngest again
    kept.delete(key);
    kept.set(key, answer);
    if (kept.size > most) kept.delete(kept.keys().next().value as string);
    return answer;
  };
}
