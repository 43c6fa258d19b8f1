import {
  inTheWay,
  lackSaid,
  matchTable,
  OUTPUT_WORDS,
  ruleSaid,
  tellsApart,
  worstLoad,
  type Load,
  type Match,
} from '@barythm/core/families/spa';
import { fig, figureWithUnit } from '@barythm/core/units';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import { Words } from '../../../ui/words/words';
import { MatchTable } from './match-table';
import type { SpaWork } from './spa-work';

const NEAR = 3;

/** The rows of the pack's table against what is connected: those that fit, and what the nearest others lack. */
export function MatchCard({ work, onChoose }: { work: SpaWork; onChoose: (number: number) => void }) {
  const [all, setAll] = useState(false);
  const { context, settings } = work;
  const { duty, table } = context;
  const { exact, near } = matchTable(duty, table);
  const shown = all ? near : near.slice(0, NEAR);
  const planned = settings.number;
  const blocks = inTheWay(duty, table);
  return (
    <Card title="Rows of the table" testID="match-card">
      <Words bold size="title" colour={exact.length > 0 ? 'moss' : 'rust'} testID="match-said">
        {exact.length === 0
          ? 'No row fits'
          : exact.length === 1
            ? `Number ${exact[0].row.number} fits`
            : `${exact.map(({ row }) => row.number).join(' and ')} fit`}
      </Words>
      {exact.length === 0 && (
        <Words>
          {blocks.length > 0
            ? `In the way: ${blocks.map((output) => OUTPUT_WORDS[output]).join(', ')}. No row serves it in full.`
            : 'Each thing is served by some row, but no row serves them all together.'}
        </Words>
      )}
      {exact.length > 1 && (
        <Words>What tells them apart: {tellsApart(exact.map(({ row }) => row)).join(', and ')}.</Words>
      )}
      <MatchTable duty={duty} matches={[...exact, ...shown]} planned={planned} />
      {[...exact, ...shown].map((match) => (
        <RowLine
          key={match.row.number}
          match={match}
          planned={match.row.number === planned}
          load={worstLoad(duty, match.row)}
          onChoose={onChoose}
        />
      ))}
      {near.length > NEAR && (
        <Button
          kind="quiet"
          label={all ? 'The nearest rows only' : `All ${table.length} rows`}
          testID="match-all"
          onPress={() => setAll(!all)}
        />
      )}
    </Card>
  );
}

function RowLine({
  match: { row, lacks },
  planned,
  load,
  onChoose,
}: {
  match: Match;
  planned: boolean;
  load: Load;
  onChoose: (number: number) => void;
}) {
  const reader = useReader();
  const amps = (value: number) => figureWithUnit(fig('motorCurrent', value), reader);
  return (
    <View testID={`match-${row.number}`}>
      <Words bold={planned}>
        {row.number}: {lacks.length === 0 ? `fits; ${ruleSaid(row)}` : lacks.map(lackSaid).join('; ')}
      </Words>
      {planned ? (
        <Words size="small" bold colour="petrol">
          Planned
        </Words>
      ) : (
        lacks.length === 0 &&
        (load.margin < 0 ? (
          <Words size="small" bold colour="rust">
            Takes {amps(load.worst_A)} at most: more than the breaker.
          </Words>
        ) : (
          <Button
            kind="quiet"
            label={`Plan number ${row.number}`}
            testID={`match-choose-${row.number}`}
            onPress={() => onChoose(row.number)}
          />
        ))
      )}
    </View>
  );
}
