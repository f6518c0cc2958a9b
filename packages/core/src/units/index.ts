export { formatLength, type UnitSystem } from './format-length';
export { formatMm } from './format-mm';
export { capital, lower } from './initial';
export { METRES_PER, type LengthUnit } from './length-unit';
export { parseLength, type LengthOptions, type ParsedLength } from './parse-length';
export { e24AtLeast, e24AtMost, e24Between, formatOhm } from './e24';
export { parseOhm, type ParsedOhm } from './parse-ohm';
