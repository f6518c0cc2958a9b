export { NOTHING, common, sentences, type CommonMessages } from './common';
export type { Told } from './told';
export { isMessage, message, type Message, type MessageOf } from './message';
