import { CLAMPED_REASON } from '../../parts/clamped';
import { REPAIRED_REASON } from '../../parts/repair';
import type { TextValues } from '../../../findings';

/** Why a target is what it is: a template and its figures. */
export interface TransferReason {
  readonly text: keyof typeof TRANSFER_REASONS;
  readonly values: TextValues;
}

export const TRANSFER_REASONS = {
  ...CLAMPED_REASON,
  ...REPAIRED_REASON,
  'kinds.first': 'Chosen before anything else: speeds and levels follow from it.',
  'inlets.fitted': 'As many as there are.',
  plate: 'As its motor’s plate has it.',
  'least.lift': 'With {lift} to lift nothing moves under {moves}: a little above.',
  'least.lowest': 'The lowest that can be set: with {lift} to lift it moves from {moves} on.',
  'most.curve': 'No faster than its curve allows; it then sends {flow}.',
  'most.motor': 'The motor’s plate ends it here; it then sends {flow}.',
  'most.limit': 'The pump’s own limit; it then sends {flow}.',
  'most.suction': 'Faster, the head at its inlet would be too little; it then sends {flow}.',
  'control.even': 'A steady stream is cooled best.',
  'control.foam': 'Foam lifts the float: the level is followed.',
  'control.surges': 'Cleaning comes in surges that cannot be held back: the level is followed.',
  'control.cooler': 'Delivered cooler this way: the other way it is too warm.',
  'control.only': 'The only way that it has.',
  'control.chosen': 'Chosen here.',
  'bottom.low': 'Low, so that little stands in it; above what the float can tell.',
  'top.even': 'High: {swing} lie between the levels, and {slug} fall at once.',
  'top.level': 'The pump runs at full speed well before the vessel is full.',
  'alarm.high': 'Before it floods.',
  'gain.half':
    'At the top it sends half more than the mean of {mean}, at the bottom half less: steady, and it never fills.',
  'averaging.falls': 'Some falls of {falls} each, so that one of them does not count for many.',
  'emptying.stands': 'Product may stand for {stands}.',
  'emptying.follows': 'It empties by itself after every fall.',
  'run-on.outlet': '{outlet} behind the outlet may be drawn: longer than {most} it would send air.',
  'cleaning.used': 'While it is cleaned it runs at a speed of its own.',
  'cleaning.nobody': 'No signal tells it when it is cleaned.',
  'cleaning.speed': 'It carries {inflow} and a little more.',
  'cleaning.most':
    'As fast as it may turn: it carries {carried} of the {inflow} that cleaning brings and a little more.',
  'after.resume': 'Product goes on coming: a pump that waits lets it flood.',
  'after.chosen': 'As chosen.',
  'again.kind': 'The change of a kind puts it back: entered again as it was.',
} as const;
