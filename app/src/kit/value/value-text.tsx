import { wordsFor, type Parameter, type SettingValue } from '@barythm/core/profile';
import type { SheetEntry } from '@barythm/core/sheet';
import type { SIZE, Colour } from '../../ui/theme';
import { Words } from '../../ui/words/words';

interface ValueTextProps {
  readonly parameter: Parameter;
  readonly value: SettingValue | null | undefined;
  readonly size?: keyof typeof SIZE;
  readonly colour?: Colour;
  readonly bold?: boolean;
  readonly testID?: string;
  /** instead of a value that is not there */
  readonly missing?: string;
}

/** A setting's value: figures large with the unit small beside them, choices as words. */
export function ValueText(props: ValueTextProps) {
  const { parameter, value, size = 'body', colour = 'ink', bold, testID, missing = '–' } = props;
  if (value === null || value === undefined) {
    return (
      <Words colour="quiet" testID={testID}>
        {missing}
      </Words>
    );
  }
  const unit = parameter.unit && parameter.unit !== '-' ? parameter.unit : '';
  const figures = parameter.type === 'number' || parameter.type === 'time';
  return (
    <Words figures={figures} bold={bold} size={size} colour={colour} testID={testID}>
      {wordsFor(parameter, value)}
      {figures && unit !== '' && (
        <Words size={size === 'hero' || size === 'figure' ? 'large' : 'small'} colour="quiet">
          {'\u00a0'}
          {unit}
        </Words>
      )}
    </Words>
  );
}

/** A line of the sheet: its value, or why there is none. */
export function EntryText({ entry, ...rest }: Omit<ValueTextProps, 'value'> & { entry: SheetEntry | null }) {
  const missing = entry?.value === null ? `could not be read: ${entry.reason}` : rest.missing;
  const value = <ValueText {...rest} missing={missing} value={entry?.value} />;
  if (!entry?.confirmed) return value;
  return (
    <Words>
      {value}
      <Words size="small" colour="quiet">
        , not read
      </Words>
    </Words>
  );
}
