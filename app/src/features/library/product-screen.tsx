import { aged_gpl, strength_gpl } from '@barythm/core/dosing';
import { productAge_days } from '@barythm/core/families/metering';
import { dateInWords } from '@barythm/core/time';
import { fig, figureWithUnit } from '@barythm/core/units';
import { useReader } from '../../ui/reader';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useLibrary } from '../../api/queries';
import { useRound } from '../../api/queries';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { Screen } from '../../ui/screen/screen';
import { Empty, Failed, Loading } from '../../ui/screen/states';
import { Words } from '../../ui/words/words';

const STATED = {
  mass: 'grams in a litre',
  weight: 'per cent by weight',
  volume: 'per cent by volume (trade per cent)',
} as const;

/** One product: its strength as stated, what is left of it today, and its cautions. */
export function ProductScreen() {
  const reader = useReader();
  const router = useRouter();
  const { id } = useLocalSearchParams<{ id: string }>();
  const library = useLibrary();
  const round = useRound();
  const product = library.data?.products.find((candidate) => candidate.id === id);
  if (library.isLoading) {
    return (
      <Screen title="Product" over="Library" back="/library">
        <Loading what="the product" />
      </Screen>
    );
  }
  if (!product) {
    return (
      <Screen title="Product" over="Library" back="/library">
        {library.error ? (
          <Failed error={library.error} onRetry={() => void library.refetch()} />
        ) : (
          <Empty title="No such product" todo="Go back to the library and pick one there." />
        )}
      </Screen>
    );
  }
  const fresh = strength_gpl(product.strength);
  const today = round.data?.date;
  const age = today ? productAge_days(product, today) : null;
  return (
    <Screen
      title={product.name}
      over="Library"
      back="/library"
      action={
        <Button
          grow
          label="Measured anew, or put right"
          testID="product-edit"
          onPress={() => router.navigate(`/library/product/edit/${product.id}`)}
        />
      }
    >
      <Card title="Strength as stated" testID="strength">
        <Words figures bold size="figure">
          {figureWithUnit(fig('strength', fresh), reader)}
        </Words>
        <Words>Stated in {STATED[product.strength.stated]}.</Words>
        {product.strength.stated !== 'mass' && (
          <Words>
            {product.strength.percent} %
            {product.strength.stated === 'weight'
              ? ` at ${product.strength.density_kgl} kg/L: C = 10 · % · density.`
              : ': C = 10 · %.'}
          </Words>
        )}
        <Words colour="quiet">
          {product.measuredOn
            ? `Measured ${dateInWords(product.measuredOn)}.`
            : 'From the label, not measured.'}
        </Words>
      </Card>
      {product.halfLife_days !== null && age !== null && (
        <Card title="Left today">
          <Words figures bold size="figure">
            {figureWithUnit(fig('strength', aged_gpl(fresh, age, product.halfLife_days)), reader)}
          </Words>
          <Words>
            {age} days at a half-life of {product.halfLife_days} days: an approximation for this store,
            supplied by the user.
          </Words>
        </Card>
      )}
      <Card title="Mind" edge="ochre">
        <Words>{product.note}</Words>
        <Words>
          {product.gassing ? 'Gives off gas. ' : ''}The safety data sheet rules; goggles, gloves and apron.
        </Words>
      </Card>
    </Screen>
  );
}
