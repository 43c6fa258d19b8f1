import type { PumpPage, PumpQuery, PumpRow, SiteRow } from '@barythm/contract/resources';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { usePumps, useSites } from '../../api/queries';
import { counted } from '@barythm/core/words';
import { Button, ButtonRow } from '../../ui/button';
import { LinkCard } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { SearchInput } from '../../ui/fields/search-input';
import { useWide } from '../../ui/screen/layout';
import { Screen } from '../../ui/screen/screen';
import { Empty, Failed, Loading } from '../../ui/screen/states';
import { Table, type Column } from '../../ui/table';
import { Words } from '../../ui/words/words';

/** Sites and pumps, searched. */
export function RegisterScreen() {
  const [search, setSearch] = useState('');
  const [kind, setKind] = useState<'pumps' | 'sites'>('pumps');
  return (
    <Screen whole title="Register">
      <SearchBox value={search} onChange={setSearch} />
      <Choice
        label="Show"
        hideLabel
        options={[
          { value: 'pumps', label: 'Pumps' },
          { value: 'sites', label: 'Sites' },
        ]}
        value={kind}
        onChange={setKind}
      />
      <Ways />
      {kind === 'pumps' ? <Pumps key={search} search={search} /> : <Sites key={search} search={search} />}
    </Screen>
  );
}

/** What else the register does: take in a pump, come and go as files. */
function Ways() {
  const router = useRouter();
  return (
    <ButtonRow>
      <Button
        label="New site and pump"
        testID="register-new"
        onPress={() => router.navigate('/register/new')}
      />
      <Button
        kind="quiet"
        label="Files and labels"
        testID="register-files"
        onPress={() => router.navigate('/register/files')}
      />
    </ButtonRow>
  );
}

function SearchBox({ value, onChange }: { value: string; onChange: (text: string) => void }) {
  const { focus } = useLocalSearchParams<{ focus?: string }>();
  return (
    <SearchInput
      atOnce={focus === 'search'}
      testID="search"
      label="Search pumps and sites"
      placeholder="Tag, name, place or site"
      value={value}
      onChange={onChange}
    />
  );
}

/** On a phone a card each; where there is room a table, in the order of tags or of sites, of one kind or all. */
function Pumps({ search }: { search: string }) {
  const wide = useWide();
  const [page, setPage] = useState(1);
  const [sort, setSort] = useState<PumpQuery['sort']>('tag');
  const [family, setFamily] = useState(ALL);
  const only = wide && family !== ALL ? family : null;
  const pumps = usePumps({ search, page, sort: wide ? sort : 'tag', family: only });
  if (pumps.isLoading) return <Loading what="pumps" />;
  if (pumps.error) return <Failed error={pumps.error} onRetry={() => void pumps.refetch()} />;
  const none = !pumps.data || pumps.data.items.length === 0;
  return (
    <>
      {wide && (
        <Choice
          label="Kind"
          testID="register-kind"
          options={[
            { value: ALL, label: 'All' },
            ...(pumps.data?.kinds ?? []).map(({ family: value, words }) => ({ value, label: words })),
          ]}
          value={family}
          onChange={(kind) => {
            setFamily(kind);
            setPage(1);
          }}
        />
      )}
      {none && <Empty title="No pump found" todo="Try fewer letters, or a part of the tag or the site." />}
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

function Sites({ search }: { search: string }) {
  const router = useRouter();
  const [page, setPage] = useState(1);
  const sites = useSites(search, page);
  if (sites.isLoading) return <Loading what="sites" />;
  if (sites.error) return <Failed error={sites.error} onRetry={() => void sites.refetch()} />;
  if (!sites.data || sites.data.items.length === 0) {
    return <Empty title="No site found" todo="Try fewer letters." />;
  }
  return (
    <>
      {sites.data.items.map((site: SiteRow) => (
        <LinkCard
          key={site.id}
          testID={`site-${site.id}`}
          onPress={() => router.navigate(`/site/${site.id}`)}
        >
          <Words bold size="large">
            {site.name}
          </Words>
          <Words size="small" colour="quiet">
            {site.place} · {counted(site.pumps, 'pump')}
          </Words>
        </LinkCard>
      ))}
      <Pager {...sites.data} onPage={setPage} what="sites" />
    </>
  );
}

function Pager(props: {
  page: number;
  size: number;
  total: number;
  what: string;
  onPage: (page: number) => void;
}) {
  const { page, size, total, what, onPage } = props;
  const last = Math.max(1, Math.ceil(total / size));
  if (last === 1) return null;
  return (
    <View style={styles.pager}>
      <Button again label="Back" disabled={page <= 1} onPress={() => onPage(page - 1)} />
      <Words size="small">
        Page {page} of {last}, {total} {what}
      </Words>
      <Button again label="On" disabled={page >= last} onPress={() => onPage(page + 1)} />
    </View>
  );
}

const styles = StyleSheet.create({
  pager: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' },
});
