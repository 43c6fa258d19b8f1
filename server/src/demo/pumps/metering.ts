import type { MeteringDuty, MeteringPlate } from '@barythm/core/families/metering';
import type { SettingValue } from '@barythm/core/profile';
import { day, IRRIGATION_DAY, POOL_DAY } from '../days';
import { MORE_PRODUCTS, MORE_PUMPS } from './wider';

export interface DemoProduct {
  readonly id: string;
  readonly name: string;
  readonly strength: MeteringDuty['product']['strength'];
  /** days since it was measured; null: label only */
  readonly measuredDaysAgo: number | null;
  readonly halfLife_days: number | null;
  readonly density_kgl: number;
  readonly gassing: boolean;
  readonly note: string;
}

const FIRST_PRODUCTS: readonly DemoProduct[] = [
  {
    id: 'prod-hypo',
    name: 'Sodium hypochlorite 12.5 %',
    strength: { stated: 'weight', percent: 12.5, density_kgl: 1.21 },
    measuredDaysAgo: 20,
    halfLife_days: 120,
    density_kgl: 1.21,
    gassing: true,
    note: 'Gives off gas; loses strength in a warm store. Never let it meet acid.',
  },
  {
    id: 'prod-acid',
    name: 'Nitric acid 38 %',
    strength: { stated: 'weight', percent: 38, density_kgl: 1.23 },
    measuredDaysAgo: 45,
    halfLife_days: null,
    density_kgl: 1.23,
    gassing: false,
    note: 'Lowers the pH of irrigation water. Never let it meet hypochlorite.',
  },
  {
    id: 'prod-scale',
    name: 'Scale inhibitor, diluted 1 to 9',
    strength: { stated: 'mass', gpl: 112 },
    measuredDaysAgo: 30,
    halfLife_days: null,
    density_kgl: 1.03,
    gassing: false,
    note: 'Keeps the membranes of the hostel’s skid free of scale.',
  },
];

export type DemoDuty = Omit<MeteringDuty, 'product'> & { readonly product: DemoProduct['id'] };

export interface DemoPump {
  readonly id: string;
  readonly siteId: string;
  readonly tag: string;
  readonly name: string;
  readonly place: string;
  readonly profile: string;
  /** what its cable comes from; a flow transmitter unless said */
  readonly signalFrom?: 'flow' | 'meter';
  readonly model: string;
  readonly serial: string;
  readonly plate: MeteringPlate;
  readonly duty: DemoDuty;
  readonly note: string;
  readonly reported?: { daysAgo: number; values: Record<string, SettingValue> };
}

const FIRST_PUMPS: readonly DemoPump[] = [
  {
    id: 'pump-seal-inlet',
    siteId: 'site-seals',
    tag: 'SRC-DP-01',
    name: 'Hypochlorite, seal pool inlet',
    place: 'Pump house, left wall',
    profile: 'motor-three-gears',
    model: 'Motor metering pump, 0.1 mL head',
    serial: 'MM-20931',
    plate: { gear: 'B', greatest_spm: 96, rated_bar: 10 },
    duty: {
      family: 'metering',
      mode: 'analog',
      signal: { source: 'flow', low_mA: 4, span_m3h: 50 },
      water: { least_m3h: 6, usual_m3h: 20, greatest_m3h: 40, hourly_m3h: day(20, POOL_DAY) },
      dose: { wanted_mgl: 1.2, low_mgl: 1, high_mgl: 1.5 },
      product: 'prod-hypo',
      strokeVolume: { full_mL: 0.1, basis: 'plate' },
      place: { interlocked: true, suctionHead_m: -0.8, dischargePressure_bar: 2 },
      choices: { belowFirstPoint: 'stop', afterPowerCut: 'resume', stroke: 'long' },
    },
    note: 'The keepers say the residual is high at night and low on busy mornings. They read the settings out by telephone.',
    reported: { daysAgo: 9, values: { gear: 'B', length: 60, mode: 'ext', rate: 0, range: '0-20' } },
  },
  {
    id: 'pump-pup-pool',
    siteId: 'site-seals',
    tag: 'SRC-DP-02',
    name: 'Hypochlorite, pup pool',
    place: 'Pump house, right wall',
    profile: 'two-point-soft-keys',
    model: 'Solenoid metering pump, micro head',
    serial: 'SM-11872',
    plate: { gear: null, greatest_spm: 165, rated_bar: 7 },
    duty: {
      family: 'metering',
      mode: 'analog',
      signal: { source: 'flow', low_mA: 4, span_m3h: 30 },
      water: { least_m3h: 4, usual_m3h: 14, greatest_m3h: 26, hourly_m3h: day(14, POOL_DAY) },
      dose: { wanted_mgl: 1.5, low_mgl: 1.2, high_mgl: 1.8 },
      product: 'prod-hypo',
      strokeVolume: { full_mL: 0.05, basis: 'plate' },
      place: { interlocked: true, suctionHead_m: -0.6, dischargePressure_bar: 1.5 },
      choices: { belowFirstPoint: 'stop', afterPowerCut: 'resume', stroke: 'long' },
    },
    note: '',
  },
  {
    id: 'pump-therapy',
    siteId: 'site-clinic',
    tag: 'CLI-DP-01',
    name: 'Hypochlorite, therapy pool',
    place: 'Plant room, basement',
    profile: 'two-point-soft-keys',
    model: 'Solenoid metering pump, micro head',
    serial: 'SM-11560',
    plate: { gear: null, greatest_spm: 165, rated_bar: 7 },
    duty: {
      family: 'metering',
      mode: 'analog',
      signal: { source: 'flow', low_mA: 4, span_m3h: 60 },
      water: { least_m3h: 10, usual_m3h: 32, greatest_m3h: 55, hourly_m3h: day(32, POOL_DAY) },
      dose: { wanted_mgl: 1, low_mgl: 0.8, high_mgl: 1.2 },
      product: 'prod-hypo',
      strokeVolume: { full_mL: 0.06, basis: 'plate' },
      place: { interlocked: true, suctionHead_m: -1, dischargePressure_bar: 1.2 },
      choices: { belowFirstPoint: 'stop', afterPowerCut: 'resume', stroke: 'long' },
    },
    note: '',
  },
  {
    id: 'pump-acid',
    siteId: 'site-nursery',
    tag: 'NUR-DP-01',
    name: 'Acid, irrigation main',
    place: 'Header house',
    profile: 'motor-three-gears',
    model: 'Motor metering pump, 1 mL head',
    serial: 'MM-18004',
    plate: { gear: 'C', greatest_spm: 144, rated_bar: 10 },
    duty: {
      family: 'metering',
      mode: 'analog',
      signal: { source: 'flow', low_mA: 4, span_m3h: 25 },
      water: { least_m3h: 3, usual_m3h: 12, greatest_m3h: 22, hourly_m3h: day(12, IRRIGATION_DAY) },
      dose: { wanted_mgl: 110, low_mgl: 95, high_mgl: 125 },
      product: 'prod-acid',
      strokeVolume: { full_mL: 1, basis: 'plate' },
      place: { interlocked: true, suctionHead_m: 0.4, dischargePressure_bar: 3 },
      choices: { belowFirstPoint: 'stop', afterPowerCut: 'resume', stroke: 'middle' },
    },
    note: '',
  },
  {
    id: 'pump-scale',
    siteId: 'site-hostel',
    tag: 'LHH-DP-01',
    name: 'Scale inhibitor, membrane feed',
    place: 'Boiler house',
    profile: 'two-point-soft-keys',
    model: 'Solenoid metering pump, micro head',
    serial: 'SM-12003',
    plate: { gear: null, greatest_spm: 165, rated_bar: 7 },
    duty: {
      family: 'metering',
      mode: 'analog',
      signal: { source: 'flow', low_mA: 4, span_m3h: 6 },
      water: { least_m3h: 1.2, usual_m3h: 3, greatest_m3h: 5, hourly_m3h: day(3, POOL_DAY) },
      dose: { wanted_mgl: 3, low_mgl: 2.6, high_mgl: 3.4 },
      product: 'prod-scale',
      strokeVolume: { full_mL: 0.05, basis: 'plate' },
      place: { interlocked: true, suctionHead_m: 0.2, dischargePressure_bar: 2.5 },
      choices: { belowFirstPoint: 'stop', afterPowerCut: 'resume', stroke: 'middle' },
    },
    note: '',
  },
];

export const PRODUCTS: readonly DemoProduct[] = [...FIRST_PRODUCTS, ...MORE_PRODUCTS];
export const PUMPS: readonly DemoPump[] = [...FIRST_PUMPS, ...MORE_PUMPS];
