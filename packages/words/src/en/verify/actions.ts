import { conductor } from '@near-spoke/core/catalogue';
import type { VerifyMessages } from '@near-spoke/core/verify';
import type { WordsFor } from '../../tell';
import { list } from '../list';
import { at, groupNames } from './faults';

/** What to do about what is wrong. */
export const ACTIONS: WordsFor<
  Pick<VerifyMessages, Extract<keyof VerifyMessages, `do-${string}`>>
> = {
  'do-count-pairs': () =>
    'Count the pairs in the jacket. A cable or a cord of two pairs carries no more: replace it, or let the schedule say so. If all pairs are there, look at both ends for those that were left off.',
  'do-check-remote': () =>
    'Check that the remote is on this cable and both ends are seated. If so, the cable is cut: find the place with reflectometry.',
  'do-seat': ({ which }, tell) =>
    `Seat ${tell(which)} again, first at the end you stand at, then at the other. If it stays open, find the break with reflectometry.`,
  'do-look-for-strand': ({ end }) =>
    end === null
      ? 'Look at both ends for a stray strand or a cut insulation. If both are clean, the cable is crushed or pierced: find the place with reflectometry.'
      : `Look at the ${end} end for a stray strand or a cut insulation, and remake it.`,
  'do-remake-swapped': ({ names, rows }, tell) =>
    `Read the colours at both ends. Remake the end where ${tell(names)} are swapped (${list(rows.map(({ core, far }) => `${tell(core)} on ${far}`))}).`,
  'do-remake-other': ({ near, far, names }, tell) =>
    `Read the colours at both ends against ${near === far ? near : `${near} at the near end, ${far} at the far end`}. Remake the one that differs: ${tell(names)}.`,
  'do-remake-to-scheme': ({ rule }) =>
    `Read the colours at both ends. Remake the end that does not follow ${rule}.`,
  'do-turn': ({ turns, end }) =>
    !turns
      ? 'Read the colours at both ends. Make the end again that begins with the last core on its first contact.'
      : end === 'either'
        ? 'Read the colours at both ends with the latch the same way. Remake the end that runs backwards.'
        : `Remake the ${end} end with the latch the other way.`,
  'do-punch-row': ({ end, other, first }) =>
    `Look at the first contacts of the ${end} end. If they are as told, punch the ${end} end down again from its first contact${
      first ? `: ${conductor(first.core).name} on ${first.contact}` : ''
    }. If its colours are in order, the ${other} end is the one that began elsewhere.`,
  'do-punch-groups': ({ groups, why }) =>
    `Read the colours at both ends. Punch ${groupNames(groups)} down again at the end where ${why === 'exchanged' ? 'they have changed places' : 'it runs backwards'}.`,
  'do-remake-both': ({ near, far }) =>
    near === far
      ? `Remake both ends to ${near}, colour by colour: the same slip was made at both.`
      : `Remake the near end to ${near} and the far end to ${far}, colour by colour.`,
  'do-remake-joint': ({ which, end }, tell) =>
    `Remake ${tell(which)}${at(end)}, and measure its loop resistance again.`,
  'do-replace-core': () =>
    'A core breaks inside the cable: replace it, or find the place with reflectometry while it is moved.',
  'do-seat-moving': ({ which, end }, tell) =>
    `Seat ${tell(which)} again${at(end)}, and test while it is moved.`,
  'do-dry': ({ end }) =>
    end === null
      ? 'Open both ends and look for water. Where they are dry, it has come in along the cable: find the place with reflectometry, replace that length to well beyond where it is wet, and close the way in.'
      : `Open the ${end} end and look for water or green copper. Cut back to dry cable, close the way in, and remake it.`,
  'do-scrape': () =>
    'Scrape a conductor: silver under a copper skin is copper-clad aluminium. It is no category cable; replace it before power goes over it.',
  'do-look-at-shield': ({ coaxial }) =>
    coaxial
      ? 'Check at both ends that the connector’s shell grips the braid all round.'
      : 'Check at both ends that what shields this cable touches the connector’s shell.',
  'do-free-shield': ({ coaxial, end }) => {
    const where = end === null ? 'at both ends' : `at the ${end} end`;
    return coaxial
      ? `Look ${where} for a strand of the braid that touches the centre. Cut that end off and make it again; if both are clean, the cable is crushed or pierced: find the place with reflectometry.`
      : `Look ${where} for a piece of the shield that touches a contact, and trim it back.`;
  },
  'do-check-cable': () =>
    'Check that this is the cable in the schedule. Two bonded racks can also join the shells.',
  'do-verify-pairing': () =>
    'To verify pairing, test with a tester that measures crosstalk, or read the colours pair by pair at both ends.',
};
