import { isSmall } from '@barythm/core/visit';
import { useState } from 'react';
import { screensOf } from '../../../families/registry';
import { useJobScope } from '../../../kit/job';
import { SmallPlan } from './small-plan';

/** Plan: the duty, and at once the settings it leads to; in a job of a few settings those alone, until somebody plans from the duty. */
export function PlanStage() {
  const { view } = useJobScope();
  const [whole, setWhole] = useState(false);
  const { Plan } = screensOf(view.family);
  return isSmall(view.document) && !whole ? <SmallPlan onWhole={() => setWhole(true)} /> : <Plan />;
}
