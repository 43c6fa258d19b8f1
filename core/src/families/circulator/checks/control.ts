import { eachOf } from '../../parts/check-input';
import type { Finding } from '../../../findings';
import { headOf_m } from '../../../hydraulics';
import { alikeIn, parameterWithRole } from '../../../profile';
import { fig } from '../../../units';
import { heldHead_m } from '../effect/line';
import { finding } from '../texts/texts';
import type { CheckInput } from './input';

/** What tells it to run: contact, volts, sensor, link. */
export function checkControl(input: CheckInput): Finding[] {
  return eachOf(input, source, contact, volts, sensor, link, alarm, powerCut);
}

const SOURCE_WORDS = {
  own: 'its own mode alone',
  volts: 'a voltage',
  sensor: 'a differential sensor',
  link: 'a data link',
} as const;

/** CIR-13: it goes by another thing than is wired. */
function source({ context, subject, settings, at }: CheckInput): Finding[] {
  const wired = context.duty.control.kind;
  if (settings.source === null || settings.source === wired) return [];
  const does = {
    own: 'What is wired does nothing',
    volts: 'Without a voltage the pump stands',
    sensor: 'Without a sensor the pump takes the head for zero and runs at full speed',
    link: 'Without a link nobody commands the pump',
  } as const;
  return [
    finding(
      'CIR-13',
      subject,
      { set: SOURCE_WORDS[settings.source], wired: SOURCE_WORDS[wired], does: does[settings.source] },
      [at('control.source')],
    ),
  ];
}

/** CIR-04: open, it stands; left out, a wired one does nothing. */
function contact({ context, subject, settings, at }: CheckInput): Finding[] {
  const { duty, profile } = context;
  const counts =
    settings.contact === 'used' || (settings.contact === null && profile.behaviours.contact === 'link');
  if (duty.contact === 'open' && counts) return [finding('CIR-04', subject, {}, [at('contact')])];
  if (duty.contact === 'none' && settings.contact === 'used')
    return [finding('CIR-04.none', subject, {}, [at('contact')])];
  if (duty.contact === 'wired' && settings.contact === 'off')
    return [finding('CIR-04.off', subject, {}, [at('contact')])];
  return [];
}

/** What a site's controller sends differs from its papers by about as much, V. */
const FULL_EARLY_V = 1;

/** CIR-16: a broken wire stops it and nothing reports it; thresholds that are not those sent. */
function volts({ context, subject, settings, at }: CheckInput): Finding[] {
  const { control } = context.duty;
  if (control.kind !== 'volts' || settings.source !== 'volts') return [];
  const { off_V, on_V, full_V } = settings.volts;
  const rests = off_V ?? control.off_V;
  const found = [finding('CIR-16', subject, { off: fig('voltage', rests) })];
  // at the voltage of rest it must stand, and start with the one that is to start it
  const wrong = (off_V !== null && off_V <= control.off_V) || (on_V !== null && on_V > control.on_V);
  if (full_V !== null && full_V > control.full_V + 1e-9)
    found.push(
      finding(
        'CIR-16.full',
        subject,
        { full: fig('voltage', full_V), ends: fig('voltage', control.full_V) },
        [at('volts.full')],
      ),
    );
  // and the other way: what the site sends above it changes nothing
  if (full_V !== null && full_V < control.full_V - FULL_EARLY_V)
    found.push(
      finding(
        'CIR-16.early',
        subject,
        { full: fig('voltage', full_V), ends: fig('voltage', control.full_V) },
        [at('volts.full')],
      ),
    );
  if (off_V !== null && on_V !== null && off_V > on_V)
    found.push(
      finding('CIR-16.order', subject, { off: fig('voltage', off_V), on: fig('voltage', on_V) }, [
        at('volts.off'),
        at('volts.on'),
      ]),
    );
  else if (off_V !== null && on_V !== null && wrong)
    found.push(
      finding(
        'CIR-16.volts',
        subject,
        {
          off: fig('voltage', off_V),
          on: fig('voltage', on_V),
          rest: fig('voltage', control.off_V),
          start: fig('voltage', control.on_V),
        },
        [at('volts.off'), at('volts.on')],
      ),
    );
  return found;
}

/** CIR-06: the range that is set is not the sensor's own. */
function sensor({ context, subject, settings, at }: CheckInput): Finding[] {
  const { control } = context.duty;
  const { range_bar, head_m } = settings;
  if (control.kind !== 'sensor' || settings.source !== 'sensor') return [];
  const found: Finding[] = [];
  if (settings.sensorKind === 'temperature')
    found.push(finding('CIR-06.kind', subject, {}, [at('sensor.kind')]));
  const parameter = parameterWithRole(context.profile, 'sensor.range');
  if (range_bar === null || !parameter || alikeIn(parameter, 'pressure', range_bar, control.range_bar))
    return [...found, ...overRange({ context, subject, settings, at }, control.range_bar)];
  const asked = head_m ?? context.duty.index.head_m;
  return [
    ...found,
    finding(
      'CIR-06',
      subject,
      {
        set: fig('pressure', range_bar),
        label: fig('pressure', control.range_bar),
        asked: fig('length', asked),
        held: fig('length', heldHead_m(context, settings, asked)),
      },
      [at('sensor.range')],
    ),
  ];
}

/** CIR-06: a head that the sensor never sees. With another range than its own set, that is put right first: what is shown then is another head. */
function overRange(
  { context, subject, settings, at }: Pick<CheckInput, 'context' | 'subject' | 'settings' | 'at'>,
  label_bar: number,
): Finding[] {
  const { head_m } = settings;
  const held = head_m === null ? null : heldHead_m(context, settings, head_m);
  const most_m = headOf_m(label_bar);
  if (held === null || held < most_m) return [];
  return [
    finding('CIR-06.over', subject, { head: fig('length', held), most: fig('length', most_m) }, [
      at('head'),
      at('sensor.range'),
    ]),
  ];
}

/** CIR-07, CIR-08, CIR-21: address, port, silence. */
function link({ context, subject, settings, at }: CheckInput): Finding[] {
  const { control } = context.duty;
  if (control.kind !== 'link') return [];
  const found: Finding[] = [];
  const { address, protocol, port, silence } = settings;
  const known = context.profile.behaviours.protocols.find(({ value }) => value === protocol);
  if (address !== null && known && (address < known.least || address > known.greatest))
    found.push(
      finding(
        'CIR-07.range',
        subject,
        { address: `${address}`, least: `${known.least}`, greatest: `${known.greatest}` },
        [at('link.address'), at('link.protocol')],
      ),
    );
  if (address !== null && control.others.includes(address))
    found.push(finding('CIR-07.shared', subject, { address: `${address}` }, [at('link.address')]));
  if (port === 'off') found.push(finding('CIR-08', subject, {}, [at('port')]));
  if (control.silent === null || (silence !== null && silence !== control.silent))
    found.push(finding('CIR-21.link', subject, {}, [at('link.silence')]));
  return found;
}

/** CIR-10: more on the fault contact than its plate takes, or it tells a fault when there is none. */
function alarm({ context, subject, settings, at }: CheckInput): Finding[] {
  const wired = context.duty.alarm;
  if (!wired) return [];
  const { faultContact } = context.profile.behaviours;
  if (faultContact === null) return [finding('CIR-10.none', subject, {})];
  const found: Finding[] = [];
  const { most_V, most_A } = faultContact;
  if (wired.volts_V > most_V || wired.amps_A > most_A)
    found.push(
      finding('CIR-10.load', subject, {
        volts: fig('voltage', wired.volts_V),
        amps: fig('plain', wired.amps_A),
        mostVolts: fig('voltage', most_V),
        mostAmps: fig('plain', most_A),
      }),
    );
  if (settings.fault !== null && settings.fault !== wired.onFault)
    found.push(
      finding('CIR-10.sense', subject, { set: settings.fault, wanted: wired.onFault }, [at('fault.sense')]),
    );
  return found;
}

/** ANY-12: what was heated or moved stands cold until somebody looks. */
function powerCut({ context, subject, settings, at }: CheckInput): Finding[] {
  if (settings.afterCut !== 'wait' || context.duty.choices.afterCut === 'wait') return [];
  return [finding('ANY-12.cold', subject, {}, [at('power.after-cut')])];
}
