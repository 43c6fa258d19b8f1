import type { FamilyKind } from '@barythm/core/families';
import { TODAY } from '@barythm/core/families/metering/fixtures';
import { viewJob } from '@barythm/core/job';
import { render, screen } from '@testing-library/react-native';
import { blankJob, MOTOR } from '../../testing/job-stand';
import { press } from '../../testing/touch';
import { JobProvider } from '../job';
import { PlanScreen } from './plan-screen';
import type { DutyTyped } from './use-duty';
import type { Planned } from './use-planned';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }) }));

const work = (target: number) =>
  ({
    context: {},
    targets: [
      { address: 'drive/1/length', value: target, unit: '%', reason: 'As measured.', parameter: 'length' },
    ],
    targetLines: [],
    moved: {},
    values: {},
    settings: {},
    found: null,
    before: null,
    findings: { found: [], target: [] },
  }) as unknown as Planned<FamilyKind>;
const typed = (duty: object, settled: boolean) =>
  ({
    form: { parts: [] },
    texts: {},
    errors: {},
    change: jest.fn(),
    choose: jest.fn(),
    forget: jest.fn(),
    ask: jest.fn(),
    unanswered: () => [],
    answer: jest.fn(),
    tried: false,
    duty,
    settled,
  }) as unknown as DutyTyped<unknown>;

const view = viewJob(blankJob(MOTOR), TODAY);

function Stand({
  duty,
  target,
  settled,
  write,
}: {
  duty: object;
  target: number;
  settled: boolean;
  write: (body: unknown) => string | null;
}) {
  return (
    <JobProvider value={{ view, jobId: 'job-1', write: write as never, go: jest.fn() }}>
      <PlanScreen
        typed={typed(duty, settled)}
        work={work(target)}
        fault={null}
        onReset={null}
        onAgreed={jest.fn()}
        then={() => null}
      />
    </JobProvider>
  );
}

test('a tap right after a digit accepts the plan of that digit, not of the one before', () => {
  const write = jest.fn((_body: unknown): string | null => null);
  const stand = render(<Stand duty={{ was: 'before' }} target={80} settled={false} write={write} />);
  press('agree-plan');
  expect(write).not.toHaveBeenCalled();
  stand.rerender(<Stand duty={{ is: 'now' }} target={90} settled write={write} />);
  expect(write).toHaveBeenCalledTimes(1);
  expect(write.mock.calls[0][0]).toMatchObject({
    kind: 'plan.accept',
    duty: { is: 'now' },
    targets: [{ value: 90 }],
  });
});

test('a plan that the job refuses says why, where it was accepted', () => {
  render(<Stand duty={{}} target={80} settled write={() => 'Someone accepted another plan.'} />);
  press('agree-plan');
  expect(screen.getByTestId('plan-refused')).toHaveTextContent('Someone accepted another plan.');
});
