import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { gulp_L, leastEven_m3h, litresBetween, swing_L } from '../effect/vessel';
import { finding } from '../texts/texts';
import { eachOf } from '../../parts/check-input';
import type { CheckInput } from './input';

/** A surge of cleaning lasts about so long before the mean has followed, s. */
const SURGE_s = 20;

/** Levels, and what even-flow needs of them. */
export function checkLevels(input: CheckInput): Finding[] {
  const wrong = ordered(input);
  if (wrong.length > 0) return wrong;
  if (input.settings.control !== 'even') return eachOf(input, top, alarm);
  return eachOf(input, top, alarm, gulps, stands, foams, surges);
}

/** LEV-02: what must lie above lies below. */
function ordered({ subject, settings, at }: CheckInput): Finding[] {
  const { bottom_mm, top_mm, taught } = settings;
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
  return [];
}

/** LEV-02: above the way of the float. */
function top({ context, subject, settings, at }: CheckInput): Finding[] {
  const { height_mm } = context.duty.vessel;
  const { top_mm } = settings;
  if (top_mm === null || top_mm <= height_mm) return [];
  const values = { top: fig('level', top_mm), height: fig('level', height_mm) };
  return [finding('LEV-02.float', subject, values, [at('level.top')])];
}

function alarm({ context, subject, settings, at }: CheckInput): Finding[] {
  const { height_mm } = context.duty.vessel;
  const { alarm_mm, top_mm } = settings;
  if (alarm_mm === null || (alarm_mm <= height_mm && (top_mm === null || alarm_mm > top_mm))) return [];
  return [
    finding(
      alarm_mm > height_mm ? 'LEV-02.silent' : 'LEV-02.alarm',
      subject,
      { alarm: fig('level', alarm_mm), top: fig('level', top_mm ?? 0), height: fig('level', height_mm) },
      [at('alarm.high')],
    ),
  ];
}

/** LEV-02: a gulp is more than lies between the levels. */
function gulps({ context, subject, settings, at }: CheckInput): Finding[] {
  const { duty } = context;
  const swing = swing_L(duty, settings);
  if (swing === null || gulp_L(duty) <= swing) return [];
  return [
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
  ];
}

/** LEV-03: product stands for longer than it may. */
function stands({ context, subject, settings, at }: CheckInput): Finding[] {
  const { stands_min } = context.duty.product;
  const { emptying_min } = settings;
  if (stands_min === null || emptying_min === null) return [];
  const may = fig('minutes', stands_min);
  if (emptying_min === 0) return [finding('LEV-03', subject, { stands: may }, [at('emptying.every')])];
  return emptying_min > stands_min
    ? [
        finding('LEV-03.late', subject, { every: fig('minutes', emptying_min), stands: may }, [
          at('emptying.every'),
        ]),
      ]
    : [];
}

function foams({ context, subject, at }: CheckInput): Finding[] {
  return context.duty.product.foams ? [finding('LEV-04', subject, {}, [at('control')])] : [];
}

/** LEV-04: a surge of cleaning fills it before the mean has followed. */
function surges({ context, subject, settings, at }: CheckInput): Finding[] {
  const { duty } = context;
  const { top_mm, bottom_mm } = settings;
  const swing = swing_L(duty, settings);
  if (!duty.product.surges || swing === null || top_mm === null || bottom_mm === null) return [];
  if (settings.cleaning === 'used') return [];
  const surge = ((duty.inflow.cleaning_m3h * 2) / 3.6) * SURGE_s;
  const room = litresBetween(duty, (bottom_mm + top_mm) / 2, top_mm);
  if (surge <= room) return [];
  return [
    finding('LEV-04.surges', subject, { surge: fig('volume', surge), room: fig('volume', room) }, [
      at('control'),
      at('cleaning.input'),
    ]),
  ];
}
