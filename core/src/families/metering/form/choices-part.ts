import { aChoice, aWord, hidden, optional, type Part, shownIf, together, word } from '../../../describe';

const STROKE_SAID: Record<string, string> = {
  long: 'long stroke',
  middle: 'stroke near 80 %',
  even: 'short stroke',
};
const PACED = ['pulse', 'contact'];

/** Where good technicians disagree: what is chosen here, and why one would. */
export const CHOICES_PART: Part = {
  name: 'choices',
  title: 'Where technicians disagree',
  says: (look) =>
    `${look.at('choices.afterPowerCut')} after a power cut, ${look.at('choices.dry')} when dry, ${STROKE_SAID[look.at('choices.stroke')]}`,
  fields: [
    together('choices', [
      // chosen where the plan shows what it is about
      hidden('gear', optional(word)),
      shownIf(
        (look) => look.at('mode') === 'analog',
        aChoice(
          'belowFirstPoint',
          'Below the first point',
          [
            { value: 'stop', label: 'Stop' },
            { value: 'hold', label: 'Hold' },
          ],
          { hint: 'Stop, for chemicals that harm when dosed at no flow.' },
        ),
      ),
      shownIf(
        (look) => PACED.includes(look.at('mode')),
        aChoice(
          'memory',
          'Pulses that come too fast',
          [
            { value: 'off', label: 'Drop' },
            { value: 'on', label: 'Store' },
          ],
          { hint: 'Drop: stored ones run into still water when the flow has gone.' },
        ),
      ),
      shownIf(
        (look) => look.at('place.stopContact') === 'yes',
        aChoice(
          'stopContact',
          'The stop contact',
          [
            { value: 'permits', label: 'Permits when closed' },
            { value: 'stops', label: 'Stops when closed' },
          ],
          { hint: 'Permits when closed: a broken wire fails safe.' },
        ),
      ),
      aChoice(
        'dry',
        'Running dry',
        [
          { value: 'stop', label: 'Stop' },
          { value: 'warn', label: 'Warn and run' },
          { value: 'ignore', label: 'Ignore' },
        ],
        { hint: 'Stop; the others ask for a written reason.' },
      ),
      aChoice(
        'dryBy',
        'Dry is told by',
        [
          { value: 'level', label: 'Level' },
          { value: 'flow', label: 'Flow' },
          { value: 'pressure', label: 'Pressure' },
          { value: 'power', label: 'Power' },
        ],
        { hint: 'What parts dry from wet best in the readings taken; a level switch needs none.' },
      ),
      shownIf((look) => look.here('dry') !== 'stop', aWord('dryReason', 'Why it may run dry')),
      aChoice(
        'afterPowerCut',
        'After a power cut',
        [
          { value: 'wait', label: 'Wait' },
          { value: 'resume', label: 'Resume' },
        ],
        { hint: 'Wait where a chemical is dosed without interlock; resume where the water guards it.' },
      ),
      aChoice(
        'afterFault',
        'When a fault has gone',
        [
          { value: 'wait', label: 'Wait' },
          { value: 'resume', label: 'Carry on' },
        ],
        { hint: 'Wait: someone should have looked first.' },
      ),
      aChoice(
        'stroke',
        'Stroke length',
        [
          { value: 'long', label: 'Long' },
          { value: 'middle', label: 'Near 80 %' },
          { value: 'even', label: 'Short' },
        ],
        { hint: 'Long squeezes gas out; short doses more evenly.' },
      ),
      aChoice(
        'calibrateBy',
        'Draw down by',
        [
          { value: 'strokes', label: 'Strokes' },
          { value: 'time', label: 'Time' },
        ],
        { hint: 'Strokes for stroke pumps, time for those that are set in flow.' },
      ),
    ]),
  ],
};
