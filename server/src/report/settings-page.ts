import type { Handover, HandoverFact, HandoverSetting } from '@barythm/core/visit';
import {
  COLUMN_COLOUR,
  COLUMN_NAME,
  ensureRoom,
  heading,
  heightOf,
  INK,
  PAGE,
  rule,
  TEXT_WIDTH,
  triadSign,
  write,
  type Pdf,
} from './paper';

const COLUMNS = { label: 148, found: 116, target: 116, left: 116 } as const;
const REASON_SIZE = 8.5;

/** Settings found, target and left, each with the reason of its target; on a new page where none is begun. Answers the y below. */
export function settingsPage(pdf: Pdf, { summary }: Handover, start: number | null): number {
  if (start === null) pdf.addPage();
  let y = heading(pdf, 'Settings', start === null ? PAGE.top : ensureRoom(pdf, start, 120));
  y = header(pdf, y);
  const [unread, known] = parted(summary.settings);
  const settings = programsInRows(known);
  for (const setting of settings.filter(isTouched)) y = row(pdf, setting, y);
  y = leftAlone(
    pdf,
    settings.filter((setting) => !isTouched(setting)),
    y,
  );
  if (unread.length > 0) {
    const names = `Neither read nor set: ${unread.map(({ label }) => label).join(', ')}.`;
    y = ensureRoom(pdf, y + 6, heightOf(pdf, names, TEXT_WIDTH, { size: 9 }));
    y = write(pdf, names, { x: PAGE.left, y, width: TEXT_WIDTH }, { size: 9, colour: INK.quiet });
  }
  return facts(pdf, summary.facts, y + 10);
}

/** Settings of which nothing is known, most often idle in the mode that is set, apart from the rest. */
function parted(settings: readonly HandoverSetting[]): [unread: HandoverSetting[], known: HandoverSetting[]] {
  const isUnread = ({ found, target, left }: HandoverSetting) =>
    found === null && target === null && left === null;
  return [settings.filter(isUnread), settings.filter((setting) => !isUnread(setting))];
}

/** Parts of one place (`Program 3: start`, `Program 3: stop`), from this many on, are one row: a program is read as a whole. */
const LEAST_PARTS = 3;

/** The settings with each place of a group in one row; a part that was found right stands in its target too. */
function programsInRows(settings: readonly HandoverSetting[]): HandoverSetting[] {
  const placeOf = ({ label, address }: HandoverSetting) =>
    label.includes(': ') ? `${address.split('/')[0]} ${label.split(': ')[0]}` : null;
  const parts = (place: string) => settings.filter((setting) => placeOf(setting) === place);
  const done = new Set<string>();
  return settings.flatMap((setting) => {
    const place = placeOf(setting);
    if (place === null || parts(place).length < LEAST_PARTS) return [setting];
    if (done.has(place)) return [];
    done.add(place);
    return [inOneRow(parts(place))];
  });
}

function inOneRow(parts: readonly HandoverSetting[]): HandoverSetting {
  const read = (column: 'found' | 'target' | 'left', instead: 'found' | null) =>
    parts
      .map((part) => {
        const value = part[column] ?? (instead && part[instead]);
        return value === null ? '–' : withUnit(value, part.unit);
      })
      .join(', ');
  const any = (column: 'found' | 'target' | 'left') => parts.some((part) => part[column] !== null);
  const bys = new Set(parts.map(({ leftBy }) => leftBy));
  return {
    ...parts[0],
    label: parts[0].label.split(': ')[0],
    unit: '',
    found: any('found') ? read('found', null) : null,
    target: any('target') ? read('target', 'found') : null,
    left: any('left') ? read('left', null) : null,
    leftBy: bys.size === 1 ? parts[0].leftBy : 'read back',
    changed: parts.some(({ changed }) => changed),
    reason: [...new Set(parts.flatMap(({ reason }) => (reason ? [reason] : [])))].join(' '),
  };
}

/** True where a setting was changed, should have been, or is not known: it gets a row. The rest is as it was found, and a list. */
function isTouched({ found, target, left, changed, reason }: HandoverSetting): boolean {
  const meant = target !== null && target !== found;
  const stays = target === null && Boolean(reason);
  return changed || meant || stays || found === null || found.startsWith('could not') || left !== found;
}

/** Settings that nobody had to touch, two to a line. */
function leftAlone(pdf: Pdf, settings: readonly HandoverSetting[], start: number): number {
  if (settings.length === 0) return start;
  let y = heading(pdf, 'As found, and left so', ensureRoom(pdf, start + 8, 60));
  const width = TEXT_WIDTH / 2;
  for (let i = 0; i < settings.length; i += 2) {
    const pair = settings.slice(i, i + 2).map((setting) => `${setting.label}: ${shown(setting, 'found')}`);
    y = ensureRoom(pdf, y, 18);
    const below = pair.map((text, k) =>
      write(pdf, text, { x: PAGE.left + k * width, y, width: width - 10 }, { size: 9 }),
    );
    y = Math.max(...below) + 1;
  }
  return y;
}

/** What the settings rest on: product, transmitter or meter, what was read on arrival. */
function facts(pdf: Pdf, all: readonly HandoverFact[], start: number): number {
  if (all.length === 0) return start;
  let y = heading(pdf, 'What they rest on', ensureRoom(pdf, start, 70));
  for (const { label, words } of all) {
    y = ensureRoom(pdf, y, 16 + heightOf(pdf, words, TEXT_WIDTH - 110, { size: 9.5 }));
    write(pdf, label, { x: PAGE.left, y, width: 104 }, { font: 'bold', size: 9.5 });
    y = write(pdf, `${words}.`, { x: PAGE.left + 110, y, width: TEXT_WIDTH - 110 }, { size: 9.5 }) + 3;
  }
  return y;
}

function columnX(column: 'found' | 'target' | 'left'): number {
  const order = ['found', 'target', 'left'] as const;
  return (
    PAGE.left + COLUMNS.label + order.slice(0, order.indexOf(column)).reduce((sum, c) => sum + COLUMNS[c], 0)
  );
}

function header(pdf: Pdf, y: number): number {
  for (const column of ['found', 'target', 'left'] as const) {
    const x = columnX(column);
    triadSign(pdf, column, x + 4, y + 7);
    write(
      pdf,
      COLUMN_NAME[column],
      { x: x + 13, y, width: COLUMNS[column] - 13 },
      { font: 'bold', size: 9.5, colour: COLUMN_COLOUR[column] },
    );
  }
  rule(pdf, y + 18);
  return y + 24;
}

function row(pdf: Pdf, setting: HandoverSetting, start: number): number {
  const cells = (['found', 'target', 'left'] as const).map(
    (column) => [column, shown(setting, column)] as const,
  );
  const tallest = Math.max(
    heightOf(pdf, setting.label, COLUMNS.label - 8, { font: 'bold', size: 10 }),
    ...cells.map(([column, text]) => heightOf(pdf, text, COLUMNS[column] - 8, { font: 'figures', size: 10 })),
  );
  const reason = setting.reason ?? '';
  const reasonHeight = reason ? heightOf(pdf, reason, TEXT_WIDTH, { size: REASON_SIZE }) : 0;
  const y = ensureRoom(pdf, start, tallest + reasonHeight + 14);
  write(pdf, setting.label, { x: PAGE.left, y, width: COLUMNS.label - 8 }, { font: 'bold', size: 10 });
  for (const [column, text] of cells) {
    const differs = column === 'left' && setting.target !== null && setting.left !== setting.target;
    write(
      pdf,
      text,
      { x: columnX(column), y, width: COLUMNS[column] - 8 },
      {
        font: column === 'left' && setting.changed ? 'figuresBold' : 'figures',
        size: 10,
        colour: differs && setting.left !== null ? INK.rust : INK.ink,
      },
    );
  }
  let below = y + tallest + 2;
  if (reason) {
    below = write(
      pdf,
      reason,
      { x: PAGE.left, y: below, width: TEXT_WIDTH },
      { size: REASON_SIZE, colour: INK.quiet },
    );
  }
  rule(pdf, below + 4);
  return below + 10;
}

function shown(setting: HandoverSetting, column: 'found' | 'target' | 'left'): string {
  const value = setting[column];
  if (value === null) return column === 'left' ? 'not known' : '–';
  if (value.startsWith('could not')) return value;
  const shownValue = withUnit(value, setting.unit);
  if (column === 'found') return setting.foundBy ? `${shownValue}, ${setting.foundBy}` : shownValue;
  const by =
    column === 'left' && setting.leftBy && setting.leftBy !== 'read back' ? `, ${setting.leftBy}` : '';
  return `${shownValue}${by}`;
}

function withUnit(value: string, unit: string): string {
  return unit && unit !== '-' && /^-?\d/.test(value) ? `${value} ${unit}` : value;
}
