/** A real zone with daylight saving; the island itself does not exist. */
export const ZONE = 'Atlantic/Faroe';

export const SITES = [
  { id: 'site-seals', name: 'Skerrow Seal Rescue Centre', place: 'North Quay' },
  { id: 'site-clinic', name: 'Skerrow Rehabilitation Clinic', place: 'Harbour Road' },
  { id: 'site-nursery', name: 'Southfield Glasshouse Nursery', place: 'Southfield' },
  { id: 'site-hostel', name: 'Lighthouse Hostel', place: 'West Point' },
  { id: 'site-cider', name: 'Skerrow Cider Press', place: 'Orchard Lane' },
] as const;

export const INSTRUMENTS = [
  { id: 'ins-loop', name: 'Loop calibrator 1', serial: 'LC-0417', daysAgo: 140, measures: 'current' },
  {
    id: 'ins-cylinder',
    name: 'Calibration cylinder 100 mL',
    serial: 'CC-22',
    daysAgo: 300,
    measures: 'volume',
  },
] as const;
