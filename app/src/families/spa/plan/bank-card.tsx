import { Card } from '../../../ui/card';
import { Words } from '../../../ui/words/words';
import { READ_AT_WORDS } from '@barythm/core/families/spa';
import { BankView, type BankSwitch } from './bank-view';
import type { SpaWork } from './spa-work';

/** The bank as it is to be left, what each switch means, and when the set-up switch is read. */
export function BankCard({ work }: { work: SpaWork }) {
  const { bank, readAt } = work.context.profile.behaviours;
  if (bank.length === 0) return null;
  const switches = bank.map((one, i): BankSwitch => ({ ...one, on: work.settings.switches[i] ?? null }));
  const needs = work.row?.needs ?? [];
  const said = switches
    .map(({ on }, i) => `${i + 1} ${on === null ? 'not read' : on ? 'on' : 'off'}`)
    .join(', ');
  return (
    <Card title="Switches, as they are left" testID="bank-card">
      <BankView switches={switches} text={`Switches: ${said}.`} />
      {switches.map(({ means, setUp }, i) =>
        means === 'Not used' ? null : (
          <Words key={i} bold={setUp} colour={setUp ? 'ember' : 'ink'}>
            {i + 1}: {means}
          </Words>
        ),
      )}
      <Words>The set-up switch is read {READ_AT_WORDS[readAt]}.</Words>
      {needs.map(({ part, at, on }) => (
        <Words key={`${part}-${at}`} bold>
          Row {work.row?.number} needs {part} {at}{' '}
          {on ? (part === 'link' ? 'plugged' : 'on') : part === 'link' ? 'open' : 'off'}.
        </Words>
      ))}
    </Card>
  );
}
