import { useLibrary } from '../../../api/queries';
import { Choice } from '../../../ui/fields/choice';
import { DateField } from '../../../ui/fields/date-field';
import { Field } from '../../../ui/fields/field';
import { Cell, Choose, Figure, Pair, Part, YES_NO, type DutyFormProps } from './duty-fields';

/** What is dosed: from the library, or typed. */
export function ProductPart(props: DutyFormProps) {
  const { texts, set } = props;
  const library = useLibrary();
  const products = library.data?.products ?? [];
  const pick = (id: string) => {
    const product = products.find((candidate) => candidate.id === id);
    if (!product) return;
    const { strength } = product;
    set('productId', id);
    set('productName', product.name);
    set('stated', strength.stated);
    set('strength', String(strength.stated === 'mass' ? strength.gpl : strength.percent));
    set('density', String(product.density_kgl));
    set('measuredOn', product.measuredOn ?? '');
    set('halfLife', product.halfLife_days === null ? '' : String(product.halfLife_days));
    set('gassing', product.gassing ? 'yes' : 'no');
    if (product.gassing) set('stroke', 'long');
  };
  return (
    <Part
      name="product"
      title="Product"
      {...props}
      fields={['productName', 'strength', 'density', 'measuredOn', 'halfLife']}
    >
      {products.length > 0 && (
        <Choice
          label="From the library"
          testID="duty-product"
          options={products.map(({ id, name }) => ({ value: id, label: name }))}
          value={texts.productId}
          onChange={pick}
        />
      )}
      <Field
        words
        label="Name"
        testID="duty-productName"
        value={texts.productName}
        error={props.errors.productName}
        onChange={(text) => set('productName', text)}
      />
      <Choose
        {...props}
        field="stated"
        label="Strength is stated in"
        options={[
          { value: 'weight', label: '% by weight' },
          { value: 'volume', label: '% by volume' },
          { value: 'mass', label: 'g/L' },
        ]}
        hint="Ask which: mixing up the two per cents is worth a fifth on hypochlorite. Trade per cent is by volume."
      />
      <Pair>
        <Figure {...props} field="strength" label="Strength" unit={texts.stated === 'mass' ? 'g/L' : '%'} />
        <Figure {...props} field="density" label="Density" quantity="density" />
      </Pair>
      <Pair>
        <Cell>
          <DateField
            label="Measured on"
            testID="duty-measuredOn"
            value={texts.measuredOn}
            error={props.errors.measuredOn}
            hint="As 31.5.2027; empty: from the label"
            onChange={(text) => set('measuredOn', text)}
          />
        </Cell>
        <Figure {...props} field="halfLife" label="Half-life, if it ages" unit="d" />
      </Pair>
      <Choose {...props} field="gassing" label="Gives off gas" options={YES_NO} />
    </Part>
  );
}
