import { capital } from '@barythm/core/words';
import {
  heaterCurrent_A,
  lacksOf,
  OUTPUT_WORDS,
  type Lack,
  type Output,
  type SpaDuty,
} from '@barythm/core/families/spa';
import { fig, figureWithUnit, type Reader } from '@barythm/core/units';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import { RADIUS, SPACE, textSize, type Colour, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import type { SpaWork } from './spa-work';

interface Piece {
  readonly name: string;
  readonly output: Output | null;
  readonly phases: string;
  /** its states with what each takes */
  readonly states: readonly { readonly name: string; readonly takes: string }[];
}

/** Everything that is connected as a card: its states with what each takes, its phase, its key, and what the row does to it. */
export function EquipmentCard({ work }: { work: SpaWork }) {
  const reader = useReader();
  const { context, settings, row } = work;
  const lacks = row ? lacksOf(context.duty, row) : [];
  const keyOf = (output: Output) => {
    const at = settings.keys.indexOf(output);
    return at < 0 ? null : context.profile.behaviours.keys[at].name;
  };
  return (
    <Card title="What is connected" testID="equipment-card">
      <View style={styles.pieces}>
        {piecesOf(context.duty, reader).map((piece) => (
          <PieceCard
            key={piece.name}
            piece={piece}
            keyName={piece.output && keyOf(piece.output)}
            lack={lacks.find(({ output }) => output === piece.output) ?? null}
          />
        ))}
      </View>
    </Card>
  );
}

function piecesOf(duty: SpaDuty, reader: Reader): Piece[] {
  const takes = (load: { current_A: number; power_W: number }) =>
    `${figureWithUnit(fig('motorCurrent', load.current_A), reader)}, ${figureWithUnit(fig('power', load.power_W), reader)}`;
  const phases = (first: number, count: number) =>
    count === 1
      ? `L${first}`
      : Array.from({ length: count }, (_, i) => `L${((first - 1 + i) % duty.supply.phases) + 1}`).join(' ');
  const one = (output: 'blower' | 'circulation' | 'ozone' | 'lights'): Piece[] => {
    const load = duty[output];
    return load
      ? [
          {
            name: OUTPUT_WORDS[output],
            output,
            phases: phases(load.phase, 1),
            states: [{ name: 'on', takes: takes(load) }],
          },
        ]
      : [];
  };
  const element = figureWithUnit(fig('motorCurrent', heaterCurrent_A(duty)), reader);
  return [
    ...duty.pumps.map(({ low, high, phase }, i): Piece => {
      const output = `pump-${i + 1}` as Output;
      const states = [
        ...(low ? [{ name: 'low', takes: takes(low) }] : []),
        { name: low ? 'high' : 'on', takes: takes(high) },
      ];
      return { name: OUTPUT_WORDS[output], output, phases: phases(phase, 1), states };
    }),
    ...one('blower'),
    ...one('circulation'),
    ...one('ozone'),
    ...one('lights'),
    {
      name: 'heater',
      output: null,
      phases: phases(duty.heater.phase, duty.heater.phases),
      states: [
        {
          name: 'on',
          takes: `${element}${duty.heater.phases > 1 ? ' each' : ''}, ${figureWithUnit(fig('heat', duty.heater.power_kW), reader)}`,
        },
      ],
    },
  ];
}

const SAID: Readonly<Record<Lack['kind'], readonly [string, Colour]>> = {
  dead: ['dead under this number', 'rust'],
  'one-speed': ['one speed under this number', 'rust'],
  still: ['the pack counts on it', 'rust'],
  idle: ['its low speed is not used', 'quiet'],
};

function PieceCard({ piece, keyName, lack }: { piece: Piece; keyName: string | null; lack: Lack | null }) {
  const palette = usePalette();
  const said = lack && SAID[lack.kind];
  return (
    <View
      style={[styles.piece, { borderColor: said && said[1] === 'rust' ? palette.rust : palette.edge }]}
      testID={`piece-${piece.output ?? 'heater'}`}
    >
      <View style={styles.head}>
        <Words bold>{capital(piece.name)}</Words>
        <Words size="small" figures colour="quiet">
          {piece.phases}
        </Words>
      </View>
      {piece.states.map(({ name, takes }) => (
        <View key={name} style={styles.state}>
          <View
            style={[styles.lamp, { backgroundColor: palette.petrol, opacity: name === 'low' ? 0.45 : 0.9 }]}
          />
          <Words size="small">
            {name}: {takes}
          </Words>
        </View>
      ))}
      <Words size="small" colour="quiet">
        {keyName
          ? `Key “${keyName}”`
          : piece.output === null
            ? 'By itself'
            : 'No key: by itself, or by nothing'}
      </Words>
      {said && (
        <Words size="small" bold colour={said[1]}>
          {capital(said[0])}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  pieces: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
  piece: {
    flexGrow: 1,
    flexBasis: 148,
    minWidth: textSize(140),
    borderWidth: 1.5,
    borderRadius: RADIUS.control,
    padding: SPACE.s,
    gap: SPACE.xs,
  },
  head: { flexDirection: 'row', justifyContent: 'space-between', gap: SPACE.s },
  state: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  lamp: { width: 10, height: 10, borderRadius: 5 },
});
