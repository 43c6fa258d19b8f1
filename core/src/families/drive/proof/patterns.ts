import {
  judgeCheck as judged,
  rangesBehind,
  slip,
  type CheckBody,
  type CheckVerdict,
  type FiguresRead,
  type Pattern,
  type ProofCheck,
} from '../../../proof';

/** Judges what was seen against a check; a pressure off by a ratio of ranges is known by what was read. */
export function judgeCheck(
  check: ProofCheck,
  body: CheckBody,
  first: FiguresRead | null = null,
): CheckVerdict {
  return judged(check, body, first, ({ about }, { figures }) =>
    about?.kind === 'pressure' ? ratioOf(about.at, figures.pressure_bar) : null,
  );
}

/** Ratios of the ranges that sensors come with: 4, 6, 10, 16 and 25 bar. */
const RANGES = [4, 6, 10, 16, 25];

/** DRV-01: a pressure that is off by a ratio of ranges. */
function ratioOf(asked: number | undefined, read: number | undefined): Pattern | null {
  if (asked === undefined || read === undefined || asked <= 0 || read <= 0) return null;
  const ratio = read / asked;
  const pair = rangesBehind(ratio, RANGES);
  if (!pair) return null;
  return slip(
    'DRV-01',
    'range',
    'Off by a ratio of ranges',
    `The gauge reads ${ratio.toFixed(2)} times what is set, e.g. a range of ${pair.set} bar set for a sensor of ${pair.label} bar gives: read the sensor’s label, and the range again.`,
  );
}
