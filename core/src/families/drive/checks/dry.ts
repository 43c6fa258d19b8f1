import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { fillTime_s } from '../effect/dry';
import { holdsPressure, startsAt_bar } from '../effect/set';
import { finding } from '../texts/texts';
import { eachOf } from '../../parts/check-input';
import type { CheckInput } from './input';

const REACTIONS = { warn: 'warn and go on', ignore: 'go on', off: 'go on: the guard is off' } as const;

/** DRV-05: what it does when it runs dry, and when. */
export function checkDry(input: CheckInput): Finding[] {
  return eachOf(input, reacts, atNil, late, early, high);
}

function reacts({ context, subject, settings, at }: CheckInput): Finding[] {
  const { by, reaction } = settings.dry;
  const found: Finding[] = [];
  // whatever it is to do then, nothing tells it
  if (by === 'none' && reaction !== 'off') found.push(finding('DRV-05.none', subject, {}, [at('dry.by')]));
  const chosen = context.duty.choices.dry;
  if (reaction !== null && reaction !== 'stop' && chosen?.reaction !== reaction)
    found.push(finding('DRV-05', subject, { reaction: REACTIONS[reaction] }, [at('dry.reaction')]));
  return found;
}

/** A threshold of nil is never reached. */
function atNil({ context, subject, settings, at }: CheckInput): Finding[] {
  const { reaction, threshold_bar } = settings.dry;
  if (reaction !== 'stop' || threshold_bar === null || threshold_bar > 0 || !holdsPressure(context.duty))
    return [];
  return [
    finding('DRV-05.nil', subject, { threshold: fig('pressure', threshold_bar) }, [at('dry.threshold')]),
  ];
}

/** True where it stops later than the seal stands to run dry. */
function isLate({ context, settings }: CheckInput): boolean {
  const { dry_s } = context.duty.pump;
  const { delay_s } = settings.dry;
  return delay_s !== null && dry_s !== null && delay_s >= dry_s;
}

function late(input: CheckInput): Finding[] {
  const { context, subject, settings, at } = input;
  if (!isLate(input)) return [];
  const values = {
    delay: fig('seconds', settings.dry.delay_s ?? 0),
    dry: fig('seconds', context.duty.pump.dry_s ?? 0),
  };
  return [finding('DRV-05.late', subject, values, [at('dry.delay')])];
}

function early(input: CheckInput): Finding[] {
  const { context, subject, settings, pump, at } = input;
  const { delay_s } = settings.dry;
  if (delay_s === null || isLate(input)) return [];
  const fill_s = fillTime_s(context, pump, settings);
  if (fill_s === null || settings.fill === 'on' || delay_s >= fill_s) return [];
  const values = { delay: fig('seconds', delay_s), fill: fig('seconds', fill_s) };
  return [finding('DRV-05.early', subject, values, [at('dry.delay'), at('fill')])];
}

function high({ context, subject, settings, at }: CheckInput): Finding[] {
  const { threshold_bar } = settings.dry;
  const { cutIn_bar } = settings;
  const start = startsAt_bar(context, settings);
  if (threshold_bar === null || cutIn_bar === null || start === null || threshold_bar < cutIn_bar) return [];
  const values = { threshold: fig('pressure', threshold_bar), start: fig('pressure', cutIn_bar) };
  return [finding('DRV-05.high', subject, values, [at('dry.threshold')])];
}
