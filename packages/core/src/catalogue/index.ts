export { assignCores, wiringName, type Assigned } from './assign';
export { awgDiameterMm } from './awg';
export {
  CABLES,
  CABLE_FAMILIES,
  JACKETS,
  type Cable,
  type CableFamily,
  type CableId,
  type CablePart,
  type Jacket,
} from './cable';
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
export { describeView, faceContacts, type FaceContact, type FaceView } from './face';
export {
  CONTACT_PITCH_MM,
  OUTLINES,
  PLUG_NOSE_MM,
  outline,
  type Outline,
  type OutlineId,
} from './outline';
export {
  DEFAULT_SCHOOLS,
  SCHOOLS,
  SCHOOL_IDS,
  chosenSchools,
  type School,
  type SchoolChoices,
  type SchoolId,
  type Schools,
} from './school';
export {
  SCHEMES,
  SHELL,
  WIRE_CONTACTS,
  compareContacts,
  scheme,
  type Contact,
  type ContactPair,
  type Scheme,
  type SchemeId,
} from './scheme';
