import { LeadsCard } from './leads-card';

/** Work at such a pump beside setting: leads that had to be swapped. */
export function TransferWorkCards() {
  return <LeadsCard />;
}
