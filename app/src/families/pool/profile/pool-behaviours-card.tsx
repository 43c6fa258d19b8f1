import { useMemo } from 'react';
import {
  Cell,
  CheckField,
  ChoiceField,
  FieldRow,
  FormProvider,
  SetField,
  TextField,
} from '../../../form/form';
import { textAt, type Texts } from '../../../form/tree';
import { Card } from '../../../ui/card';
import type { ProfileErrors } from '../../family-screens';

interface PoolBehavioursCardProps {
  readonly texts: Texts;
  readonly errors: ProfileErrors;
  readonly onChange: (texts: Texts) => void;
}

const PLACE = 'behaviours.';

/** What a pool controller does by itself: nothing of it is set, and every plan and proof goes by it. */
export function PoolBehavioursCard({ texts, errors, onChange }: PoolBehavioursCardProps) {
  const own = useMemo(
    () =>
      Object.fromEntries(
        Object.entries(errors).flatMap(([place, words]) =>
          place.startsWith(PLACE) ? [[place.slice(PLACE.length), words]] : [],
        ),
      ),
    [errors],
  );
  const at = (path: string) => textAt(texts, path);
  return (
    <FormProvider value={{ texts, errors: own, change: onChange, name: 'p' }}>
      <Card title="How it behaves" testID="p-pool-behaviours">
        <ChoiceField
          path="kind"
          label="It is"
          options={[
            { value: 'drive', label: 'A drive of one pump' },
            { value: 'panel', label: 'A panel that switches circuits' },
          ]}
        />
        <FieldRow>
          <Cell>
            <TextField path="speed.least_rpm" label="Least speed" unit="rev/min" />
          </Cell>
          <Cell>
            <TextField path="speed.greatest_rpm" label="Greatest speed" unit="rev/min" />
          </Cell>
          <Cell>
            <TextField path="speed.step_rpm" label="In steps of" unit="rev/min" />
          </Cell>
        </FieldRow>
        <SetField
          path="commands"
          label="It can be commanded by"
          options={[
            { value: 'own', label: 'Its own programs' },
            { value: 'relay', label: 'Relay contacts' },
            { value: 'link', label: 'A data link' },
          ]}
        />
        <CheckField path="addresses.on" label="It has an address on a link" />
        {at('addresses.on') === 'yes' && (
          <FieldRow>
            <Cell>
              <TextField path="addresses.least" label="From" />
            </Cell>
            <Cell>
              <TextField path="addresses.greatest" label="to" />
            </Cell>
          </FieldRow>
        )}
      </Card>
      <Programs />
      <Running frost={at('frost.on') === 'yes'} />
      <Stopping />
    </FormProvider>
  );
}

function Programs() {
  return (
    <Card title="Programs" testID="p-pool-programs">
      <ChoiceField
        path="programs.overlap"
        label="Where two want the pump"
        hint="On a panel: whose speed counts when circuits coincide"
        options={[
          { value: 'latest-start', label: 'Latest start wins' },
          { value: 'highest-speed', label: 'Highest speed wins' },
          { value: 'first-slot', label: 'First slot wins' },
          { value: 'last-slot', label: 'Last slot wins' },
          { value: 'refused', label: 'It refuses them' },
        ]}
      />
      <CheckField path="programs.resumes" label="The earlier one goes on when the other ends" />
      <ChoiceField
        path="programs.startEqualsStop"
        label="Start = stop means"
        options={[
          { value: 'off', label: 'Off' },
          { value: 'all-day', label: 'All day' },
          { value: 'refused', label: 'It refuses it' },
        ]}
      />
      <TextField
        words
        path="programs.keyed"
        label="Slots that are front keys too"
        hint="Such as 1, 2, 3, 4; empty when none"
      />
      <TextField
        words
        path="programs.timed"
        label="Slots that are keys for timed runs"
        hint="No schedule runs in them; their stop is how long they run"
      />
      <CheckField path="programs.needsAutomatic" label="Programs run in automatic only" />
      <CheckField
        path="programs.editedRunning"
        label="Slots are edited while they run, and up and down change the stored speed at once"
      />
      <ChoiceField
        path="handRun"
        label="A run by hand lasts"
        options={[
          { value: 'until-stopped', label: 'Until stopped' },
          { value: 'until-next-program', label: 'Until the next program' },
          { value: 'own-stop', label: 'Until the slot’s own stop' },
        ]}
      />
    </Card>
  );
}

function Running({ frost }: { frost: boolean }) {
  return (
    <Card title="Limit, priming, frost" testID="p-pool-running">
      <SetField
        path="limitClamps"
        label="Its greatest speed also caps"
        options={[
          { value: 'programs', label: 'Programs' },
          { value: 'prime', label: 'The prime' },
          { value: 'boost', label: 'Runs by hand and boost' },
          { value: 'frost', label: 'Frost guard' },
        ]}
      />
      <ChoiceField
        path="priming.kind"
        label="Priming"
        options={[
          { value: 'sense', label: 'Senses a full prime' },
          { value: 'fixed', label: 'Runs a fixed time' },
          { value: 'none', label: 'Has none' },
        ]}
      />
      <ChoiceField
        path="priming.notPrimed"
        label="Not primed in its time"
        options={[
          { value: 'dry-alarm', label: 'Stops with a dry alarm' },
          { value: 'runs-on', label: 'Runs on' },
        ]}
      />
      <FieldRow>
        <Cell>
          <TextField
            path="priming.speed_rpm"
            label="Prime speed"
            unit="rev/min"
            hint="Empty where it can be set"
          />
        </Cell>
        <Cell>
          <TextField path="priming.time_min" label="Prime time" unit="min" hint="Empty where it can be set" />
        </Cell>
      </FieldRow>
      <CheckField path="frost.on" label="It has a frost guard" />
      {frost && (
        <>
          <ChoiceField
            path="frost.protects"
            label="It protects"
            options={[
              { value: 'water', label: 'Water in pipes' },
              { value: 'drive', label: 'The drive’s electronics alone' },
            ]}
          />
          <ChoiceField
            path="frost.speed"
            label="At"
            options={[
              { value: 'set', label: 'A speed that is set' },
              { value: 'greatest', label: 'Its greatest speed' },
            ]}
          />
          <TextField path="frost.hours" label="Each time for" unit="h" hint="Empty: as long as it is cold" />
        </>
      )}
    </Card>
  );
}

function Stopping() {
  return (
    <Card title="Holds, clock, power" testID="p-pool-stopping">
      <CheckField path="holds.service" label="Programs can be held until released" />
      <CheckField path="holds.timed" label="Programs can be held for a time" />
      <CheckField path="holds.handRunDuring" label="It can be run by hand while held" />
      <ChoiceField
        path="clockShows"
        label="The clock shows"
        options={[
          { value: 'time', label: 'Time' },
          { value: 'weekday', label: 'Weekday and time' },
          { value: 'date', label: 'Date and time' },
        ]}
      />
      <ChoiceField
        path="clock.summer"
        label="Summer time"
        options={[
          { value: 'follows', label: 'Follows by itself' },
          { value: 'by-hand', label: 'Set by hand' },
          { value: 'set', label: 'As set' },
        ]}
      />
      <FieldRow>
        <Cell>
          <TextField path="clock.keeps_h" label="Clock outlasts a power cut of" unit="h" />
        </Cell>
      </FieldRow>
      <ChoiceField
        path="clock.lost"
        label="Once the clock is lost, it"
        options={[
          { value: 'stands', label: 'Stands' },
          { value: 'runs-from-midnight', label: 'Runs from 0:00' },
        ]}
      />
      <ChoiceField
        path="afterPowerCut"
        label="After a power cut"
        options={[
          { value: 'resume', label: 'Carries on' },
          { value: 'wait', label: 'Waits' },
          { value: 'set', label: 'As set' },
          { value: 'unknown', label: 'Not known' },
        ]}
      />
      <TextField
        words
        path="resetShows"
        label="A factory reset shows"
        hint="Such as: the clock flashes 0:00"
      />
      <TextField
        words
        path="setUpEnd"
        label="How set-up is marked complete"
        hint="Or which test switch goes off again; empty when nothing is needed"
      />
    </Card>
  );
}
