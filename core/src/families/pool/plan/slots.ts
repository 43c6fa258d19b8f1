import { speedRange } from './programs';
import { daysInWords, EVERY_DAY, timeOfDay } from '../../../time';
import { fig } from '../../../units';
import { poolChoices } from '../wire/duty';
import { type WantedProgram } from '../wire/programs';
import { emptyingOf } from '../settings/empty-slot';
import { pumpOf } from '../effect/hydraulics';
import type { PoolDraft } from './draft';
import type { PoolReason } from '../texts/reasons';
import { dryPlaces, waterCircuits } from '../settings/pumping';
import { placed, understand } from '../settings/understand';

/** The slots that schedules may stand in, in the order they are filled: those that are front keys stay free, or come first. */
export function scheduleSlots({ context }: PoolDraft): number[] {
  const { keyed, timed } = context.profile.behaviours.programs;
  const dry = drySlots(context);
  const slots = placed(context.profile, 'program.start').filter(
    (slot) => !timed.includes(slot) && !dry.has(slot),
  );
  if (poolChoices(context.duty).keys === 'first-slots') return slots;
  const free = slots.filter((slot) => !keyed.includes(slot));
  return [...free, ...slots.filter((slot) => keyed.includes(slot))];
}

/** Slots that time what moves no water (lights, an outlet), as far as they were read: a plan leaves them alone. */
function drySlots({ duty, profile, plate, inForce }: PoolDraft['context']): ReadonlySet<number> {
  const dry = dryPlaces(duty);
  const slots = understand(profile, plate, inForce).programs;
  return new Set(slots.flatMap(({ slot, circuit }) => (circuit !== null && dry.has(circuit) ? [slot] : [])));
}

/** Puts the wanted programs into slots, and empties the others: what was there would run beside them. */
export function planSlots(draft: PoolDraft, wanted: readonly WantedProgram[]): void {
  const { context } = draft;
  const slots = scheduleSlots(draft);
  const { keyed, timed } = context.profile.behaviours.programs;
  if (wanted.length > slots.length) {
    draft.problems.push({ kind: 'too-many', wanted: wanted.length, slots: slots.length });
  }
  const dry = drySlots(context);
  const used = new Set<number>();
  wanted.slice(0, slots.length).forEach((program, i) => {
    used.add(slots[i]);
    planProgram(draft, slots[i], program);
  });
  for (const slot of placed(context.profile, 'program.start')) {
    if (!used.has(slot) && !timed.includes(slot) && !dry.has(slot)) {
      const text = keyed.includes(slot) ? 'program.key' : 'program.off';
      emptySlot(draft, slot, { text, values: {} });
    }
  }
  planCircuits(draft, wanted);
}

function planProgram(draft: PoolDraft, slot: number, program: WantedProgram): void {
  const { duty } = draft.context;
  const name = program.name || `Program ${slot}`;
  const times = { name, start: timeOfDay(program.start), stop: timeOfDay(program.stop) };
  if (draft.has('program.days')) {
    draft.put(
      'program.days',
      program.days,
      { text: 'program.days', values: { name, days: daysInWords(program.days) } },
      slot,
    );
  } else if (program.days !== EVERY_DAY) {
    draft.problems.push({ kind: 'no-days', name, days: daysInWords(program.days) });
  }
  draft.set('program.start', program.start, { text: 'program.start', values: times }, slot);
  draft.set('program.stop', program.stop, { text: 'program.stop', values: times }, slot);
  if (draft.has('program.circuit')) {
    const place = duty.circuits.find((circuit) => circuit.name === program.circuit)?.place;
    draft.choose(
      'program.circuit',
      place ? `circuit.${place}` : 'circuit.none',
      { text: 'program.circuit', values: { name: program.circuit ?? name } },
      slot,
    );
  }
  if (draft.has('program.speed')) {
    const flow = fig('waterFlow', pumpOf(duty).flow_m3h(program.speed_rpm));
    draft.speed('program.speed', program.speed_rpm, { text: 'program.speed', values: { name, flow } }, slot);
  }
  draft.choose('program.enable', 'enable.on', { text: 'program.on', values: {} }, slot);
}

function emptySlot(draft: PoolDraft, slot: number, reason: PoolReason): void {
  const emptying = emptyingOf(draft.context.profile, slot);
  if (!emptying) draft.problems.push({ kind: 'cannot-empty', slot });
  for (const one of emptying ?? []) {
    if ('option' in one) draft.choose(one.role, one.option, reason, slot);
    else draft.set(one.role, one.value, reason, slot);
  }
}

/** The speed of each circuit that a panel switches, and whether frost guard runs it. */
function planCircuits(draft: PoolDraft, wanted: readonly WantedProgram[]): void {
  const { duty } = draft.context;
  const pump = pumpOf(duty);
  const guarded = ['move-water', 'full-speed'].includes(poolChoices(duty).frost) && duty.winter !== 'none';
  const winterSaid = duty.winter !== null;
  for (const circuit of waterCircuits(duty)) {
    const { place } = circuit;
    if (place === null || !placed(draft.context.profile, 'circuit.speed').includes(place)) continue;
    const speeds = [
      ...new Set(
        wanted.filter((program) => program.circuit === circuit.name).map(({ speed_rpm }) => speed_rpm),
      ),
    ];
    if (speeds.length > 1) draft.problems.push({ kind: 'two-speeds', circuit: circuit.name, speeds });
    const least = pump.speedFor_rpm(circuit.leastFlow_m3h, circuit.static_m);
    const values = { name: circuit.name, flow: fig('waterFlow', circuit.leastFlow_m3h) };
    if (speeds.length > 0)
      draft.speed('circuit.speed', Math.max(...speeds), { text: 'circuit.run', values }, place);
    else {
      const { greatest_rpm } = speedRange(draft.context);
      const { least_rpm } = draft.context.profile.behaviours.speed;
      if (least > greatest_rpm)
        draft.speed(
          'circuit.speed',
          greatest_rpm,
          {
            text: 'circuit.most',
            values: { ...values, given: fig('waterFlow', pump.flow_m3h(greatest_rpm, circuit.static_m)) },
          },
          place,
          'down',
        );
      else draft.speed('circuit.speed', Math.max(least, least_rpm), { text: 'circuit.speed', values }, place);
    }
    const on = guarded && circuit.exposed;
    if (!winterSaid) continue;
    draft.choose(
      'circuit.frost',
      on ? 'frost.on' : 'frost.off',
      { text: on ? 'circuit.frost.on' : 'circuit.frost.off', values: {} },
      place,
    );
  }
}
