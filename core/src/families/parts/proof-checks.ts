import { stateCheck, type Pattern, type ProofCheck } from '../../proof';
import { fig, figureWithUnit, presentReader, type Quantity } from '../../units';

/** A figure with its unit, for whoever reads now. */
export const words = (q: Quantity, value: number) => figureWithUnit(fig(q, value), presentReader());

/** What starts by itself is said wherever it may. */
export const STARTS = 'The pump starts by itself.';

/**
 * Supply off and on: it does as it is set. Nothing is tried where that is not known.
 *
 * @param waits what it points to that one waits which is to go on
 */
export function supplyCut(afterCut: 'resume' | 'wait' | null, waits?: Pattern): ProofCheck[] {
  if (afterCut === null) return [];
  return [
    stateCheck(
      {
        key: 'supply-cut',
        title: 'Supply off and on',
        method: 'Switch its supply off and on at its own switch.',
        expected: afterCut === 'resume' ? 'it goes on' : 'it waits',
        caution: 'It may start by itself.',
      },
      { resume: 'Carries on', wait: waits ? { label: 'Waits', slip: waits } : 'Waits' },
      afterCut,
    ),
  ];
}

/** What a loop at rest may be off by, mA. */
const REST_mA = 0.1;

/** A sensor with a live zero at nil: no setting of the pump moves it. */
export function sensorAtNil(
  said: Pick<ProofCheck, 'key' | 'title' | 'method' | 'caution' | 'off'> & { readonly at: string },
): ProofCheck {
  const { at, ...check } = said;
  return {
    ...check,
    about: { kind: 'sensor' },
    expected: `${words('current', 4)} ${at}`,
    tolerance: words('current', REST_mA),
    pumps: false,
    voidedBy: [],
    ask: {
      kind: 'figure',
      figure: { key: 'current_mA', label: 'Current at zero', quantity: 'current' },
      least: 4 - REST_mA,
      greatest: 4 + REST_mA,
    },
  };
}
