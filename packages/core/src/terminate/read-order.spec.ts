import { BUILT_IN, DEFAULT_SCHOOLS, type CableId, type ConnectorId } from '../catalogue';
import { inEnglish } from '../testing/in-english';
import { taskFor } from '../testing/tasks';
import { planTermination } from './plan-termination';
import type { TerminationTask } from './task';

/** What is read at an end, one line a step: the instruction and what is checked there. */
function read(
  cable: CableId,
  connector: ConnectorId,
  rest: Partial<Omit<TerminationTask, 'cable' | 'connector'>> = {},
): string[] {
  const plan = inEnglish(planTermination(taskFor({ cable, connector, ...rest }), BUILT_IN));
  if (!plan.fit.ok) throw new Error(`${connector} on ${cable} is refused`);
  return plan.steps.map(({ instruction, checks }) =>
    [instruction, ...checks.map(({ text }) => text)].join(' | '),
  );
}

interface Order {
  readonly end: readonly [CableId, ConnectorId];
  /** Found in this order, each in one step and in no earlier one. */
  readonly lines: readonly RegExp[];
  /** Why hands need it so. */
  readonly because: string;
}

const ORDERS: readonly Order[] = [
  {
    end: ['cat6-uutp-solid', 'plug-8p8c'],
    lines: [
      /Slide the boot on/,
      /Score the jacket/,
      /Untwist/,
      /Lay the/,
      /Trim all eight/,
      /Push/,
    ],
    because: 'the boot is narrower than the plug, and a trimmed row is not untwisted again',
  },
  {
    end: ['cat6-uutp-solid', 'plug-8p8c'],
    lines: [/Push the conductors/, /Eight copper ends are seen/, /Crimp with one full stroke/],
    because: 'what is seen at the nose before the crimp costs nothing, and after it a plug',
  },
  {
    end: ['cat6-futp-solid', 'plug-8p8c-pass-through-shielded'],
    lines: [
      /through the plug/,
      /Read the order where it comes out/,
      /Crimp and cut/,
      /Trim whatever/,
    ],
    because: 'the order is only read while the ends stand out of the nose',
  },
  {
    end: ['cat6a-sftp-solid', 'plug-8p8c-shielded'],
    lines: [
      /Comb the braid back/,
      /Peel the foil off each pair/,
      /Look at the conductors/,
      /Untwist/,
    ],
    because: 'conductors in foil can’t be looked at',
  },
  {
    end: ['cat6a-sftp-solid', 'plug-8p8c-shielded'],
    lines: [/Push the conductors/, /Look at the shield where the plug’s shell/, /Crimp with one/],
    because: 'after the crimp nobody sees where the shield lies',
  },
  {
    end: ['cat6-futp-solid', 'keystone-punch-down-shielded'],
    lines: [
      /Fold the foil back/,
      /drain wire back along the jacket, whole/,
      /Punch each conductor/,
      /Wind the drain wire on its post/,
      /Look at the shield before the hood/,
      /Close the hood/,
      /Tie the hood’s tail/,
      /A meter shows a path from the hood/,
    ],
    because: 'the hood covers the shield, and a drain wire that was cut short reaches no post',
  },
  {
    end: ['cat6-uutp-solid-outdoor', 'panel-port'],
    lines: [/Score the jacket/, /Wipe the blocking gel/, /Look at the conductors/, /Punch each/],
    because: 'a nick is not seen under gel, and gel in a slot holds dirt',
  },
  {
    end: ['cat6-futp-solid-burial', 'splice-gel'],
    lines: [
      /outer heat-shrink on/,
      /Score the jacket/,
      /inner jacket/,
      /Cut the foil back/,
      /Wipe the blocking gel/,
      /Push each core and its own colour/,
      /Look through every connector/,
      /Press each connector/,
      /Join the shields/,
      /outer heat-shrink over the whole splice/,
    ],
    because:
      'gel lies under the foil, and the sleeve over all can’t come from a cable that goes on',
  },
  {
    end: ['cat6-uutp-solid', 'keystone-tool-less'],
    lines: [
      /lower pairs to within/,
      /Put the tie through from the rear/,
      /Now untwist the two upper pairs/,
      /Check the lid before the ends are cut/,
      /Trim all eight ends flush/,
      /Press the lid on/,
    ],
    because: 'a tie that is drawn after the trim pulls the ends back into the lid',
  },
  {
    end: ['rg-6-outdoor', 'bnc-crimp-75-rg-6'],
    lines: [
      /heat-shrink on, a hand/,
      /crimp ferrule on/,
      /Cut the jacket/,
      /Trim the braid/,
      /Cut the dielectric/,
      /No strand of the braid touches/,
      /centre pin on/,
      /Crimp the pin/,
      /Flare the braid/,
      /Push the body on/,
      /Lay the braid over the stem/,
      /Slide the ferrule up/,
      /Crimp the ferrule/,
      /A meter shows no path/,
      /Slide the heat-shrink up/,
    ],
    because: 'what goes back farthest goes on first, and a braid under the ferrule is not reached',
  },
  {
    end: ['rg-6', 'f-compression-rg-6'],
    lines: [
      /Cut the cable’s end square/,
      /two-blade stripper/,
      /Comb the braid back/,
      /Push the con/,
    ],
    because: 'the fold is the braid that the cut has bared',
  },
  {
    end: ['rg-6-quad', 'f-compression-rg-6-quad'],
    lines: [/Comb the braid back over/, /Cut the outer foil off/, /comb the second braid back/],
    because: 'the second braid lies under the outer foil',
  },
  {
    end: ['telephone-2-pair', 'telephone-socket-master'],
    lines: [
      /Find whose side of the line/,
      /Cut the jacket/,
      /Coil the unused cores back behind the socket/,
      /Tie the jacket to the post/,
      /Lay each core in the slot/,
      /Read the socket before/,
      /Press each core home/,
    ],
    because: 'a tie that is drawn after the cores are pressed pulls them out of their contacts',
  },
  {
    end: ['cat5e-futp-solid', 'telephone-socket-extension'],
    lines: [/Cut the jacket/, /Cut foil and drain wire off/, /Look at the cores/, /Tie the jacket/],
    because: 'a drain wire that is left over lies across the contacts',
  },
  {
    end: ['telephone-2-pair', 'telephone-line-box'],
    lines: [
      /at the back of the box/,
      /Tie the jacket/,
      /Strip each core/,
      /Bend each core round its screw/,
      /No bare copper is near another terminal/,
      /Tighten each screw/,
      /holds against a light tug/,
      /put the cover on/,
    ],
    because: 'a screw that was forced on a core that lies wrong has cut it',
  },
  {
    end: ['telephone-25-pair', 'block-25-pair'],
    lines: [
      /Cut the jacket/,
      /Tie the sheath/,
      /Comb the pairs out/,
      /Read the block from top/,
      /Press/,
    ],
    because: 'fifty cores are only put right while none is pressed',
  },
  {
    end: ['ribbon-9', 'd-sub-9-press-on-plug'],
    lines: [
      /Cut the ribbon square/,
      /strain relief bar/,
      /marked edge/,
      /Check the ribbon before/,
      /Press/,
    ],
    because: 'a closed bar can’t pass a pressed connector',
  },
  {
    end: ['screened-9', 'd-sub-9-soldered-plug'],
    lines: [
      /backshell’s parts on/,
      /Score the jacket/,
      /Slide a sleeve over every core/,
      /Tin every/,
      /Solder one contact at a time/,
      /Look at every joint before a sleeve/,
      /Slide the sleeves over/,
      /before the shell closes/,
      /with the supply alone/,
      /close the backshell/,
    ],
    because: 'a sleeve hides a joint, and a shell hides all of them',
  },
  {
    end: ['screened-4', 'pigtail-solder-sleeves'],
    lines: [
      /outer heat-shrink on/,
      /Slide a sleeve over/,
      /Check every sleeve/,
      /Heat each/,
      /over all joints/,
    ],
    because: 'a sleeve that is not on yet can’t pass the joint',
  },
  {
    end: ['usb-2', 'header-4'],
    lines: [
      /wide heat-shrink/,
      /Crimp a contact/,
      /wings hold/,
      /Push each contact/,
      /Read the order/,
      /shrink it/,
    ],
    because: 'a contact that clicked is only taken out with its own tool',
  },
];

describe('An order, read as it stands', () => {
  for (const { end, lines, because } of ORDERS)
    it(`${end[1]} on ${end[0]}: ${because}`, () => {
      const steps = read(...end);
      const at = lines.map((line) => steps.findIndex((step) => line.test(step)));
      lines.forEach((line, index) =>
        expect(at[index]).withContext(String(line)).toBeGreaterThanOrEqual(0),
      );
      expect(at).toEqual([...at].sort((a, b) => a - b));
    });

  it('names nothing at an end that the end does not have', () => {
    const foreign: readonly (readonly [CableId, ConnectorId, RegExp])[] = [
      ['cat6-uutp-solid', 'plug-8p8c', /foil|braid|drain|shield|gel|hood/i],
      ['cat6-uutp-solid', 'keystone-punch-down', /foil|braid|drain|shield|gel|hood/i],
      ['cat6-futp-solid', 'keystone-punch-down-shielded', /braid back|comb|gel/i],
      ['cat6a-sftp-solid', 'plug-8p8c-shielded', /gel/i],
      ['telephone-2-pair', 'telephone-line-box', /socket|plug\b(?! a telephone)|foil|braid/i],
      [
        'telephone-2-pair',
        'telephone-socket-master',
        /foil|braid|drain|screw(?!driver| the face)/i,
      ],
      ['rg-6', 'f-compression-rg-6', /ferrule|solder|outer foil|second braid/i],
      ['ribbon-9', 'd-sub-9-press-on-plug', /solder|braid|foil|sleeve/i],
    ];
    for (const [cable, connector, words] of foreign)
      for (const step of read(cable, connector))
        expect(step).withContext(`${connector} on ${cable}`).not.toMatch(words);
  });

  it('never pulls, ties or squeezes once an end was trimmed to length', () => {
    for (const [cable, connector] of [
      ['cat6-uutp-solid', 'keystone-tool-less'],
      ['cat6a-sftp-solid', 'keystone-tool-less-shielded'],
      ['cat6-uutp-solid', 'plug-8p8c'],
      ['cat5e-uutp-solid', 'plug-6p6c'],
    ] as const) {
      const steps = read(cable, connector);
      const trimmed = steps.findIndex((step) => /^Trim /.test(step));
      expect(trimmed).withContext(connector).toBeGreaterThan(0);
      for (const step of steps.slice(trimmed + 1))
        expect(step)
          .withContext(connector)
          .not.toMatch(/^(Put the tie|Squeeze|Untwist|Now untwist|Draw)/);
    }
  });

  it('asks for the same end by the same words from either school of unused cores', () => {
    const of = (unused: string) =>
      read('telephone-2-pair', 'telephone-socket-secondary', {
        schools: { ...DEFAULT_SCHOOLS, unused },
      });
    const [kept, cut] = [of('kept'), of('cut')];
    expect(kept.filter((step) => /Coil the unused/.test(step)).length).toBe(1);
    expect(cut.filter((step) => /Cut the unused cores back/.test(step)).length).toBe(1);
    const rest = (steps: readonly string[]) => steps.filter((step) => !/unused/.test(step));
    expect(rest(kept)).toEqual(rest(cut));
  });
});
