import { CLAMPED_REASON } from '../../parts/clamped';
import { REPAIRED_REASON } from '../../parts/repair';
import type { TextValues } from '../../../findings';

/** Why a target is what it is: a template and its figures. */
export interface SpaReason {
  readonly text: keyof typeof SPA_REASONS;
  readonly values: TextValues;
}

export const SPA_REASONS = {
  ...CLAMPED_REASON,
  ...REPAIRED_REASON,
  'number.match':
    'The row that has an output for all that is connected, and no more: {rule}. {worst} at most; {lost} of heating lost a day while jets run.',
  'need.row': 'Row {number} needs it so.',
  'switch.set-up': 'The set-up switch goes off again once the number is chosen.',
  'range.near': 'Neither range has {set}: this one comes nearest.',
  'range.holds': 'The range that {set} lies in.',
  'set.display': 'The water is to have {water}, and the display is off by {off}.',
  'set.wanted': 'As required.',
  'set.limit': 'Required: {required}; the local limit is {limit}.',
  'heating.always': 'Required warm when somebody bathes: heats whenever too cool.',
  'heating.chosen': 'As chosen.',
  'offset.read': 'The display was {off} off the thermometer.',
  'clean-up.stated': 'As asked for, after each bath.',
  'cycle.turnover': '{hours} of filtering a day for the turnovers, with clean-up runs counted in.',
  'cycle.most': 'As long as it goes: the turnovers need {hours} of filtering a day.',
  'cycle.spread': 'Outside quiet and peak hours where that goes; water stands for {stand} at most.',
  'time-out.bath': 'As long as the longest bath, {long}.',
  'time-out.most': 'The longest that it takes: in a bath of {long} the jets are turned on again.',
  'key.output': 'No key drives {output}, and this one drives nothing that is there.',
  'lock.shared': 'Several households use it: nobody turns it up by the way.',
  'again.number': 'The change of number puts it back: entered again as it was.',
} as const;
