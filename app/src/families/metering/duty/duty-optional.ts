import { choicesOf, type MeteringDuty } from '@barythm/core/families/metering';
import { formatNumber, type Quantity } from '@barythm/core/units';
import type { DutyTexts } from './duty-texts';

/** What reads the fields of one form, and says what is wrong at each. */
export interface Reading {
  readonly texts: DutyTexts;
  /** a figure that is needed */
  readonly figure: (field: keyof DutyTexts & string, quantity: Quantity) => number | undefined;
  /** a figure that may be left out */
  readonly optional: (field: keyof DutyTexts & string, quantity: Quantity) => number | null;
}

/** A figure as a text to go on from. */
export const text = (value: number | null | undefined) =>
  value === null || value === undefined ? '' : formatNumber(value, 6, '.').replace('−', '-');
const yesNo = (value: boolean | undefined) => (value ? 'yes' : 'no');

/** The parts of a duty that may be left out, as texts to go on from. */
export function optionalTexts(duty: MeteringDuty): Partial<DutyTexts> {
  const { place, suction, head, pressure, tank, service, batch, timer } = duty;
  const choices = choicesOf(duty);
  return {
    byMains: yesNo(place.switchedByMains),
    othersReach: yesNo(place.othersReachKeys),
    stopWired: yesNo(place.stopContact),
    noRelief: yesNo(place.noRelief),
    residence: text(place.residence_s),
    batchVolume: text(batch?.volume_mL),
    batchSpacing: text(batch?.spacing_s),
    timerEvery: text(timer?.every_min),
    pipe: text(suction?.pipe_m),
    bore: text(suction?.bore_mm),
    friction: text(suction?.friction_m),
    vapour: text(suction?.vapour_bar),
    tankPressure: text(suction?.tank_bar),
    altitude: text(suction?.altitude_m),
    liquidTemperature: text(suction?.liquid_C),
    npsh: text(suction?.needed_m),
    dead: text(head?.dead_mL),
    injection: text(head?.injection_bar),
    pressureLeast: text(pressure?.least_bar),
    pressureGreatest: text(pressure?.greatest_bar),
    loss: text(
      pressure?.lossPer_bar === undefined || pressure?.lossPer_bar === null
        ? null
        : pressure.lossPer_bar * 100,
    ),
    tankNow: text(tank?.now_L),
    tankWarn: text(tank?.warn_L),
    tankStop: text(tank?.stop_L),
    serviceWhat: service?.what ?? '',
    serviceEvery: text(service?.everyStrokes),
    serviceMade: text(service?.madeStrokes),
    nextVisit: text(duty.nextVisit_days),
    stopSchool: choices.stopContact,
    dry: choices.dry,
    dryBy: choices.dryBy,
    dryReason: choices.dryReason,
    afterFault: choices.afterFault,
    calibrateBy: choices.calibrateBy,
    memory: choices.memory,
  };
}

const SUCTION_FIELDS = [
  'pipe',
  'bore',
  'friction',
  'vapour',
  'tankPressure',
  'altitude',
  'liquidTemperature',
  'npsh',
] as const;

/** Reads the parts that may be left out: a part counts as soon as one of its fields is filled in. */
export function readOptional(reading: Reading) {
  const { texts, figure, optional } = reading;
  const any = (...fields: (keyof DutyTexts & string)[]) => fields.some((field) => texts[field].trim() !== '');
  const loss_pct = optional('loss', 'percent');
  return {
    place: {
      interlocked: texts.interlocked === 'yes',
      suctionHead_m: optional('suction', 'length'),
      dischargePressure_bar: optional('discharge', 'pressure'),
      switchedByMains: texts.byMains === 'yes',
      othersReachKeys: texts.othersReach === 'yes',
      stopContact: texts.stopWired === 'yes',
      noRelief: texts.noRelief === 'yes',
      residence_s: optional('residence', 'seconds'),
    },
    suction: any(...SUCTION_FIELDS)
      ? {
          pipe_m: figure('pipe', 'length'),
          bore_mm: figure('bore', 'bore'),
          friction_m: optional('friction', 'length'),
          vapour_bar: optional('vapour', 'pressure'),
          tank_bar: optional('tankPressure', 'pressure'),
          altitude_m: optional('altitude', 'length'),
          liquid_C: optional('liquidTemperature', 'temperature'),
          needed_m: optional('npsh', 'length'),
        }
      : null,
    head: any('dead', 'injection')
      ? { dead_mL: figure('dead', 'strokeVolume'), injection_bar: figure('injection', 'pressure') }
      : null,
    pressure: any('pressureLeast', 'pressureGreatest', 'loss')
      ? {
          least_bar: figure('pressureLeast', 'pressure'),
          greatest_bar: figure('pressureGreatest', 'pressure'),
          lossPer_bar: loss_pct === null ? null : loss_pct / 100,
        }
      : null,
    tank: any('tankNow', 'tankWarn', 'tankStop')
      ? {
          now_L: figure('tankNow', 'volume'),
          warn_L: figure('tankWarn', 'volume'),
          stop_L: figure('tankStop', 'volume'),
        }
      : null,
    service: any('serviceWhat', 'serviceEvery', 'serviceMade')
      ? {
          what: texts.serviceWhat.trim() || 'Diaphragm',
          everyStrokes: figure('serviceEvery', 'strokes'),
          madeStrokes: figure('serviceMade', 'strokes'),
        }
      : null,
    batch:
      texts.mode === 'batch'
        ? { volume_mL: figure('batchVolume', 'strokeVolume'), spacing_s: figure('batchSpacing', 'seconds') }
        : null,
    timer: texts.mode === 'timer' ? { every_min: figure('timerEvery', 'minutes') } : null,
    nextVisit_days: optional('nextVisit', 'days'),
    choices: {
      belowFirstPoint: texts.below,
      afterPowerCut: texts.power,
      stroke: texts.stroke,
      stopContact: texts.stopSchool,
      dry: texts.dry,
      dryBy: texts.dryBy,
      dryReason: texts.dryReason,
      afterFault: texts.afterFault,
      calibrateBy: texts.calibrateBy,
      memory: texts.memory,
    },
  };
}

/** Which field a path of the optional parts is typed in. */
export const OPTIONAL_FIELD_OF_PATH: Readonly<Record<string, keyof DutyTexts & string>> = {
  'place.residence_s': 'residence',
  'suction.pipe_m': 'pipe',
  'suction.bore_mm': 'bore',
  'suction.friction_m': 'friction',
  'suction.vapour_bar': 'vapour',
  'suction.tank_bar': 'tankPressure',
  'suction.altitude_m': 'altitude',
  'suction.liquid_C': 'liquidTemperature',
  'suction.needed_m': 'npsh',
  'head.dead_mL': 'dead',
  'head.injection_bar': 'injection',
  'pressure.least_bar': 'pressureLeast',
  'pressure.greatest_bar': 'pressureGreatest',
  'pressure.lossPer_bar': 'loss',
  'tank.now_L': 'tankNow',
  'tank.warn_L': 'tankWarn',
  'tank.stop_L': 'tankStop',
  'service.what': 'serviceWhat',
  'service.everyStrokes': 'serviceEvery',
  'service.madeStrokes': 'serviceMade',
  'batch.volume_mL': 'batchVolume',
  'batch.spacing_s': 'batchSpacing',
  'timer.every_min': 'timerEvery',
  nextVisit_days: 'nextVisit',
  'choices.dryReason': 'dryReason',
};
