import type { MeteringDuty } from '@barythm/core/families/metering';
import { optionalTexts, text } from './duty-optional';

/** The duty as it is typed: one text for each field. */
export interface DutyTexts extends Record<string, string> {
  mode: string;
  source: string;
  low: string;
  span: string;
  measures: string;
  feed: string;
  action: string;
  lost: string;
  least: string;
  usual: string;
  greatest: string;
  hourly: string;
  wanted: string;
  doseLow: string;
  doseHigh: string;
  productId: string;
  productName: string;
  stated: string;
  strength: string;
  density: string;
  measuredOn: string;
  halfLife: string;
  gassing: string;
  strokeVolume: string;
  basis: string;
  atLength: string;
  interlocked: string;
  suction: string;
  discharge: string;
  litres: string;
  /** litres for each pulse, or pulses for each litre */
  litresAs: string;
  contact: string;
  closedShare: string;
  batchVolume: string;
  batchSpacing: string;
  timerEvery: string;
  byMains: string;
  othersReach: string;
  stopWired: string;
  noRelief: string;
  residence: string;
  pipe: string;
  bore: string;
  friction: string;
  vapour: string;
  tankPressure: string;
  altitude: string;
  liquidTemperature: string;
  npsh: string;
  dead: string;
  injection: string;
  pressureLeast: string;
  pressureGreatest: string;
  loss: string;
  tankNow: string;
  tankWarn: string;
  tankStop: string;
  serviceWhat: string;
  serviceEvery: string;
  serviceMade: string;
  nextVisit: string;
  below: string;
  power: string;
  stroke: string;
  stopSchool: string;
  dry: string;
  dryBy: string;
  dryReason: string;
  afterFault: string;
  calibrateBy: string;
  memory: string;
}

/** A form that nobody has filled in yet, in the mode that the controller was found in. */
export function emptyDutyFor(mode: MeteringDuty['mode'] | null): DutyTexts {
  return {
    ...EMPTY_DUTY,
    ...(mode ? { mode, ...(MODE_SOURCE[mode] ? { source: MODE_SOURCE[mode] } : {}) } : {}),
  };
}

/** Pulses and contacts come from a meter. */
const MODE_SOURCE: Partial<Record<MeteringDuty['mode'], string>> = { pulse: 'meter', contact: 'meter' };

export const EMPTY_DUTY: DutyTexts = {
  mode: 'analog',
  source: 'flow',
  low: '4',
  span: '',
  measures: 'residual',
  feed: '',
  action: 'rising',
  lost: 'stop',
  least: '',
  usual: '',
  greatest: '',
  hourly: '',
  wanted: '',
  doseLow: '',
  doseHigh: '',
  productId: '',
  productName: '',
  stated: 'weight',
  strength: '',
  density: '',
  measuredOn: '',
  halfLife: '',
  gassing: 'no',
  strokeVolume: '',
  basis: 'plate',
  atLength: '',
  interlocked: 'no',
  suction: '',
  discharge: '',
  litres: '',
  litresAs: 'litres',
  contact: 'mechanical',
  closedShare: '0.5',
  batchVolume: '',
  batchSpacing: '',
  timerEvery: '',
  byMains: 'no',
  othersReach: 'no',
  stopWired: 'no',
  noRelief: 'no',
  residence: '',
  pipe: '',
  bore: '',
  friction: '',
  vapour: '',
  tankPressure: '',
  altitude: '',
  liquidTemperature: '',
  npsh: '',
  dead: '',
  injection: '',
  pressureLeast: '',
  pressureGreatest: '',
  loss: '',
  tankNow: '',
  tankWarn: '',
  tankStop: '',
  serviceWhat: '',
  serviceEvery: '',
  serviceMade: '',
  nextVisit: '',
  below: 'stop',
  power: 'wait',
  stroke: 'middle',
  stopSchool: 'permits',
  dry: 'stop',
  dryBy: 'level',
  dryReason: '',
  afterFault: 'wait',
  calibrateBy: 'strokes',
  memory: 'off',
};

/** A known duty as texts to go on from. */
export function dutyTexts(duty: MeteringDuty): DutyTexts {
  const { signal, product, water, dose, strokeVolume, place, choices } = duty;
  const { strength } = product;
  return {
    ...EMPTY_DUTY,
    mode: duty.mode,
    ...signalTexts(signal),
    least: text(water.least_m3h),
    usual: text(water.usual_m3h),
    greatest: text(water.greatest_m3h),
    hourly: water.hourly_m3h?.map(text).join(' ') ?? '',
    wanted: text(dose.wanted_mgl),
    doseLow: text(dose.low_mgl),
    doseHigh: text(dose.high_mgl),
    productId: product.productId ?? '',
    productName: product.name,
    stated: strength.stated,
    strength: text(strength.stated === 'mass' ? strength.gpl : strength.percent),
    density: text(product.density_kgl),
    measuredOn: product.measuredOn ?? '',
    halfLife: text(product.halfLife_days),
    gassing: product.gassing ? 'yes' : 'no',
    strokeVolume: text(strokeVolume.full_mL),
    basis: strokeVolume.basis,
    atLength: text(strokeVolume.atLength_pct),
    interlocked: place.interlocked ? 'yes' : 'no',
    suction: text(place.suctionHead_m),
    discharge: text(place.dischargePressure_bar),
    ...optionalTexts(duty),
    below: choices.belowFirstPoint,
    power: choices.afterPowerCut,
    stroke: choices.stroke,
  };
}

function signalTexts(signal: MeteringDuty['signal']): Partial<DutyTexts> {
  switch (signal.source) {
    case 'flow':
      return { source: 'flow', low: String(signal.low_mA), span: text(signal.span_m3h) };
    case 'controller':
      return {
        source: 'controller',
        low: String(signal.low_mA),
        measures: signal.measures,
        feed: text(signal.greatestFeed_lph),
        action: signal.action,
        lost: signal.onLostSignal,
      };
    case 'meter':
      return {
        source: 'meter',
        litres: text(signal.litresPerPulse),
        contact: signal.contact,
        closedShare: text(signal.closedShare),
      };
  }
}
