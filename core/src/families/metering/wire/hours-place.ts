import { parseFigure } from '../../../units';
import { measured, type Place } from '../../../describe';

const flow = measured('waterFlow');

/** The mean flow of each hour of a day, from 0:00: 24 figures with blanks between them, one unit behind them all; null where none are known. */
export const hoursPlace: Place = {
  read: (texts, path, tell) => {
    const words = String(texts ?? '')
      .trim()
      .split(/[\s;]+/)
      .filter(Boolean);
    if (words.length === 0) return null;
    const unit = words.length === 25 ? ` ${words.pop()}` : '';
    if (words.length !== 24) {
      tell(path, `A day has 24 hours; ${words.length} figures are entered.`);
      return;
    }
    const hours: number[] = [];
    for (const [hour, word] of words.entries()) {
      const parsed = parseFigure(`${word}${unit}`, 'waterFlow');
      if (!parsed.ok || parsed.value < 0) {
        tell(path, `Hour ${hour}: “${word}${unit}” is no water flow.`);
        return;
      }
      hours.push(parsed.value);
    }
    return hours;
  },
  write: (value) => (Array.isArray(value) ? value.map((one) => flow.write(one) as string).join(' ') : ''),
};
