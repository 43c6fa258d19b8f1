import type { WantedProgram } from '@barythm/core/families/pool';
import { DAY_MIN, daysInWords, timeOfDay } from '@barythm/core/time';
import { useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import { RADIUS, usePalette } from '../../../ui/theme';
import { useDrag } from '../../../ui/touch/use-drag';

/** What of a program is moved: all of it, or one end. */
export type Part = 'whole' | 'start' | 'stop';

interface MoveProps {
  readonly program: WantedProgram;
  /** width of a day, px */
  readonly width: number;
  /** minutes of a step */
  readonly snap: number;
  /** a move begins: what stands now can be gone back to */
  readonly onBegin: () => void;
  readonly onMove: (program: WantedProgram) => void;
}

/** A program moved by some minutes, kept to the day and to the steps of its times; never shorter than a step. */
export function movedBy(program: WantedProgram, part: Part, minutes: number, snap: number): WantedProgram {
  const onStep = (minute: number) => (((Math.round(minute / snap) * snap) % DAY_MIN) + DAY_MIN) % DAY_MIN;
  const long = (program.stop - program.start + DAY_MIN) % DAY_MIN || DAY_MIN;
  if (part === 'whole') {
    const start = onStep(program.start + minutes);
    return { ...program, start, stop: (start + long) % DAY_MIN };
  }
  const room = part === 'start' ? long - minutes : long + minutes;
  if (room < snap || room > DAY_MIN - snap) return program;
  return part === 'start'
    ? { ...program, start: onStep(program.start + minutes) }
    : { ...program, stop: onStep(program.stop + minutes) };
}

/** Minutes to the beginning or the end of the day: a whole program stays whole. */
function toEdge(program: WantedProgram, part: Part, at: number, key: 'Home' | 'End'): number {
  if (key === 'Home') return -at;
  const until = part === 'whole' ? program.stop || DAY_MIN : at;
  return DAY_MIN - until;
}

/** Drag and keys for a part of a program. Keys: arrows move a step, with Shift an hour; Home and End go to the ends of the day. */
function useMoving({ program, width, snap, onBegin, onMove }: MoveProps, part: Part, onGrab?: () => void) {
  const base = useRef(program);
  const handlers = useDrag({
    onTouch: onGrab,
    onBegin: () => {
      base.current = program;
      onBegin();
    },
    onMove: (dx) => {
      const minutes = Math.round(((dx / width) * DAY_MIN) / snap) * snap;
      onMove(movedBy(base.current, part, minutes, snap));
    },
  });
  const onKeyDown = (event: {
    key: string;
    shiftKey: boolean;
    altKey: boolean;
    preventDefault: () => void;
  }) => {
    const end = event.altKey ? 'stop' : part;
    if (event.key === 'Home' || event.key === 'End') {
      event.preventDefault();
      onBegin();
      const edge = end === 'stop' ? program.stop || DAY_MIN : program.start;
      onMove(movedBy(program, end, toEdge(program, end, edge, event.key), snap));
      return;
    }
    const way = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (way === 0) return;
    event.preventDefault();
    const minutes = way * (event.shiftKey ? 60 : snap);
    onBegin();
    onMove(movedBy(program, end, minutes, snap));
  };
  return { ...handlers, ...({ onKeyDown } as object) };
}

interface ProgramBlockProps extends MoveProps {
  readonly day: number;
  readonly chosen: boolean;
  readonly rowHeight: number;
  readonly testID: string;
  readonly onChoose: () => void;
}

/** One day's run of a program on the timeline: dragged by its middle to move, by its ends to stretch. */
export function ProgramBlock(props: ProgramBlockProps) {
  const { program, width, chosen, rowHeight, testID, onChoose } = props;
  const palette = usePalette();
  const px = (minute: number) => (minute / DAY_MIN) * width;
  const until = program.stop > program.start ? program.stop : DAY_MIN;
  const left = px(program.start);
  const wide = Math.max(12, px(until) - left);
  const words = `${program.name || 'Program'}, ${daysInWords(program.days)}, ${timeOfDay(program.start)} to ${timeOfDay(program.stop)}, ${Math.round(program.speed_rpm)} rev/min`;
  const handlers = useMoving(props, 'whole', onChoose);
  return (
    <>
      <View
        {...handlers}
        role="slider"
        tabIndex={0}
        testID={testID}
        aria-label={`${words}. Arrow keys move it, with Alt they stretch it.`}
        aria-valuemin={0}
        aria-valuemax={DAY_MIN}
        aria-valuenow={program.start}
        aria-valuetext={words}
        style={[
          styles.block,
          { left, width: wide, height: rowHeight },
          chosen && { borderColor: palette.ember, borderWidth: 2 },
        ]}
      />
      {chosen && (
        <>
          <Grip {...props} part="start" at={left} rowHeight={rowHeight} />
          <Grip {...props} part="stop" at={px(program.stop)} rowHeight={rowHeight} />
        </>
      )}
    </>
  );
}

const GRIP = 48;

function Grip(props: MoveProps & { part: 'start' | 'stop'; at: number; rowHeight: number; testID: string }) {
  const { program, part, at, rowHeight, testID } = props;
  const palette = usePalette();
  const handlers = useMoving(props, part);
  const minute = program[part];
  return (
    <View
      {...handlers}
      role="slider"
      tabIndex={0}
      testID={`${testID}-${part}`}
      aria-label={part === 'start' ? 'Start' : 'Stop'}
      aria-valuemin={0}
      aria-valuemax={DAY_MIN}
      aria-valuenow={minute}
      aria-valuetext={timeOfDay(minute)}
      style={[styles.grip, { left: part === 'start' ? at - GRIP + 10 : at - 10, height: rowHeight }]}
    >
      <View
        style={[
          styles.knob,
          { backgroundColor: palette.ember, alignSelf: part === 'start' ? 'flex-end' : 'flex-start' },
        ]}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  block: {
    position: 'absolute',
    top: 0,
    borderRadius: RADIUS.control,
    cursor: 'grab',
    touchAction: 'pan-y',
  } as object,
  grip: {
    position: 'absolute',
    top: 0,
    width: GRIP,
    justifyContent: 'center',
    cursor: 'ew-resize',
    touchAction: 'pan-y',
  } as object,
  knob: { width: 14, height: 28, borderRadius: 7, marginHorizontal: 3 },
});
