import { isTapped, type Parameter, type SettingValue } from '@barythm/core/profile';
import { Choice } from '../../ui/fields/choice';
import { DaysPick } from '../../ui/fields/days-pick';
import { Field } from '../../ui/fields/field';

interface ValueEntryProps {
  readonly parameter: Parameter;
  readonly label: string;
  readonly testID: string;
  /** what is typed, for a figure, a time or days */
  readonly text: string;
  readonly onText: (text: string) => void;
  /** an option that was tapped */
  readonly onOption: (value: SettingValue) => void;
  /** the option that stands */
  readonly chosen?: string | null;
  readonly error?: string | null;
  readonly hint?: string;
  /** what a display cannot show: it is recorded all the same, and said */
  readonly warning?: string | null;
  /** records what is typed */
  readonly onEnter?: () => void;
  readonly big?: boolean;
  /** a figure is typed here at once, without a tap */
  readonly atOnce?: boolean;
  readonly hideLabel?: boolean;
}

/** A value of a parameter, entered in the way its kind asks for: an option, days, a time of day or a figure. */
export function ValueEntry(props: ValueEntryProps) {
  const {
    parameter,
    label,
    testID,
    text,
    onText,
    onOption,
    chosen = null,
    error,
    hint,
    big,
    hideLabel,
    onEnter,
  } = props;
  const options = (parameter.options ?? []).map(({ value, label: words }) => ({ value, label: words }));
  if (isTapped(parameter)) {
    return (
      <Choice
        label={label}
        hideLabel={hideLabel}
        testID={testID}
        options={options}
        value={chosen}
        error={error}
        onChange={onOption}
      />
    );
  }
  if (parameter.type === 'text') {
    return (
      <Field
        words
        label={label}
        testID={testID}
        value={text}
        error={error}
        hint={hint}
        onChange={onText}
        onEnter={onEnter}
      />
    );
  }
  if (parameter.type === 'days') {
    return <DaysPick label={label} testID={testID} days={text} error={error} onChange={onText} />;
  }
  const time = parameter.type === 'time';
  return (
    <>
      <Field
        big={big}
        atOnce={props.atOnce}
        time={time}
        onEnter={onEnter}
        label={label}
        unit={time ? undefined : parameter.unit}
        testID={testID}
        value={text}
        error={error}
        warning={props.warning}
        hint={hint ?? (time ? 'e.g. 7:30 or 19:05' : undefined)}
        onChange={onText}
      />
      {options.length > 0 && (
        <Choice
          label={`${label}, instead of a time`}
          hideLabel
          testID={`${testID}-instead`}
          options={options}
          value={chosen}
          onChange={onOption}
        />
      )}
    </>
  );
}
