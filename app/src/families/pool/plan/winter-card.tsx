import { frostNightCost, poolChoices, understand } from '@barythm/core/families/pool';
import { Card } from '../../../ui/card';
import { Words } from '../../../ui/words/words';
import type { PoolWork } from './use-pool-plan';

/** What frost guard costs on a frosty night, which circuits it moves, and what it does not protect. */
export function WinterCard({ work }: { work: PoolWork }) {
  const { context, values } = work;
  const { duty } = context;
  if (duty.winter === 'none') return null;
  const exposed = duty.circuits.filter((circuit) => circuit.exposed).map(({ name }) => name);
  const cost = frostNightCost(context, understand(context.profile, context.plate, values));
  const { currency } = duty.tariff;
  return (
    <Card title="Frost" testID="winter">
      <Words>
        {exposed.length === 0 ? 'No circuit stands in the frost.' : `In the frost: ${exposed.join(', ')}.`}
      </Words>
      {cost && (
        <Words>
          A frosty night of {duty.frostNight.hours} h costs{' '}
          <Words bold figures>
            {cost.night.toFixed(2)} {currency}
          </Words>{' '}
          at {Math.round(cost.speed_rpm)} rev/min; {duty.frostNight.perYear} nights a year cost{' '}
          <Words bold figures>
            {cost.year.toFixed(2)} {currency}
          </Words>
          .
        </Words>
      )}
      <Words bold colour="ochre">
        {poolChoices(duty).frost === 'drain'
          ? 'Drained down: see that every low point is open, and that nothing starts.'
          : 'Frost protection does not work in a power cut, and does not reach pipes that no circuit moves. Where winters are hard, draining down is the answer.'}
      </Words>
    </Card>
  );
}
