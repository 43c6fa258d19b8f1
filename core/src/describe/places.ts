import { DAY_MIN, DAYS, minuteOfDay, parseDate, timeOfDay } from '../time';
import { parseFigure, type Quantity } from '../units';
import { NEEDED, type Texts } from './texts';

/** One place of a form: how its text is read, and how a value is written. Reading answers undefined after it has told what is wrong. */
export interface Place {
  read(texts: Texts | undefined, path: string, tell: (path: string, words: string) => void): unknown;
  write(value: unknown): Texts;
}

/** A figure; blank is wrong. */
export function measured(quantity: Quantity): Place {
  return {
    read: (texts, path, tell) => {
      const parsed = parseFigure(typed(texts), quantity);
      if (parsed.ok) return parsed.value;
      tell(path, typed(texts) === '' ? NEEDED : parsed.words);
    },
    write: (value) => (typeof value === 'number' ? String(Number(value.toPrecision(10))) : ''),
  };
}

/** What may be left blank: null then. */
export function maybe(place: Place): Place {
  return {
    read: (texts, path, tell) => (typed(texts) === '' ? null : place.read(texts, path, tell)),
    write: (value) => (value === null || value === undefined ? '' : place.write(value)),
  };
}

/** What may be left out altogether when blank. */
export function optional(place: Place): Place {
  return {
    read: (texts, path, tell) => (typed(texts) === '' ? undefined : place.read(texts, path, tell)),
    write: (value) => (value === undefined ? '' : place.write(value)),
  };
}

/** A word or one of a few choices, as it is. */
export const word: Place = {
  read: (texts) => typed(texts),
  write: (value) => String(value ?? ''),
};

export const flag: Place = {
  read: (texts) => texts === 'yes',
  write: (value) => (value ? 'yes' : 'no'),
};

/** Yes or no as somebody said it: nobody having said it is neither. */
export const answer: Place = {
  read: (texts, path, tell) => {
    if (texts === 'yes' || texts === 'no') return texts === 'yes';
    tell(path, NEEDED);
  },
  write: (value) => (typeof value === 'boolean' ? flag.write(value) : ''),
};

/** A time of day; 24:00 ends a day. */
export const time: Place = {
  read: (texts, path, tell) => {
    const text = typed(texts);
    const minute = text === '24:00' ? DAY_MIN : minuteOfDay(text);
    if (minute !== null) return minute;
    tell(path, text === '' ? NEEDED : `“${text}” is no time of day. Type it as 7:30.`);
  },
  write: (value) => (typeof value === 'number' ? timeOfDay(value) : ''),
};

export const days: Place = {
  read: (texts, path, tell) => {
    if (DAYS.test(String(texts))) return texts;
    tell(path, 'Choose at least one day.');
  },
  write: (value) => String(value ?? ''),
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
    const text = typed(texts);
    if (text === '') return null;
    const found = /^(\d{1,2})\s*[-–]\s*(\d{1,2})$/.exec(text);
    if (found) return [Number(found[1]), Number(found[2])];
    tell(path, 'First and last month, e.g. 10–3; blank for all year.');
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

/** Words with a line each; blank lines do not count. */
export const lines: Place = {
  read: (texts) =>
    String(texts ?? '')
      .split('\n')
      .map((line) => line.trim())
      .filter(Boolean),
  write: (value) => (Array.isArray(value) ? value.join('\n') : ''),
};

/** Several names out of a list, one a line: a name may hold a comma. */
export const names: Place = {
  read: (texts) =>
    String(texts ?? '')
      .split('\n')
      .filter(Boolean),
  write: (value) => (Array.isArray(value) ? value.join('\n') : ''),
};

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

/** A figure that is nil where nothing is typed. */
export function zeroIfBlank(quantity: Quantity): Place {
  const place = measured(quantity);
  return {
    ...place,
    read: (texts, path, tell) => (typed(texts) === '' ? 0 : place.read(texts, path, tell)),
  };
}

/** A share from 0 to 1, typed in per cent. */
export const percent: Place = {
  read: (texts, path, tell) => {
    const value = measured('percent').read(texts, path, tell);
    return typeof value === 'number' ? value / 100 : undefined;
  },
  write: (value) => measured('percent').write(typeof value === 'number' ? value * 100 : undefined),
};

/** A word that cannot be left out. */
export function neededWord(missing = NEEDED): Place {
  return {
    read: (texts, path, tell) => {
      if (typed(texts) !== '') return typed(texts);
      tell(path, missing);
    },
    write: (value) => String(value ?? ''),
  };
}

/** One of a few where the first stands for nothing said: left out then. */
export function unless(nothing: string): Place {
  return {
    read: (texts) => (typed(texts) === '' || texts === nothing ? undefined : texts),
    write: (value) => (value === undefined || value === null ? nothing : String(value)),
  };
}

/** A tick that is left out where it is not set. */
export const flagOrNothing: Place = {
  read: (texts) => (texts === 'yes' ? true : undefined),
  write: flag.write,
};

/** One of a few numbers. */
export const numeral: Place = {
  read: (texts) => Number(typed(texts)),
  write: (value) => String(value ?? ''),
};

/** A date as people write it; null where none is known. What is no date is left to the schema to say. */
export const date: Place = {
  read: (texts) => parseDate(typed(texts)) ?? (typed(texts) || null),
  write: (value) => String(value ?? ''),
};

/** Several figures with blanks between them, each by a factor: per cent are kept as shares. */
export function figures(factor = 1): Place {
  return {
    read: (texts, path, tell) =>
      typed(texts)
        .split(/[\s;]+/)
        .filter(Boolean)
        .map((word) => {
          const value = Number(word.replace(',', '.'));
          if (!Number.isFinite(value)) tell(path, `“${word}” is not a figure.`);
          return value / factor;
        }),
    write: (value) =>
      Array.isArray(value) ? value.map((one) => Number((Number(one) * factor).toPrecision(6))).join(' ') : '',
  };
}

/** The text of a place without the blanks around it. */
function typed(texts: Texts | undefined): string {
  return typeof texts === 'string' ? texts.trim() : '';
}
