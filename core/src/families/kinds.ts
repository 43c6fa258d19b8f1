import type { MeteringContext, MeteringDuty, MeteringPlate, MeteringSettings } from './metering';
import type { MeteringProfile, PoolProfile } from '../profile';
import type { PoolContext, PoolDuty, PoolPlate, PoolSettings } from './pool';

/** What each family of pump works with. */
export interface FamilyKinds {
  metering: {
    duty: MeteringDuty;
    plate: MeteringPlate;
    profile: MeteringProfile;
    context: MeteringContext;
    settings: MeteringSettings;
  };
  pool: {
    duty: PoolDuty;
    plate: PoolPlate;
    profile: PoolProfile;
    context: PoolContext;
    settings: PoolSettings;
  };
}

export type FamilyName = keyof FamilyKinds;
export type Duty = FamilyKinds[FamilyName]['duty'];
export type Plate = FamilyKinds[FamilyName]['plate'];
export type FamilyContext = FamilyKinds[FamilyName]['context'];
