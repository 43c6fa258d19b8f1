import { NEEDED, type Place } from '../../../describe';

/** How a pump without gears is kept: its one gear has this name. */
const NO_GEARS = '-';

/** The greatest rate of each gear: “180”, or by gear “A=48, B=96”. */
export const ratesPlace: Place = {
  read: (texts, path, tell) => {
    const typed = String(texts ?? '').trim();
    const number = (text: string) => {
      const value = Number(text.trim().replace(',', '.'));
      if (text.trim() === '') tell(path, NEEDED);
      else if (!Number.isFinite(value)) tell(path, `“${text}” is not a figure.`);
      return value;
    };
    if (!typed.includes('=')) return { [NO_GEARS]: number(typed) };
    return Object.fromEntries(
      typed.split(',').map((pair) => {
        const [gear, rate = ''] = pair.split('=').map((part) => part.trim());
        return [gear, number(rate)];
      }),
    );
  },
  write: (value) => {
    const gears = Object.entries((value ?? {}) as Record<string, number>);
    if (gears.length === 1 && gears[0][0] === NO_GEARS) return String(gears[0][1]);
    return gears.map(([gear, rate]) => `${gear}=${rate}`).join(', ');
  },
};
