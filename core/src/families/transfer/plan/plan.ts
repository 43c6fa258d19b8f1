import { fig } from '../../../units';
import {
  ceilings,
  flowAt_m3h,
  flowAtBottom_m3h,
  movesAbove_rpm,
  pumpOf,
  speedFor_rpm,
  type Ceiling,
  type PumpOut,
} from '../effect/pump';
import { falls_s, gulp_L, litresBetween, meanInflow_m3h } from '../effect/vessel';
import type { TransferContext } from '../settings/context';
import type { TransferReason } from '../texts/reasons';
import type { Control } from '../wire/duty';
import { TransferDraft, type TransferPlan } from './draft';
import { settled } from '../../parts/repair';
import { checkSettings } from '../checks/checks';
import { heldRoles } from './held';
import { understand } from '../settings/understand';
import { TRANSFER_TEXTS } from '../texts/texts';

const reason = (text: TransferReason['text'], values: TransferReason['values'] = {}): TransferReason => ({
  text,
  values,
});

/** Above what moves nothing: wear, a warmer liquid, a fuller pipe. */
const MARGIN = 1.05;
/** Levels as shares of the float's way. */
const BOTTOM = 0.05;
const TOP: Readonly<Record<Control, number>> = { even: 0.85, level: 0.7 };
const ALARM = 0.95;

/** Duty, pump and plate to target settings, each with its reason. Throws an InputError on points that cannot be fitted. */
export const planTransfer = settled({
  propose: (context: TransferContext) => propose(context),
  others,
  check: checkSettings,
  understand,
  texts: TRANSFER_TEXTS,
  held: heldRoles,
});

function propose(context: TransferContext, other?: Control): TransferPlan {
  const draft = new TransferDraft(context);
  const pump = () => pumpOf(context.duty);
  const control = () => other ?? wantedControl(context);
  planKinds(draft);
  draft.step(['speed.least', 'speed.greatest'], () => planSpeeds(draft, pump()));
  draft.step(['control', 'level.bottom', 'level.top', 'alarm.high'], () => planLevels(draft, control()));
  draft.step(['gain', 'averaging', 'emptying.every', 'run-on'], () => planTimes(draft, pump(), control()));
  planGuards(draft);
  draft.step([], () => draft.enterAgain(reason('again.kind')));
  return draft.finish();
}

/** What is delivered may be cooler with the other way of control. */
function others(context: TransferContext): ((context: TransferContext) => TransferPlan)[] {
  const { duty, profile } = context;
  if (!duty.cooler || duty.choices.control) return [];
  return profile.behaviours.controls
    .filter((control) => control !== wantedControl(context))
    .map((control) => (same) => propose(same, control));
}

/** Even-flow, unless foam or surges of cleaning carry the float: then the level is followed. */
export function wantedControl({ duty, profile }: TransferContext): Control {
  const { controls } = profile.behaviours;
  const { foams, surges } = duty.product;
  const wanted = duty.choices.control ?? (foams || surges ? 'level' : 'even');
  return controls.includes(wanted) ? wanted : controls[0];
}

function planKinds(draft: TransferDraft): void {
  const { duty, plate } = draft.context;
  draft.step(['plant'], () => draft.pick('plant', `plant.${duty.plant}`, reason('kinds.first')));
  draft.step(['pump.kind'], () => draft.pick('pump.kind', `pump.${duty.pumpKind}`, reason('kinds.first')));
  draft.step(['inlets'], () => draft.set('inlets', duty.inflow.inlets, reason('inlets.fitted')));
  // what its plate does not say is left as it is
  if (plate.volts_V !== null) draft.set('motor.volts', plate.volts_V, reason('plate'));
  if (plate.current_A !== null) draft.set('motor.current', plate.current_A, reason('plate'), 'down');
  if (plate.speed_rpm !== null) draft.set('motor.speed', plate.speed_rpm, reason('plate'));
}

const CEILING_TEXT: Readonly<Record<Ceiling['by'], TransferReason['text']>> = {
  curve: 'most.curve',
  motor: 'most.motor',
  limit: 'most.limit',
  suction: 'most.suction',
};

function planSpeeds(draft: TransferDraft, pump: PumpOut): void {
  const moves = movesAbove_rpm(pump);
  const [ceiling] = ceilings(draft.context, pump);
  const least = moves * MARGIN;
  if (ceiling.rpm <= least) {
    draft.problems.push({ kind: 'no-speed', least_rpm: moves, most_rpm: ceiling.rpm });
    return;
  }
  // a pump that displaces moves at a crawl: the lowest that can be set is enough then
  const lowest = draft.settable('speed.least', 0, 'up');
  draft.set(
    'speed.least',
    Math.max(least, lowest),
    reason(lowest > least ? 'least.lowest' : 'least.lift', {
      lift: fig('length', pump.lift_m),
      moves: fig('speed', moves),
    }),
    'up',
  );
  const set_rpm = draft.settings().least_rpm;
  const step = draft.stepOf('speed.greatest') ?? 0;
  if (set_rpm !== null && Math.floor(ceiling.rpm / (step || 1) + 1e-9) * (step || 1) <= set_rpm)
    draft.problems.push({ kind: 'no-speed', least_rpm: moves, most_rpm: ceiling.rpm });
  draft.set(
    'speed.greatest',
    ceiling.rpm,
    reason(CEILING_TEXT[ceiling.by], {
      flow: fig('waterFlow', flowAt_m3h(pump, ceiling.rpm)),
      limit: fig('speed', ceiling.rpm),
    }),
    'down',
  );
}

function planLevels(draft: TransferDraft, control: Control): void {
  const { duty } = draft.context;
  const { height_mm } = duty.vessel;
  const chosen = duty.choices.control !== undefined;
  const { foams, surges } = duty.product;
  draft.pick(
    'control',
    `control.${control}`,
    reason(
      chosen
        ? 'control.chosen'
        : control !== wantedControl(draft.context)
          ? 'control.cooler'
          : control === 'even'
            ? 'control.even'
            : foams
              ? 'control.foam'
              : surges
                ? 'control.surges'
                : 'control.only',
    ),
  );
  draft.set('level.bottom', height_mm * BOTTOM, reason('bottom.low'), 'up');
  const { bottom_mm } = draft.settings();
  const gulp = gulp_L(duty);
  const needed_mm = (bottom_mm ?? 0) + gulp / duty.vessel.area_m2;
  const top_mm = Math.min(
    height_mm * 0.93,
    Math.max(height_mm * TOP[control], control === 'even' ? needed_mm * 1.1 : 0),
  );
  draft.set(
    'level.top',
    top_mm,
    reason(control === 'even' ? 'top.even' : 'top.level', {
      gulp: fig('volume', gulp),
      swing: fig('volume', litresBetween(duty, bottom_mm ?? 0, top_mm)),
    }),
    'down',
  );
  draft.set('alarm.high', height_mm * ALARM, reason('alarm.high'), 'down');
}

/** At the top it sends so much more than the mean, as a share of it; at the bottom so much less. */
const GAIN = 0.5;
/** The mean is reckoned over so many falls at least. */
const FALLS = 6;
/** A timed emptying comes well within the time that product may stand. */
const WITHIN = 0.8;

function planTimes(draft: TransferDraft, pump: PumpOut, control: Control): void {
  const { duty } = draft.context;
  const { bottom_mm, top_mm, least_rpm } = draft.settings();
  const mean = meanInflow_m3h(duty);
  if (control === 'even' && bottom_mm !== null && top_mm !== null && top_mm > bottom_mm) {
    const half_mm = (top_mm - bottom_mm) / 2;
    draft.set('gain', (mean * GAIN * 1000) / half_mm, reason('gain.half', { mean: fig('waterFlow', mean) }));
    draft.set(
      'averaging',
      Math.max(2, (falls_s(duty) * FALLS) / 60),
      reason('averaging.falls', { falls: fig('seconds', falls_s(duty)) }),
      'up',
    );
    const { stands_min } = duty.product;
    if (stands_min !== null)
      draft.set(
        'emptying.every',
        // rounded down to zero it would never empty: then the smallest step, while that is within
        Math.max(stands_min * WITHIN, Math.min(draft.stepOf('emptying.every') ?? 0, stands_min)),
        reason('emptying.stands', { stands: fig('minutes', stands_min) }),
        'down',
      );
  } else draft.set('emptying.every', 0, reason('emptying.follows'));
  if (least_rpm !== null) {
    const flow = flowAtBottom_m3h(duty, pump, draft.settings()) ?? flowAt_m3h(pump, least_rpm);
    const most_s = flow > 0 ? (duty.pump.outlet_L / flow) * 3.6 : 0;
    draft.set(
      'run-on',
      most_s,
      reason('run-on.outlet', { outlet: fig('volume', duty.pump.outlet_L), most: fig('seconds', most_s) }),
      'down',
    );
  }
}

function planGuards(draft: TransferDraft): void {
  const { duty } = draft.context;
  draft.step(['cleaning.input'], () => {
    const { cleaningInput } = duty.inflow;
    if (cleaningInput !== undefined)
      draft.pick(
        'cleaning.input',
        cleaningInput ? 'cleaning.used' : 'cleaning.off',
        reason(cleaningInput ? 'cleaning.used' : 'cleaning.nobody'),
      );
  });
  draft.step(['cleaning.speed'], () => planCleaningSpeed(draft, pumpOf(duty)));
  draft.step(['power.after-cut'], () => {
    const { afterCut } = duty.choices;
    draft.pick(
      'power.after-cut',
      `after-cut.${afterCut ?? 'resume'}`,
      reason(afterCut ? 'after.chosen' : 'after.resume'),
    );
  });
}

function planCleaningSpeed(draft: TransferDraft, pump: PumpOut): void {
  const { duty } = draft.context;
  const { most_rpm } = draft.settings();
  if (most_rpm !== null) {
    const needed = speedFor_rpm(pump, duty.inflow.cleaning_m3h * 1.1);
    const inflow = fig('waterFlow', duty.inflow.cleaning_m3h);
    if (needed <= most_rpm) draft.set('cleaning.speed', needed, reason('cleaning.speed', { inflow }), 'up');
    else {
      const carried = fig('waterFlow', flowAt_m3h(pump, draft.settable('cleaning.speed', most_rpm, 'down')));
      draft.set('cleaning.speed', most_rpm, reason('cleaning.most', { inflow, carried }), 'down');
    }
  }
}
