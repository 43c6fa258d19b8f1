import { memo } from 'react';
import {
  ceilingPicture,
  productPerPulse_mL,
  pulseRate_ppm,
  strokesPerPulse,
  type PulseChoice,
} from '@barythm/core/dosing';
import { factorRole, meterOf, pulseTable, strengthToday_gpl } from '@barythm/core/families/metering';
import { addressOf, optionWithRole, parameterWithRole, type SettingValue } from '@barythm/core/profile';
import { fig, figureWithUnit, formatNumber } from '@barythm/core/units';
import { useReader } from '../../../ui/reader';
import { Pressable, StyleSheet, View } from 'react-native';
import { Card } from '../../../ui/card';
import { SPACE, TOUCH, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import type { ByHand } from '../../../kit/plan';
import type { PlanWork } from './use-plan';

const SHOWN = 5;

/** Pulses to strokes: the good choices with the chosen row, what remains, and what the ceiling does. */
export const PulseCard = memo(function PulseCard({
  work,
  onMove,
}: {
  work: PlanWork;
  onMove: (byHand: ByHand) => void;
}) {
  const reader = useReader();
  const { context, settings } = work;
  const meter = meterOf(context.duty);
  const driven = context.duty.mode === 'pulse' || context.duty.mode === 'contact';
  if (!meter || !driven) return null;
  const { water, dose } = context.duty;
  const perPulse = productPerPulse_mL(
    meter.litresPerPulse,
    dose.wanted_mgl,
    strengthToday_gpl(context.duty.product, context.today),
  );
  const choices = pulseTable(context, settings.geared_spm * settings.suctionShare).slice(0, SHOWN);
  const least_ppm = pulseRate_ppm(water.least_m3h, meter.litresPerPulse);
  const each = settings.pulses ? strokesPerPulse(settings.pulses.way, settings.pulses.factor) : null;
  return (
    <Card title="Pulses to strokes" testID="pulse-card">
      <Words>
        A pulse of {figureWithUnit(fig('volume', meter.litresPerPulse), reader)} needs{' '}
        <Words figures bold size="title">
          {figureWithUnit(fig('strokeVolume', perPulse), reader)}
        </Words>{' '}
        of product. At the maximum flow{' '}
        {figureWithUnit(fig('pulseRate', pulseRate_ppm(water.greatest_m3h, meter.litresPerPulse)), reader)}{' '}
        come.
      </Words>
      <Words size="small" colour="quiet">
        Tap a row to take it. Error: what rounding the stroke length leaves of the dose.
      </Words>
      <Row head cells={['Ratio', 'Stroke', 'At most', 'Error']} />
      {choices.map((choice) => (
        <ChoiceRow key={`${choice.way}${choice.factor}`} choice={choice} work={work} onMove={onMove} />
      ))}
      {choices.length === 0 && (
        <Words bold colour="rust">
          No factor of this controller fits.
        </Words>
      )}
      {each !== null && settings.ceiling_spm !== null && settings.ceiling_spm > 0 && (
        <Ceiling
          picture={ceilingPicture(water.greatest_m3h, meter.litresPerPulse, each, settings.ceiling_spm)}
          ceiling_spm={settings.ceiling_spm}
          late={settings.memory === 'on'}
        />
      )}
      {context.profile.behaviours.pulses && (
        <Words size="small">
          Pulses that come while it is stopped are{' '}
          {context.profile.behaviours.pulses.whileStopped === 'stored' && settings.memory === 'on'
            ? 'stored, and let go when the stop opens'
            : 'lost'}
          .
        </Words>
      )}
      {each !== null && least_ppm > 0 && (
        <Words size="small">
          At {figureWithUnit(fig('waterFlow', water.least_m3h), reader)} strokes come{' '}
          {figureWithUnit(fig('seconds', 60 / (least_ppm * each)), reader)} apart.
        </Words>
      )}
    </Card>
  );
});

function Ceiling({
  picture,
  ceiling_spm,
  late,
}: {
  picture: ReturnType<typeof ceilingPicture>;
  ceiling_spm: number;
  late: boolean;
}) {
  const reader = useReader();
  const clear = picture.lostShare === 0;
  const onset = figureWithUnit(fig('waterFlow', picture.onset_m3h), reader);
  return (
    <Words bold colour={clear ? 'moss' : 'ochre'} testID="ceiling-words">
      {clear
        ? `The ceiling of ${formatNumber(ceiling_spm, 0, '.')} strokes/min is clear up to ${onset}.`
        : `Above ${onset} strokes are ${late ? 'late' : 'lost'}: ${formatNumber(picture.lostShare * 100, 1, '.')} % of the dose at the maximum flow.`}
    </Words>
  );
}

function ChoiceRow({
  choice,
  work,
  onMove,
}: {
  choice: PulseChoice;
  work: PlanWork;
  onMove: (byHand: ByHand) => void;
}) {
  const palette = usePalette();
  const { settings, context } = work;
  const chosen =
    settings.pulses?.way === choice.way &&
    settings.pulses.factor === choice.factor &&
    settings.length_pct === choice.length_pct;
  const take = () => {
    const moved: Record<string, SettingValue> = {};
    const set = (role: string, value: SettingValue | undefined) => {
      const parameter = parameterWithRole(context.profile, role);
      if (parameter && value !== undefined) moved[addressOf(parameter)] = value;
    };
    const mode = parameterWithRole(context.profile, 'mode');
    if (context.duty.mode === 'pulse') {
      set('mode', mode && optionWithRole(mode, `mode.${choice.way}`));
      set(factorRole(context.profile, choice.way), choice.factor);
    }
    set('stroke.length', choice.length_pct);
    onMove(moved);
  };
  return (
    <Pressable
      role="radio"
      aria-checked={chosen}
      testID={`ratio-${choice.way}-${choice.factor}`}
      onPress={take}
      style={[styles.press, { borderColor: palette.line }, chosen && { backgroundColor: palette.paper }]}
    >
      <Row
        bold={chosen}
        cells={[
          `${chosen ? '◆ ' : ''}${ratioOf(choice)}`,
          `${choice.length_pct} %`,
          `${formatNumber(choice.greatest_spm, 1, '.')}/min`,
          `${formatNumber(choice.error * 100, 2, '.')} %`,
        ]}
      />
    </Pressable>
  );
}

function ratioOf({ way, factor }: PulseChoice): string {
  return way === 'multiply' ? `× ${factor}` : `÷ ${factor}`;
}

function Row({ cells, head, bold }: { cells: readonly string[]; head?: boolean; bold?: boolean }) {
  return (
    <View style={styles.row}>
      {cells.map((cell, i) => (
        <Words
          key={i}
          figures={!head}
          bold={bold}
          size={head ? 'small' : 'body'}
          colour={head ? 'quiet' : bold ? 'petrol' : 'ink'}
          style={{ flex: WIDTHS[i] }}
        >
          {cell}
        </Words>
      ))}
    </View>
  );
}

/** Shares of the row: ratio, stroke, greatest rate, error. */
const WIDTHS = [4, 4, 6, 5];

const styles = StyleSheet.create({
  press: { borderTopWidth: 1, minHeight: TOUCH, justifyContent: 'center' },
  row: { flexDirection: 'row', gap: SPACE.s },
});
