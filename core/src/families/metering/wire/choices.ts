import { z } from 'zod';
import { choice, described, group } from '../../../describe';

/** What pulses of a meter pace. */
export const PACED: readonly string[] = ['pulse', 'contact'];

/** Where good technicians disagree: what is chosen here, and why one would. */
export const choices = group(
  {
    belowFirstPoint: choice(
      'Below the first point',
      { stop: 'stop', hold: 'hold' },
      {
        hint: 'Stop, for chemicals that harm when dosed at no flow.',
        shown: (look) => look.at('mode') === 'analog',
      },
    ),
    afterPowerCut: choice(
      'After a power cut',
      { wait: 'wait', resume: 'resume' },
      { hint: 'Wait where a chemical is dosed without interlock; resume where the water guards it.' },
    ),
    stroke: choice(
      'Stroke length',
      { long: 'long', middle: 'near 80 %', even: 'short' },
      { hint: 'Long squeezes gas out; short doses more evenly.' },
    ),
    stopContact: choice(
      'The stop contact',
      { permits: 'permits when closed', stops: 'stops when closed' },
      {
        hint: 'Permits when closed: a broken wire fails safe.',
        shown: (look) => look.at('place.stopContact') === 'yes',
      },
    ).optional(),
    dry: choice(
      'Running dry',
      { stop: 'stop', warn: 'warn and run', ignore: 'ignore' },
      { hint: 'Stop; the others ask for a written reason.' },
    ).optional(),
    /** by what the pump tells dry from wet: what parts them best in the readings taken */
    dryBy: choice(
      'Dry is told by',
      { level: 'level', flow: 'flow', pressure: 'pressure', power: 'power' },
      { hint: 'What parts dry from wet best in the readings taken; a level switch needs none.' },
    ).optional(),
    /** why a dry run may go on */
    dryReason: described(z.string().max(2000), {
      label: 'Why it may run dry',
      shown: (look) => look.here('dry') !== 'stop',
    }).optional(),
    afterFault: choice(
      'When a fault has gone',
      { wait: 'wait', resume: 'carry on' },
      { hint: 'Wait: someone should have looked first.' },
    ).optional(),
    calibrateBy: choice(
      'Draw down by',
      { strokes: 'strokes', time: 'time' },
      { hint: 'Strokes for stroke pumps, time for those that are set in flow.' },
    ).optional(),
    memory: choice(
      'Pulses that come too fast',
      { off: 'drop', on: 'store' },
      {
        hint: 'Drop: stored ones run into still water when the flow has gone.',
        shown: (look) => PACED.includes(look.at('mode')),
      },
    ).optional(),
    /** the gear that is fitted stays, whatever another would bring; the plan chooses where this is left out */
    gear: described(z.enum(['fitted']), { hidden: true }).optional(),
  },
  {
    order: [
      // chosen where the plan shows what it is about
      'gear',
      'belowFirstPoint',
      'memory',
      'stopContact',
      'dry',
      'dryBy',
      'dryReason',
      'afterPowerCut',
      'afterFault',
      'stroke',
      'calibrateBy',
    ],
  },
);

/** What counts where nobody chose: the safe side, by chapter. */
export const UNLESS_CHOSEN = {
  stopContact: 'permits',
  dry: 'stop',
  dryBy: 'level',
  dryReason: '',
  afterFault: 'wait',
  calibrateBy: 'strokes',
  memory: 'off',
} as const;
