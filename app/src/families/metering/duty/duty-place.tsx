import { Field } from '../../../ui/fields/field';
import { Words } from '../../../ui/words/words';
import { RatedFlow } from './rated-flow';
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
      <Figure {...props} field="strokeVolume" label="Stroke volume at full length" quantity="strokeVolume" />
      <RatedFlow onTake={(stroke) => props.set('strokeVolume', stroke)} />
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
        <Figure
          {...props}
          field="suction"
          label="Suction head, if known"
          quantity="length"
          hint="− for a lift"
        />
        <Figure {...props} field="discharge" label="Discharge, if known" quantity="pressure" />
      </Pair>
      <Figure
        {...props}
        field="residence"
        label="Water takes to where the dose is measured or used"
        quantity="seconds"
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
        <Figure {...props} field="pipe" label="Suction line" quantity="length" />
        <Figure {...props} field="bore" label="Bore" quantity="bore" />
      </Pair>
      <Pair>
        <Figure {...props} field="friction" label="Friction loss" quantity="length" />
        <Figure {...props} field="vapour" label="Vapour pressure" quantity="pressure" />
      </Pair>
      <Pair>
        <Figure
          {...props}
          field="tankPressure"
          label="On the tank, absolute"
          quantity="pressure"
          hint="Empty: open to the air"
        />
        <Figure {...props} field="npsh" label="Head it needs" quantity="length" hint="Manual; empty: 2 m" />
      </Pair>
      <Pair>
        <Figure
          {...props}
          field="altitude"
          label="Height above the sea"
          quantity="length"
          hint="Empty: sea level"
        />
        <Figure
          {...props}
          field="liquidTemperature"
          label="Liquid at its warmest"
          quantity="temperature"
          hint="Empty: 20 °C"
        />
      </Pair>
      <Pair>
        <Figure {...props} field="dead" label="Dead volume of the head" quantity="strokeVolume" />
        <Figure
          {...props}
          field="injection"
          label="Injection valve opens at"
          quantity="pressure"
          hint="0 without one"
        />
      </Pair>
      <Pair>
        <Figure {...props} field="pressureLeast" label="Back pressure, least" quantity="pressure" />
        <Figure {...props} field="pressureGreatest" label="Greatest" quantity="pressure" />
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
      <Figure {...props} field="tankNow" label="In the tank now" quantity="volume" />
      <Pair>
        <Figure {...props} field="tankWarn" label="Warn level" quantity="volume" />
        <Figure {...props} field="tankStop" label="Stop level" quantity="volume" />
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
