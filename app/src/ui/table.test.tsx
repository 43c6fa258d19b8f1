import { render, screen } from '@testing-library/react-native';
import { press } from '../testing/touch';
import { Table, type Column } from './table';
import { Words } from './words/words';

interface Pump {
  readonly tag: string;
  readonly stops: number;
}
const PUMPS: readonly Pump[] = [
  { tag: 'B-2', stops: 0 },
  { tag: 'A-10', stops: 3 },
  { tag: 'C-1', stops: 1 },
];
const COLUMNS: readonly Column<Pump>[] = [
  { key: 'tag', label: 'Tag', grow: 1, by: ({ tag }) => tag, cell: ({ tag }) => <Words>{tag}</Words> },
  {
    key: 'stops',
    label: 'Stops',
    grow: 1,
    by: ({ stops }) => -stops,
    cell: ({ stops }) => <Words>{stops}</Words>,
  },
  { key: 'note', label: 'Note', grow: 1, cell: () => null },
];

const onOpen = jest.fn();
const order = () => screen.getAllByTestId(/^row-/).map((node) => String(node.props.testID).slice(4));
function stand(sorted?: { key: string; onSort: (key: string) => void }) {
  render(
    <Table
      label="Pumps"
      columns={COLUMNS}
      rows={PUMPS}
      keyOf={({ tag }) => tag}
      testIDOf={({ tag }) => `row-${tag}`}
      onOpen={onOpen}
      sorted={sorted}
    />,
  );
}

test('a heading sorts by its column, and the other way round at the second tap; a row leads on', () => {
  stand();
  expect(order()).toEqual(['B-2', 'A-10', 'C-1']);
  press('sort-tag');
  expect(order()).toEqual(['A-10', 'B-2', 'C-1']);
  press('sort-tag');
  expect(order()).toEqual(['C-1', 'B-2', 'A-10']);
  press('sort-stops');
  expect(order()).toEqual(['A-10', 'C-1', 'B-2']);
  expect(screen.queryByTestId('sort-note')).toBeNull();
  press('row-C-1');
  expect(onOpen).toHaveBeenCalledWith(PUMPS[2]);
});

test('rows that are sorted elsewhere stay as they come; the tap is passed on', () => {
  const onSort = jest.fn();
  stand({ key: 'tag', onSort });
  press('sort-stops');
  expect(onSort).toHaveBeenCalledWith('stops');
  expect(order()).toEqual(['B-2', 'A-10', 'C-1']);
});
