import type { PumpPage, PumpQuery, PumpRow } from '@barythm/contract/resources';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { usePumps } from '../../api/queries';
import { Button, ButtonRow } from '../../ui/button';
import { LinkCard } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { useWide } from '../../ui/screen/layout';
import { Empty, Failed, Loading } from '../../ui/screen/states';
import { Table, type Column } from '../../ui/table';
import { Words } from '../../ui/words/words';
import { Pager } from './pager';

/** What the list is narrowed to. */
export interface PumpFilter {
  readonly family: string | null;
  readonly only: PumpQuery['only'] | null;
}
export const NO_FILTER: PumpFilter = { family: null, only: null };

interface PumpListProps {
  readonly search: string;
  readonly filter: PumpFilter;
  readonly onFilter: (filter: PumpFilter) => void;
}

/** On a phone a card each; where there is room a table, in the order of tags or of sites. */
export function PumpList({ search, filter, onFilter }: PumpListProps) {
  const wide = useWide();
  // a page is one of a search: another begins at its first
  const [at, setAt] = useState({ search, page: 1 });
  const page = at.search === search ? at.page : 1;
  const setPage = (next: number) => setAt({ search, page: next });
  const [sort, setSort] = useState<PumpQuery['sort']>('tag');
  const pumps = usePumps({ search, page, sort: wide ? sort : 'tag', ...filter });
  if (pumps.isLoading) return <Loading what="pumps" />;
  if (pumps.error) return <Failed error={pumps.error} onRetry={() => void pumps.refetch()} />;
  const none = !pumps.data || pumps.data.items.length === 0;
  return (
    <>
      <Filter
        kinds={pumps.data?.kinds ?? []}
        filter={filter}
        onFilter={(next) => {
          onFilter(next);
          setPage(1);
        }}
      />
      {pumps.data?.instead !== undefined && (
        <Words colour="quiet" testID="search-instead">
          Nothing has “{search.trim()}”. Shown: {pumps.data.instead}.
        </Words>
      )}
      {none && (
        <Empty
          title="No pump found"
          todo={
            isUnfiltered(filter)
              ? 'Try fewer letters, or a part of the tag or the site.'
              : 'Try without the filter, or with fewer letters.'
          }
        />
      )}
      {!none && wide && (
        <PumpTable
          pumps={pumps.data.items}
          kinds={pumps.data.kinds}
          sort={sort}
          onSort={(next) => {
            setSort(next);
            setPage(1);
          }}
        />
      )}
      {!none && !wide && pumps.data.items.map((pump) => <PumpLink key={pump.id} pump={pump} />)}
      {!none && <Pager {...pumps.data} onPage={setPage} what="pumps" />}
    </>
  );
}

function PumpTable({
  pumps,
  kinds,
  sort,
  onSort,
}: {
  pumps: readonly PumpRow[];
  kinds: PumpPage['kinds'];
  sort: PumpQuery['sort'];
  onSort: (sort: PumpQuery['sort']) => void;
}) {
  const router = useRouter();
  return (
    <Table
      label="Pumps"
      rows={pumps}
      keyOf={({ id }) => id}
      testIDOf={({ tag }) => `pump-${tag}`}
      onOpen={({ id }) => router.navigate(`/pump/${id}`)}
      sorted={{ key: sort, onSort: (key) => onSort(key === 'site' ? 'site' : 'tag') }}
      columns={columnsOf(kinds)}
    />
  );
}

const ALL = 'all';
const ONLY = { open: 'Findings open', due: 'Due within a month' } as const;
const isUnfiltered = ({ family, only }: PumpFilter) => family === null && only === null;

/** Folded on a phone, where it says what it narrows the list to; open where there is room. */
function Filter({
  kinds,
  filter,
  onFilter,
}: Pick<PumpListProps, 'filter' | 'onFilter'> & { kinds: PumpPage['kinds'] }) {
  const wide = useWide();
  const [open, setOpen] = useState(false);
  const kind = kinds.find(({ family }) => family === filter.family)?.words;
  const said = [kind, filter.only ? ONLY[filter.only] : undefined].filter((words) => words !== undefined);
  return (
    <>
      {!wide && (
        <ButtonRow>
          <Button
            kind="quiet"
            testID="register-filter"
            label={said.length === 0 ? 'Filter' : `Filter: ${said.join(', ')}`}
            onPress={() => setOpen(!open)}
          />
        </ButtonRow>
      )}
      {(wide || open) && (
        <>
          <Choice
            label="Status"
            testID="register-only"
            options={[
              { value: ALL, label: 'Any' },
              ...Object.entries(ONLY).map(([value, label]) => ({ value, label })),
            ]}
            value={filter.only ?? ALL}
            onChange={(only) => onFilter({ ...filter, only: only === ALL ? null : (only as 'open' | 'due') })}
          />
          <Choice
            label="Kind"
            testID="register-kind"
            options={[
              { value: ALL, label: 'All' },
              ...kinds.map(({ family: value, words }) => ({ value, label: words })),
            ]}
            value={filter.family ?? ALL}
            onChange={(family) => onFilter({ ...filter, family: family === ALL ? null : family })}
          />
        </>
      )}
    </>
  );
}

/** Families in words, each row with its own. */
const columnsOf = (kinds: PumpPage['kinds']): readonly Column<PumpRow>[] => [
  { key: 'tag', label: 'Tag', grow: 2, by: ({ tag }) => tag, cell: ({ tag }) => <Words bold>{tag}</Words> },
  { key: 'name', label: 'Name', grow: 4, cell: ({ name }) => <Words>{name}</Words> },
  {
    key: 'site',
    label: 'Site',
    grow: 4,
    by: ({ siteName }) => siteName,
    cell: ({ siteName }) => <Words>{siteName}</Words>,
  },
  { key: 'place', label: 'Place', grow: 3, cell: ({ place }) => <Words colour="quiet">{place}</Words> },
  {
    key: 'kind',
    label: 'Kind',
    grow: 3,
    cell: ({ family }) => (
      <Words colour="quiet">{kinds.find((kind) => kind.family === family)?.words ?? ''}</Words>
    ),
  },
];

export function PumpLink({ pump }: { pump: PumpRow }) {
  const router = useRouter();
  return (
    <LinkCard testID={`pump-${pump.tag}`} onPress={() => router.navigate(`/pump/${pump.id}`)}>
      <Words bold size="large">
        {pump.tag}
      </Words>
      <Words>{pump.name}</Words>
      <Words size="small" colour="quiet">
        {pump.siteName}, {pump.place}
      </Words>
    </LinkCard>
  );
}
