import { requireNotNegative, requirePositive } from '../input';

/** Pump flow in L/h that gives the dose: q = Q·D/C, with Q in m³/h, D in mg/L and C in g/L. */
export function neededPumpFlow_lph(water_m3h: number, dose_mgl: number, strength_gpl: number): number {
  requireNotNegative('water_m3h', water_m3h, 'The water flow');
  requireNotNegative('dose_mgl', dose_mgl, 'The dose');
  requirePositive('strength', strength_gpl, 'The strength');
  return (water_m3h * dose_mgl) / strength_gpl;
}

/** Dose in mg/L that a pump flow gives: D = q·C/Q. The water flow must be above zero. */
export function doseGiven_mgl(pump_lph: number, strength_gpl: number, water_m3h: number): number {
  requirePositive('water_m3h', water_m3h, 'The water flow');
  return (pump_lph * strength_gpl) / water_m3h;
}

/** Litres an hour in a millilitre a minute. */
const LPH_PER_ML_MIN = 0.06;

/** Pump flow in L/h of n strokes/min of v mL: q = v·n·0.06. */
export function pumpFlow_lph(stroke_mL: number, rate_spm: number): number {
  return stroke_mL * rate_spm * LPH_PER_ML_MIN;
}

/** Strokes/min that give a flow: n = q/(v·0.06), not rounded. The stroke volume must be above zero. */
export function strokeRate_spm(pump_lph: number, stroke_mL: number): number {
  requirePositive('stroke_mL', stroke_mL, 'The stroke volume');
  return pump_lph / (stroke_mL * LPH_PER_ML_MIN);
}

/** Stroke volume, mL, of a pump whose plate gives a flow at a stroke rate: v = q/(n·0.06). The rate must be above zero. */
export function strokeFromFlow_mL(pump_lph: number, rate_spm: number): number {
  requirePositive('rate_spm', rate_spm, 'The stroke rate');
  return pump_lph / (rate_spm * LPH_PER_ML_MIN);
}
