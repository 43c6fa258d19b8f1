import { METERING_ROLES, ROLES_OF_MODE, type MeteringMode } from '@barythm/core/families/metering';
import { addressOf } from '@barythm/core/profile';
import type { AnyProfile } from '@barythm/core/families';
import type { SheetRow } from '@barythm/core/sheet';
import { Words } from '../../../ui/words/words';
import { Choose, Figure, Pair, Part, type DutyFormProps } from './duty-fields';

interface SignalPartProps extends DutyFormProps {
  readonly profile: AnyProfile;
  readonly rows: readonly SheetRow[];
}

const MODES = [
  { value: 'analog', label: 'Current signal' },
  { value: 'pulse', label: 'Pulses' },
  { value: 'contact', label: 'Contacts' },
  { value: 'batch', label: 'Batch' },
  { value: 'timer', label: 'Timer' },
  { value: 'manual', label: 'Manual' },
] as const;

/** What paces the pump, and where that comes from. */
export function SignalPart({ profile, rows, ...props }: SignalPartProps) {
  const { texts } = props;
  const pulses = texts.mode === 'pulse' || texts.mode === 'contact';
  // pulses come from a meter, a current never does
  const setMode: DutyFormProps['set'] = (field, value) => {
    props.set(field, value);
    const wants = value === 'pulse' || value === 'contact';
    if (wants) props.set('source', 'meter');
    else if (value === 'analog' && texts.source === 'meter') props.set('source', 'flow');
  };
  return (
    <Part
      name="signal"
      title="Signal"
      {...props}
      fields={[
        'source',
        'span',
        'feed',
        'litres',
        'closedShare',
        'batchVolume',
        'batchSpacing',
        'timerEvery',
      ]}
    >
      <Choose {...props} set={setMode} field="mode" label="Mode" options={MODES} />
      <ModeSettings profile={profile} rows={rows} mode={texts.mode} />
      {texts.mode === 'batch' && (
        <Pair>
          <Figure {...props} field="batchVolume" label="Volume of a batch" quantity="strokeVolume" />
          <Figure {...props} field="batchSpacing" label="Triggers at least" quantity="seconds" hint="apart" />
        </Pair>
      )}
      {texts.mode === 'timer' && (
        <Figure {...props} field="timerEvery" label="From run to run" quantity="minutes" />
      )}
      {!pulses && (
        <Choose
          {...props}
          field="source"
          label={texts.mode === 'analog' ? 'The signal comes from a' : 'The water is measured by a'}
          options={[
            { value: 'flow', label: 'Flow transmitter' },
            ...(texts.mode === 'analog'
              ? [{ value: 'controller', label: 'Controller' }]
              : [{ value: 'meter', label: 'Pulse meter' }]),
          ]}
        />
      )}
      {texts.source !== 'meter' && (
        <Choose
          {...props}
          field="low"
          label="It sends"
          options={[
            { value: '4', label: '4–20 mA' },
            { value: '0', label: '0–20 mA' },
          ]}
          hint="With a live zero a broken wire shows."
        />
      )}
      {texts.source === 'flow' && (
        <Figure {...props} field="span" label="Water flow at 20 mA (span)" quantity="waterFlow" />
      )}
      {texts.source === 'meter' && <MeterFields {...props} />}
      {texts.source === 'controller' && <ControllerFields {...props} />}
    </Part>
  );
}

/** The settings that the mode brings into force, and which of them nobody has read yet (ANY-05). */
function ModeSettings({
  profile,
  rows,
  mode,
}: {
  profile: AnyProfile;
  rows: readonly SheetRow[];
  mode: string;
}) {
  const modes: readonly MeteringMode[] = mode === 'pulse' ? ['multiply', 'divide'] : [mode as MeteringMode];
  const roles = new Set(modes.flatMap((one) => ROLES_OF_MODE[one] ?? []));
  const own = profile.parameters.filter((parameter) =>
    METERING_ROLES.some((role) => role === parameter.role && roles.has(role)),
  );
  if (own.length === 0) {
    return (
      <Words size="small" bold colour="ochre" testID="mode-settings">
        This controller has no setting of this mode.
      </Words>
    );
  }
  const unread = (address: string) => {
    const row = rows.find((candidate) => candidate.address === address);
    return (row?.found?.value ?? null) === null;
  };
  return (
    <Words size="small" colour="quiet" testID="mode-settings">
      Belongs to this mode:{' '}
      {own.map((parameter, i) => (
        <Words key={parameter.key} size="small" bold={unread(addressOf(parameter))}>
          {i > 0 ? ', ' : ''}
          {parameter.label}
          {unread(addressOf(parameter)) ? ' (to be read)' : ''}
        </Words>
      ))}
      .
    </Words>
  );
}

function MeterFields(props: DutyFormProps) {
  return (
    <>
      <Choose
        {...props}
        field="litresAs"
        label="The plate of the meter states"
        options={[
          { value: 'litres', label: 'Litres a pulse' },
          { value: 'pulses', label: 'Pulses a litre' },
        ]}
      />
      {props.texts.litresAs === 'pulses' ? (
        <Figure {...props} field="litres" label="Pulses for each litre" unit="pulses/L" />
      ) : (
        <Figure {...props} field="litres" label="Water for each pulse" quantity="volume" />
      )}
      <Choose
        {...props}
        field="contact"
        label="Contact of the meter"
        options={[
          { value: 'mechanical', label: 'Mechanical' },
          { value: 'electronic', label: 'Electronic' },
        ]}
        hint="Mechanical contacts bounce; a longer recognition time rejects it."
      />
      <Figure
        {...props}
        field="closedShare"
        label="Share of the time closed"
        unit="0 to 1"
        hint="0.5 when not known"
      />
    </>
  );
}

function ControllerFields(props: DutyFormProps) {
  return (
    <>
      <Choose
        {...props}
        field="measures"
        label="It controls"
        options={[
          { value: 'residual', label: 'Residual' },
          { value: 'pH', label: 'pH' },
          { value: 'redox', label: 'Redox' },
          { value: 'conductivity', label: 'Conductivity' },
        ]}
      />
      <Figure {...props} field="feed" label="Greatest useful feed" quantity="pumpFlow" />
      <Choose
        {...props}
        field="action"
        label="More feed at"
        options={[
          { value: 'rising', label: 'More current' },
          { value: 'falling', label: 'Less current' },
        ]}
      />
      <Choose
        {...props}
        field="lost"
        label="On a lost signal"
        options={[
          { value: 'stop', label: 'Stop' },
          { value: 'hold', label: 'Keep the rate' },
        ]}
      />
    </>
  );
}
