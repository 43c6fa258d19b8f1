import { FAMILIES, familyOf, type FamilyName, type Plate } from './all';

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

/** A plate as its family reads it from cells of text; an empty one could not be read. */
function readPlate(family: FamilyName, cells: Readonly<Record<string, string>>) {
  const { arrival, wire } = familyOf(family);
  const read = arrival.plate.map(({ key, quantity }) => [
    key,
    quantity ? plateFigure(cells[key] ?? '') : cells[key] || null,
  ]);
  return wire.plate.safeParse({ family, ...Object.fromEntries(read) });
}

/** What a family does not take on its plates, by the cell where it stands; none where it takes all of them. */
export function plateFaults(
  family: FamilyName,
  cells: Readonly<Record<string, string>>,
): { readonly key: string; readonly words: string }[] {
  const { error } = readPlate(family, cells);
  return (error?.issues ?? []).map(({ path, message }) => ({ key: String(path[0]), words: message }));
}

/** The plate of a pump of a family from cells of text that have no faults. Throws a ZodError where they have. */
export function plateFrom(family: FamilyName, cells: Readonly<Record<string, string>>): Plate {
  const { data, error } = readPlate(family, cells);
  if (data === undefined) throw error;
  return data;
}
