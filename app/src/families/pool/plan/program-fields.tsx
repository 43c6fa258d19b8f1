import type { WantedProgram } from '@barythm/core/families/pool';
import { DAY_MIN, daysInWords, minuteOfDay, timeOfDay, wordsOfNight } from '@barythm/core/time';
import { fig, figureWithUnit, parseFigure } from '@barythm/core/units';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/fields/choice';
import { DaysPick } from '../../../ui/fields/days-pick';
import { Field } from '../../../ui/fields/field';
import { useReader } from '../../../ui/reader';
import { RADIUS, SPACE, TOUCH, textSize, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import type { PoolWork } from './use-pool-plan';

interface ProgramFieldsProps {
  readonly index: number;
  readonly work: PoolWork;
  readonly program: WantedProgram;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly onChange: (program: WantedProgram) => void;
  readonly onRemove: () => void;
}

/** One program in figures: what is dragged on the timeline can be typed here, and the other way round. */
export function ProgramFields({
  index,
  work,
  program,
  open,
  onOpen,
  onChange,
  onRemove,
}: ProgramFieldsProps) {
  const reader = useReader();
  const palette = usePalette();
  const { context, pump } = work;
  const circuit = context.duty.circuits.find(({ name }) => name === program.circuit);
  const long = (program.stop - program.start + DAY_MIN) % DAY_MIN || DAY_MIN;
  const flow = pump.flow_m3h(program.speed_rpm, circuit?.static_m ?? 0);
  const full = context.plate.greatest_rpm ?? context.profile.behaviours.speed.greatest_rpm;
  const nights = [...new Set([program.start, program.stop])].flatMap(
    (minute) => wordsOfNight(context.zone, context.today, minute) ?? [],
  );
  return (
    <View
      style={[styles.one, { borderColor: open ? palette.ember : palette.line }]}
      testID={`program-${index}`}
    >
      <Pressable
        role="button"
        aria-expanded={open}
        testID={`program-${index}-open`}
        onPress={onOpen}
        style={styles.head}
      >
        <View style={styles.grow}>
          <Words bold figures testID={`program-${index}-times`}>
            {timeOfDay(program.start)}–{timeOfDay(program.stop)}
          </Words>
          <Words size="small" colour="quiet">
            {program.circuit ?? (program.name || 'Program')}, {daysInWords(program.days)}
          </Words>
        </View>
        <View style={styles.end}>
          <Words bold figures>
            {Math.round(program.speed_rpm)} rev/min
          </Words>
          <Words size="small" colour="quiet">
            {Math.round((program.speed_rpm / full) * 100)} %, {figureWithUnit(fig('waterFlow', flow), reader)}
          </Words>
        </View>
      </Pressable>
      {open && (
        <View style={styles.form}>
          {context.duty.circuits.length > 1 && (
            <Choice
              label="Runs"
              testID={`program-${index}-circuit`}
              options={context.duty.circuits.map(({ name }) => ({ value: name, label: name }))}
              value={program.circuit}
              onChange={(name) => onChange({ ...program, circuit: name, name })}
            />
          )}
          <DaysPick
            label="On"
            testID={`program-${index}-days`}
            days={program.days}
            error={program.days === '' ? 'Choose at least one day.' : null}
            onChange={(days) => days !== '' && onChange({ ...program, days })}
          />
          <View style={styles.times}>
            <TimeField
              label="Start"
              testID={`program-${index}-start`}
              minute={program.start}
              onMinute={(start) => onChange({ ...program, start })}
            />
            <TimeField
              label="Stop"
              testID={`program-${index}-stop`}
              minute={program.stop}
              onMinute={(stop) => onChange({ ...program, stop })}
            />
            <SpeedField
              testID={`program-${index}-speed`}
              speed_rpm={program.speed_rpm}
              onSpeed={(speed_rpm) => onChange({ ...program, speed_rpm })}
            />
          </View>
          <Words size="small">
            {(long / 60).toFixed(2).replace(/\.?0+$/, '')} h,{' '}
            {figureWithUnit(fig('waterVolume', (flow * long) / 60), reader)},{' '}
            {figureWithUnit(fig('power', pump.power_W(program.speed_rpm)), reader)}.
            {program.stop < program.start ? ' Past midnight it belongs to the day it starts on.' : ''}
          </Words>
          {nights.map((words) => (
            <Words key={words} size="small" bold colour="ochre" testID={`program-${index}-night`}>
              {words}
            </Words>
          ))}
          <Button
            kind="quiet"
            label="Take this program away"
            testID={`program-${index}-remove`}
            onPress={onRemove}
          />
        </View>
      )}
    </View>
  );
}

function TimeField({
  label,
  testID,
  minute,
  onMinute,
}: {
  label: string;
  testID: string;
  minute: number;
  onMinute: (minute: number) => void;
}) {
  const [typing, setTyping] = useState<string | null>(null);
  const read = typing === null ? minute : minuteOfDay(typing);
  return (
    <View style={styles.cell}>
      <Field
        time
        label={label}
        testID={testID}
        value={typing ?? timeOfDay(minute)}
        error={read === null ? 'A time of day, e.g. 7:30.' : null}
        onBlur={() => setTyping(null)}
        onChange={(text) => {
          setTyping(text);
          const next = minuteOfDay(text);
          if (next !== null) onMinute(next);
        }}
      />
    </View>
  );
}

function SpeedField({
  testID,
  speed_rpm,
  onSpeed,
}: {
  testID: string;
  speed_rpm: number;
  onSpeed: (speed: number) => void;
}) {
  const [typing, setTyping] = useState<string | null>(null);
  const parsed = typing === null ? null : parseFigure(typing, 'speed');
  return (
    <View style={styles.cell}>
      <Field
        label="Speed"
        quantity="speed"
        testID={testID}
        value={typing ?? String(Math.round(speed_rpm))}
        error={
          parsed === null
            ? null
            : !parsed.ok
              ? parsed.words
              : parsed.value <= 0
                ? 'A speed is more than 0.'
                : null
        }
        onBlur={() => setTyping(null)}
        onChange={(text) => {
          setTyping(text);
          const next = parseFigure(text, 'speed');
          if (next.ok && next.value > 0) onSpeed(next.value);
        }}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  one: { borderWidth: 1.5, borderRadius: RADIUS.control, paddingHorizontal: SPACE.m },
  head: {
    flexDirection: 'row',
    alignItems: 'center',
    minHeight: TOUCH,
    gap: SPACE.m,
    paddingVertical: SPACE.xs,
  },
  grow: { flex: 1 },
  end: { alignItems: 'flex-end' },
  form: { gap: SPACE.m, paddingBottom: SPACE.m },
  times: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m },
  cell: { flexGrow: 1, flexBasis: 96, minWidth: textSize(96) },
});
