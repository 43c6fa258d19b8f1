import { createContext, useContext, type ComponentType } from 'react';
import { useReader } from '../ui/reader';
import {
  Look,
  type Part,
  type PathErrors,
  textAt,
  type Texts,
  type Told,
  told,
  withText,
} from '@barythm/core/describe';

/** What a page paints by itself within a form, by name; each is told the path of the group that it stands in. */
export type OwnParts = Readonly<Record<string, ComponentType<{ readonly path: string }>>>;

interface FormScope {
  readonly texts: Texts;
  readonly errors: PathErrors;
  readonly change: (texts: Texts) => void;
  /** what the test ids of its fields begin with */
  readonly name: string;
  /** somebody asked what is missing: until then an empty field is no mistake */
  readonly tried?: boolean;
  /** what a family paints by itself within its form, by name */
  readonly own?: OwnParts;
  /** what the form began with, as far as nobody has answered it: it stands there, and is no answer yet */
  readonly offered?: Offered;
  /** what was read on arrival, by its key, where this job has it */
  readonly read?: (key: string) => number | null;
}

export interface Offered {
  readonly in: (part: Part) => readonly string[];
  readonly paths: ReadonlySet<string>;
  readonly answer: (paths: readonly string[]) => void;
}

const FormContext = createContext<FormScope | null>(null);
export const FormProvider = FormContext.Provider;

export function useForm(): FormScope {
  const scope = useContext(FormContext);
  if (!scope) throw new Error('A field stands outside of its form.');
  return scope;
}

/** The form as it is seen from one of its groups. */
export function useLook(path: string): Look {
  const { texts } = useForm();
  return new Look(texts, path, useReader());
}

export interface Spot {
  readonly text: string;
  readonly set: (text: string) => void;
  readonly error: string | undefined;
  /** nothing stands there yet, and something must */
  readonly missing: boolean;
  /** what stands there is what the form began with, and nobody's answer */
  readonly offered: boolean;
  /** what is done there is an answer, whether or not it changes what stands there */
  readonly answer: () => void;
  readonly testID: string;
}

/** One place of the form: its text, what is wrong with it, and its test id. */
export function useSpot(path: string): Spot {
  const { texts, errors, change, name, tried = true, offered } = useForm();
  const text = textAt(texts, path);
  const blank = typeof text !== 'string' || text.trim() === '';
  const quiet = blank && !tried;
  const isOffered = offered?.paths.has(path) ?? false;
  const answer = () => {
    if (isOffered) offered?.answer([path]);
  };
  return {
    text: typeof text === 'string' ? text : '',
    set: (next) => {
      answer();
      change(withText(texts, path, next));
    },
    answer,
    error: quiet ? undefined : errors[path],
    missing: quiet && errors[path] !== undefined,
    offered: isOffered,
    testID: `${name}-${path}`,
  };
}

/** Whether anything of these places is to be shown as wrong: empty ones only once somebody asked. */
export function isTold({ texts, errors, tried = true }: FormScope, paths: readonly string[]): boolean {
  return paths.some((path) => {
    const text = textAt(texts, path);
    return errors[path] !== undefined && (tried || (text !== undefined && text !== ''));
  });
}

/** A hint, after the word that the place is needed, or that what stands there is only offered. */
export function hintOf(
  hint: Told<string | undefined> | undefined,
  look: Look,
  { missing, offered }: Pick<Spot, 'missing' | 'offered'>,
): string | undefined {
  const words = told(hint, look);
  const first = missing ? 'Needed' : offered ? OFFERED : null;
  return first === null ? words : [first, words].filter(Boolean).join('  ·  ');
}
const OFFERED = 'Only a start: confirm or change';
