import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { gulp_L, leastEven_m3h, litresBetween, swing_L } from '../effect/vessel';
import { finding } from '../texts/texts';
import type { CheckInput } from './input';

/** A surge of cleaning lasts about so long before the mean has followed, s. */
const SURGE_s = 20;

/** Levels, and what even-flow needs of them. */
export function checkLevels({ context, subject, settings, at }: CheckInput): Finding[] {
  const { duty } = context;
  const { bottom_mm, top_mm, control, emptying_min } = settings;
  const found: Finding[] = [];
  const { taught } = settings;
  if (taught.bottom_mm !== null && taught.top_mm !== null && taught.bottom_mm >= taught.top_mm)
    return [
      finding(
        'LEV-02.taught',
        subject,
        { bottom: fig('level', taught.bottom_mm), top: fig('level', taught.top_mm) },
        [at('taught.bottom'), at('taught.top')],
      ),
    ];
  if (bottom_mm !== null && top_mm !== null && bottom_mm >= top_mm)
    return [
      finding('LEV-02.order', subject, { bottom: fig('level', bottom_mm), top: fig('level', top_mm) }, [
        at('level.bottom'),
        at('level.top'),
      ]),
    ];
  const { height_mm } = duty.vessel;
  if (top_mm !== null && top_mm > height_mm)
    found.push(
      finding('LEV-02.float', subject, { top: fig('level', top_mm), height: fig('level', height_mm) }, [
        at('level.top'),
      ]),
    );
  const { alarm_mm } = settings;
  if (alarm_mm !== null && (alarm_mm > height_mm || (top_mm !== null && alarm_mm <= top_mm)))
    found.push(
      finding(
        alarm_mm > height_mm ? 'LEV-02.silent' : 'LEV-02.alarm',
        subject,
        { alarm: fig('level', alarm_mm), top: fig('level', top_mm ?? 0), height: fig('level', height_mm) },
        [at('alarm.high')],
      ),
    );
  if (control !== 'even') return found;
  const swing = swing_L(duty, settings);
  if (swing !== null && gulp_L(duty) > swing)
    found.push(
      finding(
        'LEV-02',
        subject,
        {
          gulp: fig('volume', gulp_L(duty)),
          swing: fig('volume', swing),
          least: fig('waterFlow', leastEven_m3h(duty, swing)),
        },
        [at('level.top')],
      ),
    );
  const { stands_min, foams, surges } = duty.product;
  if (stands_min !== null && emptying_min === 0)
    found.push(finding('LEV-03', subject, { stands: fig('minutes', stands_min) }, [at('emptying.every')]));
  else if (stands_min !== null && emptying_min !== null && emptying_min > stands_min)
    found.push(
      finding(
        'LEV-03.late',
        subject,
        { every: fig('minutes', emptying_min), stands: fig('minutes', stands_min) },
        [at('emptying.every')],
      ),
    );
  if (foams) found.push(finding('LEV-04', subject, {}, [at('control')]));
  if (surges && swing !== null && top_mm !== null && bottom_mm !== null && settings.cleaning !== 'used') {
    const surge = ((duty.inflow.cleaning_m3h * 2) / 3.6) * SURGE_s;
    const room = litresBetween(duty, (bottom_mm + top_mm) / 2, top_mm);
    if (surge > room)
      found.push(
        finding('LEV-04.surges', subject, { surge: fig('volume', surge), room: fig('volume', room) }, [
          at('control'),
          at('cleaning.input'),
        ]),
      );
  }
  return found;
}
