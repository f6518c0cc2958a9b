export { makeOrBuy, type MadeOrBought, type MakeOrBuy } from './make-or-buy';
