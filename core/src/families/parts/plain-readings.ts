import type { ArrivalReadings, PlateOption, ReadingField } from '../family';

/** Readings on arrival that go into their record field by field, whatever pump they are taken at. */
export function plainReadings<Body extends { readonly kind: string }>(
  record: Body['kind'],
  fields: readonly ReadingField[],
  states: readonly PlateOption[],
): ArrivalReadings<Body> {
  return {
    record,
    fields: () => fields,
    states,
    body: ({ figures, unreadable, state }) => {
      const read = Object.fromEntries(fields.map(({ key }) => [key, figures[key] ?? null]));
      // its schema is the family's own: what does not fit it is refused where the record is written
      return { kind: record, ...read, state, unreadable } as unknown as Body;
    },
  };
}
