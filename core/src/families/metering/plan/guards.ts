import { fig } from '../../../units';
import { longestPause_min } from '../effect/day';
import { choicesOf } from '../wire/duty';
import type { Draft } from './draft';

/** What a drive that is set in flow must be told after a calibration: measured volume over the one it assumes. */
export function planFactor(draft: Draft): void {
  const { profile, duty, calibration } = draft.context;
  const nominal = profile.behaviours.smooth?.nominal_mL;
  if (!nominal || !calibration || !draft.has('calibration.factor')) return;
  const factor = duty.strokeVolume.full_mL / nominal;
  draft.factor(factor, {
    text: 'factor.calibration',
    values: {
      measured: fig('strokeVolume', duty.strokeVolume.full_mL),
      nominal: fig('strokeVolume', nominal),
    },
  });
}

/** What guards the pump and the water: stop input, run dry, gas, pressure, access, and what comes back by itself. */
export function planGuards(draft: Draft): void {
  const { duty, profile } = draft.context;
  const { behaviours } = profile;
  draft.step(['stop.kind'], () => {
    const { stopContact } = choicesOf(duty);
    if (behaviours.stopInput === 'set' && duty.place.stopContact)
      draft.choose('stop.kind', `stop.${stopContact}`, { text: `stop.${stopContact}`, values: {} });
  });
  draft.step(['dry.reaction'], () => {
    const { dry, dryReason } = choicesOf(duty);
    if (behaviours.dry === 'set')
      draft.choose('dry.reaction', `dry.${dry}`, {
        text: `dry.${dry}`,
        values: dry === 'stop' ? {} : { reason: dryReason },
      });
  });
  draft.step(['deaeration'], () => planDeaeration(draft));
  draft.step(['compensation'], () => planCompensation(draft));
  draft.step(['access.lock'], () => {
    if (draft.has('access.lock') && duty.place.othersReachKeys)
      draft.choose('access.lock', 'access.locked', { text: 'access.locked', values: {} });
  });
  draft.step(['power.after-cut', 'fault.after'], () => planComingBack(draft));
}

function planDeaeration(draft: Draft): void {
  const { context } = draft;
  if (!context.profile.behaviours.deaerates) return;
  const pause = longestPause_min(context, draft.settings());
  const on = context.duty.product.gassing;
  draft.choose('deaeration', on ? 'deaeration.on' : 'deaeration.off', {
    text: on ? 'deaeration.on' : 'deaeration.off',
    values: on && pause !== null ? { pause: fig('minutes', pause) } : { pause: 'some minutes' },
  });
}

function planCompensation(draft: Draft): void {
  const { duty, profile } = draft.context;
  if (!profile.behaviours.compensates) return;
  const { pressure } = duty;
  const wanders = pressure && pressure.lossPer_bar !== null && pressure.greatest_bar > pressure.least_bar;
  draft.choose('compensation', wanders ? 'compensation.on' : 'compensation.off', {
    text: wanders ? 'compensation.on' : 'compensation.off',
    values: wanders
      ? {
          least: fig('pressure', pressure.least_bar),
          greatest: fig('pressure', pressure.greatest_bar),
          change: fig('percent', pressure.lossPer_bar! * (pressure.greatest_bar - pressure.least_bar) * 100),
        }
      : {},
  });
}

function planComingBack(draft: Draft): void {
  const { duty, profile } = draft.context;
  const { place } = duty;
  const choices = choicesOf(duty);
  if (profile.behaviours.afterPowerCut === 'set') {
    const way = place.switchedByMains ? 'resume' : choices.afterPowerCut;
    const open = way === 'resume' && !place.interlocked;
    draft.choose('power.after-cut', `after-cut.${way}`, {
      text: place.switchedByMains ? 'after-cut.mains' : open ? 'after-cut.resume.open' : `after-cut.${way}`,
      values: {},
    });
  }
  if (profile.behaviours.afterFault === 'set') {
    draft.choose('fault.after', `after-fault.${choices.afterFault}`, {
      text: `after-fault.${choices.afterFault}`,
      values: {},
    });
  }
}
