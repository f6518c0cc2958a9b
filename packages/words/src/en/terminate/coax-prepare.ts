import type { StepWords } from '../../step-words';

export const COAX_PREPARE = {
  'cut-square/coax-prepare': {
    instruction: 'Cut the cable’s end square with a cable cutter, and round it again.',
    why: 'Every cut is measured from this end; a crushed end carries the centre off its middle.',
  },
  'strip-jacket/coax-prepare': {
    instruction: 'Cut the jacket {jacketCut} from the end and pull it off. Leave the braid whole.',
    why: 'The braid that is left bare here is what the shell will hold.',
  },
  'strip-both': {
    instruction:
      'Strip with the two-blade stripper in one turn: to the centre conductor {dielectricCut} from the end, and the jacket alone {jacketCut} from it. Pull both pieces off straight.',
    why: 'Both cuts come from one setting. Try it on an offcut: a blade set too deep nicks the centre or takes the braid.',
  },
  'fold-braid/coax-prepare': {
    instruction: 'Comb the braid back over the jacket, all round.',
    why: 'Out of the way it can’t be cut, and no strand of it can reach the centre.',
  },
  'cut-second-shield': {
    instruction: 'Cut the outer foil off at the jacket, then comb the second braid back as well.',
    why: 'A quad-shield cable has two foils and two braids; the inner foil stays on the dielectric.',
  },
  'strip-dielectric': {
    instruction:
      'Cut the dielectric {dielectricCut} from the end, through a foil on it too, and pull it off straight.',
    why: 'A nick in the centre conductor breaks it later; a bent one misses its pin.',
  },
  'inspect-cuts': {
    instruction: 'Stop. Look at the cuts before anything goes on.',
    why: 'Here a bad cut costs a hand’s width of cable; later it costs the connector.',
    checks: {
      'no-stray-strand': 'No strand of the braid touches or nears the centre conductor',
      'no-nick': 'The centre conductor is bright, round and not nicked',
      'square-dielectric': 'The dielectric is cut square and not drawn out',
    },
  },
  'wrap-joint': {
    instruction:
      'On site, once it is mated: wrap the connector and two fingers of cable with self-amalgamating tape, from the cable up.',
    why: 'This connector does not keep water out by itself.',
  },
  'prove-connector': {
    instruction: 'Check the finished end.',
    why: 'A centre that touches the shell kills the signal; one that pulls back opens it later.',
    checks: {
      tug: 'The connector holds against a tug and does not turn on the cable',
      'no-short': 'A meter shows no path from centre to shell, the far end open',
    },
  },
} satisfies StepWords;
