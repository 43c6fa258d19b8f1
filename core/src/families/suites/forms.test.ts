import { FAMILY_NAMES, familyOf, type Duty, type FamilyName } from '@barythm/core/families';
import { SHIPPED } from './shipped.fixtures';
import { METRIC, type Reader } from '@barythm/core/units';
import { type Field, Look, textAt, type Texts, told, withText } from '@barythm/core/describe';

/** Every long form of every family: what is kept comes back as it went, and what is typed is never thrown away. */

const samplesOf = (name: FamilyName) =>
  jest.requireActual<{ SAMPLES: readonly { duty: Duty }[] }>(`@barythm/core/families/${name}/fixtures`)
    .SAMPLES;

/** The same figures, but for the dust of a double that was written and read. */
function alike(value: unknown): unknown {
  if (typeof value === 'number') return Number(value.toPrecision(9));
  if (Array.isArray(value)) return value.map(alike);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).flatMap(([key, inner]) => (inner === undefined ? [] : [[key, alike(inner)]])),
  );
}

type Path = readonly (string | number)[];
function figuresOf(value: unknown, path: Path = []): Path[] {
  if (typeof value === 'number') return [path];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) =>
    figuresOf(inner, [...path, Array.isArray(value) ? Number(key) : key]),
  );
}
function changed<T>(value: T, [key, ...rest]: Path, by: number): T {
  if (key === undefined) return ((value as number) * by) as T;
  const copy = (Array.isArray(value) ? [...value] : { ...value }) as Record<string | number, unknown>;
  copy[key] = changed(copy[key], rest, by);
  return copy as T;
}

/** Every text of a form that stands by itself. */
function leavesOf(texts: Texts, path = ''): string[] {
  if (typeof texts === 'string') return [path];
  return Object.entries(texts).flatMap(([key, inner]) =>
    leavesOf(inner as Texts, path === '' ? key : `${path}.${key}`),
  );
}

/** Choices of a form that offer two of their options under one label, or one under none. */
function ambiguousIn(fields: readonly Field[], texts: Texts, path = ''): [string, string[]][] {
  return fields.flatMap((field): [string, string[]][] => {
    const at = 'key' in field ? [path, field.key].filter(Boolean).join('.') : path;
    if (field.kind === 'choice' || field.kind === 'ticks') {
      const labels = told(field.options, new Look(texts, path, METRIC)).map(({ label }) => label.trim());
      const twice = labels.filter((label, i) => label === '' || labels.indexOf(label) !== i);
      return twice.length > 0 ? [[at, twice]] : [];
    }
    return 'fields' in field ? ambiguousIn(field.fields, texts, field.kind === 'rows' ? `${at}.0` : at) : [];
  });
}

/** What a row that is added to a list of a form says before anybody said it. */
function saidByItselfIn(fields: readonly Field[], path = ''): string[] {
  const spoken = (texts: Texts, at: string): string[] =>
    typeof texts === 'string'
      ? ['', 'no'].includes(texts)
        ? []
        : [`${at}: ${texts}`]
      : Object.entries(texts).flatMap(([key, inner]) => spoken(inner as Texts, `${at}.${key}`));
  return fields.flatMap((field) => {
    if (!('fields' in field)) return [];
    const at = 'key' in field ? [path, field.key].filter(Boolean).join('.') : path;
    const own = field.kind === 'rows' ? spoken(field.blank, at) : [];
    return [...own, ...saidByItselfIn(field.fields, at)];
  });
}

/** A switch and what a folded part says where it is off. */
const SAID_OFF: Readonly<Record<string, RegExp>> = {
  sensor: /no sensor/i,
  vessel: /no vessel/i,
  cooler: /no cooler/i,
  quiet: /no quiet hours/i,
  heat: /not heated/i,
  chlorinator: /none/i,
  code: /one household/i,
};

describe.each(FAMILY_NAMES)('the duty of a %s pump', (name) => {
  const form = familyOf(name).forms.duty;
  test('folded, a part never says the contrary of its switches', () => {
    for (const { duty } of samplesOf(name)) {
      const texts = form.write(duty as never);
      const look = new Look(texts, '', METRIC);
      for (const { name: part, says, fields } of form.parts)
        for (const field of fields) {
          const off = field.kind === 'switch' ? SAID_OFF[field.key] : undefined;
          if (field.kind !== 'switch' || !off) continue;
          expect([part, field.key, off.test(told(says, look))]).toEqual([
            part,
            field.key,
            !look.isOn(field.key),
          ]);
        }
    }
  });

  test.each(['duty', 'behaviours'] as const)('no choice of its %s offers two things by one name', (kind) => {
    const { parts, blank } = familyOf(name).forms[kind];
    expect(parts.flatMap(({ fields }) => ambiguousIn(fields, blank))).toEqual([]);
  });

  test('a row that is added says nothing that nobody said', () => {
    expect(form.parts.flatMap(({ fields }) => saidByItselfIn(fields))).toEqual([]);
  });

  const { duty: schema } = familyOf(name).wire;
  /** what the form does not ask, and its page adds */
  const more = (duty: Duty) => ('programs' in duty ? { programs: duty.programs } : {});
  const again = (duty: Duty) => form.read(form.write(duty as never), more(duty));

  test('is written as texts that read the same', () => {
    for (const { duty } of samplesOf(name)) {
      const { value, errors } = again(duty);
      expect(errors).toEqual({});
      // what may be left out comes back as not known, and nothing else does
      expect(alike(value)).toMatchObject(alike(duty) as object);
    }
  });

  test('keeps each of its figures, whatever that is', () => {
    const [{ duty }] = samplesOf(name);
    let tried = 0;
    // a strength in per cent stands on the product's own density, which is asked once
    const places = figuresOf(duty).filter((path) => path.at(-1) !== 'density_kgl');
    for (const path of places)
      for (const by of [0.37, 1.7]) {
        const other = changed(duty, path, by);
        if (!schema.safeParse(other).success) continue;
        tried += 1;
        expect([path.join('.'), alike(again(other).value)]).toMatchObject([path.join('.'), alike(other)]);
      }
    expect(tried).toBeGreaterThan(10);
  });

  test('says each part in a line without a hole, in the units of whoever reads, blank or filled in', () => {
    const readers: readonly Reader[] = [METRIC, { ...METRIC, system: 'us' }];
    for (const reader of readers)
      for (const texts of [form.blank, form.write(samplesOf(name)[0].duty as never)])
        for (const part of form.parts)
          expect([part.name, part.says(new Look(texts, '', reader))]).toEqual([
            part.name,
            expect.not.stringMatching(/NaN|undefined|\[object|Infinity/),
          ]);
  });

  test('what is no figure is said at its own place, and every other text stays', () => {
    const texts = form.write(samplesOf(name)[0].duty as never);
    const wrong = leavesOf(texts).filter(
      (path) => form.read(withText(texts, path, '12 parsnips')).errors[path],
    );
    expect(wrong.length).toBeGreaterThan(5);
    for (const path of wrong) {
      const typed = withText(texts, path, '12 parsnips');
      const { value, errors } = form.read(typed);
      expect(value).toBeNull();
      expect(errors[path]).toMatch(/\S[.:?]$/);
      expect(textAt(typed, path)).toBe('12 parsnips');
    }
  });

  test('a blank one asks, and makes nothing up', () => {
    const { value, errors } = form.read(form.blank, more(samplesOf(name)[0].duty));
    expect(value).toBeNull();
    expect(Object.keys(errors).length).toBeGreaterThan(1);
    expect(Object.entries(errors).filter(([, words]) => !/\S[.:?]$/.test(words))).toEqual([]);
  });
});

describe.each(SHIPPED.map((profile) => [profile.id, profile] as const))('the habits of %s', (_, profile) => {
  const form = familyOf(profile.family).forms.behaviours;
  const written = form.write(profile.behaviours as never);
  test('come back as they went', () => {
    const { value, errors } = form.read(written);
    expect(errors).toEqual({});
    // what is left out and what is set to no are the same habit
    const said = (habits: unknown) =>
      Object.fromEntries(Object.entries(alike(habits) as object).filter(([, one]) => one !== false));
    expect(said(value)).toEqual(said(profile.behaviours));
  });
  test('go on in a draft that was kept before there were revisions, messages and alarms to describe', () => {
    const {
      revision: _r,
      options: _o,
      access: _a,
      alarms: _l,
      resetBy: _b,
      ...kept
    } = written as Record<string, Texts>;
    const { value } = form.read(kept);
    const {
      alarms: _1,
      access: _2,
      revision: _3,
      options: _4,
      resetBy: _5,
      ...rest
    } = profile.behaviours as object as Record<string, unknown>;
    const said = (habits: unknown) =>
      Object.fromEntries(Object.entries(alike(habits) as object).filter(([, one]) => one !== false));
    expect(said(value)).toEqual(said(rest));
  });
});
