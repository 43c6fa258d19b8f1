/** Thresholds of the register, each with its reason. Findings show the one they used. */
export const THRESHOLDS = {
  /** a controller's clock further off than this shifts every program noticeably */
  clockError_min: 5,
  /** two points nearer than this magnify the loop's own error */
  pointsApart_mA: 2,
  /** less spare capacity than this is used up by wear and back pressure */
  capacityMargin: 0.1,
  /** a strength older than this has to be measured again, whatever its half-life */
  strengthAge_days: 180,
  /** a strength that has lost more than this since it was measured changes the dose noticeably */
  strengthLoss: 0.2,
  /** a gassing liquid that stands longer than this lets enough gas out to fill a head */
  gassingPause_min: 10,
  /** a swing of back pressure that moves the flow by more than this is worth compensating */
  pressureSwing: 0.05,
  /** valves and diaphragms wear within months: an older calibration has to be made again */
  calibrationAge_days: 183,
  /** back pressure this far from that of a calibration voids it where the loss was not measured */
  calibrationPressure_bar: 1,
  /** programs alike within this were made by scrolling once too far */
  duplicateTimes_min: 10,
  /** more of the run cost than this in the dearest hours is worth moving */
  dearShare: 0.25,
  /** a limit is a round figure of the controller: this much over a wall is its step */
  wallMargin: 0.01,
  /** shares nearer than this are binary dust, not a lack */
  volumeDust: 1e-6,
  /** a prime shorter than this seldom pulls the water up */
  primeLeast_min: 1,
  /** a prime longer than this, without water, wears the seal */
  primeMost_min: 10,
  /** set points nearer than this are the same */
  setPoint_K: 0.5,
  /** a dose this many times beyond its band is no matter of fine tuning any more: it harms, or does nothing */
  doseFar: 1.5,
  /** ratios that agree within this are taken for the same slip */
  ratioMatch: 0.04,
} as const;
