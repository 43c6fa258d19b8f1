import { MODE_WORDS, type CirculatorProfile } from '@barythm/core/families/circulator';
import type { Lines } from '../../family-screens';

const CONTACT = {
  none: 'none',
  optional: 'used when it is set',
  link: 'delivered with a link: taken out, it stands',
} as const;

/** What a circulator’s controller does by itself, in lines to read. */
export function behaviourLines(profile: CirculatorProfile): Lines {
  const { modes, proportional, self, contact, protocols, faultContact, ...more } = profile.behaviours;
  return [
    ['Modes', modes.map((mode) => MODE_WORDS[mode]).join(', ')],
    [
      'Proportional',
      proportional
        ? `${Math.round(proportional.zeroShare * 100)} % left at no flow; the set head holds at ${proportional.refersTo_m3h === null ? 'the flow of the duty' : `${proportional.refersTo_m3h} m³/h`}`
        : 'not there',
    ],
    ['Self-adjusting', self ? `between ${self.lowest_m} and ${self.highest_m} m` : 'not there'],
    ['Start contact', CONTACT[contact]],
    ['Wiring', more.wiringChangesMode ? 'changes the mode by itself' : 'leaves the mode as it is'],
    [
      'Links',
      protocols.length === 0
        ? 'none'
        : protocols
            .map(({ value, least, greatest }) => `${value}: addresses ${least} to ${greatest}`)
            .join('; '),
    ],
    [
      'Fault contact',
      faultContact ? `at most ${faultContact.most_V} V and ${faultContact.most_A} A` : 'none',
    ],
    ['After a power cut', more.afterPowerCut === 'set' ? 'as set' : more.afterPowerCut],
  ];
}
