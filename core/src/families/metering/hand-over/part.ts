import { doseAtFlow_mgl } from '../../../dosing';
import { dosePicture } from '../effect/dose';
import type { MeteringView } from '../kind';
import { understand } from '../settings/understand';
import type { MeteringContext } from '../settings/context';
import type { SettingValues } from '../../../profile';
import { siteDate, dateInWords } from '../../../time';
import { figureWithUnit, fig, presentReader } from '../../../units';
import { lastDrawdown, measuredStroke_mL, resultOf, whyRejected } from '../proof/calibration';
import {
  type HandoverCalibration,
  type HandoverDose,
  type HandoverReading,
  type HandoverSummary,
  type JobDocument,
  lastRecord,
} from '../../../visit';
import { standing } from '../proof/judged-readings';
import type { HandoverPart } from '../../family';
import type { CalibrationBody } from '../wire/records';

/** What is handed over of a metering pump alone: its dose, its signal, its drawdown. */
export function partOf(view: MeteringView, automatic: boolean): HandoverPart {
  const { document, context, duty } = view;
  const sound = standing(view.readings);
  const live = lastRecord(document, 'live-reading');
  // a controller of residual asks for what it needs: there is no dose over the water flow to promise
  const paced = duty !== null && duty.signal.source !== 'controller';
  return {
    dose: context
      ? [doseOf(context, 'found', view.values.found), doseOf(context, 'left', view.values.force)]
      : [],
    wanted: paced && duty ? { ...duty.dose } : null,
    water:
      paced && duty
        ? {
            least_m3h: duty.water.least_m3h,
            usual_m3h: duty.water.usual_m3h,
            greatest_m3h: duty.water.greatest_m3h,
          }
        : null,
    proof: {
      points: sound.length,
      passed: sound.filter((reading) => reading.verdict?.ok).length,
      volume: sound.some((reading) => reading.verdict?.flowOk)
        ? 'flow measured'
        : drawnDownNow(document)
          ? 'volume measured by drawdown'
          : context?.duty.strokeVolume.basis === 'measured'
            ? 'volume not measured: earlier calibration'
            : 'volume not measured: plate value',
      automatic,
      live: live ? liveWords(live.body) : null,
    },
    readings: view.readings.map((judged): HandoverReading => ({
      injected_mA: judged.entry.reading.injected_mA,
      shown_mA: judged.entry.reading.shown_mA,
      measured_spm: judged.verdict?.measured_spm ?? null,
      flow_lph: judged.entry.reading.flow_lph,
      expected_spm: judged.verdict?.expected.rate_spm ?? 0,
      tolerance_spm: judged.verdict?.tolerance_spm ?? null,
      ok: judged.verdict?.ok ?? false,
      voided: judged.voided,
      superseded: judged.superseded,
      recordedAt: judged.entry.recordedAt,
      instrument: instrumentWords(document, judged.entry.instrumentId),
    })),
    ...drawdowns(document),
    lines: linesOf(view),
  };
}

/** True when a drawdown of this job was accepted. */
function drawnDownNow(document: JobDocument): boolean {
  const last = lastDrawdown(document);
  return last !== null && whyRejected(last) === '';
}

/** The drawdowns of this job with their verdicts: the last one, null when none was made, and those before it. */
function drawdowns(document: JobDocument): Pick<HandoverSummary, 'calibration' | 'earlierDrawdowns'> {
  const all = document.records.flatMap(({ body, recordedAt }): HandoverCalibration[] => {
    if (body.kind !== 'calibration') return [];
    const result = resultOf(body);
    return [
      {
        date: siteDate(recordedAt, document.site.zone),
        stroke_mL: measuredStroke_mL(body),
        factor: result.factor,
        spread: result.spread,
        uncertainty: result.uncertainty,
        accepted: result.faults.length === 0,
        why: whyRejected(body),
        runs: body.volumes_mL.length,
        method: drawdownWords(body),
      },
    ];
  });
  return { calibration: all.at(-1) ?? null, earlierDrawdowns: all.slice(0, -1) };
}

/** How a drawdown was made, in the words of the paper. */
function drawdownWords({
  by,
  volumes_mL,
  amount,
  length_pct,
  pressure_bar,
  product,
}: CalibrationBody): string {
  const over =
    by === 'strokes' ? `${amount} strokes` : `${figureWithUnit(fig('seconds', amount), presentReader())}`;
  return [
    `${volumes_mL.map((volume) => figureWithUnit(fig('strokeVolume', volume), presentReader())).join(', ')} over ${over} each`,
    ...(length_pct === null
      ? []
      : [`at ${figureWithUnit(fig('percent', length_pct), presentReader())} stroke length`]),
    pressure_bar === null
      ? 'against a pressure that was not read'
      : `against ${figureWithUnit(fig('pressure', pressure_bar), presentReader())}`,
    ...(product.trim() === '' ? [] : [`with ${product}`]),
  ].join(', ');
}

function doseOf(context: MeteringContext, column: 'found' | 'left', values: SettingValues): HandoverDose {
  const picture = dosePicture(context, understand(context.profile, context.plate, values));
  const { least_m3h, usual_m3h, greatest_m3h } = context.duty.water;
  return {
    column,
    atLeast_mgl: picture && doseAtFlow_mgl(picture.path, least_m3h),
    atUsual_mgl: picture && doseAtFlow_mgl(picture.path, usual_m3h),
    atGreatest_mgl: picture && doseAtFlow_mgl(picture.path, greatest_m3h),
    inBand: picture && picture.breaches.length === 0,
  };
}

function instrumentWords(document: JobDocument, id: string | null): string | null {
  const instrument = document.instruments.find((candidate) => candidate.id === id);
  return instrument
    ? `${instrument.name}, ${instrument.serial}, calibrated ${dateInWords(instrument.calibratedOn)}`
    : null;
}

function liveWords(live: {
  display_m3h: number | null;
  current_mA: number | null;
  rate_spm: number;
  residual_mgl: number | null;
}): string {
  const parts = [
    live.display_m3h !== null
      ? `transmitter ${figureWithUnit(fig('waterFlow', live.display_m3h), presentReader())}`
      : null,
    live.current_mA !== null
      ? `signal ${figureWithUnit(fig('current', live.current_mA), presentReader())}`
      : null,
    `pump ${figureWithUnit(fig('strokeRate', live.rate_spm), presentReader())}`,
    live.residual_mgl !== null
      ? `residual ${figureWithUnit(fig('dose', live.residual_mgl), presentReader())}`
      : null,
  ];
  return parts.filter((part) => part !== null).join(', ');
}

function linesOf(view: MeteringView): HandoverSummary['lines'] {
  const { context } = view;
  if (!context) return [];
  const columns = [
    ['found', view.values.found],
    ['target', view.values.planned],
    ['left', view.values.force],
  ] as const;
  return columns.flatMap(([column, values]) => {
    const settings = understand(context.profile, context.plate, values);
    if (settings.mode !== 'analog' || !settings.map) return [];
    return [{ column, map: settings.map, watch: settings.watch, limits: settings.limits }];
  });
}
