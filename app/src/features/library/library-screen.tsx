import { strength_gpl } from '@barythm/core/dosing';
import { dateInWords } from '@barythm/core/time';
import { fig, figureWithUnit } from '@barythm/core/units';
import { useReader } from '../../ui/reader';
import { useRouter } from 'expo-router';
import { useLibrary } from '../../api/queries';
import { Button } from '../../ui/button';
import { Card, LinkCard } from '../../ui/card';
import { Screen } from '../../ui/screen/screen';
import { Failed, Loading } from '../../ui/screen/states';
import { Heading, Words } from '../../ui/words/words';

/** Profiles, products and instruments, to read. */
export function LibraryScreen() {
  const reader = useReader();
  const library = useLibrary();
  const router = useRouter();
  return (
    <Screen title="Library">
      {library.isLoading && <Loading what="the library" />}
      {library.error && <Failed error={library.error} onRetry={() => void library.refetch()} />}
      {library.data && (
        <>
          <Heading>Profiles</Heading>
          <Button
            label="Describe a controller yourself"
            testID="profile-blank"
            onPress={() => router.navigate('/library/edit/blank')}
          />
          {library.data.profiles.map((profile) => (
            <LinkCard
              key={profile.id}
              testID={`profile-${profile.id}`}
              onPress={() => router.navigate(`/library/profile/${profile.id}`)}
            >
              <Words bold size="large">
                {profile.name}
              </Words>
              <Words>{profile.about}</Words>
              <Words size="small" colour="quiet">
                Version {profile.version}
              </Words>
            </LinkCard>
          ))}
          <Heading>Products</Heading>
          {library.data.products.map((product) => (
            <LinkCard
              key={product.id}
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
          ))}
          <Heading>Instruments</Heading>
          {library.data.instruments.map((instrument) => (
            <Card key={instrument.id}>
              <Words bold>{instrument.name}</Words>
              <Words size="small" colour="quiet">
                Serial {instrument.serial}, calibrated {dateInWords(instrument.calibratedOn)}
              </Words>
            </Card>
          ))}
        </>
      )}
    </Screen>
  );
}
