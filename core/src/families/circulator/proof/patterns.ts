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

/** Judges what was seen against a check; a head off by a ratio of ranges is known by what was read. */
export function judgeCheck(
  check: ProofCheck,
  body: CheckBody,
  first: FiguresRead | null = null,
): CheckVerdict {
  return judged(check, body, first, ({ about }, { figures }) =>
    about?.kind === 'head' ? ratioOf(about.at, figures.head_m) : null,
  );
}

/** Ranges that differential sensors come with, bar. */
const RANGES = [0.4, 0.6, 1, 1.6, 2.5];

/** A head that is off by a ratio of ranges (CIR-06); short by any other share it is air, a shut valve or the wrong direction. */
function ratioOf(asked: number | undefined, read: number | undefined): Pattern | null {
  if (asked === undefined || read === undefined || asked <= 0) return null;
  const pair = rangesBehind(read / asked, RANGES);
  if (pair === null) return null;
  return slip(
    'CIR-06',
    'range',
    'Off by a ratio of ranges',
    `The gauges read ${(read / asked).toFixed(2)} times what is set, e.g. a range of ${pair.set} bar set for a sensor of ${pair.label} bar gives: read the sensor’s label, and the range again.`,
  );
}
