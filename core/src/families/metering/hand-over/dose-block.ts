import { orElse } from '../../../input';
import { doseAtFlow_mgl } from '../../../dosing';
import type { SettingValues } from '../../../profile';
import { fig, figureNumber, figureWithUnit, presentReader } from '../../../units';
import type { BlockItem, BlockOf } from '../../../visit';
import { dosePicture } from '../effect/dose';
import type { MeteringContext } from '../settings/context';
import { understand } from '../settings/understand';
import type { MeteringDuty } from '../wire/duty';

/** The dose of one column over the water flows of the duty; null where it is not known. */
export interface SideDose {
  readonly column: 'found' | 'left';
  readonly atLeast_mgl: number | null;
  readonly atUsual_mgl: number | null;
  readonly atGreatest_mgl: number | null;
  readonly inBand: boolean | null;
}

type Wanted = Pick<MeteringDuty['dose'], 'low_mgl' | 'wanted_mgl' | 'high_mgl'>;
type Water = Pick<MeteringDuty['water'], 'least_m3h' | 'usual_m3h' | 'greatest_m3h'>;

/** Dose that a column's settings come to at least, usual and greatest water flow, mg/L. */
export function doseOf(context: MeteringContext, column: 'found' | 'left', values: SettingValues): SideDose {
  // a stroke length of nil, say: the column is judged to be none (ANY-00), and there is no dose to show of it
  const picture = orElse(
    () => dosePicture(context, understand(context.profile, context.plate, values)),
    null,
  );
  const { least_m3h, usual_m3h, greatest_m3h } = context.duty.water;
  return {
    column,
    atLeast_mgl: picture && doseAtFlow_mgl(picture.path, least_m3h),
    atUsual_mgl: picture && doseAtFlow_mgl(picture.path, usual_m3h),
    atGreatest_mgl: picture && doseAtFlow_mgl(picture.path, greatest_m3h),
    inBand: picture && picture.breaches.length === 0,
  };
}

/** How a hand-over speaks of the dose: papers that were handed over keep the words of their day. */
export interface DoseWords {
  readonly wanted: string;
  readonly atLeast: string;
  readonly atGreatest: string;
  readonly within: string;
  readonly leaves: string;
}

const TODAY: DoseWords = {
  wanted: 'Required',
  atLeast: 'at minimum flow',
  atGreatest: 'at maximum',
  within: 'Within the required band at every flow',
  leaves: 'Leaves the required band',
};

/** The figure that the customer looks for: the dose as it was and as it is. */
export function doseBlock(
  sides: readonly SideDose[],
  wanted: Wanted,
  water: Water,
  words = TODAY,
): BlockOf<'before-after'> {
  return {
    kind: 'before-after',
    key: 'dose',
    title: 'Dose, before and after',
    headline: null,
    sides: sides.map((side) => ({ column: side.column, items: itemsOf(side, water, words) })),
    note: `${words.wanted}: ${dose(wanted.wanted_mgl)}, from ${number(wanted.low_mgl)} to ${dose(wanted.high_mgl)}, at water flows of ${flow(water.least_m3h)} to ${flow(water.greatest_m3h)}.`,
  };
}

function itemsOf(
  { atLeast_mgl, atUsual_mgl, atGreatest_mgl, inBand }: SideDose,
  water: Water,
  words: DoseWords,
): BlockItem[] {
  const items: BlockItem[] = [
    {
      kind: 'figure',
      words: atUsual_mgl === null ? 'not known' : dose(atUsual_mgl),
      known: atUsual_mgl !== null,
    },
    { kind: 'note', words: `at the usual ${flow(water.usual_m3h)}` },
  ];
  if (atLeast_mgl !== null && atGreatest_mgl !== null)
    items.push({
      kind: 'line',
      words: `${number(atLeast_mgl)} ${words.atLeast}, ${number(atGreatest_mgl)} ${words.atGreatest}`,
    });
  if (inBand !== null)
    items.push({
      kind: 'verdict',
      words: inBand ? words.within : words.leaves,
      good: inBand,
    });
  return items;
}

function dose(value: number): string {
  return figureWithUnit(fig('dose', value), presentReader());
}

function number(value: number): string {
  return figureNumber(fig('dose', value), presentReader());
}

function flow(value: number): string {
  return figureWithUnit(fig('waterFlow', value), presentReader());
}
