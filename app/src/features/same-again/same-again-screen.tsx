import { familyOf, kindInWords, type JobDocument } from '@barythm/core/families';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { useJob } from '../../api/use-job';
import { usePumps, useSite } from '../../api/queries';
import { LinkCard } from '../../ui/card';
import { SearchInput } from '../../ui/fields/search-input';
import { Screen } from '../../ui/screen/screen';
import { Failed, Loading } from '../../ui/screen/states';
import { Heading, Words } from '../../ui/words/words';
import { CopyCard } from './copy-card';

/** What was done on one pump, the same again on another of its kind: first those of its site, then any that is found by a word. */
export function SameAgainScreen() {
  const { id, on } = useLocalSearchParams<{ id: string; on?: string }>();
  const { view, isLoading, error, refetch } = useJob(id);
  const over = view ? `${view.document.pump.tag}, ${view.document.pump.name}` : undefined;
  return (
    <Screen
      title={on ? 'Set up like the unit before' : 'The same on another pump'}
      over={over}
      back={on ? `/pump/${on}` : `/job/${id}/hand-over`}
    >
      {isLoading && <Loading what="the job" />}
      {!isLoading && !view && <Failed error={error ?? new Error('No answer.')} onRetry={refetch} />}
      {view && (on ? <CopyCard from={view.document} pumpId={on} /> : <Others document={view.document} />)}
    </Screen>
  );
}

function Others({ document }: { document: JobDocument }) {
  const [search, setSearch] = useState('');
  const [chosen, setChosen] = useState<string | null>(null);
  const { family } = document.profile;
  const site = useSite(document.site.id);
  const found = usePumps({ search, page: 1, sort: 'tag', family });
  const own = (site.data?.pumps ?? []).filter((one) => one.family === family && one.id !== document.pump.id);
  const others = (search === '' ? [] : (found.data?.items ?? [])).filter(({ id }) => id !== document.pump.id);
  if (chosen !== null) return <CopyCard from={document} pumpId={chosen} onOther={() => setChosen(null)} />;
  return (
    <>
      <Words>
        {`Duty and targets by hand go along; everything else is planned and judged anew for ${kindInWords(family)} that you choose.`}
      </Words>
      <Heading level={3}>At {document.site.name}</Heading>
      {site.data && own.length === 0 && <Words>No other one is registered here.</Words>}
      {own.map((pump) => (
        <Other key={pump.id} pump={pump} onChoose={setChosen} />
      ))}
      <SearchInput
        testID="same-search"
        label="Find one elsewhere"
        placeholder="Tag, name, site, serial …"
        value={search}
        onChange={setSearch}
      />
      {search !== '' && found.data && others.length === 0 && (
        <Words>None of this kind is called that: {familyOf(family).words}.</Words>
      )}
      {others.map((pump) => (
        <Other key={pump.id} pump={pump} onChoose={setChosen} />
      ))}
    </>
  );
}

interface OtherProps {
  readonly pump: {
    readonly id: string;
    readonly tag: string;
    readonly name: string;
    readonly siteName?: string;
  };
  readonly onChoose: (id: string) => void;
}

function Other({ pump, onChoose }: OtherProps) {
  return (
    <LinkCard testID={`same-on-${pump.id}`} onPress={() => onChoose(pump.id)}>
      <Words bold size="large">
        {pump.tag}
      </Words>
      <Words>{[pump.name, pump.siteName].filter(Boolean).join(', ')}</Words>
    </LinkCard>
  );
}
