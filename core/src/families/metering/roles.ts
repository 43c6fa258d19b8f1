/**
 * What a metering controller's parameters and options can mean. The calculations speak in these only; a profile's own
 * keys never appear in them.
 */
export const METERING_ROLES = [
  'mode',
  'gear',
  'stroke.length',
  'rate.manual',
  'rate.least',
  'rate.greatest',
  'signal.range',
  'signal.x1',
  'signal.y1',
  'signal.x2',
  'signal.y2',
  'signal.below',
  'signal.broken-wire',
  'power.after-cut',
] as const;
export type MeteringRole = (typeof METERING_ROLES)[number];

export const METERING_OPTION_ROLES = [
  'mode.manual',
  'mode.analog',
  'range.0-20',
  'range.4-20',
  'range.20-0',
  'range.20-4',
  'below.hold',
  'below.stop',
  'broken-wire.stop',
  'broken-wire.hold',
  'broken-wire.off',
  'after-cut.resume',
  'after-cut.wait',
] as const;
export type MeteringOptionRole = (typeof METERING_OPTION_ROLES)[number];

/** The roles each mode drives the pump with; the others lie idle in that mode. */
export const ROLES_OF_MODE: Readonly<Record<'manual' | 'analog', readonly MeteringRole[]>> = {
  manual: ['rate.manual'],
  analog: [
    'signal.range',
    'signal.x1',
    'signal.y1',
    'signal.x2',
    'signal.y2',
    'signal.below',
    'signal.broken-wire',
  ],
};
