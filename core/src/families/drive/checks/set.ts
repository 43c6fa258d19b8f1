import type { Finding } from '../../../findings';
import { repeatedAddresses } from '../../../link';
import { unitPlaces } from '../settings/understand';
import { finding } from '../texts/texts';
import type { CheckInput } from './checks';

/** Several on one cable: addresses (DRV-06), units seen, set-up finished (DRV-11). */
export function checkSet({ context, subject, settings, at }: CheckInput): Finding[] {
  const found: Finding[] = [];
  const twice = repeatedAddresses([...settings.addresses, ...context.duty.others]);
  if (twice.length > 0) {
    const places = Array.from({ length: unitPlaces(context.profile) }, (_, i) => at('address', i + 1));
    found.push(finding('DRV-06', subject, { address: twice.join(', ') }, places));
  }
  const { units, setUp } = settings;
  const fitted = context.duty.pump.count;
  if (units !== null && units !== fitted)
    found.push(finding('DRV-11', subject, { seen: `${units}`, fitted: `${fitted}` }, [at('units')]));
  if (setUp === 'open') found.push(finding('DRV-11.set-up', subject, {}, [at('set-up')]));
  return found;
}
