export { adapterCard, type CardInput } from './card';
export { parseNets, writeNets, type ParsedNets } from './csv';
export { faceFigure, type FaceFigure, type FacePart } from './face-figure';
export { spiceSubcircuit } from './spice';
export { cardRows, coreText, type CardRow } from './table';
