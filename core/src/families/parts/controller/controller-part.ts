import { fieldsOf, type Field } from '../../../describe';
import { controllerShape } from '../../../profile';
import { z } from 'zod';

const shape = z.object(controllerShape);

/** Clock, resets and the end of set-up: every controller's. */
export const CLOCK_KEYS = ['hasClock', 'clockShows', 'resetShows', 'setUpEnd'] as const;
const THIS_CONTROLLER = ['revision', 'options', 'access', 'resetBy', 'alarms'] as const;

/** What a profile of any family may say of its controller. */
export const CONTROLLER = {
  name: 'controller',
  title: 'Revision, access, messages, alarms',
  says: () => '',
  asks: [...THIS_CONTROLLER, 'messages'],
  fields: fieldsOf(shape, [...THIS_CONTROLLER, 'messages']),
} as const;

/** The same of a family whose messages have their own place. */
export const CONTROLLER_BUT_MESSAGES = {
  ...CONTROLLER,
  title: 'Revision, access, alarms',
  asks: THIS_CONTROLLER,
  fields: fieldsOf(shape, THIS_CONTROLLER),
} as const;

export const CLOCK_FIELDS: readonly Field[] = fieldsOf(shape, CLOCK_KEYS);
