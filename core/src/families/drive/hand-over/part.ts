import { headAt_m, noHeadFlow_m3h, pressureOf_bar } from '../../../hydraulics';
import { orElse } from '../../../input';
import type { SettingValues } from '../../../profile';
import { standsAs, type Block, type BlockItem, type BlockOf } from '../../../visit';
import { fig, figureWithUnit, presentReader, type Quantity } from '../../../units';
import type { HandoverPart } from '../../family';
import { mostOf_hz, pumpOf, reaches_bar, stopSpan_m3h, type DrivenPump } from '../effect/pump';
import { heldAt_bar, neededSet_bar } from '../effect/set';
import { sharingDay_kWh } from '../effect/sharing';
import type { DriveView } from '../kind';
import type { DriveContext } from '../settings/context';
import { understand } from '../settings/understand';

const say = (q: Quantity, value: number) => figureWithUnit(fig(q, value), presentReader());

/** What is handed over of a drive alone: what it holds and when it stops, before and after, and its curves. */
export function partOf(view: DriveView): HandoverPart {
  const sound = view.checks.filter(standsAs).filter(({ verdict }) => verdict.ok);
  const gauged = sound.some(({ check }) => check.about?.kind === 'pressure');
  const stops = sound.some(({ check }) => check.key === 'stops');
  const dry = sound.some(({ check }) => check.key === 'dry');
  return {
    first: orElse(() => heldBlock(view), []),
    behind: orElse(() => chartBlock(view), []),
    tried: [],
    proof: {
      points: 0,
      passed: 0,
      says: [
        {
          words: gauged ? 'Set pressure seen on a gauge of its own.' : 'Set pressure not seen on a gauge.',
          sound: gauged,
        },
        {
          words: stops ? 'The pump stops once every tap is shut.' : 'Stopping at zero demand not tried.',
          sound: stops,
        },
        { words: dry ? 'Run-dry protection tried on purpose.' : 'Run-dry protection not tried.', sound: dry },
      ],
    },
  };
}

function heldBlock({ context, values }: DriveView): Block[] {
  const needed = context && neededSet_bar(context.duty);
  if (!context || needed === null) return [];
  const pump = pumpOf(context.duty);
  const block: BlockOf<'before-after'> = {
    kind: 'before-after',
    key: 'held',
    title: 'Pressure, before and after',
    headline: null,
    sides: [
      { column: 'found', items: sideOf(context, pump, values.found, needed) },
      { column: 'left', items: sideOf(context, pump, values.force, needed) },
    ],
    note: `${say('pressure', needed)} are needed at the sensor when ${say('waterFlow', context.duty.draw.greatest_m3h)} are drawn. Worked out from settings and curve; what was tried stands below.`,
  };
  return [block];
}

function sideOf(context: DriveContext, pump: DrivenPump, values: SettingValues, needed: number): BlockItem[] {
  const settings = understand(context.profile, context.plate, values);
  const { draw, pump: own } = context.duty;
  const held = heldAt_bar(context, settings, draw.greatest_m3h);
  if (held === null) return [{ kind: 'figure', words: 'not known', known: false }];
  const reach = reaches_bar(context, pump, mostOf_hz(context, settings), own.count, draw.greatest_m3h);
  const gives = Math.min(held, reach);
  const good = gives >= needed * 0.98;
  const span = stopSpan_m3h(context, pump, settings);
  const day = sharingDay_kWh(context, pump, settings)[settings.sharing ?? 'all-vary'];
  return [
    { kind: 'figure', words: `${say('pressure', gives)} held`, known: true },
    { kind: 'verdict', words: good ? 'enough when most is drawn' : 'too little when most is drawn', good },
    ...(settings.stop_hz === null
      ? []
      : [
          {
            kind: 'verdict' as const,
            words: span === null ? 'never stops at zero demand' : `stops under ${spanSaid(span)}`,
            good: span !== null,
          },
        ]),
    ...(day === null ? [] : [{ kind: 'line' as const, words: `about ${say('energy', day)} a day` }]),
  ];
}

/** Draws so near to each other are one on paper, m³/h. */
const ONE_DRAW = 0.05;

function spanSaid([least, most]: readonly [number, number]): string {
  return most - least < ONE_DRAW
    ? say('waterFlow', most)
    : `${say('waterFlow', least)} to ${say('waterFlow', most)}`;
}

const STEPS = 40;

function chartBlock({ context, values }: DriveView): Block[] {
  const needed = context && neededSet_bar(context.duty);
  if (!context || needed === null) return [];
  const pump = pumpOf(context.duty);
  const { draw, pump: own } = context.duty;
  const end = Math.max(draw.greatest_m3h * 1.1, noHeadFlow_m3h(pump.curve) * own.count * 0.6);
  const inlet = context.duty.holds.kind === 'difference' ? 0 : context.inlet.least_bar;
  const top = inlet + pressureOf_bar(headAt_m(pump.curve, 0));
  const columns = [
    ['found', values.found],
    ['target', values.planned],
    ['left', values.force],
  ] as const;
  const lines = columns.flatMap(([column, heldValues]) => {
    const settings = understand(context.profile, context.plate, heldValues);
    if (heldAt_bar(context, settings, 0) === null) return [];
    const most = mostOf_hz(context, settings);
    const gives = (flow: number) =>
      Math.min(heldAt_bar(context, settings, flow) ?? 0, reaches_bar(context, pump, most, own.count, flow));
    const points = Array.from({ length: STEPS + 1 }, (_, i): [number, number] => [
      (end * i) / STEPS,
      gives((end * i) / STEPS),
    ]);
    const marks: [number, number][] = [[draw.greatest_m3h, gives(draw.greatest_m3h)]];
    return [{ column, points, marks }];
  });
  if (lines.length === 0) return [];
  const nice = Math.max(0.5, Math.ceil(end / 6));
  return [
    {
      kind: 'chart',
      key: 'lines',
      title: 'Pressure over demand',
      x: {
        title: 'Demand, m³/h',
        from: 0,
        to: end,
        at: Array.from({ length: Math.floor(end / nice) + 1 }, (_, i) => i * nice),
      },
      y: { title: 'Pressure, bar', from: 0, to: top * 1.1 },
      lines,
      dots: [{ x: draw.greatest_m3h, y: needed, ok: true }],
      says: `${say('pressure', needed)} are needed at ${say('waterFlow', draw.greatest_m3h)}.`,
    },
  ];
}
