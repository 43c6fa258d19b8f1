import type { SiteRow } from '@barythm/contract/resources';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { useSites } from '../../api/queries';
import { counted } from '@barythm/core/words';
import { Button, ButtonRow } from '../../ui/button';
import { LinkCard } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { SearchInput } from '../../ui/fields/search-input';
import { Screen } from '../../ui/screen/screen';
import { Empty, Failed, Loading } from '../../ui/screen/states';
import { Words } from '../../ui/words/words';
import { Pager } from './pager';
import { NO_FILTER, PumpList, type PumpFilter } from './pump-list';

/** Sites and pumps, searched. */
export function RegisterScreen() {
  const [search, setSearch] = useState('');
  const [kind, setKind] = useState<'pumps' | 'sites'>('pumps');
  const [filter, setFilter] = useState<PumpFilter>(NO_FILTER);
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
      {kind === 'pumps' ? (
        <PumpList search={search} filter={filter} onFilter={setFilter} />
      ) : (
        <Sites key={search} search={search} />
      )}
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
      placeholder="Tag, name, site, serial, product …"
      value={value}
      onChange={onChange}
    />
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
