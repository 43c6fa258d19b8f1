import { CONTROL_WORDS, type TransferProfile } from '@barythm/core/families/transfer';
import type { Lines } from '../../family-screens';

const AFTER = { resume: 'goes on', wait: 'waits', set: 'as set', unknown: 'not known' } as const;

/** What such a controller does by itself, in lines to read. */
export function behaviourLines(profile: TransferProfile): Lines {
  const { controls, backDrops, discharge_min, averages_min, afterPowerCut } = profile.behaviours;
  return [
    ['Control', controls.map((one) => CONTROL_WORDS[one]).join(', ')],
    ['Going back in its set-up', backDrops ? 'drops the entry: read each value again' : 'keeps the entry'],
    ['Mean over', averages_min === null ? 'as set, or not reckoned' : `${averages_min} min`],
    ['Discharge time', discharge_min === null ? 'see its plate' : `${discharge_min} min`],
    ['After a power cut', AFTER[afterPowerCut]],
  ];
}
