import { familyOf, recordBodySchema, type JobDocument } from '@barythm/core/families';
import { SHIPPED } from '@barythm/core/families/suites/shipped.fixtures';
import { BLANK } from '@barythm/core/job/testing/fixtures';
import { asRegistered, broughtUp, EMPTY_PLATE } from './plate-draft';

const kept = { serial: 'MM-7', greatest: '144', rated: '10', asProfile: true, note: '' };

test.each([
  [
    'metering',
    { gear: 'C', signalFrom: 'meter' },
    { gear: 'C', greatest_spm: '144', rated_bar: '10' },
    'meter',
  ],
  ['pool', { kind: 'M', command: 'relay' }, { greatest_rpm: '144', rated_W: '10', kind: 'M' }, 'relay'],
] as const)(
  'a plate of %s that was being typed when each family had a card of its own is read on',
  (family, own, plate, source) => {
    const draft = broughtUp({ ...kept, ...own }, familyOf(family).arrival.plate);
    expect(draft).toMatchObject({ serial: 'MM-7', asProfile: true, source, plate });
  },
);

test('a draft of today stays as it is', () => {
  expect(broughtUp(EMPTY_PLATE, [])).toBe(EMPTY_PLATE);
});

describe('plate and controller as registered, in one go', () => {
  const on = (plate: JobDocument['unit']['plate'], serial: string) => ({
    unit: { ...BLANK.unit, serial, plate },
  });

  test.each(SHIPPED.map((profile) => [profile.id, profile] as const))('“%s”', (_, profile) => {
    const { arrival, examples } = familyOf(profile.family);
    const { source } = arrival;
    for (const { plate } of examples(profile)) {
      for (const seen of source === null ? [null] : source.options.map(({ value }) => value)) {
        const read = asRegistered(on(plate, 'SN-1'), source, seen);
        expect(recordBodySchema.parse(read)).toEqual(read);
        expect(read).toMatchObject({ plate, serial: 'SN-1', controllerAsProfile: true });
        expect(source?.of(read!) ?? null).toBe(seen);
      }
      // what tells it to run is said first
      if (source) expect(asRegistered(on(plate, 'SN-1'), source, null)).toBeNull();
    }
  });

  test('a plate that nobody has read is not confirmed', () => {
    const { plate: fields, source } = familyOf('metering').arrival;
    const blank = { family: 'metering', ...Object.fromEntries(fields.map(({ key }) => [key, null])) };
    const plate = blank as JobDocument['unit']['plate'];
    expect(asRegistered(on(plate, ''), source, 'meter')).toBeNull();
    expect(asRegistered(on(plate, 'SN-1'), source, 'meter')).not.toBeNull();
  });
});
