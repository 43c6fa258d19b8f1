import { orElse } from '../../../input';
import type { SettingValues } from '../../../profile';
import { fig, figureWithUnit, presentReader, type Quantity } from '../../../units';
import { standsAs, type Block, type BlockItem, type BlockOf } from '../../../visit';
import type { HandoverPart } from '../../family';
import { lackSaid } from '../checks/number';
import { stateSaid, worstLoad } from '../effect/load';
import { lacksOf, matchTable, rowOf } from '../effect/match';
import { held_C, heaterFlows, shownUntil_h, tubDay, warming } from '../effect/tub';
import type { SpaView } from '../kind';
import { triedOutputs } from '../proof/outputs';
import type { SpaContext } from '../settings/context';
import { understand } from '../settings/understand';
import { cellsOfRow, TABLE_COLUMNS } from '../wire/table-csv';

const say = (q: Quantity, value: number) => figureWithUnit(fig(q, value), presentReader());

/** What is handed over of a pack alone: its number and load before and after, how it warms, and the rows that were nearest. */
export function partOf(view: SpaView): HandoverPart {
  const sound = view.checks.filter(standsAs).filter(({ verdict }) => verdict.ok);
  const passed = (key: string) => sound.some(({ check }) => check.key === key);
  const outputs = view.context ? triedOutputs(view.context) : [];
  const tried = outputs.filter((output) => passed(`output-${output}`)).length;
  const all = outputs.length > 0 && tried === outputs.length;
  const line = (good: boolean, yes: string, no: string) => ({ words: good ? yes : no, sound: good });
  return {
    first: orElse(() => numberBlock(view), []),
    behind: [...orElse(() => warmingBlock(view), []), ...matchBlock(view)],
    tried: [],
    proof: {
      points: 0,
      passed: 0,
      says: [
        line(passed('number-back'), 'The number was read back.', 'The number was not read back.'),
        line(
          all,
          'Every output ran in each of its states.',
          `${tried} of ${outputs.length} outputs were tried.`,
        ),
        line(
          passed('rcd'),
          'The residual-current protection tripped by its test key.',
          'The residual-current protection was not tried.',
        ),
        line(passed('warms'), 'The water was seen to warm.', 'Warming was not measured.'),
      ],
    },
  };
}

function numberBlock({ context, values }: SpaView): Block[] {
  if (!context) return [];
  const block: BlockOf<'before-after'> = {
    kind: 'before-after',
    key: 'number',
    title: 'Number, current and warmth, before and after',
    headline: null,
    sides: [
      { column: 'found', items: sideOf(context, values.found) },
      { column: 'left', items: sideOf(context, values.force) },
    ],
    note: 'Worked out from the table, from what is connected and from the settings, in the coldest air; what was tried stands below.',
  };
  return [block];
}

function sideOf(context: SpaContext, values: SettingValues): BlockItem[] {
  const { duty, table } = context;
  const settings = understand(context.profile, context.plate, values);
  if (settings.number === null) return [{ kind: 'figure', words: 'not known', known: false }];
  const row = rowOf(table, settings.number);
  const number: BlockItem = { kind: 'figure', words: `Number ${settings.number}`, known: true };
  if (!row) return [number, { kind: 'verdict', words: 'in no row of its table', good: false }];
  const lacks = lacksOf(duty, row).filter(({ kind }) => kind !== 'idle');
  const load = worstLoad(duty, row);
  const held = held_C(context, settings);
  const day = tubDay(context, settings);
  const ready = day && held !== null ? warming(context, day, held).ready_h : null;
  return [
    number,
    {
      kind: 'verdict',
      words: lacks.length === 0 ? 'fits all that is connected' : lacks.map(lackSaid).join('; '),
      good: lacks.length === 0,
    },
    { kind: 'line', words: `at most ${say('motorCurrent', load.worst_A)}: ${stateSaid(duty, load.state)}` },
    {
      kind: 'verdict',
      words:
        load.margin >= 0
          ? `${Math.round(load.margin * 100)} % of the supply left`
          : `more than the breaker of ${say('motorCurrent', duty.supply.breaker_A)}`,
      good: load.margin >= 0,
    },
    ...(held === null ? [] : [{ kind: 'line' as const, words: `holds ${say('temperature', held)}` }]),
    ...(day === null || held === null
      ? []
      : [
          {
            kind: 'verdict' as const,
            words:
              ready === null
                ? 'never that warm in the coldest air'
                : `that warm ${say('hours', ready)} after filling`,
            good: ready !== null,
          },
        ]),
  ];
}

const HALF_h = 0.5;

function warmingBlock({ context, values }: SpaView): Block[] {
  if (!context || heaterFlows(context.duty) === false) return [];
  const columns = [
    ['found', values.found],
    ['left', values.force],
  ] as const;
  const courses = columns.flatMap(([column, held]) => {
    const settings = understand(context.profile, context.plate, held);
    const [to, day] = [held_C(context, settings), tubDay(context, settings)];
    return day && to !== null ? [{ column, to, ...warming(context, day, to) }] : [];
  });
  if (courses.length === 0) return [];
  const end = shownUntil_h(courses.map(({ ready_h }) => ready_h));
  const lines = courses.map(({ column, water_C }) => ({
    column,
    points: water_C
      .map((water, i): [number, number] => [i * HALF_h, water])
      .filter(([hours]) => hours <= end),
    marks: [],
  }));
  const { wanted, tub } = context.duty;
  const nice = Math.max(1, Math.ceil(end / 8));
  const top = Math.max(wanted.temperature_C, ...courses.map(({ to }) => to));
  return [
    {
      kind: 'chart',
      key: 'warming',
      title: 'Warming up after filling',
      x: {
        title: 'Time, h',
        from: 0,
        to: end,
        at: Array.from({ length: Math.floor(end / nice) + 1 }, (_, i) => i * nice),
      },
      y: { title: 'Water, °C', from: Math.floor(wanted.from_C - 2), to: Math.ceil(top + 2) },
      lines,
      dots: [],
      says: `From ${say('temperature', wanted.from_C)} in air of ${say('temperature', tub.coldest_C)}, under its cover; calculated.`,
    },
  ];
}

const SHOWN_ROWS = 4;

/** The rows that were looked at: what fits, and what the nearest others lack. */
function matchBlock({ context, values }: SpaView): Block[] {
  if (!context) return [];
  const { duty, table, profile, plate } = context;
  const { exact, near } = matchTable(duty, table);
  const stands = understand(profile, plate, values.force).number;
  const rows = [...exact, ...near.slice(0, SHOWN_ROWS)].map(({ row, lacks }) => ({
    cells: [
      row.number === stands ? `${row.number}, as left` : String(row.number),
      lacks.length === 0 ? 'fits' : lacks.map(lackSaid).join('; '),
      say('motorCurrent', worstLoad(duty, row).worst_A),
    ],
    tone: lacks.length === 0 ? ('good' as const) : ('quiet' as const),
  }));
  return [
    {
      kind: 'table',
      key: 'rows',
      title: 'Rows of the table',
      columns: [
        { name: 'Number', share: 2 },
        { name: 'Against what is connected', share: 6 },
        { name: 'At most', share: 2 },
      ],
      rows,
      note: `The nearest of ${table.length} rows.`,
    },
  ];
}

/** The table that this pack goes by, as a file that can be read in again. */
export function tablesOf({ context }: SpaView) {
  if (!context) return [];
  return [
    {
      name: 'pack-table',
      label: 'Table of the pack',
      fields: [...TABLE_COLUMNS],
      rows: context.table.map(cellsOfRow),
    },
  ];
}
