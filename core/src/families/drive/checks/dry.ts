import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { fillTime_s } from '../effect/dry';
import { holdsPressure, startsAt_bar } from '../effect/set';
import { finding } from '../texts/texts';
import type { CheckInput } from './input';

const REACTIONS = { warn: 'warn and go on', ignore: 'go on', off: 'go on: the guard is off' } as const;

/** DRV-05: what it does when it runs dry, and when. */
export function checkDry({ context, subject, settings, pump, at }: CheckInput): Finding[] {
  const { by, reaction, delay_s, threshold_bar } = settings.dry;
  const found: Finding[] = [];
  // whatever it is to do then, nothing tells it
  if (by === 'none' && reaction !== 'off') found.push(finding('DRV-05.none', subject, {}, [at('dry.by')]));
  const chosen = context.duty.choices.dry;
  if (reaction !== null && reaction !== 'stop' && chosen?.reaction !== reaction)
    found.push(finding('DRV-05', subject, { reaction: REACTIONS[reaction] }, [at('dry.reaction')]));
  if (reaction === 'stop' && threshold_bar !== null && threshold_bar <= 0 && holdsPressure(context.duty))
    found.push(
      finding('DRV-05.nil', subject, { threshold: fig('pressure', threshold_bar) }, [at('dry.threshold')]),
    );
  const { dry_s } = context.duty.pump;
  const fill_s = fillTime_s(context, pump, settings);
  if (delay_s !== null) {
    const delay = fig('seconds', delay_s);
    if (dry_s !== null && delay_s >= dry_s)
      found.push(finding('DRV-05.late', subject, { delay, dry: fig('seconds', dry_s) }, [at('dry.delay')]));
    else if (fill_s !== null && settings.fill !== 'on' && delay_s < fill_s)
      found.push(
        finding('DRV-05.early', subject, { delay, fill: fig('seconds', fill_s) }, [
          at('dry.delay'),
          at('fill'),
        ]),
      );
  }
  const start = startsAt_bar(context, settings);
  if (
    threshold_bar !== null &&
    settings.cutIn_bar !== null &&
    start !== null &&
    threshold_bar >= settings.cutIn_bar
  )
    found.push(
      finding(
        'DRV-05.high',
        subject,
        { threshold: fig('pressure', threshold_bar), start: fig('pressure', settings.cutIn_bar) },
        [at('dry.threshold')],
      ),
    );
  return found;
}
