import { useState } from 'react';
import { Button, ButtonRow } from '../../ui/button';
import { Card } from '../../ui/card';
import { Field } from '../../ui/fields/field';
import { Words } from '../../ui/words/words';
import type { RegisterEdit } from './use-edit';

/** One place of the register, to be put right. */
export function EditField({
  edit,
  name,
  label,
  registered,
}: {
  edit: RegisterEdit;
  name: string;
  label: string;
  registered: string;
}) {
  return (
    <Field
      words
      label={label}
      testID={`edit-${name}`}
      value={edit.text(name, registered)}
      error={edit.errors[name] ?? null}
      onChange={(text) => edit.change(name, text, registered)}
    />
  );
}

/** Taken out of use, and put back: nothing is deleted, and what was handed over stays. */
export function RetireCard({ edit, what, retired }: { edit: RegisterEdit; what: string; retired: boolean }) {
  const [asked, setAsked] = useState(false);
  return (
    <Card title={retired ? 'Out of use' : 'Take it out of use'} testID="retire">
      <Words>
        {retired
          ? `This ${what} is retired. Its visits and papers are kept.`
          : `A retired ${what} leaves register and round. Its visits and papers are kept, and it can be put back.`}
      </Words>
      {edit.errors.retired && (
        <Words bold colour="rust" role="alert">
          {edit.errors.retired}
        </Words>
      )}
      {retired ? (
        <Button label="Put it back in use" testID="unretire" onPress={() => void edit.retire(false)} />
      ) : asked ? (
        <ButtonRow>
          <Button
            kind="danger"
            label="Yes, take it out of use"
            testID="retire-sure"
            onPress={() => void edit.retire(true)}
          />
          <Button kind="quiet" label="Keep it" onPress={() => setAsked(false)} />
        </ButtonRow>
      ) : (
        <Button label={`Retire this ${what}`} testID="retire-ask" onPress={() => setAsked(true)} />
      )}
    </Card>
  );
}
