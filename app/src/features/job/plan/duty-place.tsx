import { Field } from '../../../ui/field';
import { Words } from '../../../ui/words';
import { Choose, Figure, Pair, Part, YES_NO, type DutyFormProps } from './duty-fields';

/** The pump's stroke and the place it stands in. */
export function PumpPart(props: DutyFormProps) {
  const { texts } = props;
  return (
    <Part
      name="pump"
      title="Pump and place"
      {...props}
      fields={['strokeVolume', 'atLength', 'suction', 'discharge', 'residence']}
    >
      <Figure {...props} field="strokeVolume" label="Stroke volume at full length" unit="mL" />
      <Choose
        {...props}
        field="basis"
        label="Known from"
        options={[
          { value: 'plate', label: 'Plate' },
          { value: 'measured', label: 'Measurement' },
        ]}
        hint="A measured volume holds at the stroke length it was measured at. A drawdown recorded here takes its place."
      />
      {texts.basis === 'measured' && (
        <Figure {...props} field="atLength" label="Measured at a stroke length of" unit="%" />
      )}
      <Choose
        {...props}
        field="interlocked"
        label="Dosing stops by interlock when the water stops"
        options={YES_NO}
      />
      <Choose {...props} field="stopWired" label="A contact is wired to its stop input" options={YES_NO} />
      <Choose {...props} field="byMains" label="Switched on and off by its mains supply" options={YES_NO} />
      <Choose {...props} field="othersReach" label="Others can reach its keys" options={YES_NO} />
      <Choose
        {...props}
        field="noRelief"
        label="The discharge can be shut, with no relief valve"
        options={YES_NO}
      />
      <Pair>
        <Figure {...props} field="suction" label="Suction head, if known" unit="m" hint="− for a lift" />
        <Figure {...props} field="discharge" label="Discharge, if known" unit="bar" />
      </Pair>
      <Figure
        {...props}
        field="residence"
        label="Water takes to where the dose is measured or used"
        unit="s"
        hint="Empty when not known"
      />
    </Part>
  );
}

/** Suction line, head and back pressure: what decides whether gas comes out and the flow holds. */
export function WetEndPart(props: DutyFormProps) {
  return (
    <Part
      name="wet"
      title="Suction, head and pressure"
      {...props}
      fields={[
        'pipe',
        'bore',
        'friction',
        'vapour',
        'tankPressure',
        'altitude',
        'liquidTemperature',
        'npsh',
        'dead',
        'injection',
        'pressureLeast',
        'pressureGreatest',
        'loss',
      ]}
    >
      <Words size="small" colour="quiet">
        Fill in what is known; each part is checked once it is.
      </Words>
      <Pair>
        <Figure {...props} field="pipe" label="Suction line" unit="m" />
        <Figure {...props} field="bore" label="Bore" unit="mm" />
      </Pair>
      <Pair>
        <Figure {...props} field="friction" label="Friction loss" unit="m" />
        <Figure {...props} field="vapour" label="Vapour pressure" unit="bar" />
      </Pair>
      <Pair>
        <Figure
          {...props}
          field="tankPressure"
          label="On the tank, absolute"
          unit="bar"
          hint="Empty: open to the air"
        />
        <Figure {...props} field="npsh" label="Head it needs" unit="m" hint="Manual; empty: 2 m" />
      </Pair>
      <Pair>
        <Figure {...props} field="altitude" label="Height above the sea" unit="m" hint="Empty: sea level" />
        <Figure
          {...props}
          field="liquidTemperature"
          label="Liquid at its warmest"
          unit="°C"
          hint="Empty: 20 °C"
        />
      </Pair>
      <Pair>
        <Figure {...props} field="dead" label="Dead volume of the head" unit="mL" />
        <Figure
          {...props}
          field="injection"
          label="Injection valve opens at"
          unit="bar"
          hint="0 without one"
        />
      </Pair>
      <Pair>
        <Figure {...props} field="pressureLeast" label="Back pressure, least" unit="bar" />
        <Figure {...props} field="pressureGreatest" label="Greatest" unit="bar" />
      </Pair>
      <Figure
        {...props}
        field="loss"
        label="Stroke volume lost for each bar"
        unit="%"
        hint="From two drawdowns at two pressures; empty when not measured"
      />
    </Part>
  );
}

/** Tank, service by count, and when someone comes again. */
export function StockPart(props: DutyFormProps) {
  const { texts, errors, set } = props;
  return (
    <Part
      name="stock"
      title="Tank, service and next visit"
      {...props}
      fields={['tankNow', 'tankWarn', 'tankStop', 'serviceWhat', 'serviceEvery', 'serviceMade', 'nextVisit']}
    >
      <Figure {...props} field="tankNow" label="In the tank now" unit="L" />
      <Pair>
        <Figure {...props} field="tankWarn" label="Warn level" unit="L" />
        <Figure {...props} field="tankStop" label="Stop level" unit="L" />
      </Pair>
      <Field
        words
        label="Service by strokes: what"
        testID="duty-serviceWhat"
        value={texts.serviceWhat}
        error={errors.serviceWhat}
        hint="Diaphragm, valves, seal"
        onChange={(text) => set('serviceWhat', text)}
      />
      <Pair>
        <Figure {...props} field="serviceEvery" label="Every" unit="strokes" />
        <Figure {...props} field="serviceMade" label="Made since the last" unit="strokes" />
      </Pair>
      <Figure {...props} field="nextVisit" label="Next planned visit in" unit="d" />
    </Part>
  );
}
