import { fig } from '../../../units';
import { bathing_min } from '../effect/load';
import { keyless, outputNamed } from '../effect/panel';
import type { SpaContext } from '../settings/context';
import type { SpaReason } from '../texts/reasons';
import { planCycles } from './cycles';
import { SpaDraft, type SpaPlan } from './draft';
import { chosenRow, offerFigures } from './row';
import { settled } from '../../parts/repair';
import { checkSettings } from '../checks/checks';
import { heldRoles } from './held';
import { understand } from '../settings/understand';
import { RULE_WORDS, ruleSaid } from '../texts/rule-words';
import { SPA_TEXTS } from '../texts/texts';

const reason = (text: SpaReason['text'], values: SpaReason['values'] = {}): SpaReason => ({ text, values });

/** What is connected and what is wanted, to target settings, each with its reason. Throws an InputError on figures that give no loss. */
export const planSpa = settled({
  propose,
  check: checkSettings,
  understand,
  texts: SPA_TEXTS,
  held: heldRoles,
});

function propose(context: SpaContext): SpaPlan {
  const draft = new SpaDraft(context);
  draft.step(['number', 'switch', 'link'], () => planNumber(draft));
  planHeat(draft);
  draft.step(['clean-up'], () => {
    const { cleanUp_min } = context.duty.choices;
    if (cleanUp_min !== undefined) draft.set('clean-up', cleanUp_min, reason('clean-up.stated'), 'up');
  });
  draft.step(['cycle.start', 'cycle.length', 'cycle.interval'], () => planCycles(draft));
  planPanel(draft);
  draft.step([], () => draft.enterAgain(reason('again.number')));
  return draft.finish();
}

function planNumber(draft: SpaDraft): void {
  const { context } = draft;
  const chosen = chosenRow(context);
  if ('problem' in chosen) {
    draft.problems.push(chosen.problem);
  } else {
    const { row } = chosen.offer;
    const values = { ...offerFigures(chosen.offer), rule: ruleSaid(row) };
    const { rule } = context.duty.choices;
    if (rule !== undefined && (row.heater !== rule || row.ruleUnsaid))
      draft.problems.push({ kind: 'other-rule', asked: RULE_WORDS[rule], taken: ruleSaid(row) });
    draft.set('number', row.number, reason('number.match', values));
    for (const { part, at, on } of row.needs)
      draft.pick(
        part,
        `${part}.${on ? 'on' : 'off'}`,
        reason('need.row', { number: String(row.number) }),
        at,
      );
  }
  context.profile.behaviours.bank.forEach(({ setUp }, i) => {
    if (setUp) draft.pick('switch', 'switch.off', reason('switch.set-up'), i + 1);
  });
}

/** Less than this is within what thermometer and display are apart anyway, K. */
const LEAST_OFF_K = 0.5;

function planHeat(draft: SpaDraft): void {
  const { duty, displayOff_K } = draft.context;
  draft.step(['range', 'set'], () => planSet(draft));
  draft.step(['heating'], () => {
    const { heating } = duty.choices;
    draft.pick(
      'heating',
      `heating.${heating ?? 'always'}`,
      reason(heating === undefined ? 'heating.always' : 'heating.chosen'),
    );
  });
  // what the thermometer says of the display is only known where both were read
  const offset = draft.of('sensor.offset');
  if (offset && displayOff_K !== null && Math.abs(displayOff_K) >= LEAST_OFF_K)
    draft.step(['sensor.offset'], () =>
      draft.set(
        'sensor.offset',
        (draft.settings().offset_K ?? 0) - displayOff_K,
        reason('offset.read', { off: fig('difference', displayOff_K) }),
      ),
    );
}

function planSet(draft: SpaDraft): void {
  const { duty, profile, displayOff_K } = draft.context;
  const { temperature_C, limit_C } = duty.wanted;
  // where the display cannot be corrected, it is set so that the water is what is wanted
  const reads_K =
    draft.of('sensor.offset') || displayOff_K === null || Math.abs(displayOff_K) < LEAST_OFF_K
      ? 0
      : displayOff_K;
  const set_C = Math.min(temperature_C, limit_C) + reads_K;
  const { ranges } = profile.behaviours;
  if (ranges) {
    const now = draft.settings().range;
    const holds = (range: 'low' | 'high') => set_C >= ranges[range][0] && set_C <= ranges[range][1];
    const off_K = (range: 'low' | 'high') => Math.max(0, ranges[range][0] - set_C, set_C - ranges[range][1]);
    const range = now && holds(now) ? now : off_K('low') < off_K('high') ? 'low' : 'high';
    draft.pick(
      'range',
      `range.${range}`,
      reason(holds(range) ? 'range.holds' : 'range.near', { set: fig('temperature', set_C) }),
    );
  }
  draft.set(
    'set',
    set_C,
    reads_K !== 0
      ? reason('set.display', {
          water: fig('temperature', Math.min(temperature_C, limit_C)),
          off: fig('difference', reads_K),
        })
      : temperature_C > limit_C
        ? reason('set.limit', {
            wanted: fig('temperature', temperature_C),
            limit: fig('temperature', limit_C),
          })
        : reason('set.wanted'),
    'down',
  );
}

function planPanel(draft: SpaDraft): void {
  draft.step(['jets.time-out'], () => planTimeOut(draft));
  draft.step(['key.function'], () => planKeys(draft));
  draft.step(['lock', 'lock.temperature'], () => {
    if (!draft.context.duty.code) return;
    draft.pick('lock', 'lock.on', reason('lock.shared'));
    draft.pick('lock.temperature', 'lock.on', reason('lock.shared'));
  });
}

function planTimeOut(draft: SpaDraft): void {
  const { duty } = draft.context;
  if (duty.baths.length > 0) {
    const long = Math.max(...duty.baths.map((bath) => bathing_min({ baths: [bath] })));
    // a bath may be longer than any time-out that it takes: then somebody turns them on again
    const most = draft.settable('jets.time-out', long, 'up');
    draft.set(
      'jets.time-out',
      Math.min(long, most),
      reason(most < long ? 'time-out.most' : 'time-out.bath', { long: fig('minutes', long) }),
      'up',
    );
  }
}

function planKeys(draft: SpaDraft): void {
  const { duty } = draft.context;
  const open = keyless(duty, draft.settings());
  const left: typeof open = [];
  for (const output of open) {
    const { keys } = draft.settings();
    const wanted = new Set(duty.pumps.map((_, i) => `pump-${i + 1}`));
    const free = keys.findIndex((drives, i) => {
      const takes = draft.of('key.function', i + 1) !== undefined;
      return takes && (drives === null || !(wanted.has(drives) || duty[drives as 'blower'] !== null));
    });
    if (free < 0) left.push(output);
    else
      draft.pick(
        'key.function',
        `key.${output}`,
        reason('key.output', { output: outputNamed(output) }),
        free + 1,
      );
  }
  if (left.length > 0) draft.problems.push({ kind: 'no-key', outputs: left });
}
