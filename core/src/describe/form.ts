import type { z } from 'zod';
import { answersIn, type Answers } from './answered';
import type { Field } from './field';
import { fieldsPlace, pathsOf } from './group-place';
import type { Look } from './look';
import { inPlainWords } from './plain-words';
import type { PathErrors, Texts } from './texts';

/** A part of a form: a line while it is folded, its fields when it is opened or something in it is wrong. */
export interface Part {
  readonly name: string;
  readonly title: string;
  /** the part in a line */
  readonly says: (look: Look) => string;
  readonly fields: readonly Field[];
  /** what a computation calls it, when it cannot work with it */
  readonly fault?: string;
}

type Read = Record<string, unknown>;

export interface FormDescription<T> {
  readonly parts: readonly Part[];
  readonly schema: z.ZodType<T>;
  /** what stands in a form that nobody has filled in */
  readonly start: object;
  /** from what is typed to what is kept, where those differ: pulses a litre, kept as litres a pulse */
  readonly finish?: (read: Read, texts: Texts) => Read;
  /** the way back */
  readonly begin?: (kept: T) => object;
  /** where a path of the schema is typed, if not there */
  readonly typedAt?: (path: string, texts: Texts) => string;
  /** a fault of the schema in words that fit the form, by its code */
  readonly words?: Readonly<Record<string, string>>;
  /** texts of an earlier form of it that a device still keeps; as they are when they are of today */
  readonly broughtUp?: (kept: Texts) => Texts;
}

/** A form of a description: its texts, and how they are read. */
export interface Form<T> {
  readonly parts: readonly Part[];
  readonly blank: Texts;
  write(kept: T): Texts;
  /** what a device kept, in today's form */
  broughtUp(kept: Texts): Texts;
  /** what is typed, unchecked; what cannot be read is told at its path */
  understand(texts: Texts, tell: (path: string, words: string) => void): Read;
  /** where a path of the schema is typed */
  typedAt(path: string, texts: Texts): string;
  /** a fault in words; null for the schema's own */
  wordsFor(code: string): string | null;
  /** what of it is typed and right, as far as it goes, with what is not typed here */
  answers(texts: Texts, more?: object): Answers;
  /** what is typed as what it stands for, with what is not typed here; null while something is wrong, which is said at its path */
  read(texts: Texts, more?: object): { readonly value: T | null; readonly errors: PathErrors };
}

export function makeForm<T>(description: FormDescription<T>): Form<T> {
  const {
    parts,
    schema,
    start,
    finish,
    begin,
    typedAt = (path) => path,
    words = {},
    broughtUp,
  } = description;
  const place = fieldsPlace(parts.flatMap(({ fields }) => fields));
  const understand: Form<T>['understand'] = (texts, tell) => {
    const read = place.read(texts, '', tell) as Read;
    return finish ? finish(read, texts) : read;
  };
  const wordsFor = (code: string) => words[code] ?? null;
  return {
    parts,
    blank: place.write(start),
    write: (kept) => place.write(begin ? begin(kept) : kept),
    broughtUp: (kept) => (broughtUp ? broughtUp(kept) : kept),
    understand,
    typedAt,
    wordsFor,
    answers: (texts, more = {}) => answersIn(schema, { ...understand(texts, () => {}), ...more }),
    read: (texts, more = {}) => {
      const errors: Record<string, string> = {};
      const read = understand(texts, (path, wrong) => {
        errors[path] ??= wrong;
      });
      const parsed = schema.safeParse({ ...read, ...more });
      if (parsed.success) return { value: Object.keys(errors).length === 0 ? parsed.data : null, errors };
      for (const issue of parsed.error.issues) {
        const path = typedAt(issue.path.join('.'), texts);
        // a place that could not be read has said so already
        if (!Object.keys(errors).some((said) => said === path || said.startsWith(`${path}.`)))
          errors[path] = wordsFor(issue.code) ?? inPlainWords(issue);
      }
      return { value: null, errors };
    },
  };
}

/** What is wrong in a part of a form. */
export function errorsIn({ fields }: Part, errors: PathErrors): string[] {
  const own = pathsOf(fields);
  return Object.keys(errors).filter((path) =>
    own.some((start) => path === start || path.startsWith(`${start}.`)),
  );
}
