import { headAt_m, lineHead_m, noHeadFlow_m3h } from '../../../hydraulics';
import { orElse } from '../../../input';
import type { SettingValues } from '../../../profile';
import { fig, figureWithUnit, presentReader } from '../../../units';
import { standsAs, type Block, type BlockItem, type BlockOf } from '../../../visit';
import type { HandoverPart } from '../../family';
import { MODE_WORDS } from '../wire/behaviours';
import { atDuty_m, lineOf, yearCost } from '../effect/line';
import { pumpOf } from '../effect/pump';
import { WAY_WORDS } from '../effect/twin';
import type { CirculatorView } from '../kind';
import type { CirculatorContext } from '../settings/context';
import { understand } from '../settings/understand';

const flow = (value: number) => figureWithUnit(fig('waterFlow', value), presentReader());
const head = (value: number) => figureWithUnit(fig('length', value), presentReader());

/** What is handed over of a circulator alone: what a year costs before and after, and its lines on the curve. */
export function partOf(view: CirculatorView): HandoverPart {
  const measured = view.checks
    .filter(standsAs)
    .some(({ check, verdict }) => verdict.ok && check.about?.kind === 'flow');
  return {
    first: orElse(() => yearBlock(view), []),
    behind: orElse(() => chartBlock(view), []),
    tried: [],
    proof: {
      points: 0,
      passed: 0,
      says: [
        {
          words: measured ? 'Flow measured.' : 'Flow not measured: points of the plan.',
          sound: measured,
        },
      ],
    },
  };
}

interface Side {
  readonly cost: number | null;
  readonly items: readonly BlockItem[];
}

function yearBlock({ context, values }: CirculatorView): Block[] {
  if (!context) return [];
  const pump = pumpOf(context.duty);
  const found = sideOf(context, values.found);
  const left = sideOf(context, values.force);
  const less = found.cost === null || left.cost === null ? null : found.cost - left.cost;
  const block: BlockOf<'before-after'> = {
    kind: 'before-after',
    key: 'year',
    title: 'The year, before and after',
    headline:
      less === null
        ? null
        : {
            figure: Math.abs(less).toFixed(0),
            words: `${context.duty.currency} ${less >= 0 ? 'less' : 'more'} a year`,
            good: less >= 0,
          },
    sides: [
      { column: 'found', items: found.items },
      { column: 'left', items: left.items },
    ],
    note: `${flow(pump.flow_m3h)} at ${head(context.duty.index.head_m)} are needed on the coldest day. Worked out from settings, curve and ${context.duty.season_h} h a year; not measured.`,
  };
  return [block];
}

function sideOf(context: CirculatorContext, values: SettingValues): Side {
  const settings = understand(context.profile, context.plate, values);
  const pump = pumpOf(context.duty, settings.twin.way);
  const line = lineOf(context, pump, settings);
  const { mode, source } = settings;
  const by = source === 'volts' ? 'speed by volts' : mode === null ? 'mode not known' : MODE_WORDS[mode];
  if (line === null || source === 'volts')
    return {
      cost: null,
      items: [
        { kind: 'figure', words: 'not known', known: false },
        { kind: 'line', words: by },
      ],
    };
  const cost = yearCost(context, pump, line);
  const gives = atDuty_m(pump, line);
  const good = gives >= context.duty.index.head_m * 0.98;
  return {
    cost,
    items: [
      { kind: 'figure', words: `${cost.toFixed(0)} ${context.duty.currency} a year`, known: true },
      // by clock or temperature it stands for some of the time: how long only the site tells
      { kind: 'line', words: mode === 'clock' || mode === 'temperature' ? `${by}; at most` : by },
      ...(context.duty.twin && settings.twin.way
        ? [{ kind: 'line' as const, words: WAY_WORDS[settings.twin.way] }]
        : []),
      {
        kind: 'verdict',
        words: `${head(gives)} at ${flow(pump.flow_m3h)}: ${good ? 'carries the duty' : 'too little'}`,
        good,
      },
    ],
  };
}

const STEPS = 40;

function chartBlock({ context, values }: CirculatorView): Block[] {
  if (!context) return [];
  const pump = pumpOf(context.duty, understand(context.profile, context.plate, values.force).twin.way);
  const end = noHeadFlow_m3h(pump.curve);
  const columns = [
    ['found', values.found],
    ['target', values.planned],
    ['left', values.force],
  ] as const;
  const lines = columns.flatMap(([column, held]) => {
    const line = lineOf(context, pump, understand(context.profile, context.plate, held));
    if (line === null) return [];
    const points = Array.from({ length: STEPS + 1 }, (_, i): [number, number] => {
      const at = (end * i) / STEPS;
      return [at, lineHead_m(line, pump.curve, at)];
    });
    return [{ column, points, marks: [[pump.flow_m3h, atDuty_m(pump, line)]] as [number, number][] }];
  });
  if (lines.length === 0) return [];
  const top = Math.max(headAt_m(pump.curve, 0), context.duty.index.head_m) * 1.12;
  const nice = Math.max(1, Math.ceil(end / 6));
  return [
    {
      kind: 'chart',
      key: 'lines',
      title: 'Head over flow',
      x: {
        title: 'Flow, m³/h',
        from: 0,
        to: end * 1.05,
        at: Array.from({ length: Math.floor(end / nice) + 1 }, (_, i) => i * nice),
      },
      y: { title: 'Head, m', from: 0, to: top },
      lines,
      dots: [{ x: pump.flow_m3h, y: context.duty.index.head_m, ok: true }],
      says: `The duty is ${flow(pump.flow_m3h)} at ${head(context.duty.index.head_m)}.`,
    },
  ];
}
