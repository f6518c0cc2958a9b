export {
  figureSvg,
  path,
  placed,
  rectangle,
  ring,
  words,
  type Figure,
  type Mark,
  type Paint,
} from './figure';
