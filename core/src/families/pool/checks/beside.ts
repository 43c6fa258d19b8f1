import { eachOf } from '../../parts/check-input';
import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { fixedSpeeds_rpm } from '../effect/fixed-speeds';
import { finding } from '../texts/texts';
import { PUMP_SPEEDS } from '../wire/second-pump';
import type { CheckInput } from './input';

/** What stands beside programs and guards: circuits by themselves, pumps that are there, night cooling, delays, valves, chemistry. */
export function checkBeside(input: CheckInput): Finding[] {
  return eachOf(input, circuits, pumps, cooling, valves, sensing, chemistry);
}

/** Started by people, and left by them. */
const BY_PEOPLE: ReadonlySet<string> = new Set(['spa', 'feature']);

/** POO-06 and ANY-12: what somebody starts and nobody stops, and what comes on by itself when power returns. */
function circuits({ context, subject, settings, at }: CheckInput): Finding[] {
  return context.duty.circuits.flatMap(({ kind, name, place }) => {
    const stored = settings.circuits.find((one) => one.place === place);
    if (place === null || !stored || !BY_PEOPLE.has(kind)) return [];
    return [
      ...(stored.timer === 'none'
        ? [finding('POO-06.stays', subject, { circuit: name }, [at('circuit.timer', place)])]
        : []),
      ...(stored.atPower === 'on' || stored.atPower === 'as-before'
        ? [finding('ANY-12.circuit', subject, { circuit: name }, [at('circuit.at-power', place)])]
        : []),
    ];
  });
}

/** POO-20: pumps that are set otherwise than they are there. */
function pumps({ context, subject, settings, at }: CheckInput): Finding[] {
  const { pumpSpeeds, second } = context.duty;
  const found: Finding[] = [];
  if (pumpSpeeds !== undefined && settings.speeds !== null && settings.speeds !== pumpSpeeds)
    found.push(
      finding('POO-20.speeds', subject, { set: PUMP_SPEEDS[settings.speeds], is: PUMP_SPEEDS[pumpSpeeds] }, [
        at('pump.speeds'),
      ]),
    );
  const there = second === undefined ? null : second === null ? 'none' : second.kind;
  if (there !== null && settings.second !== null && settings.second !== there)
    found.push(
      finding('POO-20.second', subject, { set: SECOND[settings.second], is: SECOND[there] }, [
        at('pump.second'),
      ]),
    );
  const fixed = fixedSpeeds_rpm(context.duty);
  if (fixed === null) return found;
  const odd = settings.programs.filter(
    ({ empty, timed, speed_rpm }) => !empty && !timed && speed_rpm !== null && !isThere(fixed, speed_rpm),
  );
  if (odd.length > 0)
    found.push(
      finding(
        'POO-20.fixed',
        subject,
        {
          set: fig('speed', odd[0].speed_rpm ?? 0),
          speeds: fixed.map((speed) => `${speed} rev/min`).join(' and '),
        },
        odd.map(({ slot }) => at('program.speed', slot)),
      ),
    );
  return found;
}

const SECOND = {
  none: 'no second pump',
  single: 'a second pump with one speed',
  'two-speed': 'a second pump with two speeds',
} as const;

/** A display in steps is this near to the pump's own speed. */
const NEAR_SHARE = 0.03;
const isThere = (speeds: readonly number[], set: number) =>
  speeds.some((speed) => Math.abs(set - speed) <= speed * NEAR_SHARE);

/** POO-15: cooling that nobody wants, that is wanted and off, or that takes at night what was heated by day. */
function cooling({ context, subject, settings, at }: CheckInput): Finding[] {
  const { heat } = context.duty;
  const { on, above_C } = settings.cooling;
  if (!heat || on === null) return [];
  const wanted = heat.cooledTo_C;
  if (!on)
    return wanted === undefined
      ? []
      : [finding('POO-15.uncooled', subject, { wanted: fig('temperature', wanted) }, [at('cooling.night')])];
  if (wanted === undefined) return [finding('POO-15.unasked', subject, {}, [at('cooling.night')])];
  const { pool_C } = settings.heat;
  if (above_C === null) return [];
  if (pool_C !== null && settings.heat.source !== 'off' && above_C <= pool_C)
    return [
      finding(
        'POO-15.fights',
        subject,
        { cooled: fig('temperature', above_C), heated: fig('temperature', pool_C) },
        [at('cooling.above'), at('heat.pool')],
      ),
    ];
  return Math.abs(above_C - wanted) <= COOLED_NEAR_K
    ? []
    : [
        finding(
          'POO-15.cooled',
          subject,
          { cooled: fig('temperature', above_C), wanted: fig('temperature', wanted) },
          [at('cooling.above')],
        ),
      ];
}

/** Water this much off what was agreed is felt, K. */
const COOLED_NEAR_K = 1;

/** POO-16 and POO-21: a delay that is skipped, and valves that what is asked for needs and no place has. */
function valves({ context, subject, settings, at }: CheckInput): Finding[] {
  const found: Finding[] = [];
  if (settings.delays.override === 'on')
    found.push(finding('POO-16.skipped', subject, {}, [at('delay.override')]));
  // while one was not read nobody can say that it is missing
  if (settings.valves.length === 0 || settings.valves.includes(null)) return found;
  const { heat } = context.duty;
  const places = settings.valves.map((_, i) => at('valve.role', i + 1));
  const roof = heat !== null && (heat.source === 'solar' || heat.source === 'solar-first');
  if (roof && !settings.valves.includes('roof')) found.push(finding('POO-21.roof', subject, {}, places));
  const both = heat !== null && heat.tub_C !== null;
  const shared = ['suction', 'return'] as const;
  const lacks = shared.filter((one) => !settings.valves.includes(one));
  if (both && lacks.length === 1)
    found.push(
      finding('POO-21.half', subject, { lacks: lacks[0] === 'suction' ? 'suction' : 'return' }, places),
    );
  return found;
}

/** POO-10: how finely a full prime is sensed. */
function sensing({ subject, settings, at }: CheckInput): Finding[] {
  const { way, senses } = settings.prime;
  if (way !== 'sense' || senses === null || senses === 'usual') return [];
  return [finding(`POO-10.${senses}`, subject, {}, [at('prime.sensitivity')])];
}

/** POO-26: what doses is told that water moves, and the panel is set to tell it. */
function chemistry({ context, subject, settings, at }: CheckInput): Finding[] {
  const doses = context.duty.linked.filter(({ kind }) => kind === 'dosing' || kind === 'chemistry');
  const found = doses
    .filter(({ told }) => told === 'nothing')
    .map(({ name }) => finding('POO-26.blind', subject, { name }));
  const beside = doses.find(({ kind }) => kind === 'chemistry');
  const { chemistry: set } = settings;
  if (!beside || set === null || (beside.told !== 'contact' && beside.told !== 'link')) return found;
  return set === beside.told
    ? found
    : [
        ...found,
        finding('POO-26.told', subject, { name: beside.name, set: TOLD[set], is: TOLD[beside.told] }, [
          at('chemistry'),
        ]),
      ];
}

const TOLD = { none: 'nothing', contact: 'a contact', link: 'a link' } as const;
