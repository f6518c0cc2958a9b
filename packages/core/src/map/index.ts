export {
  adapterTask,
  cableName,
  coresAt,
  ownConnector,
  pinoutOf,
  solveAdapter,
  type Adapter,
} from './adapter';
export type { AdapterLink } from './mates';
export * from './buzz';
export * from './card';
export { parseMeasured, writeMeasured, type ParsedMeasured } from './measured-text';
export { parsePins, type ParsedPins, type PinProblem } from './parse-port';
export {
  RIBBON_PITCH_MM,
  layRibbon,
  ribbonOf,
  type RibbonLayout,
  type RibbonTask,
  type RibbonWire,
} from './ribbon';
export {
  DECISIONS,
  SUBJECTS,
  adapterStanding,
  type AdapterDeed,
  type AdapterFact,
  type AdapterStanding,
  type BuzzStanding,
  type Decided,
  type Decision,
  type Subject,
} from './standing';
export { STAGE_RULES, TEST_STAGES, planTests, type TestStage, type TestStep } from './test-plan';
export {
  testState,
  voltsPass,
  type StepState,
  type TestResult,
  type TestState,
} from './test-state';
export { COSTS } from './match-cost';
export {
  LEVELS,
  LEVEL_IDS,
  level,
  sheetLevelsOf,
  thresholdsOf,
  type Level,
  type SheetLevels,
  type Thresholds,
} from './level';
export {
  DIRECTIONS,
  ROLES,
  namedContact,
  runsOnCells,
  withPartners,
  type Direction,
  type Port,
  type PortContact,
  type Role,
} from './port';
export { PORTS } from './ports';
export {
  HANDSHAKES,
  PLAIN_OPTIONS,
  SEVERITIES,
  SHIELD_CHOICES,
  UNUSED,
  type Choice,
  type Finding,
  type Handshake,
  type Join,
  type MeasuredCore,
  type Net,
  type Question,
  type ShieldChoice,
  type Unused,
  type Solution,
  type SolveOptions,
} from './solution';
export { solveMap, type MapTask } from './solve';
