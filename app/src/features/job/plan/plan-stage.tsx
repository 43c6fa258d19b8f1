import { screensOf } from '../../../families/registry';
import { useJobScope } from '../../../kit/job';

/** Plan: the duty, and at once the settings it leads to, what is wrong, and what the pump will do. */
export function PlanStage() {
  const { view } = useJobScope();
  const { Plan } = screensOf(view.family);
  return <Plan />;
}
