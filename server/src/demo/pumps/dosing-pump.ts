import type { MeteringDuty, MeteringPlate } from '@barythm/core/families/metering';
import type { SettingValue } from '@barythm/core/profile';

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
