import { NEVER_SEEN, type TesterRow } from './tester-class';

/** A meter that is put to a live line and not to a link: it has a page of its own, and no trial. */
export const LINE_VOLTMETER: TesterRow<'line-voltmeter', 'line-volts'> = {
  id: 'line-voltmeter',
  name: 'Voltmeter on a telephone line',
  short: 'Line volts',
  method: 'line-volts',
  subject: 'telephone',
  how: 'Idle, off-hook and ringing voltage and their polarity tell whose fault it is.',
  far: 'nothing',
  minutes: 2,
  blindTo: [...NEVER_SEEN],
  shows: 'all-the-time',
  isOnLive: true,
  caution: '',
};
