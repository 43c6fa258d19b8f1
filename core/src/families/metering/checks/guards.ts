import { eachOf } from '../../parts/check-input';
import type { Finding } from '../../../findings';
import { addressesOf } from '../settings/address';
import type { CheckInput } from './input';
import { choicesOf } from '../wire/duty';
import { finding } from '../texts/finding';
import { atSuctionValve_bar, dischargeSpan_bar, suctionSide } from '../effect/suction-side';

/**
 * MET-10 the stop contact, MET-21 run dry, MET-23 switched by its mains, MET-26 siphon and relief, ANY-11 access,
 * ANY-23 after a fault.
 */
export function checkGuards(input: CheckInput): Finding[] {
  return eachOf(input, stopContact, dry, mains, relief, access, fault);
}

function stopContact({ context, subject, settings }: CheckInput): Finding[] {
  if (!context.duty.place.stopContact || settings.stopKind !== 'stops') return [];
  const fixed = context.profile.behaviours.stopInput === 'stops';
  return [finding(fixed ? 'MET-10.fixed' : 'MET-10.set', subject, {}, addressesOf(context, 'stop.kind'))];
}

function dry({ context, subject, settings }: CheckInput): Finding[] {
  const address = addressesOf(context, 'dry.reaction');
  if (settings.dry === 'ignore') return [finding('MET-21.none', subject, {}, address)];
  if (settings.dry === 'warn' && choicesOf(context.duty).dry !== 'warn') {
    return [finding('MET-21.warn', subject, {}, address)];
  }
  return [];
}

function mains({ context, subject, settings }: CheckInput): Finding[] {
  if (!context.duty.place.switchedByMains || settings.afterPowerCut !== 'wait') return [];
  return [finding('MET-23', subject, {}, addressesOf(context, 'power.after-cut'))];
}

function relief({ context, subject }: CheckInput): Finding[] {
  return context.duty.place.noRelief ? [finding('MET-26.relief', subject, {})] : [];
}

function access({ context, subject, settings }: CheckInput): Finding[] {
  if (!context.duty.place.othersReachKeys) return [];
  const address = addressesOf(context, 'access.lock');
  if (settings.lock === 'open') return [finding('ANY-11.open', subject, {}, address)];
  return context.profile.behaviours.locks === false ? [finding('ANY-11.none', subject, {})] : [];
}

function fault({ context, subject, settings }: CheckInput): Finding[] {
  const { behaviours } = context.profile;
  if (behaviours.afterFault === undefined) return [];
  const address = addressesOf(context, 'fault.after');
  if (settings.afterFault === null) return [finding('ANY-23.unknown', subject, {}, address)];
  if (settings.afterFault === 'resume' && !context.duty.place.interlocked) {
    return [finding('ANY-23.open', subject, {}, address)];
  }
  return [];
}

/**
 * True where a stopped pump could be siphoned through: what stands at its suction valve pushes more than the least discharge
 * pressure and the injection valve hold against it. An outlet below the tank does that to a pump above it too. Where the
 * discharge is not known a flooded suction is enough.
 */
export function canSiphon({ duty }: CheckInput['context']): boolean {
  const { suctionHead_m } = duty.place;
  if (suctionHead_m === null) return false;
  const span = dischargeSpan_bar(duty);
  if (!span) return suctionHead_m > 0;
  const side = suctionSide(duty);
  const pushes_bar =
    atSuctionValve_bar(side.tank_bar, suctionHead_m, duty.product.density_kgl) - side.air_bar;
  return pushes_bar > span.least + (duty.head?.injection_bar ?? 0) + 1e-9;
}
