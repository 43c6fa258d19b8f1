import type { FirstSummary } from '../../../visit';
import type { HandoverPart } from '../../family';
import { dayBlock, type DayWords } from './day-block';
import { doseBlock, type DoseWords } from './dose-block';
import { drawdownBlocks } from './drawdown-block';
import { liveSaid, volumeSaid, type VolumeProof } from './said';
import { signalBlocks } from './signal-blocks';

const DAY: DayWords = { band: 'wanted band', wanted: 'wanted', calculated: 'worked out' };
const WORDS: DoseWords = {
  wanted: 'Wanted',
  atLeast: 'at least flow',
  atGreatest: 'at greatest',
  within: 'Within the wanted band at every flow',
  leaves: 'Leaves the wanted band',
};

/** What a metering pump's hand-over of the first format said of its own, as blocks: the same words, from the figures it kept. */
export function fromFirst(summary: FirstSummary, zone: string): HandoverPart {
  const { dose, wanted, water, days = [], lines, readings, proof } = summary;
  const day = dayBlock(days, DAY);
  const drawdowns = [
    ...(summary.earlierDrawdowns ?? []),
    ...(summary.calibration ? [summary.calibration] : []),
  ];
  return {
    first: [
      ...(wanted && water && dose.length === 2 ? [doseBlock(dose, wanted, water, WORDS)] : []),
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
