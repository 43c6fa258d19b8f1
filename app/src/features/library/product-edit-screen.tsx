import { PRODUCT_FORM, type KeptProduct } from '@barythm/core/families/metering';
import { useLocalSearchParams } from 'expo-router';
import { useLibrary } from '../../api/queries';
import { Screen } from '../../ui/screen/screen';
import { Failed, Loading } from '../../ui/screen/states';
import { KeptForm } from './kept-form';

/** A product made for the library, or put right: a strength that was measured anew. */
export function ProductEditScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const library = useLibrary();
  const isNew = id === 'new';
  const known = library.data?.products.find((one) => one.id === id);
  if (!isNew && !known)
    return (
      <Screen title="Product" over="Library" back="/library">
        {library.error ? (
          <Failed error={library.error} onRetry={() => void library.refetch()} />
        ) : (
          <Loading what="the product" />
        )}
      </Screen>
    );
  return (
    <KeptForm<KeptProduct>
      title={known ? known.name : 'A product'}
      form={PRODUCT_FORM}
      known={known ? keptOf(known) : null}
      path={known ? `products/${known.id}` : 'products'}
      body={({ product: { productId: _, ...product }, note }) => ({ ...product, note })}
      typedAt={(field) => (field === 'note' ? field : `product.${field}`)}
      after={(own) => `/library/product/${own}`}
    />
  );
}

function keptOf({
  id: _,
  note,
  ...product
}: KeptProduct['product'] & { id: string; note: string }): KeptProduct {
  return { product, note };
}
