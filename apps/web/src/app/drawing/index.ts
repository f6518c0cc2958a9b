export { CableSection } from './cable-section';
export { ConductorSwatch } from './conductor-swatch';
export { ConnectorFace } from './connector-face';
export { Cutback } from './cutback';
export { LinkRuler } from './link-ruler';
export type { RulerPlace } from './ruler-layout';
export { STATE_MARK, StateMark } from './state-mark';
export { wireLines, type WireLine } from './wire-lines';
export { OnCable } from './on-cable';
