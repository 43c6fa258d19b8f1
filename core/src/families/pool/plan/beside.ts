import type { Circuit } from '../wire/circuits';
import { placed } from '../settings/understand';
import type { PoolDraft } from './draft';

/** Circuits that somebody starts and nobody stops: they end by themselves, and stay off when power comes back. */
const BY_PEOPLE: ReadonlySet<Circuit['kind']> = new Set(['spa', 'feature']);

/** Circuits that run by programs. */
const BY_PROGRAM: ReadonlySet<Circuit['kind']> = new Set(['filter', 'cleaner']);

/** What stands beside programs and guards: circuits by themselves, the other pump, night cooling, delays, the controller of chemistry. */
export function planBeside(draft: PoolDraft): void {
  draft.step(['circuit.timer', 'circuit.at-power'], () => planCircuits(draft));
  draft.step(['pump.speeds', 'pump.second'], () => planPumps(draft));
  draft.step(['cooling.night', 'cooling.above'], () => planCooling(draft));
  draft.choose('delay.override', 'override.off', { text: 'override.off', values: {} });
  draft.step(['chemistry'], () => {
    const told = draft.context.duty.linked.find(({ kind }) => kind === 'chemistry')?.told;
    if (told === 'contact' || told === 'link')
      draft.choose('chemistry', `chemistry.${told}`, { text: 'chemistry.told', values: {} });
  });
}

function planCircuits(draft: PoolDraft): void {
  const { duty, profile } = draft.context;
  for (const { kind, name, place } of duty.circuits) {
    if (place === null || kind === 'no-water') continue;
    const people = BY_PEOPLE.has(kind);
    // heat, roof and chlorinator are called for: how they end is left as it is
    const text = people ? 'timer.counts' : BY_PROGRAM.has(kind) ? 'timer.clock' : null;
    if (text !== null && placed(profile, 'circuit.timer').includes(place))
      draft.choose('circuit.timer', text, { text, values: { name } }, place);
    if (people && placed(profile, 'circuit.at-power').includes(place))
      draft.choose('circuit.at-power', 'at-power.off', { text: 'at-power.off', values: { name } }, place);
  }
}

function planPumps(draft: PoolDraft): void {
  const { pumpSpeeds, second } = draft.context.duty;
  if (pumpSpeeds) draft.choose('pump.speeds', `speeds.${pumpSpeeds}`, { text: 'pump.there', values: {} });
  if (second !== undefined)
    draft.choose('pump.second', second ? `second.${second.kind}` : 'second.none', {
      text: 'pump.there',
      values: {},
    });
}

function planCooling(draft: PoolDraft): void {
  const cooledTo_C = draft.context.duty.heat?.cooledTo_C;
  if (cooledTo_C === undefined) return;
  draft.choose('cooling.night', 'cooling.on', { text: 'cooling.on', values: {} });
  draft.set('cooling.above', cooledTo_C, { text: 'cooling.above', values: {} }, 1, 'up');
}
