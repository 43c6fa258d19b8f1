import { eachOf } from '../../parts/check-input';
import { THRESHOLDS, type Finding } from '../../../findings';
import { strength_gpl } from '../../../dosing';
import { fig } from '../../../units';
import { addressesOf } from '../settings/address';
import type { CheckInput } from './input';
import { productAge_days, strengthToday_gpl } from '../settings/context';
import { finding } from '../texts/finding';
import { gearsOf } from '../wire/plate';

/** MET-02 gear and plate, MET-27 age of the strength, MET-28 what the signal is, ANY-12 after a power cut. */
export function checkPump(input: CheckInput): Finding[] {
  return eachOf(input, gear, strength, source, powerCut);
}

/** Plate and profile rates that differ by more than this are not the same gear. */
const RATE_MATCH = 0.02;

function gear({ context, subject, settings }: CheckInput): Finding[] {
  const gears = gearsOf(context.profile);
  const { plate } = context;
  const rateOf = (name: string | null) => gears.find((g) => g.name === name)?.greatest_spm;
  const onSheet = rateOf(settings.gear);
  const onPlate = rateOf(plate.gear);
  const address = addressesOf(context, 'gear');
  // a planned change of gear is a job for the workshop and named as such in the plan, not a mix-up
  if (
    subject !== 'target' &&
    gears.length > 1 &&
    settings.gear !== plate.gear &&
    onSheet !== undefined &&
    onPlate !== undefined
  ) {
    return [
      finding(
        'MET-02.gear',
        subject,
        {
          sheet: settings.gear ?? '',
          plate: plate.gear ?? '',
          share: fig('percent', Math.abs(onSheet / onPlate - 1) * 100),
          sheetRate: fig('strokeRate', onSheet),
          plateRate: fig('strokeRate', onPlate),
        },
        address,
      ),
    ];
  }
  if (
    subject === 'target' &&
    gears.length > 1 &&
    settings.gear !== plate.gear &&
    onSheet !== undefined &&
    onPlate !== undefined
  )
    return [
      finding('MET-02.change', subject, { planned: settings.gear ?? '', fitted: plate.gear ?? '' }, address),
    ];
  const compared = subject === 'target' ? onPlate : onSheet;
  const named = subject === 'target' ? plate.gear : settings.gear;
  if (plate.greatest_spm === null || compared === undefined) return [];
  const off = plate.greatest_spm / compared - 1;
  if (Math.abs(off) <= RATE_MATCH) return [];
  return [
    finding(
      'MET-02.plate',
      subject,
      {
        plate: fig('strokeRate', plate.greatest_spm),
        gear: gears.length > 1 ? `gear ${named}` : 'the pump',
        profile: fig('strokeRate', compared),
        share: fig('percent', Math.abs(off) * 100),
      },
      address,
    ),
  ];
}

function strength({ context, subject }: CheckInput): Finding[] {
  if (subject !== 'target' && subject !== 'left') return [];
  const { product } = context.duty;
  if (product.measuredOn === null) {
    // what gasses decomposes: it loses strength whether or not somebody knows how fast
    return product.halfLife_days === null && !product.gassing
      ? []
      : [finding('MET-27.label', subject, { product: product.name })];
  }
  const age = productAge_days(product, context.today);
  const fresh = strength_gpl(product.strength);
  const today = strengthToday_gpl(product, context.today);
  const loss = 1 - today / fresh;
  if (age <= THRESHOLDS.strengthAge_days && loss <= THRESHOLDS.strengthLoss) return [];
  return [
    finding('MET-27.old', subject, {
      product: product.name,
      age: fig('days', age),
      loss: fig('percent', loss * 100),
      today: fig('strength', today),
      fresh: fig('strength', fresh),
    }),
  ];
}

const SEEN = { flow: 'a flow transmitter', controller: 'a controller', meter: 'a meter’s pulses' } as const;

function source({ context, subject }: CheckInput): Finding[] {
  const { duty, signalFrom } = context;
  const said = duty.signal.source;
  const driven = duty.mode === 'analog' || duty.mode === 'pulse' || duty.mode === 'contact';
  if (!driven || signalFrom === null || signalFrom === said) return [];
  if (signalFrom === 'meter' || said === 'meter') {
    return [finding('MET-28.meter', subject, { seen: SEEN[signalFrom], said: SEEN[said] })];
  }
  return [finding(signalFrom === 'controller' ? 'MET-28.flow' : 'MET-28.controller', subject, {})];
}

function powerCut({ context, subject, settings }: CheckInput): Finding[] {
  const address = addressesOf(context, 'power.after-cut');
  if (settings.afterPowerCut === null) return [finding('ANY-12.unknown', subject, {}, address)];
  const { interlocked, switchedByMains } = context.duty.place;
  // a supply that is switched with the water is an interlock
  if (settings.afterPowerCut === 'resume' && !interlocked && !switchedByMains) {
    return [finding('ANY-12.open', subject, {}, address)];
  }
  return [];
}
