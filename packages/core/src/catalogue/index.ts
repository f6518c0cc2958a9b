export { assignCores, turnedOver, wiringName, type Assigned } from './assign';
export { awgAreaMm2, awgDiameterMm } from './awg';
export {
  CABLE_FAMILIES,
  CABLE_PARTS,
  JACKETS,
  type Cable,
  type CableFamily,
  type CableId,
  type CablePart,
  type Jacket,
} from './cable';
export { CABLES } from './cables';
export { BUILT_IN, catalogueOf, type Catalogue, type OwnParts } from './catalogue';
export {
  COLOUR_LETTERS,
  FOUR_PAIRS,
  SHIELD,
  conductor,
  type Conductor,
  type ConductorId,
  type Core,
} from './conductor';
export { CONNECTORS, type ConnectorId } from './connectors';
export {
  CONNECTOR_FAMILIES,
  CUT_LAYERS,
  WIRING_RULES,
  type Connector,
  type ConnectorFamily,
  type CutLayer,
  type CutSize,
  type Range,
  type Slot,
} from './connector-row';
export { parseCores, writeCores } from './core-text';
export { parseSlots, writeSlots } from './slot-text';
export { connectorViews, type ConnectorView } from './connector-view';
export {
  describeView,
  faceContacts,
  mateOf,
  type FaceContact,
  type FaceView,
  type Faced,
} from './face';
export { findOutline, outline, ribbonOrder, type OutlineRef } from './outline';
export type { Outline, OutlineId, Place } from './outline-row';
export { CONTACT_PITCH_MM, OUTLINES, PLUG_NOSE_MM, otherWayRound } from './outlines';
export { parseOutline, type ParsedOutline } from './outline-text';
export {
  DEFAULT_SCHOOLS,
  SCHOOLS,
  SCHOOL_IDS,
  chosenIds,
  chosenSchools,
  type School,
  type SchoolChoices,
  type SchoolId,
  type Schools,
} from './school';
export {
  SCHEMES,
  CONTACT_NAME,
  SHELL,
  WIRE_CONTACTS,
  compareContacts,
  scheme,
  type Contact,
  type ContactPair,
  type Scheme,
  type SchemeId,
} from './scheme';
export { coreOhm } from './copper';
