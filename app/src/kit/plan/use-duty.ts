import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import { useDraftOf } from '../../draft/use-draft';
import { type Form, type PathErrors, type Texts, textsOver, withText } from '@barythm/core/describe';

/** A duty that is being typed. */
export interface DutyTyped<T> {
  readonly form: Form<T>;
  readonly texts: Texts;
  readonly change: (texts: Texts) => void;
  /** one text at its path, on what stands typed in that moment */
  readonly choose: (path: string, text: string) => void;
  /** the duty is that of what stands typed; for a moment after a digit it is not yet */
  readonly settled: boolean;
  /** null while something is missing or wrong, which is said at its path */
  readonly duty: T | null;
  readonly errors: PathErrors;
  /** somebody asked what is missing: from then on every place says what is missing in it */
  readonly tried: boolean;
  readonly ask: () => void;
  readonly forget: () => void;
}

/**
 * The duty of a job as it is typed, kept on the device at every key press.
 * @param known the duty that it begins with; null for a pump of which none is known
 * @param blank what stands in the form then
 * @param more what of the duty is not typed in the form
 */
export function useDuty<T>(
  form: Form<T>,
  key: string,
  known: T | null,
  blank: Texts,
  more?: object,
): DutyTyped<T> {
  const initial = useMemo(
    () => (known ? form.write(known) : blank),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- a mode read later does not change a form that is open
    [form, known],
  );
  const [kept, setDraft] = useDraftOf<Texts>(key, initial);
  const texts = useMemo(() => textsOver(initial, form.broughtUp(kept)), [form, initial, kept]);
  // a digit stands in its field at once; what follows from it comes a moment later
  const calm = useDeferredValue(texts);
  const { value: duty, errors } = useMemo(() => form.read(calm, more), [form, calm, more]);
  const choose = useCallback(
    (path: string, text: string) =>
      setDraft((now) => withText(textsOver(initial, form.broughtUp(now)), path, text)),
    [setDraft, initial, form],
  );
  const [tried, setTried] = useState(false);
  const ask = useCallback(() => setTried(true), []);
  const forget = useCallback(() => setDraft(null), [setDraft]);
  return { form, texts, change: setDraft, choose, settled: calm === texts, duty, errors, tried, ask, forget };
}
