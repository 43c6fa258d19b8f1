import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { PLANT_WORDS, PUMP_KIND_WORDS } from '../wire/duty';
import { finding } from '../texts/texts';
import { eachOf } from '../../parts/check-input';
import type { CheckInput } from './input';

/** What is set for another plant than this one: kinds, inlets, the input for cleaning, what comes after a cut. */
export function checkSetFor(input: CheckInput): Finding[] {
  return eachOf(input, plantKind, pumpKind, inlets, empty, cleaningInput, afterCut);
}

function plantKind({ context, subject, settings, at }: CheckInput): Finding[] {
  const { plant } = settings;
  if (plant === null || plant === context.duty.plant) return [];
  const values = { what: 'plant', set: PLANT_WORDS[plant], is: PLANT_WORDS[context.duty.plant] };
  return [finding('LEV-05.kind', subject, values, [at('plant')])];
}

function pumpKind({ context, subject, settings, at }: CheckInput): Finding[] {
  const { pumpKind: set } = settings;
  if (set === null || set === context.duty.pumpKind) return [];
  const values = { what: 'pump', set: PUMP_KIND_WORDS[set], is: PUMP_KIND_WORDS[context.duty.pumpKind] };
  return [finding('LEV-05.kind', subject, values, [at('pump.kind')])];
}

function inlets({ context, subject, settings, at }: CheckInput): Finding[] {
  const { inlets: set } = settings;
  if (set === null || set === context.duty.inflow.inlets) return [];
  const values = { set: `${set}`, are: `${context.duty.inflow.inlets}` };
  return [finding('LEV-05.inlets', subject, values, [at('inlets')])];
}

function empty({ subject, settings, at }: CheckInput): Finding[] {
  const { bottom_mm } = settings;
  return bottom_mm !== null && bottom_mm <= 0
    ? [finding('LEV-02.empty', subject, {}, [at('level.bottom')])]
    : [];
}

function cleaningInput({ context, subject, settings, at }: CheckInput): Finding[] {
  const { cleaning } = settings;
  const { cleaningInput: wired, cleaning_m3h } = context.duty.inflow;
  const places = [at('cleaning.input')];
  if (cleaning === 'used' && wired === false) return [finding('LEV-07.nobody', subject, {}, places)];
  if (cleaning !== 'off' || wired === false || cleaning_m3h <= 0) return [];
  // what nobody said is asked, and no slip of the settings
  return wired === undefined
    ? [finding('LEV-07.asked', subject, {}, places)]
    : [finding('LEV-07.input', subject, { inflow: fig('waterFlow', cleaning_m3h) }, places)];
}

function afterCut({ context, subject, settings, at }: CheckInput): Finding[] {
  return settings.afterCut === 'wait' && context.duty.choices.afterCut !== 'wait'
    ? [finding('ANY-12.waits', subject, {}, [at('power.after-cut')])]
    : [];
}
