import { aChoice, numeral, onlyIf, recordForm, say, textAt } from '../../../describe';
import { orElse } from '../../../input';
import { fig, figureWithUnit, parseFigure, type Quantity, type Reader } from '../../../units';
import { lastRecord } from '../../../visit';
import type { AnyWork, Work } from '../../parts/work';
import { closed_hz, pumpOf } from '../effect/pump';
import type { DriveKind, DriveView } from '../kind';
import { understand } from '../settings/understand';
import {
  closedValveSchema,
  IDENTIFIED_WORDS,
  identifiedSchema,
  prechargeSchema,
  turningSchema,
  TURNED_WORDS,
} from '../wire/records';

const words = (quantity: Quantity, value: number, reader: Reader) =>
  figureWithUnit(fig(quantity, value), reader);

const unitsOf = ({ duty }: DriveView) => duty?.pump.count ?? 1;
const SECONDS_PER_MINUTE = 60;

/** Which of several it was; asked where there are several. */
const unitAsked = (count: number) => {
  const units = Array.from({ length: count }, (_, i) => ({ value: String(i + 1), label: String(i + 1) }));
  return count > 1 ? [aChoice('unit', 'Unit', units, { place: numeral })] : [];
};

/** The drive measures its motor: minutes in which nothing else is done, and again once the motor is entered anew (DRV-00). */
const identified: Work<DriveKind, 'identified'> = {
  kind: 'identified',
  title: 'Motor identification',
  there: ({ profile }) => profile.behaviours.identifies_min !== undefined,
  caution: () => 'Covers on, hands clear: the motor may hum or turn a little.',
  note: 'After its plate was entered, and before direction. Nothing else is done meanwhile.',
  form: (view) =>
    recordForm(identifiedSchema, {
      asks: [...unitAsked(unitsOf(view)), 'took_min', 'way'],
      start: { unit: 1 },
      always: { unit: 1 },
    }),
  wait: (_texts, { profile: { behaviours } }) => ({
    words: 'Time the identification',
    lasts_s: (behaviours.identifies_min ?? 0) * SECONDS_PER_MINUTE,
    field: 'took_min',
    meanwhile: 'Stay at the drive, a hand on its stop.',
  }),
  said: ({ unit, way, took_min }, view, reader) => ({
    words: `${unitsOf(view) === 1 ? '' : `Unit ${unit}: `}${IDENTIFIED_WORDS[way]}${took_min === null ? '' : ` in ${words('minutes', took_min, reader)}`}`,
    verdict: way === 'done' ? 'good' : 'bad',
  }),
  next: ({ unit }, view) => ({ unit: Math.min(unitsOf(view), unit + 1) }),
};

/** Direction, unit by unit; leads are swapped only once the drive is dead (DRV-03). */
const turning: Work<DriveKind, 'turning'> = {
  kind: 'turning',
  title: 'Direction',
  note: 'Some seconds, slowly. A shaft that cannot be seen: the pressure against a nearly shut valve, both ways.',
  form: (view) => {
    const { discharge_min } = view.profile.behaviours;
    const wait = discharge_min === null ? 'as its plate says' : `${discharge_min} min`;
    return recordForm(turningSchema, {
      asks: [
        ...unitAsked(unitsOf(view)),
        'way',
        onlyIf(
          (here) => here('way') === 'leads',
          [say(`Isolate, wait ${wait}, prove dead; a licensed electrician.`, 'caution')],
        ),
        'waited_min',
        'provedDead',
      ],
      start: { unit: 1 },
      always: { unit: 1 },
    });
  },
  wait: (texts, { profile: { behaviours } }) =>
    textAt(texts, 'way') !== 'leads' || behaviours.discharge_min === null
      ? null
      : {
          words: 'Time the discharge',
          lasts_s: behaviours.discharge_min * SECONDS_PER_MINUTE,
          field: 'waited_min',
        },
  said: ({ unit, way, waited_min, provedDead }, view, reader) => {
    const off = waited_min === null ? '' : `, off for ${words('minutes', waited_min, reader)}`;
    const dead = way === 'leads' ? `${off}, ${provedDead ? 'proved dead' : 'not proved dead'}` : '';
    return {
      words: `${unitsOf(view) === 1 ? '' : `Unit ${unit}: `}${TURNED_WORDS[way]}${dead}`,
      verdict: way === 'leads' && !provedDead ? 'bad' : 'good',
    };
  },
  next: ({ unit }, view) => ({ unit: Math.min(unitsOf(view), unit + 1) }),
};

/** The vessel's gas: only measured empty of water does it say anything (DRV-10). */
const precharge: Work<DriveKind, 'precharge'> = {
  kind: 'precharge',
  title: 'The vessel’s gas',
  there: ({ duty }) => duty?.vessel != null,
  caution: () => 'Shut the vessel off and let its water out before the gas is measured.',
  form: () => recordForm(prechargeSchema),
  said: ({ measured_bar, empty }, _view, reader) => ({
    words: `${words('pressure', measured_bar, reader)}${empty ? ', empty of water' : ', with water in it: that is the water’s pressure'}`,
    verdict: empty ? 'good' : 'poor',
  }),
  lastCounts: true,
};

/** The drive's own test with the discharge shut (DRV-04). */
const closedValve: Work<DriveKind, 'closed-valve'> = {
  kind: 'closed-valve',
  title: 'Test with the discharge shut',
  there: ({ duty, profile }) => profile.behaviours.closedValveTest && duty?.holds.kind === 'pressure',
  caution: () => 'No longer than the manual allows: the water in it heats. Then open the valve again.',
  form: () => recordForm(closedValveSchema, { asks: ['inlet_bar', 'shown_hz', 'openedAgain'] }),
  follows: (texts, { context, document }, reader) => {
    if (!context) return null;
    const typed = parseFigure(String(textAt(texts, 'inlet_bar') ?? ''), 'pressure');
    const inlet = typed.ok ? typed.value : lastRecord(document, 'closed-valve')?.body.inlet_bar;
    // what it holds now, read on this visit or left the last time
    const settings = understand(context.profile, context.plate, context.inForce);
    const expected =
      inlet === undefined
        ? null
        : orElse(() => closed_hz(context, pumpOf(context.duty), settings, inlet), null);
    return expected === null
      ? null
      : `By its curve it holds what is set at ${words('frequency', expected, reader)}.`;
  },
  said: ({ shown_hz, inlet_bar, openedAgain }, _view, reader) => ({
    words: `${words('frequency', shown_hz, reader)} with ${words('pressure', inlet_bar, reader)} at the inlet; ${openedAgain ? 'opened again' : 'not seen open again'}`,
    verdict: openedAgain ? 'good' : 'bad',
  }),
  lastCounts: true,
};

/** Work at the pump beside setting. */
export const WORK: readonly AnyWork<DriveKind>[] = [identified, turning, precharge, closedValve];
