import type { Component } from 'vue';
import type { DrawingName } from '../../core/catalogue/drawings/names.ts';
import FilterUpflow from './air/FilterUpflow.vue';
import FilterDownflow from './air/FilterDownflow.vue';
import FilterHorizontal from './air/FilterHorizontal.vue';
import MediaCabinet from './air/MediaCabinet.vue';
import FilterLook from './air/FilterLook.vue';
import FilterWash from './air/FilterWash.vue';
import AirflowPath from './air/AirflowPath.vue';
import DuctJoint from './air/DuctJoint.vue';
import DuctDamper from './air/DuctDamper.vue';
import SplitProbes from './cooling/SplitProbes.vue';
import OutdoorUnit from './cooling/OutdoorUnit.vue';
import Condensate from './cooling/Condensate.vue';
import CondensateVacuum from './cooling/CondensateVacuum.vue';
import CondensateFloat from './cooling/CondensateFloat.vue';
import Thermostat from './cooling/Thermostat.vue';
import FurnaceStages from './heating/FurnaceStages.vue';
import GasFlame from './heating/GasFlame.vue';
import FlameSensor from './heating/FlameSensor.vue';
import FurnaceCabinet from './heating/FurnaceCabinet.vue';
import BlowerWheel from './heating/BlowerWheel.vue';
import BurnerClearance from './heating/BurnerClearance.vue';
import GasTrapVent from './heating/GasTrapVent.vue';
import PumpScrew from './heating/PumpScrew.vue';
import RadiatorValve from './heating/RadiatorValve.vue';
import OilBoiler from './heating/OilBoiler.vue';
import HumidifierPad from './humidity/HumidifierPad.vue';
import HumidifierSeason from './humidity/HumidifierSeason.vue';
import Hygrometer from './humidity/Hygrometer.vue';
import DampRoom from './humidity/DampRoom.vue';
import VentilatorCore from './humidity/VentilatorCore.vue';
import VentilatorCeiling from './humidity/VentilatorCeiling.vue';
import VentilatorOutlets from './humidity/VentilatorOutlets.vue';
import BathFan from './humidity/BathFan.vue';
import SmokeAlarm from './alarms/SmokeAlarm.vue';
import AlarmPlaces from './alarms/AlarmPlaces.vue';
import CoAlarm from './alarms/CoAlarm.vue';
import GasDetector from './alarms/GasDetector.vue';
import Gfci from './alarms/Gfci.vue';
import Breaker from './alarms/Breaker.vue';
import OutletGasket from './alarms/OutletGasket.vue';
import Extinguisher from './alarms/Extinguisher.vue';
import EscapePlan from './alarms/EscapePlan.vue';
import RadonKit from './alarms/RadonKit.vue';
import Generator from './alarms/Generator.vue';
import LeaveHouse from './alarms/LeaveHouse.vue';
import LampLabel from './alarms/LampLabel.vue';
import MainShutoff from './water/MainShutoff.vue';
import GasShutoff from './water/GasShutoff.vue';
import FixtureShutoff from './water/FixtureShutoff.vue';
import HoseBib from './water/HoseBib.vue';
import FrostProofBib from './water/FrostProofBib.vue';
import IrrigationShutoff from './water/IrrigationShutoff.vue';
import Softener from './water/Softener.vue';
import TankHeater from './water/TankHeater.vue';
import TanklessFlush from './water/TanklessFlush.vue';
import HeaterFlue from './water/HeaterFlue.vue';
import SinkTrap from './water/SinkTrap.vue';
import Aerator from './water/Aerator.vue';
import TapWasher from './water/TapWasher.vue';
import Gland from './water/Gland.vue';
import ShowerHead from './water/ShowerHead.vue';
import LeakPlaces from './water/LeakPlaces.vue';
import PipeInsulation from './water/PipeInsulation.vue';
import OverflowTee from './water/OverflowTee.vue';
import SumpPump from './water/SumpPump.vue';
import ToiletDye from './water/ToiletDye.vue';
import PressureGauge from './water/PressureGauge.vue';
import WaterFilter from './water/WaterFilter.vue';
import TapThermometer from './water/TapThermometer.vue';
import EvaporativeCooler from './evaporative-cooler/EvaporativeCooler.vue';
import Gutter from './roof/Gutter.vue';
import DownspoutFlow from './roof/DownspoutFlow.vue';
import PopUpOutlet from './roof/PopUpOutlet.vue';
import IceDam from './roof/IceDam.vue';
import YardDrain from './roof/YardDrain.vue';
import RoofCoverings from './roof/RoofCoverings.vue';
import RoofLook from './roof/RoofLook.vue';
import Flashing from './roof/Flashing.vue';
import CeilingStain from './roof/CeilingStain.vue';
import VentCage from './roof/VentCage.vue';
import LoftInsulation from './roof/LoftInsulation.vue';
import AirBrick from './ground/AirBrick.vue';
import Grade from './ground/Grade.vue';
import CrackGauge from './ground/CrackGauge.vue';
import MortarJoint from './ground/MortarJoint.vue';
import DripGroove from './ground/DripGroove.vue';
import PlantsClear from './ground/PlantsClear.vue';
import SidingLook from './ground/SidingLook.vue';
import Deck from './ground/Deck.vue';
import PaperTest from './openings/PaperTest.vue';
import Weatherstrip from './openings/Weatherstrip.vue';
import DoorSweep from './openings/DoorSweep.vue';
import CaulkJoint from './openings/CaulkJoint.vue';
import WindowFilm from './openings/WindowFilm.vue';
import DraftPlaces from './openings/DraftPlaces.vue';
import StormPanel from './openings/StormPanel.vue';
import WindowParts from './openings/WindowParts.vue';
import Hinge from './openings/Hinge.vue';
import Putty from './openings/Putty.vue';
import Grout from './openings/Grout.vue';
import SiliconeEdge from './openings/SiliconeEdge.vue';
import GarageDoor from './openings/GarageDoor.vue';
import WallHole from './openings/WallHole.vue';
import Fireplace from './fires/Fireplace.vue';
import GasFireplace from './fires/GasFireplace.vue';
import Grill from './fires/Grill.vue';
import Dishwasher from './appliances/Dishwasher.vue';
import RefrigeratorCoil from './appliances/RefrigeratorCoil.vue';
import DryerVent from './appliances/DryerVent.vue';
import WasherFilter from './appliances/WasherFilter.vue';
import RangeHood from './appliances/RangeHood.vue';
import TreatmentPlant from './sewage/TreatmentPlant.vue';
import SludgeStick from './sewage/SludgeStick.vue';
import PlantLidElbow from './sewage/PlantLidElbow.vue';
import Blower from './sewage/Blower.vue';
import Chlorinator from './sewage/Chlorinator.vue';
import SepticTank from './sewage/SepticTank.vue';
import Pool from './garden/Pool.vue';
import LawnCut from './garden/LawnCut.vue';
import Bulbs from './garden/Bulbs.vue';
import Belly from './manufactured/Belly.vue';
import EmergencyStock from './household/EmergencyStock.vue';
import DefectPhoto from './household/DefectPhoto.vue';

/** Every drawing. */
export const DRAWINGS: Readonly<Record<DrawingName, Component>> = {
  'filter-upflow': FilterUpflow,
  'filter-downflow': FilterDownflow,
  'filter-horizontal': FilterHorizontal,
  'media-cabinet': MediaCabinet,
  'filter-look': FilterLook,
  'filter-wash': FilterWash,
  'airflow-path': AirflowPath,
  'duct-joint': DuctJoint,
  'duct-damper': DuctDamper,
  'split-probes': SplitProbes,
  'outdoor-unit': OutdoorUnit,
  condensate: Condensate,
  'condensate-vacuum': CondensateVacuum,
  'condensate-float': CondensateFloat,
  thermostat: Thermostat,
  'furnace-stages': FurnaceStages,
  'gas-flame': GasFlame,
  'flame-sensor': FlameSensor,
  'furnace-cabinet': FurnaceCabinet,
  'blower-wheel': BlowerWheel,
  'burner-clearance': BurnerClearance,
  'gas-trap-vent': GasTrapVent,
  'pump-screw': PumpScrew,
  'radiator-valve': RadiatorValve,
  'oil-boiler': OilBoiler,
  'humidifier-pad': HumidifierPad,
  'humidifier-season': HumidifierSeason,
  hygrometer: Hygrometer,
  'damp-room': DampRoom,
  'ventilator-core': VentilatorCore,
  'ventilator-ceiling': VentilatorCeiling,
  'ventilator-outlets': VentilatorOutlets,
  'bath-fan': BathFan,
  'smoke-alarm': SmokeAlarm,
  'alarm-places': AlarmPlaces,
  'co-alarm': CoAlarm,
  'gas-detector': GasDetector,
  gfci: Gfci,
  breaker: Breaker,
  'outlet-gasket': OutletGasket,
  extinguisher: Extinguisher,
  'escape-plan': EscapePlan,
  'radon-kit': RadonKit,
  generator: Generator,
  'leave-house': LeaveHouse,
  'lamp-label': LampLabel,
  'main-shutoff': MainShutoff,
  'gas-shutoff': GasShutoff,
  'fixture-shutoff': FixtureShutoff,
  'hose-bib': HoseBib,
  'frost-proof-bib': FrostProofBib,
  'irrigation-shutoff': IrrigationShutoff,
  softener: Softener,
  'tank-heater': TankHeater,
  'tankless-flush': TanklessFlush,
  'heater-flue': HeaterFlue,
  'sink-trap': SinkTrap,
  aerator: Aerator,
  'tap-washer': TapWasher,
  gland: Gland,
  'shower-head': ShowerHead,
  'leak-places': LeakPlaces,
  'pipe-insulation': PipeInsulation,
  'overflow-tee': OverflowTee,
  'sump-pump': SumpPump,
  'toilet-dye': ToiletDye,
  'pressure-gauge': PressureGauge,
  'water-filter': WaterFilter,
  'tap-thermometer': TapThermometer,
  'evaporative-cooler': EvaporativeCooler,
  gutter: Gutter,
  'downspout-flow': DownspoutFlow,
  'pop-up-outlet': PopUpOutlet,
  'ice-dam': IceDam,
  'yard-drain': YardDrain,
  'roof-coverings': RoofCoverings,
  'roof-look': RoofLook,
  flashing: Flashing,
  'ceiling-stain': CeilingStain,
  'vent-cage': VentCage,
  'loft-insulation': LoftInsulation,
  'air-brick': AirBrick,
  grade: Grade,
  'crack-gauge': CrackGauge,
  'mortar-joint': MortarJoint,
  'drip-groove': DripGroove,
  'plants-clear': PlantsClear,
  'siding-look': SidingLook,
  deck: Deck,
  'paper-test': PaperTest,
  weatherstrip: Weatherstrip,
  'door-sweep': DoorSweep,
  'caulk-joint': CaulkJoint,
  'window-film': WindowFilm,
  'draft-places': DraftPlaces,
  'storm-panel': StormPanel,
  'window-parts': WindowParts,
  hinge: Hinge,
  putty: Putty,
  grout: Grout,
  'silicone-edge': SiliconeEdge,
  'garage-door': GarageDoor,
  'wall-hole': WallHole,
  fireplace: Fireplace,
  'gas-fireplace': GasFireplace,
  grill: Grill,
  dishwasher: Dishwasher,
  'refrigerator-coil': RefrigeratorCoil,
  'dryer-vent': DryerVent,
  'washer-filter': WasherFilter,
  'range-hood': RangeHood,
  'treatment-plant': TreatmentPlant,
  'sludge-stick': SludgeStick,
  'plant-lid-elbow': PlantLidElbow,
  blower: Blower,
  chlorinator: Chlorinator,
  'septic-tank': SepticTank,
  pool: Pool,
  'lawn-cut': LawnCut,
  bulbs: Bulbs,
  belly: Belly,
  'emergency-stock': EmergencyStock,
  'defect-photo': DefectPhoto,
};
