export { costOfMaking, type CostOfMaking, type Making } from './cord-cost';
export { parsePriceList, type ParsedPrices, type Price, type PriceList } from './price-list';
export { costOfWork, type WorkCost, type WorkGroup, type WorkLeft } from './work-cost';
export { writePriceList, type NamedPart } from './write-price-list';
