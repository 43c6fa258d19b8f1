import type { Family } from '../../family';
import { ISOLATED, STOPPED } from '../../make-safe';
import type { MeteringKind } from '../kind';
import { gearsOf } from '../wire/plate';

/** What is done and read before anything is set on a metering pump. */
export const arrival: Family<MeteringKind>['arrival'] = {
  makeSafe: [
    STOPPED,
    ISOLATED,
    { key: 'pressure', words: 'Pressure relieved before anything is opened; a relief valve is fitted.' },
    {
      key: 'chemical',
      words:
        'Chemical known, its safety data sheet at hand; goggles, gloves and apron on. Acid and hypochlorite never meet.',
    },
  ],
  plate: [
    {
      key: 'gear',
      label: 'Gear on the plate',
      quantity: null,
      options: (profile) => {
        const gears = gearsOf(profile).map(({ name }) => name);
        return gears.length > 1 ? gears : [];
      },
    },
    { key: 'greatest_spm', label: 'Greatest rate', quantity: 'strokeRate' },
    { key: 'rated_bar', label: 'Rated pressure', quantity: 'pressure' },
  ],
  plateCode: 'MET-02',
  readings: 'readings-now',
};
