import { render, screen } from '@testing-library/react-native';
import { viewJob } from '@barythm/core/job';
import { DUTY, TODAY, TEN_SLOTS } from '@barythm/core/families/pool/fixtures';
import { badlyRun, blankPoolJob, PoolWriter } from '@barythm/core/job/testing/pool-fixtures';
import { press, wordsOf } from '../../testing/touch';
import { StageRail } from './stage-rail';
import type { JobDocument } from '@barythm/core/families';

const onGo = jest.fn();
/** What the rail says of each stage, in order: done, open or closed. */
function states(document: JobDocument): string[] {
  const { unmount } = render(<StageRail view={viewJob(document, TODAY)} current="plan" onGo={onGo} />);
  const said = screen.getAllByRole('tab').map((tab) => {
    // what is said of it to those who hear the page
    const label = wordsOf(String(tab.props.testID));
    return label.includes(', done') ? 'done' : label.includes('still closed') ? 'closed' : 'open';
  });
  unmount();
  return said;
}

test('the five stages as the job goes on', () => {
  // nothing was read yet: there is nothing to hand over
  expect(states(blankPoolJob(TEN_SLOTS, DUTY))).toEqual(['open', 'open', 'closed', 'open', 'closed']);
  // readings are no settings: it was looked at only
  expect(states(new PoolWriter().arrive().document)).toEqual(['open', 'open', 'closed', 'open', 'closed']);
  const found = badlyRun();
  // the readings and the messages are still to record, as the button below says
  expect(states(found.document)[0]).toBe('open');
  found
    .record({
      kind: 'pool-now',
      speed_rpm: 2900,
      power_W: 1200,
      flow_m3h: null,
      filter_bar: null,
      water_C: 25,
      state: 'program',
      unreadable: {},
    })
    .record({ kind: 'messages', shows: '', takenFor: 'nothing', pump: 'runs', lastFaults: [] });
  expect(states(found.document)).toEqual(['done', 'open', 'closed', 'open', 'closed']);
  expect(states(found.plan().document)).toEqual(['done', 'done', 'open', 'open', 'closed']);
  found.set();
  expect(states(found.document)).toEqual(['done', 'done', 'done', 'open', 'open']);
  found.check('power-1270', null, { power_W: 156 });
  // a proof is no proof before it is seen back in automatic
  expect(states(found.document)[3]).toBe('open');
  found.record({ kind: 'automatic', seen: 'Runs.', leaving: ['covers'] });
  expect(states(found.document)).toEqual(['done', 'done', 'done', 'done', 'open']);
  // and a change after it opens it again
  found.enterMany('left', { 'speed/5': 1300 });
  expect(states(found.document)[2]).toBe('open');
  expect(states(found.document)[3]).toBe('open');
});

test('where one is stands out, and a tap leads to any stage, closed or not', () => {
  render(<StageRail view={viewJob(badlyRun().document, TODAY)} current="plan" onGo={onGo} />);
  expect(screen.getByTestId('stage-plan')).toBeSelected();
  expect(screen.getByTestId('stage-set')).not.toBeSelected();
  press('stage-set');
  expect(onGo).toHaveBeenCalledWith('set');
});
