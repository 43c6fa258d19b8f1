import { freeAddress } from '../../../link';
import { headAt_m } from '../../../hydraulics';
import { fig } from '../../../units';
import { atDuty_m, lineOf, yearCost } from '../effect/line';
import { pumpOf, type PumpInSystem } from '../effect/pump';
import type { CirculatorContext } from '../settings/context';
import { proposedWay } from '../effect/twin';
import { clockPlaces, twinPlaces } from '../settings/understand';
import type { CirculatorReason } from '../texts/reasons';
import { CirculatorDraft, type CirculatorPlan } from './draft';
import {
  headFor_m,
  plannedMode,
  plannedPause_min,
  proposedMode,
  RETURN_MARGIN_K,
  shareForDuty,
} from './propose';
import { settled } from '../../parts/repair';
import { checkSettings } from '../checks/checks';
import { heldRoles } from './held';
import { understand } from '../settings/understand';
import { CIRCULATOR_TEXTS } from '../texts/texts';

/** Duty and pump to target settings, each with its reason. Throws an InputError on points that cannot be fitted. */
export const planCirculator = settled({
  propose,
  check: checkSettings,
  understand,
  texts: CIRCULATOR_TEXTS,
  held: heldRoles,
});

function propose(context: CirculatorContext): CirculatorPlan {
  const draft = new CirculatorDraft(context);
  draft.step(['twin.way', 'twin.part', 'twin.hours'], () => planTwin(draft));
  planControl(draft);
  draft.step(['mode', 'head', 'speed'], () =>
    planMode(draft, pumpOf(context.duty, draft.settings().twin.way)),
  );
  draft.step(['temperature.sense', 'temperature.place'], () => planSense(draft));
  draft.step(['temperature', 'run.from', 'run.to'], () => planReturn(draft));
  draft.step(['power.after-cut'], () => planGuards(draft));
  return draft.finish();
}

const TURN_h = 24;

/** A twin: one that leads, and how the two work. A lead that stands alone stays. */
function planTwin(draft: CirculatorDraft): void {
  const { duty, profile } = draft.context;
  if (!duty.twin || !draft.has('twin.way')) return;
  const way = duty.choices.twin ?? proposedWay(duty);
  const { parts, partsKnown } = draft.settings().twin;
  const lead =
    partsKnown && parts.filter((part) => part === 'lead').length === 1 ? parts.indexOf('lead') + 1 : 1;
  for (let place = 1; place <= twinPlaces(profile); place++) {
    const part = place === lead ? 'lead' : 'follows';
    draft.choose('twin.part', `part.${part}`, { text: `twin.${part}`, values: {} }, place);
  }
  const why =
    duty.choices.twin !== undefined
      ? 'twin.chosen'
      : way === 'on-demand'
        ? 'twin.on-demand'
        : 'twin.alternate';
  draft.choose('twin.way', `way.${way}`, { text: why, values: valuesOf(draft.context, pumpOf(duty)) });
  if (way === 'alternate' && draft.has('twin.hours'))
    draft.set('twin.hours', TURN_h, { text: 'twin.hours', values: {} });
}

/** What it is told by: the source, thresholds, range, address. */
function planControl(draft: CirculatorDraft): void {
  draft.step(BY_CONTROL, () => planSource(draft));
  draft.step(['contact'], () => {
    if (!draft.has('contact')) return;
    const option = draft.context.duty.contact === 'wired' ? 'contact.used' : 'contact.off';
    draft.choose('contact', option, { text: option, values: {} });
  });
  draft.step(['fault.sense'], () => {
    const { alarm } = draft.context.duty;
    if (alarm && draft.has('fault.sense'))
      draft.choose('fault.sense', `fault.${alarm.onFault}`, { text: 'fault.site', values: {} });
  });
}

/** What hangs on what tells it to run. */
const BY_CONTROL = [
  'control.source',
  'volts.off',
  'volts.on',
  'volts.full',
  'sensor.kind',
  'sensor.range',
  'port',
  'link.address',
  'link.silence',
] as const;

function planSource(draft: CirculatorDraft): void {
  const { control } = draft.context.duty;
  draft.choose('control.source', `control.${control.kind}`, { text: `control.${control.kind}`, values: {} });
  if (control.kind === 'volts') {
    const reason = { text: 'volts.as-sent', values: {} } as const;
    // what it rests at must lie under the threshold: at the threshold itself it runs on
    const between = {
      text: 'volts.between',
      values: { rest: fig('voltage', control.off_V), start: fig('voltage', control.on_V) },
    } as const;
    // where it is fixed it is judged as it stands: anything between what rests and what starts does
    if (!draft.of('volts.off')?.fixed)
      draft.set('volts.off', (control.off_V + control.on_V) / 2, between, 'up');
    draft.set('volts.on', control.on_V, reason);
    draft.set('volts.full', control.full_V, reason);
  }
  if (control.kind === 'sensor') {
    const range = fig('pressure', control.range_bar);
    if (draft.has('sensor.kind'))
      draft.choose('sensor.kind', 'sensor.differential', { text: 'sensor.differential', values: {} });
    draft.set('sensor.range', control.range_bar, { text: 'range.label', values: { range } });
  }
  if (control.kind === 'link') planLink(draft, control.others, control.silent);
}

function planLink(
  draft: CirculatorDraft,
  others: readonly number[],
  silent: 'own-mode' | 'stop' | null,
): void {
  const { protocols } = draft.context.profile.behaviours;
  if (draft.has('port')) draft.choose('port', 'port.on', { text: 'port.on', values: {} });
  const { protocol, address } = draft.settings();
  const known = protocols.find(({ value }) => value === protocol) ?? protocols[0];
  if (known) {
    const fits = (one: number) => one >= known.least && one <= known.greatest && !others.includes(one);
    if (address !== null && fits(address))
      draft.set('link.address', address, { text: 'address.keep', values: {} });
    else {
      const free = freeAddress(others, known.least, known.greatest);
      if (free === null)
        draft.problems.push({ kind: 'no-address', least: known.least, greatest: known.greatest });
      else draft.set('link.address', free, { text: 'address.free', values: {} });
    }
  }
  // what nobody decided is left as it is
  if (silent && draft.has('link.silence'))
    draft.choose('link.silence', `silence.${silent}`, { text: `silence.${silent}`, values: {} });
}

/** The mode, and the smallest step of its figure that carries the duty. */
function planMode(draft: CirculatorDraft, pump: PumpInSystem): void {
  const { context } = draft;
  const mode = plannedMode(context);
  const proposed = proposedMode(context);
  const why = mode === proposed ? (`mode.${context.duty.system}` as const) : 'mode.chosen';
  if (draft.has('mode')) draft.choose('mode', `mode.${mode}`, { text: why, values: {} });
  // by volts the site's controller asks for the speed, and no figure of a mode counts
  if (context.duty.control.kind === 'volts') return;
  const short = shortOf(context, pump);
  if (mode !== 'constant' && mode !== 'proportional' && mode !== 'self') {
    const share = Math.min(1, shareForDuty(context, pump));
    draft.set('speed', share * 100, short ?? { text: 'speed.duty', values: valuesOf(context, pump) }, 'up');
    return;
  }
  const head = headFor_m(context, pump, mode);
  if (head === null || !draft.has('head')) return;
  draft.set('head', head, short ?? { text: 'head.duty', values: valuesOf(context, pump) }, 'up');
  if (short) return;
  const target = draft.targets.at(-1);
  if (target?.role !== 'head' || target.reason.text !== 'head.duty') return;
  // how much the step is over, and what that costs, is said with it
  const line = lineOf(context, pump, { ...draft.settings() });
  if (line === null) return;
  const over_m = atDuty_m(pump, line) - context.duty.index.head_m;
  const exact = lineOf(context, pump, { ...draft.settings(), head_m: head });
  const more = exact === null ? 0 : yearCost(context, pump, line) - yearCost(context, pump, exact);
  if (over_m <= 0.005) return;
  draft.targets[draft.targets.length - 1] = {
    ...target,
    reason: {
      text: 'head.over',
      values: {
        ...valuesOf(context, pump),
        over: fig('length', over_m),
        cost: `${more.toFixed(2)} ${context.duty.currency}`,
      },
    },
  };
}

/** What is said where even full speed does not carry the duty; null where it does. */
function shortOf(context: CirculatorContext, pump: PumpInSystem): CirculatorReason | null {
  const gives_m = headAt_m(pump.curve, pump.flow_m3h);
  if (gives_m >= context.duty.index.head_m - 1e-9) return null;
  return {
    text: 'duty.short',
    values: { ...valuesOf(context, pump), gives: fig('length', Math.max(0, gives_m)) },
  };
}

function valuesOf({ duty }: CirculatorContext, { flow_m3h }: PumpInSystem) {
  return { flow: fig('waterFlow', flow_m3h), head: fig('length', duty.index.head_m) };
}

/** The water is warm again when people get up. */
const UP_min = 300;
const DAY_min = 1440;

/** By temperature it turns faster when it is too cool; cooling the other way round. A return is measured where it comes back. */
function planSense(draft: CirculatorDraft): void {
  const { system } = draft.context.duty;
  if (plannedMode(draft.context) !== 'temperature') return;
  const sense = system === 'cooling' ? 'cooling' : 'heating';
  if (draft.has('temperature.sense'))
    draft.choose('temperature.sense', `sense.${sense}`, { text: `sense.${sense}`, values: {} });
  const place = system === 'hot-water' ? 'return' : 'flow';
  if (draft.has('temperature.place'))
    draft.choose('temperature.place', `place.${place}`, { text: `place.${place}`, values: {} });
}

/** A hot-water return by temperature or clock, within what code or operator allow. */
function planReturn(draft: CirculatorDraft): void {
  const { hotWater } = draft.context.duty;
  if (!hotWater) return;
  const mode = plannedMode(draft.context);
  const coolest = fig('temperature', hotWater.coolest_C);
  if (mode === 'temperature')
    draft.set(
      'temperature',
      hotWater.coolest_C + RETURN_MARGIN_K,
      { text: 'return.coolest', values: { coolest } },
      'up',
    );
  if (mode !== 'clock') return;
  const stands = plannedPause_min(draft.context);
  const pause = fig('minutes', stands);
  const stop = (UP_min - stands + DAY_min) % DAY_min;
  for (let place = 1; place <= clockPlaces(draft.context.profile); place++) {
    const [from, to] = place === 1 ? [UP_min, stop] : [0, 0];
    const reason: CirculatorReason =
      place === 1 ? { text: 'run.pause', values: { pause } } : { text: 'run.none', values: {} };
    draft.put('run.from', from, reason, place);
    draft.put('run.to', to, reason, place);
  }
}

/** What happens after a cut, and who may change it. */
function planGuards(draft: CirculatorDraft): void {
  const { afterCut = 'resume' } = draft.context.duty.choices;
  if (draft.has('power.after-cut'))
    draft.choose('power.after-cut', `after-cut.${afterCut}`, { text: `after-cut.${afterCut}`, values: {} });
}
