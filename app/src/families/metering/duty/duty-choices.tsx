import { Field } from '../../../ui/fields/field';
import { Choose, Part, type DutyFormProps } from './duty-fields';

/** Where good technicians disagree: what is chosen here, and why one would. */
export function ChoicesPart(props: DutyFormProps) {
  const { texts, errors, set } = props;
  const pulses = texts.mode === 'pulse' || texts.mode === 'contact';
  return (
    <Part name="choices" title="Where technicians disagree" {...props} fields={['dryReason']}>
      {texts.mode === 'analog' && (
        <Choose
          {...props}
          field="below"
          label="Below the first point"
          options={[
            { value: 'stop', label: 'Stop' },
            { value: 'hold', label: 'Hold' },
          ]}
          hint="Stop, for chemicals that harm when dosed at no flow."
        />
      )}
      {pulses && (
        <Choose
          {...props}
          field="memory"
          label="Pulses that come too fast"
          options={[
            { value: 'off', label: 'Drop' },
            { value: 'on', label: 'Store' },
          ]}
          hint="Drop: stored ones run into still water when the flow has gone."
        />
      )}
      {texts.stopWired === 'yes' && (
        <Choose
          {...props}
          field="stopSchool"
          label="The stop contact"
          options={[
            { value: 'permits', label: 'Permits when closed' },
            { value: 'stops', label: 'Stops when closed' },
          ]}
          hint="Permits when closed: a broken wire fails safe."
        />
      )}
      <Choose
        {...props}
        field="dry"
        label="Running dry"
        options={[
          { value: 'stop', label: 'Stop' },
          { value: 'warn', label: 'Warn and run' },
          { value: 'ignore', label: 'Ignore' },
        ]}
        hint="Stop; the others ask for a written reason."
      />
      <Choose
        {...props}
        field="dryBy"
        label="Dry is told by"
        options={[
          { value: 'level', label: 'Level' },
          { value: 'flow', label: 'Flow' },
          { value: 'pressure', label: 'Pressure' },
          { value: 'power', label: 'Power' },
        ]}
        hint="What parts dry from wet best in the readings taken; a level switch needs none."
      />
      {texts.dry !== 'stop' && (
        <Field
          words
          label="Why it may run dry"
          testID="duty-dryReason"
          value={texts.dryReason}
          error={errors.dryReason}
          onChange={(text) => set('dryReason', text)}
        />
      )}
      <Choose
        {...props}
        field="power"
        label="After a power cut"
        options={[
          { value: 'wait', label: 'Wait' },
          { value: 'resume', label: 'Resume' },
        ]}
        hint="Wait where a chemical is dosed without interlock; resume where the water guards it."
      />
      <Choose
        {...props}
        field="afterFault"
        label="When a fault has gone"
        options={[
          { value: 'wait', label: 'Wait' },
          { value: 'resume', label: 'Carry on' },
        ]}
        hint="Wait: someone should have looked first."
      />
      <Choose
        {...props}
        field="stroke"
        label="Stroke length"
        options={[
          { value: 'long', label: 'Long' },
          { value: 'middle', label: 'Near 80 %' },
          { value: 'even', label: 'Short' },
        ]}
        hint="Long squeezes gas out; short doses more evenly."
      />
      <Choose
        {...props}
        field="calibrateBy"
        label="Draw down by"
        options={[
          { value: 'strokes', label: 'Strokes' },
          { value: 'time', label: 'Time' },
        ]}
        hint="Strokes for stroke pumps, time for those that are set in flow."
      />
    </Part>
  );
}
