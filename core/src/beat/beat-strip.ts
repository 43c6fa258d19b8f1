/** One stretch of the strip: a filled band, or separate beats where strokes are far apart. */
export interface Beat {
  readonly x: number;
  readonly width: number;
  readonly height: number;
  readonly kind: 'band' | 'beats' | 'rest';
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
 * The beat strip of a day: time runs across, height is the rate as a share of the greatest. Where strokes are far
 * apart they stand as separate beats, where the pump runs steadily as a filled band.
 */
export function beatStrip(
  size: { width: number; height: number },
  rates_spm: readonly number[],
  greatest_spm: number,
  nowShare: number | null,
): BeatStrip {
  const slot = size.width / rates_spm.length;
  const beats = rates_spm.flatMap((rate, i): Beat[] => {
    const share = Math.min(1, greatest_spm > 0 ? rate / greatest_spm : 0);
    const x = i * slot;
    if (share === 0) return [{ x, width: slot, height: 0, kind: 'rest' }];
    const height = Math.max(2, share * size.height);
    if (share >= BEATS_BELOW) return [{ x, width: slot, height, kind: 'band' }];
    const count = Math.max(1, Math.round((share / BEATS_BELOW) * 4));
    return Array.from({ length: count }, (_, k) => ({
      x: x + ((k + 0.5) * slot) / count - 0.75,
      width: 1.5,
      height: Math.max(4, height),
      kind: 'beats' as const,
    }));
  });
  return { ...size, beats, now: nowShare === null ? null : nowShare * size.width };
}
