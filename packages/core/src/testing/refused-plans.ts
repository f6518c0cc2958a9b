import type { Told } from '@near-spoke/words';
import type { PartId, TerminationPlan as Planned } from '../terminate';

type TerminationPlan = Told<Planned>;

/**
 * Plans that were once shown and that hands can't follow. One step a line: id, operation, part, layer and
 * instruction; checks after a step begin with a dash. The bench has to refuse each of them.
 */
const PLANS: readonly (readonly [cable: string, parts: string, steps: string])[] = [
  // bnc-crimp-50-rg-58
  [
    'rg-58',
    'ferrule shrink pin body connector label | jacket:15 braid:9 dielectric:4',
    `thread-ferrule | thread-on | ferrule | - | Slide the crimp ferrule on, its flare toward the end if it has one.
thread-shrink | thread-on | shrink | - | Slide the heat-shrink on, a hand’s length back.
cut-square | cut | - | jacket | Cut the cable’s end square with a cable cutter, and round it again.
strip-jacket | strip | - | jacket | Cut the jacket 15 mm ± 0.5 mm from the end and pull it off. Leave the braid whole.
cut-braid | cut | - | braid | Trim the braid all round, 9 mm ± 0.5 mm from the cable’s end, while it lies flat.
strip-dielectric | strip | - | dielectric | Cut the dielectric 4 mm ± 0.5 mm from the end, foil and all, and pull it off straight.
inspect-cuts | check | - | - | Stop. Look at the three cuts before anything goes on.
- No strand of the braid touches or nears the centre conductor
- The centre conductor is bright, round and not nicked
- The dielectric is cut square and not drawn out
set-pin | insert | pin | - | Push the centre pin on until it stops at the dielectric. Copper shows in its window.
crimp-pin | crimp | pin | - | Crimp the pin with its own die, the pin against the dielectric all the while.
check-pin | check | pin | - | Stop. Check the pin before it goes into the body.
- The pin is straight and holds against a light tug
- No solder and no flux is on the outside of the pin
- The dielectric is not swollen or melted
flare-braid | shape | - | braid | Flare the braid outward so that the body’s stem slips under it.
insert-body | insert | body | - | Push the body on, its stem under the braid, until the pin clicks in.
lay-braid | fold | - | braid | Lay the braid over the stem evenly and trim strands that are longer than it.
slide-ferrule | seat | ferrule | - | Slide the ferrule up over the braid until it meets the body.
check-before-crimp | check | ferrule | - | Stop. Check before the ferrule is crimped.
- The click was heard, and the pin stands level with its insulator
- No strand of the braid is seen outside the ferrule
- The die in the tool is 5.41 mm (0.213 in), as the connector’s sheet asks
crimp-ferrule | crimp | ferrule | - | Crimp the ferrule close to the body, with the 5.41 mm (0.213 in) hex die, in one full stroke.
prove-connector | check | connector | - | Check the finished end.
- The connector holds against a tug and does not turn on the cable
- A meter shows no path from centre to shell, the far end open
shrink-relief | shrink | shrink | - | Slide the heat-shrink up over ferrule and jacket, and shrink it.
label-end | label | label | - | Label this end.`,
  ],
  // bnc-crimp-75-rg-6, outdoors
  [
    'rg-6-outdoor',
    'ferrule shrink pin body connector tape label | jacket:15 braid:9 dielectric:4',
    `thread-ferrule | thread-on | ferrule | - | Slide the crimp ferrule on, its flare toward the end if it has one.
thread-shrink | thread-on | shrink | - | Slide the heat-shrink on, a hand’s length back.
cut-square | cut | - | jacket | Cut the cable’s end square with a cable cutter, and round it again.
strip-jacket | strip | - | jacket | Cut the jacket 15 mm ± 0.5 mm from the end and pull it off. Leave the braid whole.
cut-braid | cut | - | braid | Trim the braid all round, 9 mm ± 0.5 mm from the cable’s end, while it lies flat.
strip-dielectric | strip | - | dielectric | Cut the dielectric 4 mm ± 0.5 mm from the end, foil and all, and pull it off straight.
inspect-cuts | check | - | - | Stop. Look at the three cuts before anything goes on.
- No strand of the braid touches or nears the centre conductor
- The centre conductor is bright, round and not nicked
- The dielectric is cut square and not drawn out
set-pin | insert | pin | - | Push the centre pin on until it stops at the dielectric. Copper shows in its window.
crimp-pin | crimp | pin | - | Crimp the pin with its own die, the pin against the dielectric all the while.
check-pin | check | pin | - | Stop. Check the pin before it goes into the body.
- The pin is straight and holds against a light tug
- No solder and no flux is on the outside of the pin
- The dielectric is not swollen or melted
flare-braid | shape | - | braid | Flare the braid outward so that the body’s stem slips under it.
insert-body | insert | body | - | Push the body on, its stem under the braid, until the pin clicks in.
lay-braid | fold | - | braid | Lay the braid over the stem evenly and trim strands that are longer than it.
slide-ferrule | seat | ferrule | - | Slide the ferrule up over the braid until it meets the body.
check-before-crimp | check | ferrule | - | Stop. Check before the ferrule is crimped.
- The click was heard, and the pin stands level with its insulator
- No strand of the braid is seen outside the ferrule
- The die in the tool is 8.23 mm (0.324 in), as the connector’s sheet asks
crimp-ferrule | crimp | ferrule | - | Crimp the ferrule close to the body, with the 8.23 mm (0.324 in) hex die, in one full stroke.
prove-connector | check | connector | - | Check the finished end.
- The connector holds against a tug and does not turn on the cable
- A meter shows no path from centre to shell, the far end open
wrap-joint | wrap | tape | - | Wrap the connector and two fingers of cable with self-amalgamating tape, from the cable up, after it is mated.
shrink-relief | shrink | shrink | - | Slide the heat-shrink up over ferrule and jacket, and shrink it.
label-end | label | label | - | Label this end.`,
  ],
  // keystone-punch-down-shielded
  [
    'cat6-futp-solid',
    'jack cap hood label | jacket:45',
    `strip-jacket | strip | - | jacket | Score the jacket 45 mm from the end, bend it to break the score, and pull it off.
inspect-insulation | check | - | - | Look at the conductors all round where the jacket was scored.
- No insulation is nicked where the jacket was scored
fold-foil | fold | - | foil | Fold the foil back over the jacket, bright side out, and wrap the drain wire once around it.
fan-pairs | order | - | pairs | Cut off spline and rip cord. Bring the jacket up to the jack and fan the pairs to their slots by the T568B side of its colour card.
lay-conductors | insert | jack | conductors | Lay each conductor in its slot with two fingers. Keep every pair twisted to within 13 mm of the slots.
read-before-punch | check | jack | - | Stop. Check the jack before the punch.
- Every conductor lies at its colour on the T568B card
- No pair is untwisted by more than 13 mm
punch | press | jack | conductors | Punch each conductor down, the blade side of the tool outward.
prove-jack | check | jack | - | Check the punched jack.
- All eight are at the bottom of their slots, trimmed flush
- No offcut is left between the slots
press-cap | close | cap | - | Press the cap on until it sits level.
close-hood | close | hood | - | Wrap the drain wire on its post, close the hood over the foil, and tie it.
prove-strain-relief | check | jack | - | Check the cable behind the jack.
- The cable bends no tighter than four times its diameter
label-end | label | label | - | Label this end.`,
  ],
  // plug-8p8c-outdoor, outdoors
  [
    'cat6-futp-solid-burial',
    'boot plug label | jacket:40 conductors:27',
    `thread-boot | thread-on | boot | - | Slide the boot on, wide end toward the plug, a hand’s length back.
strip-jacket | strip | - | jacket | Score the jacket 40 mm from the end, bend it to break the score, and pull it off.
strip-inner-jacket | strip | - | jacket | Score the inner jacket level with the outer one and pull it off.
wipe-gel | clean | - | pairs | Wipe the blocking gel off every pair, with a dry cloth or the cleaner that its sheet names.
inspect-insulation | check | - | - | Look at the conductors all round where the jacket was scored.
- No insulation is nicked where the jacket was scored
fold-foil | fold | - | foil | Fold the foil back over the jacket, bright side out, and wrap the drain wire once around it.
straighten | untwist | - | pairs | Untwist the pairs back to the jacket and draw every conductor straight, stiff ones over a grooved edge. Cut off spline and rip cord.
order-conductors | order | - | conductors | Lay the conductors side by side for T568B, contacts toward you, nose away: contact 1 on the left.
trim-square | trim | - | conductors | Trim all eight square, 13 mm ± 1 mm from the jacket.
squeeze-jacket | shape | - | jacket | Squeeze the jacket oval with flat pliers, a plug’s length back from its edge.
insert-plug | insert | plug | - | Push the conductors into the plug until all eight stop at the nose.
read-before-crimp | check | plug | - | Stop. Check the plug before the crimp.
- The order at the nose reads T568B: W-O, O, W-G, BL, W-BL, G, W-BR, BR
- Eight copper ends are seen at the tip
- The jacket reaches under the strain bar
crimp | crimp | plug | - | Crimp with one full stroke, until the tool lets go.
prove-plug | check | plug | - | Check the finished plug.
- A finger over the contacts finds all eight level
- The jacket holds against a tug
seat-boot | close | boot | - | Slide the boot up over the plug until it covers the latch’s root.
label-end | label | label | - | Label this end.`,
  ],
  // keystone-tool-less
  [
    'cat6-uutp-solid',
    'lid tie jack label | jacket:45',
    `strip-jacket | strip | - | jacket | Score the jacket 45 mm from the end, bend it to break the score, and pull it off.
inspect-insulation | check | - | - | Look at the conductors all round where the jacket was scored.
- No insulation is nicked where the jacket was scored
cut-spline | cut | - | pairs | Cut spline and rip cord off flush with the jacket.
fan-into-lid | order | - | pairs | Lead the cable through the lid. Lay two pairs below and two above by the T568B side of its card, the striped conductor of each outward.
cut-slant | trim | - | conductors | Cut the end of each conductor on the slant.
thread-lid | insert | lid | conductors | Thread each conductor through its slot in the lid and draw it tight. Keep every pair twisted to within 13 mm of the slots.
read-before-trim | check | lid | - | Stop. Check the lid before the ends are cut.
- Every conductor lies at its colour on the T568B card
- No pair is untwisted by more than 13 mm
trim-flush | trim | - | conductors | Trim all eight ends flush with the lid.
tie-rear | tie | tie | - | Put the tie through the rear of the lid and draw it snug on the jacket.
read-before-lid | check | lid | - | Stop. Check the lid before it is pressed.
- All eight ends are flush with the lid, none has slipped back
press-lid | press | lid | - | Press the lid on square, with parallel pliers if the sheet allows them, until it clicks on both sides.
prove-lid | check | lid | - | Check the closed jack.
- The lid clicked on both sides and sits level
prove-strain-relief | check | jack | - | Check the cable behind the jack.
- The cable bends no tighter than four times its diameter
label-end | label | label | - | Label this end.`,
  ],
  // telephone-socket-master
  [
    'telephone-2-pair',
    'socket tie label | jacket:40',
    `check-side | check | socket | - | Stop. Find whose side of the line this is, and the line pair.
- This end is on our side of the demarcation
- The line is disconnected at the demarcation, or this cable is proven dead with a meter
strip-jacket | strip | - | jacket | Cut the jacket 40 mm from the end and pull it off.
inspect-insulation | check | - | - | Look at the cores where the jacket was cut.
- No insulation is nicked
keep-unused | fold | - | conductors | Coil the unused cores back behind the socket, their ends insulated and apart: white-orange, orange-white.
lay-conductors | insert | socket | conductors | Lay each core in the slot of its contact: 2 blue-white, 5 white-blue. Keep the pair twisted up to its slots.
check-ringing | check | socket | - | Check how this socket rings: by a capacitor, not by a bell wire.
- No core lies in contact 3
read-before-punch | check | socket | - | Stop. Read the socket before a core is pressed in.
- Every core lies at its contact: 2 blue-white, 5 white-blue
- The tool in the hand is the insertion tool, not a screwdriver, which opens the slot for good
press-cores | press | socket | conductors | Press each core home with the insertion tool, its cutter outward.
prove-socket | check | socket | - | Check the socket before it is closed.
- Every core is at the bottom of its slot, trimmed
- No offcut is left in the box
tie-cable | tie | tie | - | Tie the cable to the socket’s post.
close-socket | close | socket | - | Fold the cable into the box without a kink and screw the faceplate on.
label-end | label | label | - | Label this end.`,
  ],
  // keystone-tool-less-shielded
  [
    'cat6-futp-solid',
    'lid tie hood jack label | jacket:45',
    `strip-jacket | strip | - | jacket | Score the jacket 45 mm from the end, bend it to break the score, and pull it off.
inspect-insulation | check | - | - | Look at the conductors all round where the jacket was scored.
- No insulation is nicked where the jacket was scored
fold-foil | fold | - | foil | Fold the foil back over the jacket, bright side out, and wrap the drain wire once around it.
cut-spline | cut | - | pairs | Cut spline and rip cord off flush with the jacket.
fan-into-lid | order | - | pairs | Lead the cable through the lid. Lay two pairs below and two above by the T568B side of its card, the striped conductor of each outward.
cut-slant | trim | - | conductors | Cut the end of each conductor on the slant.
thread-lid | insert | lid | conductors | Thread each conductor through its slot in the lid and draw it tight. Keep every pair twisted to within 13 mm of the slots.
read-before-trim | check | lid | - | Stop. Check the lid before the ends are cut.
- Every conductor lies at its colour on the T568B card
- No pair is untwisted by more than 13 mm
trim-flush | trim | - | conductors | Trim all eight ends flush with the lid.
tie-rear | tie | tie | - | Put the tie through the rear of the lid and draw it snug on the jacket.
read-before-lid | check | lid | - | Stop. Check the lid before it is pressed.
- All eight ends are flush with the lid, none has slipped back
press-lid | press | lid | - | Press the lid on square, with parallel pliers if the sheet allows them, until it clicks on both sides.
prove-lid | check | lid | - | Check the closed jack.
- The lid clicked on both sides and sits level
close-hood | close | hood | - | Wrap the drain wire on its post, close the hood over the foil, and tie it.
prove-strain-relief | check | jack | - | Check the cable behind the jack.
- The cable bends no tighter than four times its diameter
label-end | label | label | - | Label this end.`,
  ],
  // plug-8p8c-shielded
  [
    'cat6-futp-solid',
    'boot plug label | jacket:30 conductors:17',
    `thread-boot | thread-on | boot | - | Slide the boot on, wide end toward the plug, a hand’s length back.
strip-jacket | strip | - | jacket | Score the jacket 30 mm from the end, bend it to break the score, and pull it off.
inspect-insulation | check | - | - | Look at the conductors all round where the jacket was scored.
- No insulation is nicked where the jacket was scored
fold-foil | fold | - | foil | Fold the foil back over the jacket, bright side out, and wrap the drain wire once around it.
straighten | untwist | - | pairs | Untwist the pairs back to the jacket and draw every conductor straight, stiff ones over a grooved edge. Cut off spline and rip cord.
order-conductors | order | - | conductors | Lay the conductors side by side for T568B, contacts toward you, nose away: contact 1 on the left.
trim-square | trim | - | conductors | Trim all eight square, 13 mm ± 1 mm from the jacket.
squeeze-jacket | shape | - | jacket | Squeeze the jacket oval with flat pliers, a plug’s length back from its edge.
insert-plug | insert | plug | - | Push the conductors into the plug until all eight stop at the nose.
read-before-crimp | check | plug | - | Stop. Check the plug before the crimp.
- The order at the nose reads T568B: W-O, O, W-G, BL, W-BL, G, W-BR, BR
- Eight copper ends are seen at the tip
- The jacket reaches under the strain bar
crimp | crimp | plug | - | Crimp with one full stroke, until the tool lets go.
prove-plug | check | plug | - | Check the finished plug.
- A finger over the contacts finds all eight level
- The jacket holds against a tug
seat-boot | close | boot | - | Slide the boot up over the plug until it covers the latch’s root.
label-end | label | label | - | Label this end.`,
  ],
  // f-compression-rg-6
  [
    'rg-6',
    'connector label | jacket:12.7 braid:6.4 dielectric:6.4',
    `cut-square | cut | - | jacket | Cut the cable’s end square with a cable cutter, and round it again.
strip-jacket | strip | - | jacket | Cut the jacket 12.7 mm ± 0.5 mm from the end and pull it off. Leave the braid whole.
fold-braid | fold | - | braid | Comb the braid back over the jacket, all round.
strip-dielectric | strip | - | dielectric | Cut the dielectric 6.4 mm ± 0.5 mm from the end, foil and all, and pull it off straight.
inspect-cuts | check | - | - | Stop. Look at the three cuts before anything goes on.
- No strand of the braid touches or nears the centre conductor
- The centre conductor is bright, round and not nicked
- The dielectric is cut square and not drawn out
set-connector | insert | connector | - | Push the connector on with a twist until the dielectric is level with its inside.
check-before-compression | check | connector | - | Stop. Look into the connector before it is compressed.
- The white dielectric is level with the inside of the connector, not short of it
- No strand of the braid is seen at the front
- The folded braid is inside the connector all round
compress | compress | connector | - | Set the tool’s head for this connector and compress it in one full stroke.
prove-connector | check | connector | - | Check the finished end.
- The connector holds against a tug and does not turn on the cable
- A meter shows no path from centre to shell, the far end open
label-end | label | label | - | Label this end.`,
  ],
];

export interface RefusedPlan {
  readonly cable: string;
  readonly plan: TerminationPlan;
}

export const REFUSED_PLANS: readonly RefusedPlan[] = PLANS.map(([cable, kit, text]) => {
  const [parts = '', cuts = ''] = kit.split(' | ');
  return {
    cable,
    plan: {
      fit: { ok: true, problems: [] },
      parts: parts.split(' ') as PartId[],
      tools: [],
      cuts: cuts.split(' ').map((cut) => {
        const [layer = '', mm = '0'] = cut.split(':');
        return {
          layer: layer as 'jacket',
          fromEndMm: Number(mm),
          fromDatumMm: Number(mm),
          toleranceMm: 1,
        };
      }),
      steps: stepsOf(text),
      afterwards: [],
    },
  };
});

function stepsOf(text: string): TerminationPlan['steps'] {
  const steps: {
    -readonly [K in keyof TerminationPlan['steps'][number]]: TerminationPlan['steps'][number][K];
  }[] = [];
  for (const line of text.split('\n')) {
    const last = steps.at(-1);
    if (line.startsWith('- ')) {
      if (last) last.checks = [...last.checks, { id: 'looked-at', text: line.slice(2) }];
      continue;
    }
    const [id = '', operation = '', part = '-', layer = '-', instruction = ''] = line.split(' | ');
    steps.push({
      id,
      operation: operation as 'check',
      ...(part === '-' ? {} : { part: part as 'plug' }),
      ...(layer === '-' ? {} : { layer: layer as 'jacket' }),
      instruction,
      why: '',
      irreversible: false,
      fixes: false,
      checks: [],
      tools: [],
      cautions: [],
      seconds: 0,
      measure: null,
    });
  }
  return steps;
}
