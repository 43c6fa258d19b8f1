import type { Finding } from '../../../findings';
import { DAY_MIN } from '../../../time';
import { fig } from '../../../units';
import {
  circulates,
  cleanUpsOf,
  filterFlow_m3h,
  filterHours_h,
  hoursOf,
  minutesOf,
  runsOf,
  turnoversOf,
} from '../effect/cycles';
import { finding } from '../texts/texts';
import type { CheckInput } from './input';

/** What a display rounds a cycle to, h. */
const NEAR_h = 0.02;

/** Half as much again as is needed, and an hour: what lies under it is a margin that some like to keep. */
const MORE = 1.5;
const MORE_h = 1;

/** Hours of filtering against turnovers and code, and cycles in quiet hours. */
export function checkFilter({ context, subject, settings, row, at }: CheckInput): Finding[] {
  const { duty } = context;
  const runs = runsOf(settings);
  const always = circulates(context, row);
  if (runs === null && !always) return [];
  const places = [at('cycle.length'), at('cycle.start')];
  const hours = always ? 24 : hoursOf([...(runs ?? []), ...cleanUpsOf(duty, settings.cleanUp_min)]);
  const flow = filterFlow_m3h(duty);
  const byTurnover = flow === null ? null : (turnoversOf(duty) * duty.tub.volume_L) / 1000 / flow;
  const found: Finding[] = [];
  if (byTurnover !== null && hours < byTurnover - NEAR_h)
    found.push(
      finding(
        'SPA-08.filter',
        subject,
        {
          hours: fig('hours', hours),
          needed: fig('hours', byTurnover),
          turnovers: String(turnoversOf(duty)),
        },
        places,
      ),
    );
  if (duty.code && hours < duty.code.circulation_h - NEAR_h)
    found.push(
      finding(
        'SPA-08.code',
        subject,
        { hours: fig('hours', hours), needed: fig('hours', duty.code.circulation_h) },
        places,
      ),
    );
  const quiet = minutesOf(duty.quiet);
  const inQuiet = minutesOf(runs ?? []).reduce((sum, one, minute) => sum + (one & quiet[minute]), 0);
  // cycles that fill the whole day to meet what is asked for cannot lie elsewhere
  const room = quiet.reduce((sum, one) => sum + (1 - one), 0) / 60;
  if (inQuiet > 0 && (filterHours_h(duty) ?? 0) <= room)
    found.push(finding('SPA-08.quiet', subject, { minutes: fig('minutes', inQuiet) }, [at('cycle.start')]));
  // who stated a clean-up knows when it runs, and who bathes in quiet hours hears himself
  const byDay = duty.baths.filter(({ to }) => quiet[(to + DAY_MIN - 1) % DAY_MIN] === 0);
  const cleaned = cleanUpsOf({ baths: byDay }, settings.cleanUp_min);
  const late = minutesOf(cleaned).reduce((sum, one, minute) => sum + (one & quiet[minute]), 0);
  if (late > 0 && (settings.cleanUp_min ?? 0) > (duty.choices.cleanUp_min ?? 0))
    found.push(finding('SPA-08.after', subject, { minutes: fig('minutes', late) }, [at('clean-up')]));
  const needed = filterHours_h(duty);
  // heating in cycles alone may need the hours that filtering does not
  if (needed !== null && !always && settings.heating !== 'cycles' && hours > needed * MORE + MORE_h)
    found.push(
      finding('SPA-08.more', subject, { hours: fig('hours', hours), needed: fig('hours', needed) }, places),
    );
  return found;
}
