import { findingMaker } from '../../../findings';
import { DEFAULT_SEVERITY, type MeteringTextId } from './texts';

/** Makes a finding of this family. */
export const finding = findingMaker<MeteringTextId>(DEFAULT_SEVERITY);
