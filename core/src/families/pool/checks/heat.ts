import { eachOf } from '../../parts/check-input';
import { THRESHOLDS, type Finding } from '../../../findings';
import { SOLAR_GAP_LEAST_K } from '../../../heat';
import { fig } from '../../../units';
import { finding } from '../texts/texts';
import type { CheckInput } from './input';

/** POO-13 to 15: what heats, to what, and how the roof starts and stops. */
export function checkHeat(input: CheckInput): Finding[] {
  return eachOf(input, off, heat, solar);
}

/** Water so much under what was agreed is felt, K. */
const COOLER_K = 1;

/** POO-14: off, though it is to be heated. */
function off({ settings, context, subject, at }: CheckInput): Finding[] {
  const { heat: wanted } = context.duty;
  if (!wanted || settings.heat.source !== 'off' || wanted.source === 'off') return [];
  return [finding('POO-14.off', subject, { wanted: fig('temperature', wanted.pool_C) }, [at('heat.source')])];
}

/** What judges how it heats: nothing where it is not to, or stands off. */
function heat(input: CheckInput): Finding[] {
  if (!input.context.duty.heat || input.settings.heat.source === 'off') return [];
  return eachOf(input, cool, afterRun, otherWater, warm);
}

/** What each water is heated to. */
const watersOf = ({ heat }: CheckInput['settings']) =>
  [
    ['pool', heat.pool_C],
    ['tub', heat.tub_C],
  ] as const;

function cool({ settings, context, subject, at }: CheckInput): Finding[] {
  const wanted = context.duty.heat!;
  return watersOf(settings).flatMap(([water, set_C]) => {
    if (set_C === null) return [];
    const wish_C = water === 'pool' ? wanted.pool_C : wanted.tub_C;
    if (wish_C === null || set_C >= wish_C - COOLER_K) return [];
    const values = { water, set: fig('temperature', set_C), wanted: fig('temperature', wish_C) };
    return [finding('POO-14.cool', subject, values, [at(`heat.${water}`)])];
  });
}

/** POO-13: what is fired needs water after it. */
function afterRun({ settings, context, subject, at }: CheckInput): Finding[] {
  const { source, afterRun_min } = settings.heat;
  const wanted = context.duty.heat!;
  const fired = source === 'heater' || source === 'solar-first' || source === 'heat-pump';
  if (!fired || afterRun_min === null || afterRun_min >= wanted.afterRun_min) return [];
  const values = { time: fig('minutes', afterRun_min), wanted: fig('minutes', wanted.afterRun_min) };
  return [finding('POO-13', subject, values, [at('heat.after-run')])];
}

const NAMES = { pool: 'pool', tub: 'tub' } as const;

/** POO-14: the other water is selected, or what is wanted of one was set for the other. */
function otherWater({ settings, context, subject, at }: CheckInput): Finding[] {
  const { pool_C, tub_C, body } = settings.heat;
  if (body === null) return [];
  const wanted = context.duty.heat!;
  const found: Finding[] = [];
  const idle = body === 'pool' ? 'tub' : 'pool';
  const setIdle = body === 'pool' ? tub_C : pool_C;
  const wish = body === 'pool' ? wanted.tub_C : wanted.pool_C;
  if ((body === 'pool' ? wanted.pool_C : wanted.tub_C) === null && wish !== null)
    found.push(
      finding('POO-14.other', subject, { selected: NAMES[body], wanted: NAMES[idle] }, [at('heat.body')]),
    );
  const own = body === 'pool' ? pool_C : tub_C;
  const ownWish = body === 'pool' ? wanted.pool_C : wanted.tub_C;
  // the wanted temperature went into the water that is not selected, while the selected one stands elsewhere
  if (
    setIdle !== null &&
    wish !== null &&
    own !== null &&
    ownWish !== null &&
    Math.abs(own - ownWish) > THRESHOLDS.setPoint_K &&
    Math.abs(setIdle - ownWish) <= THRESHOLDS.setPoint_K
  ) {
    found.push(
      finding('POO-14.body', subject, { idle: NAMES[idle], selected: NAMES[body] }, [
        at(`heat.${idle}`),
        at('heat.body'),
      ]),
    );
  }
  return found;
}

/** POO-14: warmer than is allowed. */
function warm({ settings, context, subject, at }: CheckInput): Finding[] {
  const wanted = context.duty.heat!;
  return watersOf(settings).flatMap(([water, set]) =>
    set === null || set <= wanted.warmest_C
      ? []
      : [
          finding(
            'POO-14.warm',
            subject,
            {
              body: NAMES[water],
              set: fig('temperature', set),
              warmest: fig('temperature', wanted.warmest_C),
            },
            [at(`heat.${water}`)],
          ),
        ],
  );
}

/** Past this the roof stands warm for hours before it runs, K. */
const SOLAR_LATE_K = 8;
/** Nearer than this the pump takes more than the roof gives, and the pipes lose the rest, K. */
const SOLAR_COOLS_K = 1;

function solar(input: CheckInput): Finding[] {
  const { settings, context, subject, at } = input;
  const { start_K, stop_K } = settings.solar;
  const { source } = settings.heat;
  if (start_K === null || stop_K === null || source === 'off' || source === 'heater') return [];
  const wanted = context.duty.heat;
  const found: Finding[] = [];
  // what was asked for in the duty is meant so
  const most_K = Math.max(SOLAR_LATE_K, wanted?.startDifference_K ?? 0);
  const least_K = Math.min(SOLAR_COOLS_K, wanted?.stopDifference_K ?? SOLAR_COOLS_K);
  if (start_K > most_K)
    found.push(
      finding(
        'POO-15.late',
        subject,
        { start: fig('difference', start_K), most: fig('difference', most_K) },
        [at('solar.start')],
      ),
    );
  if (stop_K < least_K)
    found.push(
      finding(
        'POO-15.cools',
        subject,
        { stop: fig('difference', stop_K), least: fig('difference', least_K) },
        [at('solar.stop')],
      ),
    );
  if (start_K - stop_K >= SOLAR_GAP_LEAST_K) return found;
  return [
    ...found,
    finding(
      'POO-15',
      subject,
      {
        start: fig('difference', start_K),
        stop: fig('difference', stop_K),
        gap: fig('difference', SOLAR_GAP_LEAST_K),
      },
      [at('solar.start'), at('solar.stop')],
    ),
  ];
}
