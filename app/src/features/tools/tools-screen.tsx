import { TOOL_GROUPS, toolsByGroup } from '@barythm/core/tools';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { LinkCard } from '../../ui/card';
import { Field } from '../../ui/fields/field';
import { Screen } from '../../ui/screen/screen';
import { SPACE } from '../../ui/theme';
import { Heading, Words } from '../../ui/words/words';

/** The calculators by themselves, without a pump. */
export function ToolsScreen() {
  const router = useRouter();
  const [search, setSearch] = useState('');
  const groups = toolsByGroup(search);
  return (
    <Screen title="Tools">
      <Words>Calculators for the pocket: no pump needed, nothing is saved to a job.</Words>
      <LinkCard testID="tool-bench" edge="petrol" onPress={() => router.navigate('/bench')}>
        <Words bold size="large">
          Bench
        </Words>
        <Words>A simulated pump and plant: run any settings through a day, and throw faults in.</Words>
      </LinkCard>
      <LinkCard testID="tool-codes" edge="petrol" onPress={() => router.navigate('/library/codes')}>
        <Words bold size="large">
          Codes and lamps
        </Words>
        <Words>What a display or a lamp shows, over every controller of the library.</Words>
      </LinkCard>
      <Field
        words
        label="Search"
        testID="tools-search"
        value={search}
        hint="e.g. vessel, heat, pulses"
        onChange={setSearch}
      />
      {groups.length === 0 && <Words testID="tools-none">No calculator is called so.</Words>}
      {groups.map(({ group, tools }) => (
        <View key={group} style={styles.group} testID={`tools-${group}`}>
          <Heading>{TOOL_GROUPS[group]}</Heading>
          {tools.map((tool) => (
            <LinkCard
              key={tool.id}
              testID={`tool-${tool.id}`}
              onPress={() => router.navigate(`/tools/${tool.id}`)}
            >
              <Words bold size="large">
                {tool.name}
              </Words>
              <Words>{tool.about}</Words>
            </LinkCard>
          ))}
        </View>
      ))}
      <LinkCard testID="tool-settings" onPress={() => router.navigate('/settings')}>
        <Words bold size="large">
          Settings
        </Words>
        <Words>Units and appearance of this device, who works on it, the firm on papers.</Words>
      </LinkCard>
    </Screen>
  );
}

const styles = StyleSheet.create({ group: { gap: SPACE.m } });
