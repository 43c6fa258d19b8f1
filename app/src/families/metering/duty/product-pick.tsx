import { useLibrary } from '../../../api/queries';
import { useForm, useLook } from '../../../form/scope';
import { withText } from '@barythm/core/describe';
import { Choice } from '../../../ui/fields/choice';
import { PRODUCT_FIELDS } from '@barythm/core/families/metering';

/** A product of the library, taken into the form with all that is known of it. */
export function ProductPick() {
  const { texts, change, name } = useForm();
  const products = useLibrary().data?.products ?? [];
  const picked = useLook('').at('product.productId');
  if (products.length === 0) return null;
  const pick = (id: string) => {
    const product = products.find((candidate) => candidate.id === id);
    if (!product) return;
    const { id: productId, ...known } = product;
    const taken = withText(texts, PRODUCT_FIELDS.key, PRODUCT_FIELDS.place.write({ ...known, productId }));
    change(product.gassing ? withText(taken, 'choices.stroke', 'long') : taken);
  };
  return (
    <Choice
      label="From the library"
      testID={`${name}-product`}
      options={products.map(({ id, name: label }) => ({ value: id, label }))}
      value={picked || null}
      onChange={pick}
    />
  );
}
