import { DAY_MIN, DAYS, minuteOfDay, timeOfDay } from '@barythm/core/time';
import { parseFigure, type Quantity } from '@barythm/core/units';

/** What is typed in a form, as a tree of texts in the shape of what it stands for. */
export type Texts = string | readonly Texts[] | { readonly [key: string]: Texts };
/** What is wrong, by path: `bodies.0.depth_m`. */
export type PathErrors = Readonly<Record<string, string>>;

/** One place of a form: how its text is read, and how a value is written. Reading answers undefined after it has told what is wrong. */
export interface Place {
  read(texts: Texts | undefined, path: string, tell: (path: string, words: string) => void): unknown;
  write(value: unknown): Texts;
}

/** A figure; blank is wrong. */
export function figure(quantity: Quantity): Place {
  return {
    read: (texts, path, tell) => {
      const parsed = parseFigure(String(texts ?? ''), quantity);
      if (parsed.ok) return parsed.value;
      tell(path, parsed.words);
    },
    write: (value) => (typeof value === 'number' ? String(Number(value.toPrecision(10))) : ''),
  };
}

/** What may be left blank: null then. */
export function maybe(place: Place): Place {
  return {
    read: (texts, path, tell) => (String(texts ?? '').trim() === '' ? null : place.read(texts, path, tell)),
    write: (value) => (value === null || value === undefined ? '' : place.write(value)),
  };
}

/** What may be left out altogether when blank. */
export function optional(place: Place): Place {
  return {
    read: (texts, path, tell) =>
      String(texts ?? '').trim() === '' ? undefined : place.read(texts, path, tell),
    write: (value) => (value === undefined ? '' : place.write(value)),
  };
}

/** A word or one of a few choices, as it is. */
export const word: Place = {
  read: (texts) => String(texts ?? '').trim(),
  write: (value) => String(value ?? ''),
};

export const flag: Place = {
  read: (texts) => texts === 'yes',
  write: (value) => (value ? 'yes' : 'no'),
};

/** A time of day; 24:00 ends a day. */
export const time: Place = {
  read: (texts, path, tell) => {
    const text = String(texts ?? '').trim();
    const minute = text === '24:00' ? DAY_MIN : minuteOfDay(text);
    if (minute !== null) return minute;
    tell(path, text === '' ? 'Nothing is entered yet.' : `“${text}” is no time of day. Type it as 7:30.`);
  },
  write: (value) => (typeof value === 'number' ? timeOfDay(value) : ''),
};

export const days: Place = {
  read: (texts, path, tell) => {
    if (DAYS.test(String(texts))) return texts;
    tell(path, 'Choose at least one day.');
  },
  write: (value) => String(value ?? '1234567'),
};

/** Whole numbers with commas or spaces between them. */
export const numbers: Place = {
  read: (texts, path, tell) => {
    const parts = String(texts ?? '')
      .split(/[\s,;]+/)
      .filter((part) => part !== '');
    if (parts.every((part) => /^\d+$/.test(part))) return parts.map(Number);
    tell(path, 'Whole numbers, with commas between them.');
  },
  write: (value) => (Array.isArray(value) ? value.join(', ') : ''),
};

/** First and last month, `10–3`; blank is all year. */
export const months: Place = {
  read: (texts, path, tell) => {
    const text = String(texts ?? '').trim();
    if (text === '') return null;
    const found = /^(\d{1,2})\s*[-–]\s*(\d{1,2})$/.exec(text);
    if (found) return [Number(found[1]), Number(found[2])];
    tell(path, 'First and last month, such as 10–3; blank for all year.');
  },
  write: (value) => (Array.isArray(value) ? `${value[0]}–${value[1]}` : ''),
};

/** Several words of a few, with commas between them. */
export const someOf: Place = {
  read: (texts) =>
    String(texts ?? '')
      .split(',')
      .filter(Boolean),
  write: (value) => (Array.isArray(value) ? value.join(',') : ''),
};

/** Several names out of a list, one a line: a name may hold a comma. */
export const names: Place = {
  read: (texts) =>
    String(texts ?? '')
      .split('\n')
      .filter(Boolean),
  write: (value) => (Array.isArray(value) ? value.join('\n') : ''),
};

export function group(places: Readonly<Record<string, Place>>): Place {
  return {
    read: (texts, path, tell) => {
      const given = (texts ?? {}) as Record<string, Texts>;
      const out: Record<string, unknown> = {};
      for (const [key, place] of Object.entries(places)) {
        const value = place.read(given[key], path === '' ? key : `${path}.${key}`, tell);
        if (value !== undefined) out[key] = value;
      }
      return out;
    },
    write: (value) => {
      const given = (value ?? {}) as Record<string, unknown>;
      return Object.fromEntries(Object.entries(places).map(([key, place]) => [key, place.write(given[key])]));
    },
  };
}

/** A group that can be off as a whole: null then. Its switch is the text `on`. */
export function switched(places: Readonly<Record<string, Place>>): Place {
  const inner = group(places);
  return {
    read: (texts, path, tell) =>
      (texts as Record<string, Texts> | undefined)?.on === 'yes' ? inner.read(texts, path, tell) : null,
    write: (value) => ({
      ...(inner.write(value) as Record<string, Texts>),
      on: value === null || value === undefined ? 'no' : 'yes',
    }),
  };
}

export function list(place: Place): Place {
  return {
    read: (texts, path, tell) =>
      ((texts ?? []) as readonly Texts[]).map((one, i) => place.read(one, `${path}.${i}`, tell)),
    write: (value) => ((value ?? []) as unknown[]).map((one) => place.write(one)),
  };
}

/** A list that is left out where it has no rows. */
export function listOrNothing(place: Place): Place {
  const rows = list(place);
  return {
    ...rows,
    read: (texts, path, tell) => {
      const read = rows.read(texts, path, tell);
      return Array.isArray(read) && read.length === 0 ? undefined : read;
    },
  };
}

/** The text at a path; undefined where nothing stands. */
export function textAt(texts: Texts, path: string): Texts | undefined {
  return path.split('.').reduce<Texts | undefined>((at, key) => {
    if (at === undefined || typeof at === 'string') return undefined;
    return (at as Record<string, Texts>)[key];
  }, texts);
}

/** The same texts with another at a path. */
export function withText(texts: Texts, path: string, value: Texts): Texts {
  const [key, ...rest] = path.split('.');
  if (key === '') return value;
  const inner = rest.length === 0 ? value : withText(textAt(texts, key) ?? {}, rest.join('.'), value);
  if (Array.isArray(texts)) return texts.map((old, i) => (String(i) === key ? inner : old));
  return { ...(texts as Record<string, Texts>), [key]: inner };
}

/** The rows of a list in the form; none where there is no list. */
export function rowsAt(texts: Texts, path: string): readonly Texts[] {
  return (textAt(texts, path) ?? []) as readonly Texts[];
}

/** The names of a list's rows that have one. */
export function namesList(texts: Texts, path: string): readonly string[] {
  return rowsAt(texts, path)
    .map((row) => String(textAt(row, 'name') ?? '').trim())
    .filter(Boolean);
}

/** The names of a list's rows, with commas between them. */
export function namesAt(texts: Texts, path: string): string {
  return namesList(texts, path).join(', ');
}
