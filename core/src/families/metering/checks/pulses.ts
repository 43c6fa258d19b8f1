import { eachOf } from '../../parts/check-input';
import { BOUNCE_ms, ceilingPicture, pulseRate_ppm, recognition, strokesPerPulse } from '../../../dosing';
import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { addressesOf } from '../settings/address';
import type { CheckInput } from './input';
import { finding } from '../texts/finding';
import { meterOf } from '../plan/pulses';

/** MET-03 the ceiling, MET-09 recognition time, MET-25 stored pulses. Only where pulses drive the pump. */
export function checkPulses(input: CheckInput): Finding[] {
  if (!input.settings.pulses || !meterOf(input.context.duty)) return [];
  return eachOf(input, ceiling, recognised, stored);
}

function ceiling({ context, subject, settings }: CheckInput): Finding[] {
  const { duty } = context;
  const meter = meterOf(duty)!;
  const { pulses, ceiling_spm } = settings;
  if (!pulses || ceiling_spm === null || ceiling_spm <= 0) return [];
  const water = duty.water.greatest_m3h;
  const each = strokesPerPulse(pulses.way, pulses.factor);
  const picture = ceilingPicture(water, meter.litresPerPulse, each, ceiling_spm);
  if (picture.lostShare <= 1e-9) return [];
  const fate = settings.memory === 'on' ? 'MET-03.late' : 'MET-03.lost';
  return [
    finding(
      settings.mode === 'contact' ? 'MET-03.contact' : fate,
      subject,
      {
        water: fig('waterFlow', water),
        needed: fig('strokeRate', picture.needed_spm),
        ceiling: fig('strokeRate', ceiling_spm),
        onset: fig('waterFlow', picture.onset_m3h),
        share: fig('percent', picture.lostShare * 100),
        fate: settings.memory === 'on' ? 'late: it comes when the flow has gone' : 'lost',
      },
      addressesOf(context, 'pulse.factor', 'rate.greatest', 'rate.manual'),
    ),
  ];
}

function recognised({ context, subject, settings }: CheckInput): Finding[] {
  const { duty, profile } = context;
  const meter = meterOf(duty)!;
  const set_ms = settings.recognition_ms;
  if (set_ms === null) return [];
  const pulses_ppm = pulseRate_ppm(duty.water.greatest_m3h, meter.litresPerPulse);
  const options = profile.behaviours.pulses?.recognition_ms ?? [set_ms];
  const { limit_ms, choice_ms } = recognition(options, pulses_ppm, meter.closedShare);
  const address = addressesOf(context, 'pulse.recognition');
  const values = {
    set: fig('milliseconds', set_ms),
    limit: fig('milliseconds', limit_ms),
    pulses: fig('pulseRate', pulses_ppm),
  };
  if (set_ms > limit_ms * (1 + 1e-9)) return [finding('MET-09.missed', subject, values, address)];
  const longer = choice_ms !== null && choice_ms > set_ms;
  if (meter.contact === 'mechanical' && set_ms < BOUNCE_ms && longer) {
    return [
      finding(
        'MET-09.bounce',
        subject,
        { ...values, bounce: fig('milliseconds', BOUNCE_ms), better: fig('milliseconds', choice_ms) },
        address,
      ),
    ];
  }
  return [];
}

function stored({ context, subject, settings }: CheckInput): Finding[] {
  const { duty, profile } = context;
  const { pulses } = profile.behaviours;
  const address = addressesOf(context, 'pulse.memory', 'stop.kind');
  if (pulses?.whileStopped === 'stored' && settings.memory === 'on' && duty.place.stopContact) {
    return [finding('MET-25.stop', subject, {}, address)];
  }
  if (settings.memory === 'on' && !duty.place.interlocked) {
    return [
      finding('MET-25.still', subject, { most: String(pulses?.memoryMost ?? 'any number of') }, address),
    ];
  }
  return [];
}
