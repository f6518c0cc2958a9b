export { awgDiameterMm } from './awg';
export { CABLES, cable, findCable, type Cable, type CableId, type CablePart } from './cable';
export {
  CONDUCTORS,
  conductor,
  type Conductor,
  type ConductorId,
  type PairNumber,
} from './conductor';
export {
  CONNECTORS,
  connector,
  findConnector,
  type Connector,
  type ConnectorFamily,
  type ConnectorId,
  type Range,
  type Slot,
} from './connector';
export { connectorViews, type ConnectorView } from './connector-view';
export {
  CONTACT_PITCH_MM,
  PLUG_NOSE_MM,
  describeView,
  faceContacts,
  type FaceContact,
  type FaceView,
} from './face';
export {
  CONTACTS,
  SCHEMES,
  WIRE_CONTACTS,
  conductorAt,
  contactOf,
  pairAt,
  scheme,
  type Contact,
  type Scheme,
  type SchemeId,
  type SchemePair,
} from './scheme';
