export { NOTHING, common, sentences, type CommonMessages } from './common';
export { isMessage, message, type Message, type MessageOf } from './message';
