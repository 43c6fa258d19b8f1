import { HOLDS_WORDS, type DriveProfile } from '@barythm/core/families/drive';
import type { Lines } from '../../family-screens';
import { SHARING_WORDS } from '../plan/sharing-card';

const SENSOR = { stop: 'it stops', 'full-speed': 'it goes to full speed', unknown: 'not known' } as const;
const LEAD = { 'next-leads': 'the next leads', 'all-stop': 'all stop', unknown: 'not known' } as const;

/** What a drive’s controller does by itself, in lines to read. */
export function behaviourLines(profile: DriveProfile): Lines {
  const { holds, guided, units, sharing, protocols, ...more } = profile.behaviours;
  const way = (after: 'resume' | 'wait' | 'set' | 'unknown') => (after === 'set' ? 'as set' : after);
  return [
    ['Holds', holds.map((one) => HOLDS_WORDS[one]).join(', ')],
    ['Guided set-up', guided === null ? 'none' : `asks for the ${guided} first; going back drops the entry`],
    ['Units', String(units)],
    [
      'Sharing',
      sharing.length === 0 ? 'none' : sharing.map((one) => SHARING_WORDS[one].toLowerCase()).join(', '),
    ],
    ['Stops for no demand', more.stopsByFrequency ? 'below a frequency' : 'by itself'],
    ['Closed-valve test', more.closedValveTest ? 'its own' : 'none'],
    ['Without its sensor', SENSOR[more.sensorFails]],
    ['When the lead fails', LEAD[more.leadFails]],
    [
      'Keys at its front',
      more.frontKeys ? 'turn the set value until they are locked' : 'do not turn the set value',
    ],
    ['Tries again when dry', more.retryAfter_s === null ? 'no' : `after ${more.retryAfter_s} s`],
    ['Discharge time', more.discharge_min === null ? 'see its plate' : `${more.discharge_min} min`],
    [
      'Links',
      protocols.length === 0
        ? 'none'
        : protocols
            .map(({ value, least, greatest }) => `${value}: addresses ${least} to ${greatest}`)
            .join('; '),
    ],
    ['After a power cut', way(more.afterPowerCut)],
    ['After a fault', way(more.afterFault)],
  ];
}
