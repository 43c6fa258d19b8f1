import { Card } from '../../../ui/card';
import { Check, Choice } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { Words } from '../../../ui/words/words';
import type { BehaviourTexts } from './behaviour-texts';
import type { ProfileErrors } from '../../family-screens';

interface BehavioursCardProps {
  readonly texts: BehaviourTexts;
  readonly errors: ProfileErrors;
  readonly onChange: (texts: BehaviourTexts) => void;
}

const MODES = [
  ['manual', 'Manual'],
  ['analog', 'Current signal'],
  ['multiply', 'Pulses multiplied'],
  ['divide', 'Pulses divided'],
  ['contact', 'Single contacts'],
  ['batch', 'Batches'],
  ['timer', 'Timer'],
] as const;
const RANGES = ['0-20', '4-20', '20-0', '20-4'] as const;
const SET = { value: 'set', label: 'As set' } as const;
const NONE = { value: 'none', label: 'None' } as const;
const NOT_KNOWN = { value: 'not-known', label: 'Not said' } as const;
const COME_BACK = [
  { value: 'resume', label: 'Carries on' },
  { value: 'wait', label: 'Waits' },
] as const;
const HOLD_STOP = [
  { value: 'hold', label: 'Holds' },
  { value: 'stop', label: 'Stops' },
] as const;

/** What the controller does by itself. */
export function BehavioursCard({ texts, errors, onChange }: BehavioursCardProps) {
  const change = (part: Partial<BehaviourTexts>) => onChange({ ...texts, ...part });
  const field = (
    name: keyof BehaviourTexts & string,
    label: string,
    more: { unit?: string; hint?: string; words?: boolean } = {},
  ) => (
    <Field
      label={label}
      testID={`p-${name}`}
      value={texts[name] as string}
      error={errors[`behaviours.${name}`]}
      onChange={(text) => change({ [name]: text })}
      {...more}
    />
  );
  const choose = <T extends string>(
    name: keyof BehaviourTexts & string,
    label: string,
    options: readonly { readonly value: T; readonly label: string }[],
  ) => (
    <Choice
      label={label}
      testID={`p-${name}`}
      options={options}
      value={texts[name] as T}
      onChange={(value) => change({ [name]: value })}
    />
  );
  const tick = (name: keyof BehaviourTexts & string, label: string) => (
    <Check
      label={label}
      testID={`p-${name}`}
      checked={texts[name] as boolean}
      onChange={(value) => change({ [name]: value })}
    />
  );
  const toggled = <T,>(list: readonly T[], item: T, on: boolean) =>
    on ? [...list, item] : list.filter((other) => other !== item);
  return (
    <Card title="How it behaves" testID="p-behaviours">
      <Words size="small" bold>
        Modes
      </Words>
      {MODES.map(([mode, label]) => (
        <Check
          key={mode}
          label={label}
          testID={`p-mode-${mode}`}
          checked={texts.modes.includes(mode)}
          onChange={(on) => change({ modes: toggled(texts.modes, mode, on) })}
        />
      ))}
      {errors['behaviours.modes'] && (
        <Words bold colour="rust">
          Choose at least one mode.
        </Words>
      )}
      {field('greatestRate', 'Greatest rate', {
        unit: 'strokes/min',
        hint: '180, or by gear: A=48, B=96',
        words: true,
      })}
      {field('leastRate', 'Least rate', { unit: 'strokes/min' })}
      {field('nominal', 'Set in flow: volume of one turn', { unit: 'mL', hint: 'Empty for a stroke pump' })}
      {choose('analog', 'Current input', [
        NONE,
        { value: 'plain', label: 'Plain ranges' },
        { value: 'free-points', label: 'Two free points' },
      ])}
      {texts.analog === 'plain' &&
        RANGES.map((range) => (
          <Check
            key={range}
            label={`${range} mA`}
            checked={texts.ranges.includes(range)}
            onChange={(on) => change({ ranges: toggled(texts.ranges, range, on) })}
          />
        ))}
      {texts.analog !== 'none' && (
        <>
          {choose('below', 'Below the first point', [...HOLD_STOP, SET])}
          {choose('brokenReaction', 'On a broken wire', [
            { value: 'none', label: 'Not watched' },
            ...HOLD_STOP,
            SET,
          ])}
          {texts.brokenReaction !== 'none' && (
            <>
              {field('brokenLow', 'Broken at or below', { unit: 'mA' })}
              {field('brokenHigh', 'Broken at or above', { unit: 'mA' })}
            </>
          )}
        </>
      )}
      {tick('takesPulses', 'Takes pulses of a meter')}
      {texts.takesPulses && (
        <>
          {field('multiplyMost', 'Multiplies by at most')}
          {field('divideMost', 'Divides by at most')}
          {choose('memory', 'Pulses it cannot answer in time', [
            { value: 'lost', label: 'Lost' },
            { value: 'kept', label: 'Stored' },
            SET,
          ])}
          {field('memoryMost', 'Stores at most', { unit: 'strokes', hint: 'Empty when it stores none' })}
          {choose('whileStopped', 'Pulses while it is stopped', [
            { value: 'lost', label: 'Lost' },
            { value: 'stored', label: 'Stored' },
          ])}
          {field('recognition', 'Recognition times', {
            unit: 'ms',
            hint: 'With spaces between them',
            words: true,
          })}
        </>
      )}
      {choose('batch', 'Triggers while a batch runs', [
        { value: 'none', label: 'No batches' },
        { value: 'queued', label: 'Queued' },
        { value: 'lost', label: 'Lost' },
      ])}
      {choose('stopInput', 'Stop input', [
        NONE,
        { value: 'stops', label: 'Stops when closed' },
        { value: 'permits', label: 'Permits when closed' },
        SET,
      ])}
      {choose('dry', 'When it runs dry', [
        NOT_KNOWN,
        NONE,
        { value: 'stop', label: 'Stops' },
        { value: 'warn', label: 'Warns' },
        SET,
      ])}
      {choose('afterPowerCut', 'After a power cut', [
        ...COME_BACK,
        SET,
        { value: 'unknown', label: 'Not known' },
      ])}
      {choose('afterFault', 'When a fault has gone', [
        NOT_KNOWN,
        ...COME_BACK,
        SET,
        { value: 'unknown', label: 'Not known' },
      ])}
      {field('slowSuction', 'Slow suction: share that each step leaves', {
        unit: '%',
        hint: 'Such as 100 60 35; empty without',
        words: true,
      })}
      {tick('deaerates', 'Works gas out in pauses')}
      {tick('compensates', 'Makes up for back pressure')}
      {tick('locks', 'Its keys can be locked')}
      {tick('showsSignal', 'Shows its incoming signal')}
      {choose('clock', 'Clock', [
        { value: 'none', label: 'None' },
        { value: 'time', label: 'Time' },
        { value: 'weekday', label: 'Weekday and time' },
        { value: 'date', label: 'Date and time' },
      ])}
      {field('priming', 'What priming does', { words: true })}
      {field('setUpEnd', 'How set-up is marked complete', {
        words: true,
        hint: 'Or which test switch goes off again; empty when nothing is needed',
      })}
    </Card>
  );
}
