import { eachOf } from '../../parts/check-input';
import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { chlorinatorHours, chlorineOfDay_g } from '../effect/treatment';
import { finding } from '../texts/texts';
import type { CheckInput } from './input';

/** POO-17 and PRO-02: what a chlorinator makes, and the water below which it idles. */
export function checkChlorine(input: CheckInput): Finding[] {
  return eachOf(input, cold, made);
}

/** A chlorinator set to less than this share of what is needed is short; the need itself is no better known. */
const CHLORINE_ENOUGH = 0.95;
/** What sun and bathers take varies by less than this: beyond it the water has too much. */
const CHLORINE_MUCH = 1.5;

/** What is set makes nothing, too little or too much in the hours in which its own circuit has its flow. */
function made({ settings, context, subject, at }: CheckInput): Finding[] {
  const { chlorinator: wanted } = context.duty;
  const made_g = chlorineOfDay_g(context, settings);
  const hours = chlorinatorHours(context, settings);
  if (wanted && settings.chlorinator.output_pct === 0)
    return [
      finding('PRO-02.off', subject, { needed: fig('mass', wanted.needed_gpd) }, [at('chlorinator.output')]),
    ];
  if (!wanted || made_g === null || hours === null || made_g === 0) return [];
  if (made_g > wanted.needed_gpd * CHLORINE_MUCH)
    return [
      finding(
        'PRO-02.much',
        subject,
        { needed: fig('mass', wanted.needed_gpd), made: fig('mass', made_g), hours: fig('hours', hours) },
        [at('chlorinator.output')],
      ),
    ];
  if (made_g >= wanted.needed_gpd * CHLORINE_ENOUGH) return [];
  return [
    finding(
      'PRO-02.set',
      subject,
      {
        needed: fig('mass', wanted.needed_gpd),
        made: fig('mass', made_g),
        hours: fig('hours', hours),
        output: fig('percent', settings.chlorinator.output_pct ?? 0),
      },
      [at('chlorinator.output')],
    ),
  ];
}

function cold({ settings, context, subject, at }: CheckInput): Finding[] {
  const { chlorinator: wanted, water_C } = context.duty;
  const { output_pct, cold_C } = settings.chlorinator;
  if (!wanted || output_pct === null || output_pct === 0 || water_C === null) return [];
  if (water_C >= wanted.cold_C)
    return cold_C === null || cold_C <= water_C
      ? []
      : [
          finding(
            'POO-17.idle',
            subject,
            {
              water: fig('temperature', water_C),
              set: fig('temperature', cold_C),
              wanted: fig('temperature', wanted.cold_C),
            },
            [at('chlorinator.cold')],
          ),
        ];
  if (cold_C !== null && cold_C >= wanted.cold_C) return [];
  return [
    finding(
      'POO-17',
      subject,
      {
        water: fig('temperature', water_C),
        cold: fig('temperature', wanted.cold_C),
        set: cold_C === null ? 'not known' : fig('temperature', cold_C),
      },
      [at('chlorinator.cold'), at('chlorinator.output')],
    ),
  ];
}
