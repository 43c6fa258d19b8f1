import type { Round } from '@barythm/contract/resources';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { SPACE } from '../../ui/theme';
import { Choice } from '../../ui/fields/choice';
import { Empty } from '../../ui/screen/states';
import { Table, type Column } from '../../ui/table';
import { SEVERITY_COLOUR, SeveritySign, type SeverityName } from '../../ui/words/severity';
import { Heading, Words } from '../../ui/words/words';
import { More } from './more';

type OpenPump = Round['pumps'][number];
const ALL = 'all';

/** Pumps with something open, where there is room for a table: sorted by a heading, of one site or all. */
export function OpenTable({ round }: { round: Round }) {
  const router = useRouter();
  const [site, setSite] = useState(ALL);
  const sites = [...new Map(round.pumps.map(({ siteId, siteName }) => [siteId, siteName]))];
  const shown = round.pumps.filter(({ siteId }) => site === ALL || siteId === site);
  return (
    <>
      <Heading>Pumps with open findings</Heading>
      {round.pumps.length === 0 && (
        <Empty title="Nothing is open" todo="Every pump that was looked at is as it should be." />
      )}
      {sites.length > 1 && (
        <Choice
          label="Site"
          testID="open-site"
          options={[{ value: ALL, label: 'All' }, ...sites.map(([value, label]) => ({ value, label }))]}
          value={site}
          onChange={setSite}
        />
      )}
      {shown.length > 0 && (
        <Table
          label="Pumps with open findings"
          rows={shown}
          keyOf={({ id }) => id}
          testIDOf={({ tag }) => `pump-${tag}`}
          onOpen={({ id }) => router.navigate(`/pump/${id}`)}
          columns={COLUMNS}
        />
      )}
      <More
        shown={round.pumps.length}
        total={round.pumpsTotal}
        what="with something open"
        testID="pumps-more"
      />
    </>
  );
}

const worstOf = ({ counts }: OpenPump): SeverityName =>
  counts.stop > 0 ? 'stop' : counts.warn > 0 ? 'warn' : 'note';

function countColumn(severity: SeverityName, label: string): Column<OpenPump> {
  return {
    key: severity,
    label,
    grow: 1,
    // the most of them first
    by: ({ counts }) => -counts[severity],
    cell: ({ counts }) =>
      counts[severity] > 0 ? (
        <View style={styles.count}>
          <SeveritySign severity={severity} />
          <Words bold figures colour={SEVERITY_COLOUR[severity]}>
            {counts[severity]}
          </Words>
        </View>
      ) : null,
  };
}

const COLUMNS: readonly Column<OpenPump>[] = [
  { key: 'tag', label: 'Tag', grow: 2, by: ({ tag }) => tag, cell: ({ tag }) => <Words bold>{tag}</Words> },
  { key: 'name', label: 'Name', grow: 3, by: ({ name }) => name, cell: ({ name }) => <Words>{name}</Words> },
  {
    key: 'site',
    label: 'Site',
    grow: 3,
    by: ({ siteName, place }) => `${siteName} ${place}`,
    cell: ({ siteName, place }) => (
      <Words colour="quiet">
        {siteName}, {place}
      </Words>
    ),
  },
  {
    key: 'worst',
    label: 'Worst',
    grow: 4,
    cell: (pump) => (
      <Words bold colour={SEVERITY_COLOUR[worstOf(pump)]}>
        {pump.worst}
      </Words>
    ),
  },
  countColumn('stop', 'Stops'),
  countColumn('warn', 'Warnings'),
  countColumn('note', 'Notes'),
];

const styles = StyleSheet.create({
  count: { flexDirection: 'row', alignItems: 'center', gap: SPACE.xs },
});
