import { screen } from '@testing-library/react-native';
import { Linking } from 'react-native';
import { MOTOR, standJob } from '../../testing/job-stand';
import { press } from '../../testing/touch';
import { WorkOrderLink } from './work-order-link';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));

test('the work order is printed in the units of this device', () => {
  const open = jest.spyOn(Linking, 'openURL').mockResolvedValue(true);
  standJob(MOTOR, <WorkOrderLink />);
  expect(screen.queryByTestId('work-order-waits')).toBeNull();
  press('work-order');
  expect(open.mock.calls[0][0]).toMatch(/^\/api\/v1\/jobs\/[\w-]+\/work-order\.pdf\?units=metric$/);
  open.mockRestore();
});
