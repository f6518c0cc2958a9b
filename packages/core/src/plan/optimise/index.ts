export type { Column, Minimise, Minimised, Programme, Row } from './programme';
