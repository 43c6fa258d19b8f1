import { strength_gpl } from '@barythm/core/dosing';
import { dateInWords } from '@barythm/core/time';
import { fig, figureWithUnit } from '@barythm/core/units';
import type { ProductResource } from '@barythm/contract/resources';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useLibrary } from '../../api/queries';
import { Button } from '../../ui/button';
import { LinkCard } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { matches } from '../../ui/fields/matches';
import { SearchInput } from '../../ui/fields/search-input';
import { useReader } from '../../ui/reader';
import { Screen } from '../../ui/screen/screen';
import { Failed, Loading } from '../../ui/screen/states';
import { Heading, Words } from '../../ui/words/words';
import { ProfileList, wordsOfProfile } from './profile-list';

type Shelf = 'profiles' | 'products' | 'instruments';

/** Profiles, products and instruments, to read and to add to: a shelf at a time, or all that has the words that are searched for. */
export function LibraryScreen() {
  const library = useLibrary();
  const router = useRouter();
  const [shelf, setShelf] = useState<Shelf>('profiles');
  const [search, setSearch] = useState('');
  const { data } = library;
  const searched = search.trim() !== '';
  const profiles = data?.profiles.filter((one) => matches(wordsOfProfile(one), search)) ?? [];
  const products = data?.products.filter(({ name }) => matches(name, search)) ?? [];
  const instruments =
    data?.instruments.filter(({ name, serial }) => matches(`${name} ${serial}`, search)) ?? [];
  const nothing = profiles.length + products.length + instruments.length === 0;
  const shows = (one: Shelf, found: readonly unknown[]) => (searched ? found.length > 0 : shelf === one);
  return (
    <Screen title="Library">
      {library.isLoading && <Loading what="the library" />}
      {library.error && <Failed error={library.error} onRetry={() => void library.refetch()} />}
      {data && (
        <>
          <SearchInput
            label="Search the library"
            placeholder="A word of it: spa, dial, acid"
            testID="library-search"
            value={search}
            onChange={setSearch}
          />
          {!searched && <Codes />}
          {!searched && (
            <Choice
              hideLabel
              label="Shelf"
              testID="shelf"
              options={[
                { value: 'profiles', label: `Profiles ${data.profiles.length}` },
                { value: 'products', label: `Products ${data.products.length}` },
                { value: 'instruments', label: `Instruments ${data.instruments.length}` },
              ]}
              value={shelf}
              onChange={setShelf}
            />
          )}
          {searched && nothing && <Words>Nothing has all of these words. Try a shorter one.</Words>}
          {shows('profiles', profiles) && (
            <>
              <Heading>Profiles</Heading>
              <DescribeOne />
              <ProfileList profiles={profiles} />
            </>
          )}
          {shows('products', products) && (
            <>
              <Heading>Products</Heading>
              <Button
                label="Add a product"
                testID="product-new"
                onPress={() => router.navigate('/library/product/edit/new')}
              />
              {products.map((product) => (
                <ProductLink key={product.id} product={product} />
              ))}
            </>
          )}
          {shows('instruments', instruments) && (
            <>
              <Heading>Instruments</Heading>
              <Button
                label="Add an instrument"
                testID="instrument-new"
                onPress={() => router.navigate('/library/instrument/new')}
              />
              {instruments.map((instrument) => (
                <LinkCard
                  key={instrument.id}
                  testID={`instrument-${instrument.id}`}
                  onPress={() => router.navigate(`/library/instrument/${instrument.id}`)}
                >
                  <Words bold>{instrument.name}</Words>
                  <Words size="small" colour="quiet">
                    Serial {instrument.serial}, calibrated {dateInWords(instrument.calibratedOn)}
                  </Words>
                </LinkCard>
              ))}
            </>
          )}
        </>
      )}
    </Screen>
  );
}

/** A code is looked up over every profile, and not shelf by shelf. */
function Codes() {
  const router = useRouter();
  return (
    <LinkCard testID="to-codes" edge="petrol" onPress={() => router.navigate('/library/codes')}>
      <Words bold size="large">
        Codes and lamps
      </Words>
      <Words>What a display or a lamp shows: what it means, and what to do.</Words>
    </LinkCard>
  );
}

function DescribeOne() {
  const router = useRouter();
  return (
    <Button
      label="Describe a controller yourself"
      testID="profile-blank"
      onPress={() => router.navigate('/library/edit/blank')}
    />
  );
}

function ProductLink({ product }: { product: ProductResource }) {
  const reader = useReader();
  const router = useRouter();
  return (
    <LinkCard
      testID={`product-${product.id}`}
      onPress={() => router.navigate(`/library/product/${product.id}`)}
    >
      <Words bold size="large">
        {product.name}
      </Words>
      <Words figures bold>
        {figureWithUnit(fig('strength', strength_gpl(product.strength)), reader)}
      </Words>
      <Words size="small" colour="quiet">
        {product.measuredOn ? `Measured ${dateInWords(product.measuredOn)}` : 'From the label'}
      </Words>
    </LinkCard>
  );
}
