import { CIRCUIT_KINDS, LINKED } from '@barythm/core/families/pool';
import type { InputError } from '@barythm/core/input';
import { Words } from '../../../ui/words';
import {
  Cell,
  CheckField,
  ChoiceField,
  DaysField,
  DutyPart,
  FieldRow,
  RowsField,
  TextField,
} from '../form/form';
import { textAt, type Texts } from '../form/tree';

const SHAPES = [
  { value: 'rectangle', label: 'Rectangle' },
  { value: 'oval', label: 'Oval' },
  { value: 'round', label: 'Round' },
  { value: 'kidney', label: 'Kidney' },
] as const;
const BODIES = [
  { value: 'pool', label: 'Pool' },
  { value: 'tub', label: 'Tub' },
] as const;
const KIND_WORDS: Record<(typeof CIRCUIT_KINDS)[number], string> = {
  filter: 'Filter',
  spa: 'Spa',
  cleaner: 'Cleaner',
  feature: 'Water feature',
  heater: 'Heater',
  solar: 'Roof solar',
  chlorinator: 'Chlorinator',
  own: 'The site’s own',
};
const LINKED_WORDS: Record<(typeof LINKED)[number], string> = {
  dosing: 'Dosing',
  heater: 'Heater',
  chlorinator: 'Chlorinator',
  cleaner: 'Cleaner',
};
const SOURCES = [
  { value: 'off', label: 'Off' },
  { value: 'heater', label: 'Heater' },
  { value: 'heat-pump', label: 'Heat pump' },
  { value: 'solar', label: 'Roof' },
  { value: 'solar-first', label: 'Roof first' },
] as const;

interface PartsProps {
  readonly texts: Texts;
  /** what could not be computed with, by its field: points or prices */
  readonly fault: InputError | null;
}

/** The duty of a pool pump in its parts, in the order of work. */
export function DutyParts({ texts, fault }: PartsProps) {
  const at = (path: string) => textAt(texts, path);
  const count = (path: string) => ((at(path) ?? []) as readonly Texts[]).length;
  const names = (path: string) =>
    ((at(path) ?? []) as readonly Texts[]).map((one) => textAt(one, 'name') as string).join(', ');
  const of = (field: string) => (fault?.field === field ? fault.message : null);
  return (
    <>
      <DutyPart
        title="Water"
        testID="part-water"
        paths={['bodies', 'water_C']}
        summary={`${names('bodies')}, turned over ${((at('bodies') ?? []) as readonly Texts[]).map((body) => String(textAt(body, 'turnoversPerDay'))).join(' and ')} times a day.`}
      >
        <RowsField
          path="bodies"
          least={1}
          add="Add a body of water"
          blank={{
            name: '',
            kind: 'tub',
            shapes: [{ shape: 'round', length_m: '', width_m: '' }],
            depth_m: '',
            turnoversPerDay: '',
          }}
        >
          {(path) => (
            <>
              <TextField words path={`${path}.name`} label="Name" />
              <ChoiceField path={`${path}.kind`} label="Kind" options={BODIES} />
              <RowsField
                path={`${path}.shapes`}
                least={1}
                add="Add a shape"
                blank={{ shape: 'rectangle', length_m: '', width_m: '' }}
              >
                {(shape) => (
                  <>
                    <ChoiceField path={`${shape}.shape`} label="Shape" options={SHAPES} />
                    <FieldRow>
                      <Cell>
                        <TextField path={`${shape}.length_m`} label="Length, or across" unit="m" />
                      </Cell>
                      <Cell>
                        <TextField path={`${shape}.width_m`} label="Width; of a kidney both added" unit="m" />
                      </Cell>
                    </FieldRow>
                  </>
                )}
              </RowsField>
              <FieldRow>
                <Cell>
                  <TextField path={`${path}.depth_m`} label="Mean depth" unit="m" />
                </Cell>
                <Cell>
                  <TextField
                    path={`${path}.turnoversPerDay`}
                    label="Turnovers a day"
                    hint="By local code or operator"
                  />
                </Cell>
              </FieldRow>
            </>
          )}
        </RowsField>
        <TextField path="water_C" label="Water now" unit="°C" />
      </DutyPart>
      <DutyPart
        title="Pump on its pipes"
        testID="part-points"
        paths={['points', 'pointsFrom', 'beforeWash']}
        extra={of('points')}
        summary={`${count('points')} points ${at('pointsFrom') === 'measured' ? 'measured' : 'from the plate'}; before a wash ${String(at('beforeWash'))} % of that flow.`}
      >
        <ChoiceField
          path="pointsFrom"
          label="Points are"
          options={[
            { value: 'measured', label: 'Measured' },
            { value: 'plate', label: 'From plate or curve' },
          ]}
        />
        <RowsField
          path="points"
          least={1}
          add="Add a point"
          blank={{ speed_rpm: '', flow_m3h: '', head_m: '', power_W: '' }}
        >
          {(path) => (
            <FieldRow>
              <Cell>
                <TextField path={`${path}.speed_rpm`} label="Speed" unit="rev/min" />
              </Cell>
              <Cell>
                <TextField path={`${path}.flow_m3h`} label="Flow" unit="m³/h" />
              </Cell>
              <Cell>
                <TextField path={`${path}.power_W`} label="Power" unit="W" />
              </Cell>
              <Cell>
                <TextField path={`${path}.head_m`} label="Head, where water is lifted" unit="m" />
              </Cell>
            </FieldRow>
          )}
        </RowsField>
        <TextField
          path="beforeWash"
          label="Flow before the next wash, of these points’"
          unit="%"
          hint="100 where they were taken with a dirty filter"
        />
      </DutyPart>
      <DutyPart
        title="Walls"
        testID="part-limits"
        paths={['limits']}
        summary={`Filter ${String(at('limits.filter_m3h') || 'not known')} m³/h, suction cover ${String(at('limits.cover_m3h') || 'not known')} m³/h.`}
      >
        <Words bold colour="ochre">
          The suction cover’s rating is on the cover itself. Too much flow there holds people under water.
        </Words>
        <FieldRow>
          <Cell>
            <TextField path="limits.filter_m3h" label="Filter’s rated flow" unit="m³/h" />
          </Cell>
          <Cell>
            <TextField path="limits.cover_m3h" label="Suction cover’s rated flow" unit="m³/h" />
          </Cell>
          <Cell>
            <TextField path="limits.suction_mm" label="Suction pipe, bore" unit="mm" />
          </Cell>
          <Cell>
            <TextField path="limits.return_mm" label="Return pipe, bore" unit="mm" />
          </Cell>
        </FieldRow>
      </DutyPart>
      <DutyPart
        title="Circuits"
        testID="part-circuits"
        paths={['circuits']}
        summary={`${names('circuits')}.`}
      >
        <RowsField
          path="circuits"
          least={1}
          add="Add a circuit"
          blank={{ name: '', kind: 'own', leastFlow_m3h: '', static_m: '', exposed: 'no', place: '' }}
        >
          {(path) => (
            <>
              <TextField words path={`${path}.name`} label="Name, as the site calls it" />
              <ChoiceField
                path={`${path}.kind`}
                label="Kind"
                options={CIRCUIT_KINDS.map((value) => ({ value, label: KIND_WORDS[value] }))}
              />
              <FieldRow>
                <Cell>
                  <TextField path={`${path}.leastFlow_m3h`} label="Least flow" unit="m³/h" />
                </Cell>
                <Cell>
                  <TextField
                    path={`${path}.static_m`}
                    label="Lifts water by"
                    unit="m"
                    hint="Of a roof; else blank"
                  />
                </Cell>
                <Cell>
                  <TextField path={`${path}.place`} label="Place in the panel" hint="Blank without a panel" />
                </Cell>
              </FieldRow>
              <CheckField path={`${path}.exposed`} label="Its pipes stand in the frost" />
            </>
          )}
        </RowsField>
      </DutyPart>
      <DutyPart
        title="Needs and rules"
        testID="part-needs"
        paths={['needs', 'quiet', 'longestPause_min', 'leastFlow_m3h', 'leastRun_min']}
        summary={`${count('needs')} circuits with hours of their own; ${at('quiet.on') === 'yes' ? `quiet from ${String(at('quiet.from'))} to ${String(at('quiet.to'))}` : 'no quiet hours'}; ${at('longestPause_min') ? `no pause over ${String(at('longestPause_min'))} min` : 'any pause'}.`}
      >
        <RowsField
          path="needs"
          add="Add hours for a circuit"
          blank={{ circuit: '', days: '1234567', from: '', to: '', hours: '' }}
        >
          {(path) => (
            <>
              <ChoiceField
                path={`${path}.circuit`}
                label="Circuit"
                options={((at('circuits') ?? []) as readonly Texts[]).map((one) => {
                  const name = String(textAt(one, 'name') ?? '');
                  return { value: name, label: name };
                })}
              />
              <DaysField path={`${path}.days`} label="On" />
              <FieldRow>
                <Cell>
                  <TextField words path={`${path}.from`} label="Between" hint="Such as 10:00" />
                </Cell>
                <Cell>
                  <TextField words path={`${path}.to`} label="and" />
                </Cell>
                <Cell>
                  <TextField path={`${path}.hours`} label="For" unit="h" hint="Blank: all of it" />
                </Cell>
              </FieldRow>
            </>
          )}
        </RowsField>
        <FieldRow>
          <Cell>
            <TextField
              path="longestPause_min"
              label="Longest pause"
              unit="min"
              hint="Local code or operator"
            />
          </Cell>
          <Cell>
            <TextField path="leastFlow_m3h" label="Never less than" unit="m³/h" />
          </Cell>
          <Cell>
            <TextField path="leastRun_min" label="Shortest run" unit="min" />
          </Cell>
        </FieldRow>
        <CheckField path="quiet.on" label="There are quiet hours" />
        {at('quiet.on') === 'yes' && (
          <FieldRow>
            <Cell>
              <TextField words path="quiet.from" label="Quiet from" />
            </Cell>
            <Cell>
              <TextField words path="quiet.to" label="to" />
            </Cell>
            <Cell>
              <TextField path="quiet.greatest_rpm" label="At most" unit="rev/min" />
            </Cell>
          </FieldRow>
        )}
      </DutyPart>
      <DutyPart
        title="Prices"
        testID="part-tariff"
        paths={['tariff']}
        extra={of('prices')}
        summary={`${count('tariff.windows')} windows, in ${String(at('tariff.currency'))}.`}
      >
        <TextField words path="tariff.currency" label="Currency" />
        <RowsField
          path="tariff.windows"
          least={1}
          add="Add a window"
          blank={{ days: '1234567', months: '', from: '', to: '', price: '' }}
        >
          {(path) => (
            <>
              <DaysField path={`${path}.days`} label="On" />
              <FieldRow>
                <Cell>
                  <TextField words path={`${path}.from`} label="From" />
                </Cell>
                <Cell>
                  <TextField words path={`${path}.to`} label="To" hint="24:00 ends the day" />
                </Cell>
                <Cell>
                  <TextField path={`${path}.price`} label="A kWh costs" />
                </Cell>
                <Cell>
                  <TextField
                    words
                    path={`${path}.months`}
                    label="Months"
                    hint="Such as 10–3; blank: all year"
                  />
                </Cell>
              </FieldRow>
            </>
          )}
        </RowsField>
      </DutyPart>
      <PlantParts texts={texts} />
    </>
  );
}

function PlantParts({ texts }: { texts: Texts }) {
  const at = (path: string) => textAt(texts, path);
  const linked = ((at('linked') ?? []) as readonly Texts[]).map((one) => String(textAt(one, 'name')));
  return (
    <>
      <DutyPart
        title="Command, linked devices, place"
        testID="part-command"
        paths={['command', 'otherAddresses', 'linked', 'place', 'choices']}
        summary={`Commanded by ${{ own: 'its own programs', relay: 'relays', link: 'a link' }[String(at('command'))] ?? '?'}; linked: ${linked.length === 0 ? 'nothing' : linked.join(', ')}.`}
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
          hint="Parted by commas"
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
      </DutyPart>
      <DutyPart
        title="Winter"
        testID="part-winter"
        paths={['winter', 'frostNight']}
        summary={
          { none: 'No frost comes.', light: 'Light frosts.', hard: 'Hard winters: drain down.' }[
            String(at('winter'))
          ] ?? ''
        }
      >
        <ChoiceField
          path="winter"
          label="Winters are"
          options={[
            { value: 'none', label: 'Free of frost' },
            { value: 'light', label: 'Light' },
            { value: 'hard', label: 'Hard' },
          ]}
        />
        <ChoiceField
          path="choices.frost"
          label="Against frost"
          hint="Low speed is enough to move water; it does not protect against a power cut"
          options={[
            { value: 'move-water', label: 'Move the water slowly' },
            { value: 'full-speed', label: 'Full speed' },
            { value: 'drive-only', label: 'The drive alone' },
            { value: 'drain', label: 'Drain down' },
          ]}
        />
        <FieldRow>
          <Cell>
            <TextField
              path="frostNight.hours"
              label="A frosty night has"
              unit="h"
              hint="Below the guard’s temperature"
            />
          </Cell>
          <Cell>
            <TextField path="frostNight.perYear" label="Such nights a year" />
          </Cell>
        </FieldRow>
      </DutyPart>
      <DutyPart
        title="Heat"
        testID="part-heat"
        paths={['heat']}
        summary={
          at('heat.on') === 'yes'
            ? `${SOURCES.find(({ value }) => value === at('heat.source'))?.label ?? ''}, pool at ${String(at('heat.pool_C'))} °C.`
            : 'Not heated by this pump’s water.'
        }
      >
        <CheckField path="heat.on" label="The water is heated" />
        {at('heat.on') === 'yes' && (
          <>
            <Words bold colour="ochre">
              Too warm water exhausts and scalds. Keep to what the operator has agreed.
            </Words>
            <ChoiceField path="heat.source" label="By" options={SOURCES} />
            <FieldRow>
              <Cell>
                <TextField path="heat.pool_C" label="Pool" unit="°C" />
              </Cell>
              <Cell>
                <TextField path="heat.tub_C" label="Tub" unit="°C" hint="Counts only while it is selected" />
              </Cell>
              <Cell>
                <TextField path="heat.warmest_C" label="Warmest let pass" unit="°C" />
              </Cell>
              <Cell>
                <TextField path="heat.afterRun_min" label="After-run" unit="min" />
              </Cell>
              <Cell>
                <TextField path="heat.startDifference_K" label="Roof starts at" unit="K" />
              </Cell>
              <Cell>
                <TextField path="heat.stopDifference_K" label="Roof stops at" unit="K" />
              </Cell>
              <Cell>
                <TextField path="heat.heater_kW" label="Heater" unit="kW" />
              </Cell>
              <Cell>
                <TextField path="heat.roof_m2" label="Roof collector" unit="m²" />
              </Cell>
            </FieldRow>
          </>
        )}
      </DutyPart>
      <DutyPart
        title="Chlorinator"
        testID="part-chlorinator"
        paths={['chlorinator']}
        summary={
          at('chlorinator.on') === 'yes'
            ? `${String(at('chlorinator.rated_gph'))} g/h rated, ${String(at('chlorinator.needed_gpd'))} g a day needed.`
            : 'None.'
        }
      >
        <CheckField path="chlorinator.on" label="A salt cell makes chlorine" />
        {at('chlorinator.on') === 'yes' && (
          <FieldRow>
            <Cell>
              <TextField path="chlorinator.rated_gph" label="Rated output" unit="g/h" />
            </Cell>
            <Cell>
              <TextField path="chlorinator.needed_gpd" label="Needed a day" unit="g" />
            </Cell>
            <Cell>
              <TextField path="chlorinator.cold_C" label="Idles below" unit="°C" hint="By its maker" />
            </Cell>
          </FieldRow>
        )}
      </DutyPart>
    </>
  );
}
