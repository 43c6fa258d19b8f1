import { PoolPlan } from '../../pool/plan/pool-plan';
import { useJobScope } from '../job-context';
import { MeteringPlan } from './metering-plan';

/** Plan: the duty, and at once the settings it leads to, what is wrong, and what the pump will do. */
export function PlanStage() {
  const { view } = useJobScope();
  return view.family === 'pool' ? <PoolPlan /> : <MeteringPlan />;
}
