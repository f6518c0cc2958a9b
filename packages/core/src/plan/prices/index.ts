export { costOfMaking, type CostOfMaking, type Making } from './cord-cost';
export { parsePriceList, type ParsedPrices, type Price, type PriceList } from './price-list';
export { writePriceList, type NamedPart } from './write-price-list';
