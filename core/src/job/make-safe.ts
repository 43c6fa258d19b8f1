import type { FamilyName } from '../families';

/** One thing to be done before hands or keys go near the pump; each is confirmed by itself. */
export interface MakeSafeStep {
  readonly key: string;
  readonly words: string;
}

const STOPPED: MakeSafeStep = {
  key: 'stopped',
  words: 'Pump stopped, and kept from being started from elsewhere: panel, building system, another phone.',
};
const ISOLATED: MakeSafeStep = {
  key: 'isolated',
  words: 'Isolated and locked off before any hand goes in. A hold is not an isolation.',
};

const STEPS: Readonly<Record<FamilyName, readonly MakeSafeStep[]>> = {
  metering: [
    STOPPED,
    ISOLATED,
    { key: 'pressure', words: 'Pressure relieved before anything is opened; a relief valve is fitted.' },
    {
      key: 'chemical',
      words:
        'Chemical known, its safety data sheet at hand; goggles, gloves and apron on. Acid and hypochlorite never meet.',
    },
  ],
  pool: [
    STOPPED,
    {
      key: 'people',
      words: 'Nobody in the water while pump and valves are tried; suction covers seen, whole and fast.',
    },
    ISOLATED,
    {
      key: 'pressure',
      words: 'Filter vented before a lid is opened; flooded suction shut. Heater and roof cooled down.',
    },
    { key: 'live', words: 'Covers over live parts stay shut: behind them a licensed electrician works.' },
  ],
};

/** What must be done before hands or keys go near a pump of this family. */
export function makeSafeSteps(family: FamilyName): readonly MakeSafeStep[] {
  return STEPS[family];
}
