import { orElse } from '../../../input';
import type { SettingValues } from '../../../profile';
import { fig, figureWithUnit, presentReader, type Quantity } from '../../../units';
import { standsAs, type Block, type BlockItem, type BlockOf } from '../../../visit';
import type { HandoverPart } from '../../family';
import { runSession } from '../bench/run-session';
import { coolEnough } from '../effect/cooling';
import { flowAt_m3h, pumpOf } from '../effect/pump';
import type { TransferView } from '../kind';
import type { TransferContext } from '../settings/context';
import { understand } from '../settings/understand';
import { CONTROL_WORDS } from '../wire/duty';

const say = (q: Quantity, value: number) => figureWithUnit(fig(q, value), presentReader());

/** What is handed over of such a pump alone: what it delivers and whether it floods, before and after, and speed over level. */
export function partOf(view: TransferView): HandoverPart {
  const sound = view.checks.filter(standsAs).filter(({ verdict }) => verdict.ok);
  const passed = (key: string) => sound.some(({ check }) => check.key === key);
  const line = (good: boolean, yes: string, no: string) => ({ words: good ? yes : no, sound: good });
  return {
    first: orElse(() => deliveredBlock(view), []),
    behind: orElse(() => speedBlock(view), []),
    tried: [],
    proof: {
      points: 0,
      passed: 0,
      says: [
        line(passed('float'), 'The float was moved over its whole way.', 'The float was not tried.'),
        line(
          passed('greatest-flow'),
          'The flow at cleaning was measured.',
          'The flow at cleaning was not measured.',
        ),
        line(
          passed('delivered'),
          'The delivered temperature was read over a session.',
          'The delivered temperature was not read.',
        ),
      ],
    },
  };
}

function deliveredBlock({ context, values }: TransferView): Block[] {
  if (!context) return [];
  const block: BlockOf<'before-after'> = {
    kind: 'before-after',
    key: 'delivered',
    title: 'Delivered over a session, before and after',
    headline: null,
    sides: [
      { column: 'found', items: sideOf(context, values.found) },
      { column: 'left', items: sideOf(context, values.force) },
    ],
    note: 'Worked out from the duty’s slugs, a regular session; the temperature is weighted by the flow. What was tried stands below.',
  };
  return [block];
}

function sideOf(context: TransferContext, values: SettingValues): BlockItem[] {
  const settings = understand(context.profile, context.plate, values);
  const { duty } = context;
  if (settings.least_rpm === null || settings.most_rpm === null)
    return [{ kind: 'figure', words: 'not known', known: false }];
  const { sums } = runSession(context, settings, 'regular');
  const gives = flowAt_m3h(pumpOf(duty), settings.most_rpm);
  const carries = gives >= duty.inflow.cleaning_m3h - 1e-9;
  const { wanted_C, stands_min } = duty.product;
  const cool = coolEnough(duty, sums.delivered_C);
  return [
    ...(duty.cooler
      ? [
          { kind: 'figure' as const, words: say('temperature', sums.delivered_C), known: true },
          {
            kind: 'verdict' as const,
            words: cool
              ? `no warmer than ${say('temperature', wanted_C)}`
              : `warmer than ${say('temperature', wanted_C)}`,
            good: cool,
          },
        ]
      : [{ kind: 'figure' as const, words: say('waterVolume', sums.sent_m3), known: true }]),
    ...(settings.control ? [{ kind: 'line' as const, words: CONTROL_WORDS[settings.control] }] : []),
    {
      kind: 'verdict',
      words:
        sums.floods === 0
          ? 'does not flood'
          : sums.floods === 1
            ? 'floods once'
            : `floods ${sums.floods} times`,
      good: sums.floods === 0,
    },
    {
      kind: 'verdict',
      words: carries
        ? 'carries the cleaning inflow'
        : `sends ${say('waterFlow', gives)} at cleaning, too little`,
      good: carries,
    },
    ...(stands_min === null
      ? []
      : [
          {
            kind: 'verdict' as const,
            words: `product stands for ${say('minutes', Math.round(sums.longest_min))} at most`,
            good: sums.longest_min <= stands_min * 1.1,
          },
        ]),
    { kind: 'line', words: `${say('energy', sums.kWh)} a session` },
  ];
}

function speedBlock({ context, values }: TransferView): Block[] {
  if (!context) return [];
  const { height_mm } = context.duty.vessel;
  const columns = [
    ['found', values.found],
    ['left', values.force],
  ] as const;
  const lines = columns.flatMap(([column, held]) => {
    const { bottom_mm, top_mm, least_rpm, most_rpm } = understand(context.profile, context.plate, held);
    if (bottom_mm === null || top_mm === null || least_rpm === null || most_rpm === null) return [];
    const points: [number, number][] = [
      [bottom_mm, least_rpm],
      [top_mm, most_rpm],
    ];
    return [{ column, points: [...points, [height_mm, most_rpm] as [number, number]], marks: points }];
  });
  if (lines.length === 0) return [];
  const most = Math.max(...lines.flatMap(({ points }) => points.map(([, y]) => y)));
  const nice = Math.max(10, Math.ceil(height_mm / 60) * 10);
  return [
    {
      kind: 'chart',
      key: 'speeds',
      title: 'Speed over level',
      x: {
        title: 'Level, mm',
        from: 0,
        to: height_mm,
        at: Array.from({ length: Math.floor(height_mm / nice) + 1 }, (_, i) => i * nice),
      },
      y: { title: 'Speed, rev/min', from: 0, to: most * 1.1 },
      lines,
      dots: [],
      says: 'From the minimum speed at the bottom to the maximum at the top; even-flow keeps between the same ends.',
    },
  ];
}
