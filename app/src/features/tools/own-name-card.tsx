import { signFault } from '@barythm/core/print';
import { useState } from 'react';
import { Card } from '../../ui/card';
import { Field } from '../../ui/fields/field';
import { setOwnName, UNNAMED, useOwnName } from '../../ui/own-name';

const LONGEST = 60;

/** Who works on this device: what is recorded from now on, and the reports, name them. */
export function OwnNameCard() {
  const known = useOwnName();
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? (known === UNNAMED ? '' : known);
  const wrong = signFault(shown) ?? (shown.trim().length > LONGEST ? `At most ${LONGEST} characters.` : null);
  return (
    <Card title="Who works on this device" testID="own-name-card">
      <Field
        words
        label="Your name"
        testID="own-name"
        value={shown}
        error={wrong}
        hint={`As reports print it, on what you record from now on. Leave empty for “${UNNAMED}”.`}
        onChange={(text) => {
          setTyped(text);
          if (signFault(text) === null && text.trim().length <= LONGEST) setOwnName(text);
        }}
      />
    </Card>
  );
}
