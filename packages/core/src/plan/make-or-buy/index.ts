export { attemptsEach, failing } from './failures';
export { makeOrBuy, type MadeOrBought, type MakeOrBuy } from './make-or-buy';
