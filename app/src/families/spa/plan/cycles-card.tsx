import {
  circulates,
  cleanUpsOf,
  filterHours_h,
  hoursOf,
  longestStand_min,
  minutesOf,
  runsOf,
  spaFamily,
  timesSaid,
} from '@barythm/core/families/spa';
import { addressOf, inOrderOfWork } from '@barythm/core/profile';
import { fig, figureWithUnit } from '@barythm/core/units';
import { useMemo } from 'react';
import { BeatStripView } from '../../../charts/beat-strip-view';
import { TargetField, type ByHand } from '../../../kit/plan';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import { Words } from '../../../ui/words/words';
import { ShunnedBand } from './shunned-band';
import type { SpaWork } from './spa-work';

const MOVED: ReadonlySet<string> = new Set(['cycle.start', 'cycle.length', 'cycle.interval']);

interface CyclesCardProps {
  readonly work: SpaWork;
  readonly byHand: ByHand;
  readonly onMove: (byHand: ByHand) => void;
}

/** The day of cycles over quiet and dear hours: how long it filters against what is needed, and how long water stands. */
export function CyclesCard({ work, byHand, onMove }: CyclesCardProps) {
  const reader = useReader();
  const { context, settings, row, values } = work;
  const { duty } = context;
  const strip = useMemo(() => spaFamily.strip({ ...context, inForce: values }), [context, values]);
  const hours = (value: number) => figureWithUnit(fig('hours', Number(value.toFixed(2))), reader);
  const always = circulates(context, row);
  const runs = runsOf(settings) ?? [];
  const all = [...runs, ...cleanUpsOf(duty, settings.cleanUp_min)];
  const filters = always ? 24 : hoursOf(all);
  const needed = filterHours_h(duty);
  const enough = needed === null || filters >= needed - 0.02;
  const stand = always ? 0 : longestStand_min(minutesOf([...all, ...duty.baths])) / 60;
  const fields = inOrderOfWork(context.profile).filter(
    ({ role, key }) => role !== undefined && MOVED.has(role) && typeof values[key] === 'number',
  );
  return (
    <Card title="Filter cycles" testID="cycles-card">
      <Words size="figure" figures bold colour={enough ? 'moss' : 'rust'} testID="cycles-hours">
        {hours(filters)}
      </Words>
      <Words testID="cycles-needed">
        a day{needed === null ? '; the flow is not known' : `; ${hours(needed)} are needed`}. Water stands for{' '}
        {hours(stand)} at most.
      </Words>
      {strip && <BeatStripView {...strip} now={null} height={64} hours />}
      <ShunnedBand quiet={duty.quiet} prices={duty.prices} />
      <Words size="small" colour="quiet">
        Filled: filtering. Outlined: bathing, with jets.
        {duty.quiet.length > 0 ? ` Quiet ${timesSaid(duty.quiet)}.` : ''}
        {always ? ' Its circulation pump never stands: cycles only add to it.' : ''}
      </Words>
      {!always &&
        fields.map((parameter) => (
          <TargetField
            key={parameter.key}
            parameter={parameter}
            values={values}
            onValue={(value) => onMove({ ...byHand, [addressOf(parameter)]: value })}
          />
        ))}
    </Card>
  );
}
