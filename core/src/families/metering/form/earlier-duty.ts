import { type Texts, withText } from '../../../describe';

/** Where each field of the flat form stands now that was kept on a device when it had sixty-five names of its own. */
const PATH_OF: Readonly<Record<string, string>> = {
  mode: 'mode',
  source: 'signal.source',
  low: 'signal.low_mA',
  span: 'signal.span_m3h',
  measures: 'signal.measures',
  feed: 'signal.greatestFeed_lph',
  action: 'signal.action',
  lost: 'signal.onLostSignal',
  least: 'water.least_m3h',
  usual: 'water.usual_m3h',
  greatest: 'water.greatest_m3h',
  hourly: 'water.hourly_m3h',
  wanted: 'dose.wanted_mgl',
  doseLow: 'dose.low_mgl',
  doseHigh: 'dose.high_mgl',
  productId: 'product.productId',
  productName: 'product.name',
  stated: 'product.strength.stated',
  density: 'product.density_kgl',
  measuredOn: 'product.measuredOn',
  halfLife: 'product.halfLife_days',
  gassing: 'product.gassing',
  strokeVolume: 'strokeVolume.full_mL',
  basis: 'strokeVolume.basis',
  atLength: 'strokeVolume.atLength_pct',
  interlocked: 'place.interlocked',
  suction: 'place.suctionHead_m',
  discharge: 'place.dischargePressure_bar',
  litresAs: 'signal.litresAs',
  contact: 'signal.contact',
  closedShare: 'signal.closedShare',
  batchVolume: 'batch.volume_mL',
  batchSpacing: 'batch.spacing_s',
  timerEvery: 'timer.every_min',
  byMains: 'place.switchedByMains',
  othersReach: 'place.othersReachKeys',
  stopWired: 'place.stopContact',
  noRelief: 'place.noRelief',
  residence: 'place.residence_s',
  pipe: 'suction.pipe_m',
  bore: 'suction.bore_mm',
  friction: 'suction.friction_m',
  vapour: 'suction.vapour_bar',
  tankPressure: 'suction.tank_bar',
  altitude: 'suction.altitude_m',
  liquidTemperature: 'suction.liquid_C',
  npsh: 'suction.needed_m',
  dead: 'head.dead_mL',
  injection: 'head.injection_bar',
  pressureLeast: 'pressure.least_bar',
  pressureGreatest: 'pressure.greatest_bar',
  loss: 'pressure.lossPer_bar',
  tankNow: 'tank.now_L',
  tankWarn: 'tank.warn_L',
  tankStop: 'tank.stop_L',
  serviceWhat: 'service.what',
  serviceEvery: 'service.everyStrokes',
  serviceMade: 'service.madeStrokes',
  nextVisit: 'nextVisit_days',
  below: 'choices.belowFirstPoint',
  power: 'choices.afterPowerCut',
  stroke: 'choices.stroke',
  stopSchool: 'choices.stopContact',
  dry: 'choices.dry',
  dryBy: 'choices.dryBy',
  dryReason: 'choices.dryReason',
  afterFault: 'choices.afterFault',
  calibrateBy: 'choices.calibrateBy',
  memory: 'choices.memory',
};

/** A duty that was being typed when its form was flat: every text goes on at its own place. */
export function broughtUp(kept: Texts): Texts {
  const flat = kept as Readonly<Record<string, Texts>>;
  // a source is a text of the flat form, and stands in a group of today's
  if (typeof flat.source !== 'string') return kept;
  let texts: Texts = {};
  for (const [name, text] of Object.entries(flat)) {
    const path = PATH_OF[name];
    if (path !== undefined) texts = withText(texts, path, text);
  }
  const strength = flat.stated === 'mass' ? 'gpl' : 'percent';
  const litres = flat.litresAs === 'pulses' ? 'pulsesPerLitre' : 'litresPerPulse';
  texts = withText(texts, `product.strength.${strength}`, flat.strength ?? '');
  return withText(texts, `signal.${litres}`, flat.litres ?? '');
}
