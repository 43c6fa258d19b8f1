import { eachOf } from '../../parts/check-input';
import { worstLoad } from '../effect/load';
import { boardLimit_A } from '../plan/row';
import type { Finding } from '../../../findings';
import { lacksOf, matchTable, type Lack } from '../effect/match';
import { keyless, outputNamed } from '../effect/panel';
import { finding } from '../texts/texts';
import type { Need } from '../wire/table';
import type { CheckInput } from './input';

/** The number and what belongs to it: row, switches, links, keys. */
export function checkNumber(input: CheckInput): Finding[] {
  return eachOf(input, row, needs, setUp, keys);
}

const LACK_WORDS: Readonly<Record<Lack['kind'], (output: string) => string>> = {
  dead: (output) => `no output for ${output}`,
  'one-speed': (output) =>
    output === 'the blower'
      ? 'fewer speeds for the blower than it has'
      : `one speed for ${output}, which has two`,
  still: (output) => `it counts on ${output} to move water, and there is none such`,
  idle: (output) => `its output for ${output} is not used in full`,
};

/** A lack in words. */
export function lackSaid({ kind, output }: Lack): string {
  return LACK_WORDS[kind](outputNamed(output));
}

const DOES: Readonly<Record<Lack['kind'], string>> = {
  dead: 'What has no output never runs.',
  'one-speed': 'A speed is lost: it runs loud all the time, or never strong.',
  still: 'The heater runs without flow, and its limiter trips, or worse.',
  idle: 'A key does nothing.',
};

/** What is said of several lacks: the gravest. */
const GRAVEST: readonly Lack['kind'][] = ['still', 'dead', 'one-speed', 'idle'];

/** SPA-01: a row that lacks something; one that only idles is no harm by itself, but another row may be exact. */
function row({ context, subject, settings, row: at, at: place }: CheckInput): Finding[] {
  const { number } = settings;
  if (number === null) return [];
  if (!at)
    return [
      finding('SPA-01.none', subject, { number: String(number), count: String(context.table.length) }, [
        place('number'),
      ]),
    ];
  const lacks = lacksOf(context.duty, at);
  if (lacks.length === 0) return [];
  const harm = lacks.filter(({ kind }) => kind !== 'idle');
  const { exact } = matchTable(context.duty, context.table);
  const worst = GRAVEST.find((kind) => lacks.some((lack) => lack.kind === kind)) ?? 'idle';
  // a row that the supply or the board does not carry is no advice
  const board = boardLimit_A(context);
  const carried = exact.filter(({ row: one }) => {
    const load = worstLoad(context.duty, one);
    return load.margin >= 0 && (board === null || load.worst_A <= board + 1e-9);
  });
  const other = carried.map(({ row: one }) => one.number).join(' or ');
  const values = {
    number: String(number),
    lacks: lacks.map(lackSaid).join('; '),
    does: DOES[worst],
    todo:
      carried.length > 0
        ? `Set number ${other}.`
        : exact.length > 0
          ? 'The rows that fit take more than supply or board carry: less connected, or a larger supply, by a licensed electrician.'
          : 'No row fits all of it: see the table.',
  };
  // an output with nothing on it does no harm
  const mild = harm.length === 0 ? 'note' : undefined;
  return [finding('SPA-01', subject, values, [place('number')], mild)];
}

/** A need of a row in words. */
export function needSaid({ part, at, on }: Need): string {
  return `${part} ${at} ${on ? 'on' : 'off'}`;
}

/** SPA-09: switches and links that stand otherwise than the row needs. What nobody read is not judged. */
function needs({ subject, settings, row: at, at: place }: CheckInput): Finding[] {
  const wrong = (at?.needs ?? []).filter(({ part, at: which, on }) => {
    const stands = (part === 'switch' ? settings.switches : settings.links)[which - 1] ?? null;
    return stands !== null && stands !== on;
  });
  if (!at || wrong.length === 0) return [];
  const places = wrong.map(({ part, at: which }) => place(part, which));
  return [
    finding('SPA-09', subject, { number: String(at.number), needs: wrong.map(needSaid).join(', ') }, places),
  ];
}

/** SPA-02. */
function setUp({ context, subject, settings, at }: CheckInput): Finding[] {
  return context.profile.behaviours.bank.flatMap(({ setUp: opens, means }, i) =>
    opens && settings.switches[i] === true
      ? [finding('SPA-02', subject, { at: String(i + 1), means }, [at('switch', i + 1)])]
      : [],
  );
}

/** SPA-07. */
function keys({ context, subject, settings, at }: CheckInput): Finding[] {
  const open = keyless(context.duty, settings);
  if (open.length === 0) return [];
  // a plan that found no key for it says so itself
  const outputs = open.map(outputNamed).join(', ');
  return subject === 'target' ? [] : [finding('SPA-07', subject, { outputs }, [at('key.function')])];
}
