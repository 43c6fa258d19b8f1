import type { MeteringKind } from '@barythm/core/families/metering';
import type { FamilyScreens } from '../../family-screens';
import { BLANK_BEHAVIOURS, behaviourTexts, readBehaviours } from './behaviour-texts';
import { BehavioursCard } from './behaviours-card';

/** Where in the form a part of the schema is typed, if not under its own name. */
const PLACE: Readonly<Record<string, string>> = {
  greatestRate_spm: 'greatestRate',
  leastRate_spm: 'leastRate',
  brokenWire: 'brokenReaction',
  analog: 'ranges',
  pulses: 'recognition',
  smooth: 'nominal',
};

/** How a metering pump’s controller is described by its user. */
export const describe: FamilyScreens<MeteringKind>['describe'] = {
  label: 'A metering pump',
  groups: 'drive | Drive and stroke\nmode | Mode\nsignal | Signal',
  blank: BLANK_BEHAVIOURS,
  texts: behaviourTexts,
  read: readBehaviours,
  Card: BehavioursCard,
  placeOf: ([part]) => PLACE[part] ?? part ?? 'modes',
  wordsOf: () => null,
};
