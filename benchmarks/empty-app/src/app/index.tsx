import { Text } from 'react-native';

export default function Empty() {
  return <Text>Empty</Text>;
}
