export { minimise, type Column, type Minimised, type Programme, type Row } from './minimise';
