import { counted } from '@barythm/core/words';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { usePumps } from '../../api/queries';
import { LinkCard } from '../../ui/card';
import { SearchInput } from '../../ui/fields/search-input';
import { Screen } from '../../ui/screen/screen';
import { Failed, Loading } from '../../ui/screen/states';
import { Words } from '../../ui/words/words';

/** The bench by itself: choose a pump whose sheets to run and practise on. Nothing is written by it. */
export function BenchListScreen() {
  const router = useRouter();
  const [search, setSearch] = useState('');
  const pumps = usePumps({ search, page: 1, sort: 'tag', family: null });
  const more = pumps.data ? pumps.data.total - pumps.data.items.length : 0;
  return (
    <Screen title="Bench" over="Tools" back="/tools">
      <Words>Choose a pump to run through a day. Nothing on the bench is planned or written.</Words>
      <SearchInput
        label="Search pumps"
        placeholder="Tag, name or site"
        testID="bench-search"
        value={search}
        onChange={setSearch}
      />
      {pumps.isLoading && <Loading what="the pumps" />}
      {pumps.error && <Failed error={pumps.error} onRetry={() => void pumps.refetch()} />}
      {pumps.data?.items.map((pump) => (
        <LinkCard
          key={pump.id}
          testID={`bench-${pump.tag}`}
          onPress={() => router.navigate(`/bench/${pump.id}`)}
        >
          <Words bold size="large">
            {pump.tag}
          </Words>
          <Words>
            {pump.name}, {pump.siteName}
          </Words>
        </LinkCard>
      ))}
      {pumps.data?.total === 0 && <Words>No pump has all of these words. Try a shorter one.</Words>}
      {more > 0 && (
        <Words colour="quiet" testID="bench-more">
          {counted(more, 'pump')} more: search for yours.
        </Words>
      )}
    </Screen>
  );
}
