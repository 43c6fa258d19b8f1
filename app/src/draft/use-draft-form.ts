import { useCallback, useEffect, useMemo, useState } from 'react';
import { useForm, type DefaultValues, type Path, type PathValue } from 'react-hook-form';
import { useDraftOf } from './use-draft';

type Texts = Record<string, string>;

/**
 * A form of texts as they are typed, kept on the device at every key press. The form library holds it; what is worked
 * out from it is worked out by the caller, at every change.
 */
export function useDraftForm<T extends Texts>(
  key: string,
  initial: T,
): {
  readonly texts: T;
  readonly set: (field: keyof T & string, text: string) => void;
  readonly forget: () => void;
} {
  const [start] = useState(initial);
  const [draft, setDraft] = useDraftOf<T>(key, start);
  const form = useForm<T>({ defaultValues: { ...start, ...draft } as DefaultValues<T> });
  const [touched, setTouched] = useState(false);
  // the form library hands out a new object each time; what hangs on it must only be worked out when a text changed
  const watched = JSON.stringify(form.watch());
  const texts = useMemo(() => JSON.parse(watched) as T, [watched]);
  useEffect(() => {
    if (touched) setDraft(texts);
  }, [texts, touched, setDraft]);
  const { setValue } = form;
  const set = useCallback(
    (field: keyof T & string, text: string) => {
      setTouched(true);
      setValue(field as unknown as Path<T>, text as PathValue<T, Path<T>>);
    },
    [setValue],
  );
  const forget = useCallback(() => {
    setTouched(false);
    setDraft(null);
  }, [setDraft]);
  return { texts, set, forget };
}
