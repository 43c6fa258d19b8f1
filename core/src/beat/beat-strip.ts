/** Why a pump runs: drawn by pattern as well as by colour. */
export const BEAT_CAUSES = ['program', 'prime', 'frost', 'hand'] as const;
export type BeatCause = (typeof BEAT_CAUSES)[number];

/** One stretch of the strip: a filled band, or separate beats where strokes are far apart. */
export interface Beat {
  readonly x: number;
  readonly width: number;
  readonly height: number;
  readonly kind: 'band' | 'beats' | 'rest';
  readonly cause: BeatCause;
}

export interface BeatStrip {
  readonly width: number;
  readonly height: number;
  readonly beats: readonly Beat[];
  /** where now is, or null */
  readonly now: number | null;
}

/** Below this share of its greatest rate a pump is drawn in separate beats: its strokes stand apart. */
const BEATS_BELOW = 0.12;

/**
 * The beat strip of a day: time runs across, height is the rate or speed as a share of the greatest. Where strokes are far
 * apart they stand as separate beats, where the pump runs steadily as a filled band.
 */
export function beatStrip(
  size: { width: number; height: number },
  rates: readonly number[],
  greatest: number,
  nowShare: number | null,
  causes: readonly BeatCause[] = [],
): BeatStrip {
  const slot = size.width / rates.length;
  const beats = rates.flatMap((rate, i): Beat[] => {
    const share = Math.min(1, greatest > 0 ? rate / greatest : 0);
    const x = i * slot;
    const cause = causes[i] ?? 'program';
    if (share === 0) return [{ x, width: slot, height: 0, kind: 'rest', cause }];
    const height = Math.max(2, share * size.height);
    if (share >= BEATS_BELOW) return [{ x, width: slot, height, kind: 'band', cause }];
    const count = Math.max(1, Math.round((share / BEATS_BELOW) * 4));
    return Array.from({ length: count }, (_, k) => ({
      x: x + ((k + 0.5) * slot) / count - 0.75,
      width: 1.5,
      height: Math.max(4, height),
      kind: 'beats' as const,
      cause,
    }));
  });
  return { ...size, beats: joined(beats), now: nowShare === null ? null : nowShare * size.width };
}

/** Bands that go on at one height are one band: no seams between them. */
function joined(beats: readonly Beat[]): Beat[] {
  const out: Beat[] = [];
  for (const beat of beats) {
    const last = out[out.length - 1];
    const goesOn =
      last?.kind === 'band' &&
      beat.kind === 'band' &&
      last.cause === beat.cause &&
      last.height === beat.height;
    if (goesOn) out[out.length - 1] = { ...last, width: beat.x + beat.width - last.x };
    else out.push(beat);
  }
  return out;
}
