import { fig, figureWithUnit, presentReader } from '../../../units';
import { recordsOf, type BlockOf } from '../../../visit';
import { measuredStroke_mL, resultOf, whyRejected, withdrawnDrawdowns } from '../proof/calibration';
import type { CalibrationBody } from '../wire/records';
import type { MeteringJob } from '../wire/job';

/** A drawdown with its verdict. */
export interface SeenDrawdown {
  readonly stroke_mL: number;
  readonly factor: number;
  readonly spread: number;
  readonly uncertainty: number;
  readonly accepted: boolean;
  /** it was mistyped, and taken back */
  readonly withdrawn?: boolean;
  readonly why: string;
  readonly runs: number;
  /** how it was made: volumes, strokes or time, stroke length, pressure, product */
  readonly method?: string;
}

/** The drawdowns of this job with their verdicts, the oldest first. */
export function drawdownsOf(document: MeteringJob): SeenDrawdown[] {
  const withdrawn = withdrawnDrawdowns(document);
  return recordsOf(document, 'calibration').map((record) => {
    const { body } = record;
    const { factor, spread, uncertainty, faults } = resultOf(body);
    return {
      stroke_mL: measuredStroke_mL(body),
      factor,
      spread,
      uncertainty,
      accepted: faults.length === 0,
      ...(withdrawn.has(record) ? { withdrawn: true } : {}),
      why: whyRejected(body),
      runs: body.volumes_mL.length,
      method: methodOf(body),
    };
  });
}

/** Every drawdown that was made, the last first, rejected ones too; nothing where none was. */
export function drawdownBlocks(oldestFirst: readonly SeenDrawdown[]): BlockOf<'rows'>[] {
  if (oldestFirst.length === 0) return [];
  return [
    {
      kind: 'rows',
      key: 'drawdowns',
      title: oldestFirst.length > 1 ? 'Drawdowns, the last first' : 'Drawdown',
      rows: [...oldestFirst].reverse().map((one) => ({
        words: one.withdrawn
          ? `Taken back as mistyped: ${volume(one.stroke_mL)} a stroke.`
          : one.accepted
            ? `${volume(one.stroke_mL)} a stroke from ${one.runs} runs, spread ${percent(one.spread)}, standard uncertainty ${percent(one.uncertainty)}; factor ${one.factor.toFixed(3)}.`
            : `Rejected: ${one.why}`,
        note: one.method === undefined ? null : `${one.method}.`,
        bad: !one.accepted && !one.withdrawn,
      })),
    },
  ];
}

/** How a drawdown was made, in the words of the paper. */
function methodOf({ by, volumes_mL, amount, length_pct, pressure_bar, product }: CalibrationBody): string {
  const over =
    by === 'strokes' ? `${amount} strokes` : figureWithUnit(fig('seconds', amount), presentReader());
  return [
    `${volumes_mL.map(volume).join(', ')} over ${over} each`,
    ...(length_pct === null
      ? []
      : [`at ${figureWithUnit(fig('percent', length_pct), presentReader())} stroke length`]),
    pressure_bar === null
      ? 'against a pressure that was not read'
      : `against ${figureWithUnit(fig('pressure', pressure_bar), presentReader())}`,
    ...(product.trim() === '' ? [] : [`with ${product}`]),
  ].join(', ');
}

function volume(value_mL: number): string {
  return figureWithUnit(fig('strokeVolume', value_mL), presentReader());
}

function percent(share: number): string {
  return figureWithUnit(fig('percent', share * 100), presentReader());
}
