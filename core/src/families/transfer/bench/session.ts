import { chance, type Scenario } from '../../../bench';
import type { TransferContext } from '../settings/context';
import { falls_s, gulp_L, GULP_s } from '../effect/vessel';

/** Kinds of session to choose from. */
export const SESSIONS = {
  regular: { name: 'Regular slugs' },
  ragged: { name: 'Ragged slugs' },
  cleaning: { name: 'Slugs, then cleaning' },
} as const;
export type Session = keyof typeof SESSIONS;

/** When it is worked and when it is cleaned, s from the start, and how long all of it is looked at. */
export interface Hours {
  readonly worked: readonly [number, number];
  readonly cleaned: readonly [number, number];
  readonly all_s: number;
}

/** A day: worked from eight to four, cleaned half an hour later for half an hour. */
const DAY: Hours = { worked: [8 * 3600, 16 * 3600], cleaned: [16.5 * 3600, 17 * 3600], all_s: 86_400 };
/** A session by itself: as long as everything that can come does come, and until the vessel is empty again. */
export const ALONE: Hours = { worked: [0, 6000], cleaned: [6300, 7200], all_s: 8100 };

/** A surge is on and off for so long: twice the mean while it is on. */
const SURGE_s = 20;

/** Inflow in stretches of a gulp's length, m³/h. */
export function sessionFlows_m3h(
  { duty }: Pick<TransferContext, 'duty'>,
  session: Session,
  { worked, cleaned, all_s }: Hours = DAY,
): number[] {
  const litres = new Float64Array(all_s / GULP_s);
  const every = falls_s(duty);
  const gulp = gulp_L(duty);
  for (let fall = 0, at = worked[0]; at < worked[1]; fall++) {
    litres[Math.floor(at / GULP_s)] += gulp;
    // ragged ones come between half and one and a half of the interval apart: the same ones each time
    at += session === 'ragged' ? every * (0.5 + chance(7, fall)) : every;
  }
  const { cleaning_m3h } = duty.inflow;
  if (session === 'cleaning')
    for (let at = cleaned[0]; at < cleaned[1]; at += GULP_s) {
      const on = Math.floor(at / SURGE_s) % 2 === 0;
      const flow = duty.product.surges ? (on ? cleaning_m3h * 2 : 0) : cleaning_m3h;
      litres[at / GULP_s] += (flow * GULP_s) / 3.6;
    }
  return Array.from(litres, (one) => Number(((one / GULP_s) * 3.6).toPrecision(12)));
}

/** A day with a session in which nothing goes wrong. */
export function sessionDay(context: Pick<TransferContext, 'duty'>, session: Session): Scenario {
  return {
    days: 1,
    water: { every_s: GULP_s, flows_m3h: sessionFlows_m3h(context, session) },
    wobble: 0,
    seed: 1,
    events: [],
  };
}
