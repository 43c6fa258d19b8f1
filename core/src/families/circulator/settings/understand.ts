import { parameterWithRole, placesOf, type SettingValues } from '../../../profile';
import { SettingsReader } from '../../parts/settings-reader';
import type { CirculatorProfile } from '../wire/job';
import type { Mode } from '../wire/behaviours';
import type { TwinWay } from '../wire/duty';
import type { CirculatorPlate } from '../wire/plate';
import { CIRCULATOR_QUANTITIES, type CirculatorRole } from './roles';

/** A run of its clock: past midnight where it ends before it begins. */
export interface ClockRun {
  readonly from: number;
  readonly to: number;
}

/** A circulator's settings in the field's terms; null is not known, or not there. */
export interface CirculatorSettings {
  readonly mode: Mode | null;
  readonly head_m: number | null;
  /** share of the greatest speed */
  readonly share: number | null;
  /** return temperature that it goes by */
  readonly temperature_C: number | null;
  /** whether it turns faster when it is too cool, or too warm; and where it measures */
  readonly sense: 'heating' | 'cooling' | null;
  readonly place: 'flow' | 'return' | null;
  /** runs of its clock, minutes of the day; those that are empty or not known are left out */
  readonly runs: readonly ClockRun[];
  /** every run of its clock is known */
  readonly runsKnown: boolean;
  readonly source: 'own' | 'volts' | 'sensor' | 'link' | null;
  readonly contact: 'used' | 'off' | null;
  readonly volts: {
    readonly off_V: number | null;
    readonly on_V: number | null;
    readonly full_V: number | null;
  };
  readonly range_bar: number | null;
  readonly sensorKind: 'differential' | 'temperature' | null;
  readonly twin: {
    /** which of the two commands, in order; those not known are left out */
    readonly parts: readonly ('lead' | 'follows')[];
    readonly partsKnown: boolean;
    readonly way: TwinWay | null;
    readonly hours_h: number | null;
  };
  /** value of the option that names the protocol */
  readonly protocol: string | null;
  readonly address: number | null;
  readonly silence: 'own-mode' | 'stop' | null;
  readonly port: 'off' | 'on' | null;
  readonly fault: 'opens' | 'closes' | null;
  readonly night: 'on' | 'off' | null;
  readonly lock: 'on' | 'off' | null;
  readonly afterCut: 'resume' | 'wait' | null;
}

/** Reads a column of the sheet by the roles of its parameters. */
export function understand(
  profile: CirculatorProfile,
  _plate: CirculatorPlate,
  values: SettingValues,
): CirculatorSettings {
  const read = new SettingsReader<CirculatorRole>(profile, values, CIRCULATOR_QUANTITIES);
  const figure = (role: CirculatorRole) => read.figure(role);
  const percent = figure('speed');
  const runs = clockRuns(profile, values);
  return {
    // a controller that has one mode alone needs no setting to be in it
    mode:
      read.chosen<Mode>('mode') ??
      (profile.behaviours.modes.length === 1 ? profile.behaviours.modes[0] : null),
    head_m: figure('head'),
    share: percent === null ? null : percent / 100,
    temperature_C: figure('temperature'),
    sense: read.chosen('temperature.sense'),
    place: read.chosen('temperature.place'),
    ...runs,
    source: read.chosen('control.source') ?? (read.has('control.source') ? null : 'own'),
    contact: read.chosen('contact'),
    volts: { off_V: figure('volts.off'), on_V: figure('volts.on'), full_V: figure('volts.full') },
    range_bar: figure('sensor.range'),
    sensorKind: read.chosen('sensor.kind'),
    twin: { ...partsOf(read), way: read.chosen<TwinWay>('twin.way'), hours_h: figure('twin.hours') },
    protocol: read.words('link.protocol'),
    address: figure('link.address'),
    silence: read.chosen('link.silence'),
    port: read.chosen('port'),
    fault: read.chosen('fault.sense'),
    night: read.chosen('night'),
    lock: read.chosen('lock'),
    afterCut: read.chosen('power.after-cut'),
  };
}

function clockRuns(
  profile: CirculatorProfile,
  values: SettingValues,
): Pick<CirculatorSettings, 'runs' | 'runsKnown'> {
  const runs: ClockRun[] = [];
  let runsKnown = true;
  const places = clockPlaces(profile);
  for (let index = 1; index <= places; index++) {
    const [from, to] = (['run.from', 'run.to'] as const).map((role) => {
      const parameter = parameterWithRole(profile, role, index);
      return parameter && values[parameter.key];
    });
    if (typeof from === 'number' && typeof to === 'number') {
      // a run that ends as it begins is none
      if (from !== to) runs.push({ from, to });
    } else runsKnown = false;
  }
  return { runs, runsKnown };
}

/** How many runs its clock has. */
export function clockPlaces(profile: CirculatorProfile): number {
  const parameter = parameterWithRole(profile, 'run.from');
  return parameter ? placesOf(profile, parameter.group) : 0;
}

/** How many of a twin have a part of their own in its settings. */
export function twinPlaces(profile: CirculatorProfile): number {
  const parameter = parameterWithRole(profile, 'twin.part');
  return parameter ? placesOf(profile, parameter.group) : 0;
}

function partsOf(
  read: SettingsReader<CirculatorRole>,
): Pick<CirculatorSettings['twin'], 'parts' | 'partsKnown'> {
  const parts = read.each('twin.part', (index) => read.chosen<'lead' | 'follows'>('twin.part', index));
  const places = read.places('twin.part');
  return { parts, partsKnown: places > 0 && parts.length === places };
}
