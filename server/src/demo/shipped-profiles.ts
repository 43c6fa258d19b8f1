import { profileSchema, type AnyProfile } from '@barythm/core/families';
import boosterTwoPumps from '../../../profiles/booster-two-pumps.json' with { type: 'json' };
import buildingCirculatorDisplay from '../../../profiles/building-circulator-display.json' with { type: 'json' };
import circuitPanelEight from '../../../profiles/circuit-panel-eight.json' with { type: 'json' };
import circulatorModuleBrowser from '../../../profiles/circulator-module-browser.json' with { type: 'json' };
import circulatorOneButton from '../../../profiles/circulator-one-button.json' with { type: 'json' };
import dosingModesOnOneKey from '../../../profiles/dosing-modes-on-one-key.json' with { type: 'json' };
import dosingMotorGassing from '../../../profiles/dosing-motor-gassing.json' with { type: 'json' };
import driveFourSwitches from '../../../profiles/drive-four-switches.json' with { type: 'json' };
import driveModeAndFaults from '../../../profiles/drive-mode-and-faults.json' with { type: 'json' };
import drivePagesByKind from '../../../profiles/drive-pages-by-kind.json' with { type: 'json' };
import drivePanelEachOnALine from '../../../profiles/drive-panel-each-on-a-line.json' with { type: 'json' };
import drivesASheetEach from '../../../profiles/drives-a-sheet-each.json' with { type: 'json' };
import driveWallBox from '../../../profiles/drive-wall-box.json' with { type: 'json' };
import driveWheelText from '../../../profiles/drive-wheel-text.json' with { type: 'json' };
import homeCirculatorDial from '../../../profiles/home-circulator-dial.json' with { type: 'json' };
import hotWaterReturnClock from '../../../profiles/hot-water-return-clock.json' with { type: 'json' };
import meteringKnobTwoPoints from '../../../profiles/metering-knob-two-points.json' with { type: 'json' };
import meteringOutsideLamps from '../../../profiles/metering-outside-lamps.json' with { type: 'json' };
import motorThreeGears from '../../../profiles/motor-three-gears.json' with { type: 'json' };
import numberedTimer from '../../../profiles/numbered-timer.json' with { type: 'json' };
import panelPoolTubInner from '../../../profiles/panel-pool-tub-inner.json' with { type: 'json' };
import poolDriveEightSlots from '../../../profiles/pool-drive-eight-slots.json' with { type: 'json' };
import poolDriveFourSpeeds from '../../../profiles/pool-drive-four-speeds.json' with { type: 'json' };
import poolDriveLink from '../../../profiles/pool-drive-link.json' with { type: 'json' };
import poolDriveTenSlots from '../../../profiles/pool-drive-ten-slots.json' with { type: 'json' };
import poolDriveTimerMenus from '../../../profiles/pool-drive-timer-menus.json' with { type: 'json' };
import poolDriveTwoPrograms from '../../../profiles/pool-drive-two-programs.json' with { type: 'json' };
import pulseTwoStageStop from '../../../profiles/pulse-two-stage-stop.json' with { type: 'json' };
import pulseWheel from '../../../profiles/pulse-wheel.json' with { type: 'json' };
import spaPackCountsItsPumps from '../../../profiles/spa-pack-counts-its-pumps.json' with { type: 'json' };
import spaPackFourKeys from '../../../profiles/spa-pack-four-keys.json' with { type: 'json' };
import spaPackPageAtPowerUp from '../../../profiles/spa-pack-page-at-power-up.json' with { type: 'json' };
import spaPackSoftKeys from '../../../profiles/spa-pack-soft-keys.json' with { type: 'json' };
import spaPackTwoKeys from '../../../profiles/spa-pack-two-keys.json' with { type: 'json' };
import stepperFlow from '../../../profiles/stepper-flow.json' with { type: 'json' };
import threeKeyContact from '../../../profiles/three-key-contact.json' with { type: 'json' };
import twinCirculatorDisplay from '../../../profiles/twin-circulator-display.json' with { type: 'json' };
import twoPointSoftKeys from '../../../profiles/two-point-soft-keys.json' with { type: 'json' };
import vesselDriveGuided from '../../../profiles/vessel-drive-guided.json' with { type: 'json' };
import vesselDriveNumbered from '../../../profiles/vessel-drive-numbered.json' with { type: 'json' };
import vesselFloatPageByPage from '../../../profiles/vessel-float-page-by-page.json' with { type: 'json' };

/** The shipped profiles, of every family. */
export const DEMO_PROFILES: readonly AnyProfile[] = [
  boosterTwoPumps,
  buildingCirculatorDisplay,
  circuitPanelEight,
  circulatorModuleBrowser,
  circulatorOneButton,
  dosingModesOnOneKey,
  dosingMotorGassing,
  driveFourSwitches,
  driveModeAndFaults,
  drivePagesByKind,
  drivePanelEachOnALine,
  drivesASheetEach,
  driveWallBox,
  driveWheelText,
  homeCirculatorDial,
  hotWaterReturnClock,
  meteringKnobTwoPoints,
  meteringOutsideLamps,
  motorThreeGears,
  numberedTimer,
  panelPoolTubInner,
  poolDriveEightSlots,
  poolDriveFourSpeeds,
  poolDriveLink,
  poolDriveTenSlots,
  poolDriveTimerMenus,
  poolDriveTwoPrograms,
  pulseTwoStageStop,
  pulseWheel,
  spaPackCountsItsPumps,
  spaPackFourKeys,
  spaPackPageAtPowerUp,
  spaPackSoftKeys,
  spaPackTwoKeys,
  stepperFlow,
  threeKeyContact,
  twinCirculatorDisplay,
  twoPointSoftKeys,
  vesselDriveGuided,
  vesselDriveNumbered,
  vesselFloatPageByPage,
].map((profile) => profileSchema.parse(profile));

export function shippedProfile(id: string): AnyProfile {
  const shipped = DEMO_PROFILES.find((profile) => profile.id === id);
  if (!shipped) throw new Error(`No profile “${id}” ships with the demo data.`);
  return shipped;
}
