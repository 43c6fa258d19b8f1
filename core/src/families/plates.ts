import { FAMILIES, familyOf, type FamilyName, type Plate } from './all';
import { plateSchema } from './wire';

const FIELDS = Object.values(FAMILIES).flatMap(({ arrival }) =>
  arrival.plate.map(({ key, quantity, options }) => ({ key, quantity, isChosen: options !== undefined })),
);

/** Everything that can stand on a plate, of any family: columns of a register file. */
export const PLATE_COLUMNS: readonly string[] = [...new Set(FIELDS.map(({ key }) => key))];
/** Those of them that hold a figure. */
export const PLATE_FIGURES: readonly string[] = FIELDS.flatMap(({ key, quantity }) =>
  quantity ? [key] : [],
);

/** Those of them that are chosen among what the controller knows. */
export const PLATE_CHOICES: readonly string[] = FIELDS.flatMap(({ key, isChosen }) =>
  isChosen ? [key] : [],
);

/** A figure of a plate as it is typed; null for anything that is none above 0. */
export function plateFigure(text: string): number | null {
  const figure = Number(text.replace(',', '.'));
  return text !== '' && Number.isFinite(figure) && figure > 0 ? figure : null;
}

/** The plate of a pump of a family from cells of text; an empty one could not be read. */
export function plateFrom(family: FamilyName, cells: Readonly<Record<string, string>>): Plate {
  const read = familyOf(family).arrival.plate.map(({ key, quantity }) => [
    key,
    quantity ? plateFigure(cells[key] ?? '') : cells[key] || null,
  ]);
  return plateSchema.parse({ family, ...Object.fromEntries(read) });
}
