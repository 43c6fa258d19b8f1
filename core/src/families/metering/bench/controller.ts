import type { MeteringState } from './model-state';
import type { MeteringPlant } from './plant';

/** Strokes that fall due in this second; on a smooth drive parts of a stroke count. */
export function control(p: MeteringPlant, s: MeteringState, second: number, runs: boolean): number {
  s.ceiling = 0;
  s.wireStop = p.mode === 'analog' && p.watchStops && s.powerless === 0 && isBroken(p, s.current_mA) ? 1 : 0;
  switch (p.mode) {
    case 'analog':
      return paced(p, s, runs ? analogRate(p, s.current_mA) : 0);
    case 'manual':
      return paced(p, s, runs ? p.manual_spm : 0);
    case 'timer': {
      const into = second % p.timerEvery_s;
      return paced(p, s, runs && into < p.timerRun_s ? p.manual_spm : 0);
    }
    case 'pulses':
      return queued(
        s,
        s.pulses * p.strokesPerPulse,
        p.ceiling_spm,
        p.memory_strokes,
        runs,
        p.storesWhileStopped,
      );
    case 'batch': {
      s.triggerCarry += 1;
      let asked = 0;
      if (s.triggerCarry >= p.batchEvery_s) {
        s.triggerCarry -= p.batchEvery_s;
        if (p.batchQueues || s.queue < 1) asked = p.batch_strokes;
        else s.strokesLost += p.batch_strokes;
      }
      return queued(s, asked, p.manual_spm, Infinity, runs, false);
    }
    default:
      return paced(p, s, 0);
  }
}

function isBroken(p: MeteringPlant, x_mA: number): boolean {
  return x_mA <= p.watchLow_mA || x_mA >= p.watchHigh_mA;
}

function analogRate(p: MeteringPlant, x_mA: number): number {
  const broken = isBroken(p, x_mA);
  if (broken && p.watchStops) return 0;
  let asked: number;
  if (x_mA < p.x1_mA) asked = p.stopsBelow && !broken ? 0 : p.y1_spm;
  else if (x_mA >= p.x2_mA) asked = p.y2_spm;
  else asked = p.y1_spm + ((x_mA - p.x1_mA) * (p.y2_spm - p.y1_spm)) / (p.x2_mA - p.x1_mA);
  const most = asked < p.greatest_spm ? asked : p.greatest_spm;
  const whole = Math.floor(most / p.step_spm + 0.5) * p.step_spm;
  return whole < p.least_spm || whole <= 0 ? 0 : whole;
}

/** Strokes of a steady rate: whole ones as they fall due, or even parts on a smooth drive. */
function paced(p: MeteringPlant, s: MeteringState, rate_spm: number): number {
  let rate = rate_spm;
  if (p.compensates && p.lossPer_bar > 0 && rate > 0) {
    const left = 1 - p.lossPer_bar * s.pressure_bar;
    const base = 1 - p.lossPer_bar * p.base_bar;
    rate = left > 0 ? (rate * base) / left : p.greatest_spm;
    if (rate > p.greatest_spm) {
      rate = p.greatest_spm;
      s.ceiling = 1;
    }
  }
  s.rate_spm = rate;
  if (p.smooth) return rate / 60;
  s.strokeCarry += rate / 60;
  const due = Math.floor(s.strokeCarry + 1e-9);
  s.strokeCarry -= due;
  return due;
}

/** Strokes out of what is owed, no faster than a ceiling; what the memory cannot hold after that is lost. */
function queued(
  s: MeteringState,
  asked: number,
  ceiling_spm: number,
  memory: number,
  runs: boolean,
  storesWhileStopped: boolean,
): number {
  if (runs || storesWhileStopped) s.queue += asked;
  else s.strokesLost += asked;
  let made = 0;
  if (runs) {
    s.strokeCarry += ceiling_spm / 60;
    const owed = Math.floor(s.queue + 1e-9);
    const can = Math.floor(s.strokeCarry + 1e-9);
    made = can < owed ? can : owed;
    s.queue -= made;
    s.strokeCarry -= made;
    // time in which no stroke was asked for is not saved up
    if (made === owed && s.strokeCarry > 1) s.strokeCarry = 1;
    if (s.queue >= 1) s.ceiling = 1;
  }
  if (s.queue > memory) {
    s.strokesLost += s.queue - memory;
    s.queue = memory;
  }
  if (s.queue > s.backlogMost) s.backlogMost = s.queue;
  s.rate_spm = made * 60;
  return made;
}
