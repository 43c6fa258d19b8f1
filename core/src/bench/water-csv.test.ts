import { readWaterCsv } from './index';

const day = (flow: (hour: number) => string, separator = ',') =>
  ['time,flow', ...Array.from({ length: 24 }, (_, h) => `${h}:00${separator}${flow(h)}`)]
    .join('\n')
    .replace('time,flow', `time${separator}flow`);
const faults = (text: string) => {
  const read = readWaterCsv(text);
  return read.ok ? [] : read.faults.map(({ line, column, words }) => `${line}:${column} ${words}`);
};

test('a day by hours, with comma, semicolon and decimal comma, or tabs', () => {
  expect(readWaterCsv(day((h) => String(h)))).toMatchObject({ ok: true, every_s: 3600 });
  const german = readWaterCsv(day((h) => `${h},5`, ';'));
  expect(german.ok && german.flows_m3h[3]).toBe(3.5);
  expect(readWaterCsv(day((h) => `${h}`, '\t')).ok).toBe(true);
});

test('a week, hour by hour, with the day before the time', () => {
  const rows = Array.from({ length: 168 }, (_, i) => `${Math.floor(i / 24)}.${i % 24}:00,5`);
  const read = readWaterCsv(['time,flow', ...rows].join('\r\n'));
  expect(read.ok && read.flows_m3h).toHaveLength(168);
});

test.each([
  ['text', day((h) => (h === 4 ? 'much' : '1')), '6:2 “much” is not a flow'],
  ['a gap in the flows', day((h) => (h === 4 ? '' : '1')), '6:2 The flow is missing.'],
  ['a negative flow', day((h) => (h === 4 ? '-3' : '1')), '6:2 “-3”: a flow cannot be negative.'],
  ['a gap in the times', day(() => '1').replace('7:00,1\n', ''), '9:1 A gap: rows are 60 min apart'],
  ['times that run back', day(() => '1').replace('7:00,', '5:00,'), '9:1 This time does not come after'],
  ['no time', day(() => '1').replace('7:00,', '7 am,'), '9:1 “7 am” is no time of day'],
  [
    'half a day',
    day(() => '1')
      .split('\n')
      .slice(0, 13)
      .join('\n'),
    'The rows must fill whole days',
  ],
  ['a wrong separator', day((h) => `${h},5`), '2:1 3 columns stand here; two are needed.'],
  ['nothing', '', '1:1 Two columns are needed'],
  ['a header alone', 'time,flow', '2:1 No rows under the header.'],
  ['a million rows', `time,flow\n${'0:00,1\n'.repeat(1_000_000)}`, 'More than 10080 rows'],
])('%s is told at its line and column', (_, text, words) => {
  expect(faults(text).join('\n')).toContain(words);
});

test('many faults are counted, twenty are told', () => {
  const read = readWaterCsv(day(() => 'x'));
  expect(read).toMatchObject({ ok: false, more: 4 });
});
