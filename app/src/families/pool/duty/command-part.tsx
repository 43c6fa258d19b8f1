import { LINKED } from '@barythm/core/families/pool';
import { CheckField, ChoiceField, FormPart, RowsField, TextField } from '../../../form/form';
import { namesAt, textAt, type Texts } from '../../../form/tree';

const LINKED_WORDS: Record<(typeof LINKED)[number], string> = {
  dosing: 'Dosing',
  heater: 'Heater',
  chlorinator: 'Chlorinator',
  cleaner: 'Cleaner',
};

/** Who commands the pump, what is linked to it, who reaches it, and the schools chosen. */
export function CommandPart({ texts }: { texts: Texts }) {
  const at = (path: string) => textAt(texts, path);
  return (
    <FormPart
      title="Command, linked devices, place"
      testID="part-command"
      paths={['command', 'otherAddresses', 'linked', 'place', 'choices']}
      summary={`Commanded by ${{ own: 'its own programs', relay: 'relays', link: 'a link' }[String(at('command'))] ?? '?'}; linked: ${namesAt(texts, 'linked') || 'nothing'}.`}
    >
      <ChoiceField
        path="command"
        label="Who commands the pump"
        options={[
          { value: 'own', label: 'Its own programs' },
          { value: 'relay', label: 'Relay contacts' },
          { value: 'link', label: 'A data link' },
        ]}
      />
      <TextField
        words
        path="otherAddresses"
        label="Addresses of other pumps on the link"
        hint="With commas between them"
      />
      <RowsField path="linked" add="Add a linked device" blank={{ kind: 'dosing', name: '' }}>
        {(path) => (
          <>
            <ChoiceField
              path={`${path}.kind`}
              label="Needs the water moving"
              options={LINKED.map((value) => ({ value, label: LINKED_WORDS[value] }))}
            />
            <TextField words path={`${path}.name`} label="Name" />
          </>
        )}
      </RowsField>
      <CheckField path="place.childrenReach" label="Children or guests can reach its keys" />
      <CheckField path="place.othersReach" label="Others can reach its menu" />
      <ChoiceField
        path="choices.keys"
        label="Slots that are front keys"
        hint="Keys stay free for runs by hand, unless chosen otherwise"
        options={[
          { value: 'keep-free', label: 'Keep them free' },
          { value: 'first-slots', label: 'Use them first' },
        ]}
      />
      <ChoiceField
        path="choices.priming"
        label="Priming"
        hint="Sensing where it can; off is a finding"
        options={[
          { value: 'sense', label: 'Sense and stop' },
          { value: 'fixed', label: 'Fixed time' },
          { value: 'off', label: 'Off' },
        ]}
      />
      <ChoiceField
        path="choices.afterCut"
        label="After a power cut"
        hint="Circulation goes on by itself, unless a start can surprise someone"
        options={[
          { value: 'resume', label: 'Goes on' },
          { value: 'wait', label: 'Waits' },
        ]}
      />
    </FormPart>
  );
}
