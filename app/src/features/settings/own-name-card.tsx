import { nameFault } from '@barythm/core/print';
import { useState } from 'react';
import { Card } from '../../ui/card';
import { Field } from '../../ui/fields/field';
import { setOwnName, UNNAMED, useOwnName } from '../../ui/own-name';

/** Who works on this device: what is recorded from now on, and the reports, name them. */
export function OwnNameCard() {
  const known = useOwnName();
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? (known === UNNAMED ? '' : known);
  return (
    <Card title="Who works on this device" testID="own-name-card">
      <Field
        words
        label="Your name"
        testID="own-name"
        value={shown}
        error={nameFault(shown)}
        hint={`As reports print it, on what you record from now on. Leave empty for “${UNNAMED}”.`}
        onChange={(text) => {
          setTyped(text);
          if (nameFault(text) === null) setOwnName(text);
        }}
      />
    </Card>
  );
}
