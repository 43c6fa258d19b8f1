import { familyOf, type AnyProfile } from '@barythm/core/families';
import { useProfile } from '../../api/queries';
import { optionalFigure } from '../../kit/value';
import { Choice } from '../../ui/fields/choice';
import { Field } from '../../ui/fields/field';

type Typed = Readonly<Record<string, string>>;

/** Figures of a plate, typed in the units of whoever reads it, as the register keeps them; with what is wrong with one, at its field. */
export function readPlate(profile: AnyProfile | null, draft: Typed) {
  const figures: Record<string, string> = {};
  const errors: Record<string, string> = {};
  for (const { key, quantity } of profile ? familyOf(profile.family).arrival.plate : []) {
    if (!quantity) continue;
    const { value, error } = optionalFigure(draft[key] ?? '', quantity);
    if (error !== null) errors[key] = error;
    else if (value !== null) figures[key] = String(value);
  }
  return { figures, errors };
}

interface PlateProps {
  readonly profileId: string;
  readonly draft: Typed;
  readonly errors: Partial<Record<string, string>>;
  readonly onChange: (key: string, text: string) => void;
  /** takes it in, with what is typed so far */
  readonly onRecord: () => void;
}

/** What stands on the plate of a pump with this controller. */
export function PlateFields({ profileId, draft, errors, onChange, onRecord }: PlateProps) {
  const { data: profile } = useProfile(profileId);
  if (!profile) return null;
  return familyOf(profile.family).arrival.plate.map(({ key, label, quantity, options, hint }) => {
    const choices = options?.(profile) ?? null;
    if (choices?.length === 0) return null;
    return choices ? (
      <Choice
        key={key}
        label={label}
        testID={`new-${key}`}
        options={choices}
        value={draft[key] || null}
        onChange={(text) => onChange(key, text)}
      />
    ) : (
      <Field
        key={key}
        label={label}
        quantity={quantity ?? undefined}
        words={!quantity}
        testID={`new-${key}`}
        hint={hint?.(profile, draft) ?? undefined}
        value={draft[key] ?? ''}
        error={errors[key] ?? null}
        onRecord={onRecord}
        onChange={(text) => onChange(key, text)}
      />
    );
  });
}
