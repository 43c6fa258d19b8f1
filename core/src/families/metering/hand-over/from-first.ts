import type { FirstSummary } from '../../../visit';
import type { HandoverPart } from '../../family';
import { dayBlock } from './day-block';
import { doseBlock } from './dose-block';
import { drawdownBlocks } from './drawdown-block';
import { liveSaid, volumeSaid, type VolumeProof } from './said';
import { signalBlocks } from './signal-blocks';

/** What a metering pump's hand-over of the first format said of its own, as blocks: the same words, from the figures it kept. */
export function fromFirst(summary: FirstSummary, zone: string): HandoverPart {
  const { dose, wanted, water, days = [], lines, readings, proof } = summary;
  const day = dayBlock(days);
  const drawdowns = [
    ...(summary.earlierDrawdowns ?? []),
    ...(summary.calibration ? [summary.calibration] : []),
  ];
  return {
    first: [
      ...(wanted && water && dose.length === 2 ? [doseBlock(dose, wanted, water)] : []),
      ...(day ? [day] : []),
    ],
    behind: signalBlocks(lines, readings, zone),
    tried: drawdownBlocks(drawdowns),
    proof: {
      points: proof.points,
      passed: proof.passed,
      says: [volumeSaid(proof.volume as VolumeProof), liveSaid(proof.live)],
    },
  };
}
