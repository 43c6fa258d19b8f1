import type { FigureField } from '@barythm/core/describe';
import { fig, figureWithUnit } from '@barythm/core/units';
import { Button } from '../ui/button';
import { useReader } from '../ui/reader';
import { useForm } from './scope';

interface AsReadProps {
  /** key of the reading on arrival */
  readonly read: string;
  readonly field: FigureField;
  readonly testID: string;
  readonly onUse: (text: string) => void;
}

/** What was read on arrival and is mostly the figure that is asked for here: it is used by a tap, and by nobody else. */
export function AsRead({ read, field: { place, quantity, unit }, testID, onUse }: AsReadProps) {
  const reader = useReader();
  const value = useForm().read?.(read) ?? null;
  if (value === null) return null;
  const text = String(place.write(value));
  const words = quantity ? figureWithUnit(fig(quantity, value), reader) : `${text} ${unit ?? ''}`.trim();
  return (
    <Button
      kind="quiet"
      label={`Use ${words}, as read`}
      testID={`${testID}-as-read`}
      onPress={() => onUse(text)}
    />
  );
}
