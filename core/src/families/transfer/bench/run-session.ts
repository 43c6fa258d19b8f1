import type { BenchInputs } from '../../../bench';
import { GULP_s } from '../effect/vessel';
import type { TransferContext } from '../settings/context';
import type { TransferSettings } from '../settings/understand';
import { CONTROLS, type Control, type TransferDuty } from '../wire/duty';
import { lately } from '../../parts/lately';
import { TRANSFER_EVENTS, type TransferEvent } from './events';
import { transferModel } from './model';
import { transferPlant } from './plant';
import { ALONE, sessionFlows_m3h, type Session } from './session';

/** A session by itself: what it comes to, and its course in stretches of a gulp's length. */
export interface SessionCourse {
  readonly sums: Readonly<Record<string, number>>;
  readonly level_mm: readonly number[];
  readonly flow_m3h: readonly number[];
  readonly delivered_C: readonly number[];
  readonly every_s: number;
}

function calm(): BenchInputs<TransferEvent> {
  const all = <T>(value: T) =>
    Object.fromEntries(Object.keys(TRANSFER_EVENTS).map((kind) => [kind, value])) as Record<TransferEvent, T>;
  return { second: 0, water_m3h: 0, air_C: 10, sun: 0, on: all(false), amount: all(NaN), begins: all(false) };
}

/**
 * One session with settings, under the control that is set or under another: the figure that findings, proofs, paper and pictures speak of.
 * Far shorter than a day of the bench, since nothing else happens in it.
 */
export function runSession(
  { duty }: Pick<TransferContext, 'duty'>,
  settings: TransferSettings,
  session: Session,
  control?: Control,
): SessionCourse {
  return course(duty, settings, session, control);
}

/** Every column of a job, under both controls, and as it stood when each check was tried. */
const KEPT = 24;

const course = lately(
  KEPT,
  (duty: TransferDuty, settings: TransferSettings, session: Session, control?: Control) => {
    const model = transferModel(transferPlant({ duty }, settings, control));
    const flows = sessionFlows_m3h({ duty }, session, ALONE);
    const state = model.init();
    const inputs = calm();
    const level_mm: number[] = [];
    const flow_m3h: number[] = [];
    const delivered_C: number[] = [];
    const { area_m2 } = duty.vessel;
    let product: Readonly<Record<string, number>> | null = null as Readonly<Record<string, number>> | null;
    for (let second = 0; second < ALONE.all_s; second++) {
      inputs.second = second;
      inputs.water_m3h = flows[Math.floor(second / GULP_s)];
      inputs.on.cleaning = false;
      model.step(state, inputs);
      if (second % GULP_s !== GULP_s - 1) continue;
      level_mm.push(state.volume_L / area_m2);
      flow_m3h.push(state.flow_m3h);
      delivered_C.push(state.delivered_C);
      // what comes while the plant is cleaned is no product: nobody measures how cool that is
      if (session === 'cleaning' && second === ALONE.cleaned[0] - 1) product = model.sums(state);
    }
    const all: Readonly<Record<string, number>> = model.sums(state);
    const sums = { ...all, delivered_C: (product ?? all).delivered_C };
    return { sums, level_mm, flow_m3h, delivered_C, every_s: GULP_s } satisfies SessionCourse;
  },
);

/** Both ways of control on the same gulps. */
export interface Compared {
  readonly runs: Readonly<Record<Control, SessionCourse>>;
  /** why the steadier one delivers warmer; null where it does not */
  readonly warmer: string | null;
}

/** Warmer by less than this nobody reads. */
const WARMER_C = 0.02;

/** Both ways of control on the same gulps, with these levels and speeds. */
export function compareControls(
  context: TransferContext,
  settings: TransferSettings,
  session: Session,
  whySo: (context: TransferContext, settings: TransferSettings) => string,
): Compared {
  const [even, level] = CONTROLS.map((control) => runSession(context, settings, session, control));
  const warmer = even.sums.delivered_C > level.sums.delivered_C + WARMER_C;
  return { runs: { even, level }, warmer: warmer ? whySo(context, settings) : null };
}
