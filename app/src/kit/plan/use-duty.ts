import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import { useDraftOf } from '../../draft/use-draft';
import {
  answeredPaths,
  type Answers,
  filledOver,
  filledPaths,
  type Form,
  type Part,
  type PathErrors,
  textAt,
  type Texts,
  textsOver,
  unansweredIn,
  withText,
} from '@barythm/core/describe';
import { answersOf } from '@barythm/core/job';
import { useReader } from '../../ui/reader';
import { useJobScope } from '../job';

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
  /** what of it is answered while it is not whole: nothing that a form merely began with, nothing that is wrong */
  readonly answers: Answers | null;
  readonly errors: PathErrors;
  /** somebody asked what is missing: from then on every place says what is missing in it */
  readonly tried: boolean;
  readonly ask: () => void;
  /** what a part began with and nobody has answered yet, by path */
  readonly unanswered: (part: Part) => readonly string[];
  /** what stands at some paths is right as it stands */
  readonly answer: (paths: readonly string[]) => void;
  readonly forget: () => void;
}

const NONE: readonly string[] = [];

/**
 * The duty of a job as it is typed, kept on the device at every key press.
 * @param known the duty that it begins with; null for a pump of which none is known
 * @param blank what stands in the form then
 * @param more what of the duty is not typed in the form
 * @param seen paths of what stands there because it was read at the pump
 */
export function useDuty<T>(
  form: Form<T>,
  key: string,
  known: T | null,
  blank: Texts,
  more?: object,
  seen: readonly string[] = NONE,
): DutyTyped<T> {
  const { view } = useJobScope();
  // as it was when the form was opened: what is answered meanwhile is typed in it anyway
  const [before] = useState(() => answersOf(view.document));
  const initial = useMemo(
    () => (known ? form.write(known) : before ? filledOver(blank, form.write(before as T)) : blank),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- a mode read later does not change a form that is open
    [form, known, before],
  );
  // what the form fills in of itself beside them is no answer
  const answeredBefore = useMemo(() => {
    if (!before) return NONE;
    const texts = form.write(before as T);
    const own = answeredPaths(before).map((path) => form.typedAt(path, texts));
    return filledPaths(texts).filter((path) => own.some((one) => path === one || path.startsWith(`${one}.`)));
  }, [form, before]);
  const [kept, setDraft] = useDraftOf<Texts>(key, initial);
  const texts = useMemo(() => textsOver(initial, form.broughtUp(kept)), [form, initial, kept]);
  // a digit stands in its field at once; what follows from it comes a moment later
  const calm = useDeferredValue(texts);
  const { value: duty, errors } = useMemo(() => form.read(calm, more), [form, calm, more]);
  const reader = useReader();
  const [answered, setAnswered] = useDraftOf<readonly string[]>(`${key}:answered`, NONE);
  const settledOn = useMemo(() => {
    // what was seen is no answer to what stands there instead
    const still = seen.filter((path) => textAt(texts, path) === textAt(initial, path));
    return new Set([...answered, ...still, ...answeredBefore]);
  }, [answered, seen, texts, initial, answeredBefore]);
  const unanswered = useCallback(
    (part: Part) =>
      // nothing of a duty that was planned with before is a start
      known === null ? unansweredIn(part, texts, initial, settledOn, reader) : NONE,
    [known, texts, initial, settledOn, reader],
  );
  const answers = useMemo(() => {
    if (duty !== null) return null;
    const open = form.parts.flatMap(unanswered);
    const said = open.reduce(
      (now, path) => (typeof textAt(now, path) === 'string' ? withText(now, path, '') : now),
      calm,
    );
    return form.answers(said, more);
  }, [duty, form, unanswered, calm, more]);
  const answer = useCallback(
    (paths: readonly string[]) => setAnswered((now) => [...new Set([...now, ...paths])]),
    [setAnswered],
  );
  const choose = useCallback(
    (path: string, text: string) => {
      answer([path]);
      setDraft((now) => withText(textsOver(initial, form.broughtUp(now)), path, text));
    },
    [answer, setDraft, initial, form],
  );
  const [tried, setTried] = useState(false);
  const ask = useCallback(() => setTried(true), []);
  const forget = useCallback(() => {
    setDraft(null);
    setAnswered(null);
  }, [setDraft, setAnswered]);
  const settled = calm === texts;
  return {
    form,
    texts,
    change: setDraft,
    choose,
    settled,
    duty,
    answers,
    errors,
    tried,
    ask,
    unanswered,
    answer,
    forget,
  };
}
