import { dateInWords } from '../../../time';
import { fig, figureWithUnit, presentReader, type Quantity } from '../../../units';
import { lastRecord, type Block } from '../../../visit';
import type { HandoverPart } from '../../family';
import type { MeteringView } from '../kind';
import { lastDrawdown, measuredStroke_mL, whyRejected } from '../proof/calibration';
import { measuredFlows, standing } from '../proof/judged-readings';
import type { MeteringRecord } from '../wire/records';
import { doseBlock, doseOf } from './dose-block';
import { drawdownBlocks, drawdownsOf } from './drawdown-block';
import { liveSaid, volumeSaid, type VolumeProof } from './said';
import { linesOf, signalBlocks, type SeenReading } from './signal-blocks';
import type { MeteringJob } from '../wire/job';

/** What is handed over of a metering pump alone: its dose, its signal, its drawdowns. */
export function partOf(view: MeteringView): HandoverPart {
  const { document } = view;
  const sound = standing(view.readings);
  const live = lastRecord(document, 'live-reading');
  return {
    first: doseOfView(view),
    behind: signalBlocks(
      linesOf(view),
      view.readings.map((reading) => seenReading(reading, document)),
      document.site.zone,
    ),
    tried: drawdownBlocks(drawdownsOf(document)),
    proof: {
      points: sound.length,
      passed: sound.filter((reading) => reading.verdict?.ok).length,
      says: [volumeSaid(volumeOf(view), measuredOf(view)), liveSaid(live ? liveWords(live.body) : null)],
    },
  };
}

function doseOfView({ context, duty, values }: MeteringView): Block[] {
  // a controller of residual asks for what it needs: there is no dose over the water flow to promise
  if (!context || !duty || duty.signal.source === 'controller') return [];
  const sides = [doseOf(context, 'found', values.found), doseOf(context, 'left', values.force)];
  return [doseBlock(sides, duty.dose, duty.water)];
}

function volumeOf({ document, context, readings }: MeteringView): VolumeProof {
  if (measuredFlows(readings).length > 0) return 'flow measured';
  const drawn = lastDrawdown(document);
  if (drawn !== null && whyRejected(drawn) === '') return 'volume measured by drawdown';
  return context?.duty.strokeVolume.basis === 'measured'
    ? 'volume not measured: earlier calibration'
    : 'volume not measured: plate value';
}

/** The greatest flow that was measured, with the signal it was measured at; else what a drawdown measured; null where neither was. */
function measuredOf({ document, readings }: MeteringView): string | null {
  const flow = measuredFlows(readings)
    .map(({ entry }) => entry.reading)
    .sort((a, b) => (b.flow_lph ?? 0) - (a.flow_lph ?? 0))
    .at(0);
  const say = (quantity: Quantity, value: number) => figureWithUnit(fig(quantity, value), presentReader());
  if (flow && flow.flow_lph !== null)
    return `${say('pumpFlow', flow.flow_lph)} at ${say('current', flow.injected_mA)}`;
  const drawn = lastDrawdown(document);
  // a drawdown by time measures a rate against the one that is shown
  if (drawn === null || drawn.by !== 'strokes' || whyRejected(drawn) !== '') return null;
  const at = drawn.length_pct === null ? '' : ` at ${say('percent', drawn.length_pct)} stroke length`;
  return `${say('strokeVolume', measuredStroke_mL(drawn))} a stroke${at}`;
}

function seenReading(
  { entry, verdict, voided, superseded }: MeteringView['readings'][number],
  document: MeteringJob,
): SeenReading {
  return {
    injected_mA: entry.reading.injected_mA,
    shown_mA: entry.reading.shown_mA,
    measured_spm: verdict?.measured_spm ?? null,
    flow_lph: entry.reading.flow_lph,
    expected_spm: verdict?.expected.rate_spm ?? 0,
    tolerance_spm: verdict?.tolerance_spm ?? null,
    ok: verdict?.ok ?? false,
    voided,
    superseded,
    recordedAt: entry.recordedAt,
    instrument: instrumentWords(document, entry.instrumentId),
  };
}

function instrumentWords(document: MeteringJob, id: string | null): string | null {
  const instrument = document.instruments.find((candidate) => candidate.id === id);
  return instrument
    ? `${instrument.name}, ${instrument.serial}, calibrated ${dateInWords(instrument.calibratedOn)}`
    : null;
}

function liveWords(live: Extract<MeteringRecord, { kind: 'live-reading' }>): string {
  const read: readonly (readonly [string, Quantity, number | null])[] = [
    ['transmitter', 'waterFlow', live.display_m3h],
    ['signal', 'current', live.current_mA],
    ['pump', 'strokeRate', live.rate_spm],
    ['residual', 'dose', live.residual_mgl],
  ];
  return read
    .flatMap(([what, quantity, value]) =>
      value === null ? [] : [`${what} ${figureWithUnit(fig(quantity, value), presentReader())}`],
    )
    .join(', ');
}
