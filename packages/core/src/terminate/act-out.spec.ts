import { BUILT_IN, SCHOOLS, chosenSchools, type Schools } from '../catalogue';
import { actOut } from '../testing/bench';
import { inEnglish } from '../testing/in-english';
import { REFUSED_PLANS } from '../testing/refused-plans';
import { seeded } from '../testing/seeded';
import { EVERY_PAIR } from '../testing/tasks';
import { FOLDS_BRAID } from './cuts';
import { isDie } from './die';
import { OPERATIONS } from './operations';
import { planTermination } from './plan-termination';
import type { TerminationTask } from './task';

const pairs = EVERY_PAIR.filter((task) => planTermination(task, BUILT_IN).fit.ok);

/** Every combination of the schools that change how an end of this family is made. */
function schoolsFor({ connector, cable }: TerminationTask): Schools[] {
  const words = new Set(OPERATIONS[connector.family].flatMap(({ only }) => only));
  const shielded = cable.shield !== 'none';
  return SCHOOLS.filter(
    ({ id, options }) =>
      options.some((option) => words.has(`${id}-${option.id}`)) ||
      (id === 'bond' && shielded) ||
      (id === 'strip' && FOLDS_BRAID.has(connector.family)),
  ).reduce<Schools[]>(
    (sofar, { id, options }) =>
      sofar.flatMap((schools) => options.map((option) => ({ ...schools, [id]: option.id }))),
    [chosenSchools()],
  );
}

const told = ({ cable, connector }: TerminationTask) => `${connector.id} on ${cable.id}`;

describe('every plan acted out on a bench', () => {
  it('can be made, with the other end bare or made, in every school and at either bond', () => {
    let count = 0;
    const broken = new Set<string>();
    for (const pair of pairs)
      for (const schools of schoolsFor(pair))
        for (const otherEnd of ['bare', 'made'] as const)
          for (const shieldFloats of [false, true]) {
            const task = { ...pair, schools, otherEnd, shieldFloats };
            const plan = planTermination(task, BUILT_IN);
            const wrong = actOut(inEnglish(plan), pair.cable, otherEnd);
            if (wrong) broken.add(`${told(pair)}: ${wrong}`);
            count += 1;
          }
    expect([...broken]).toEqual([]);
    expect(count).toBeGreaterThan(5000);
  });

  it('is made with other tools or refused with what is missing, never made without', () => {
    const random = seeded(3);
    let refused = 0;
    let replaced = 0;
    for (const pair of pairs) {
      const all = planTermination(pair, BUILT_IN).tools;
      const kits = [
        ...all.map((lost) => all.filter((tool) => tool !== lost)),
        ...Array.from({ length: 4 }, () => all.filter(() => random.below(3) > 0)),
      ];
      for (const tools of kits) {
        const plan = inEnglish(planTermination({ ...pair, tools }, BUILT_IN));
        if (plan.fit.ok) {
          replaced += 1;
          expect(plan.tools.every((tool) => tools.includes(tool)))
            .withContext(told(pair))
            .toBeTrue();
          expect(actOut(plan, pair.cable, 'made'))
            .withContext(told(pair))
            .toBeNull();
        } else {
          refused += 1;
          expect(plan.steps).toEqual([]);
          for (const { need, suggestion } of plan.fit.problems) {
            expect(tools).not.toContain(need);
            expect(suggestion.length).toBeGreaterThan(10);
          }
        }
      }
    }
    expect(refused).toBeGreaterThan(500);
    expect(replaced).toBeGreaterThan(500);
  });

  it('stops before the first cut when the hex die has another size', () => {
    const crimp = pairs.find(({ connector }) => connector.id === 'bnc-crimp-50-rg-58');
    if (!crimp) throw new Error('No BNC for RG-58');
    const tools = planTermination(crimp, BUILT_IN).tools.map((tool) =>
      isDie(tool) ? 'hex die 6.48 mm' : tool,
    );
    const { fit } = inEnglish(planTermination({ ...crimp, tools }, BUILT_IN));
    expect(fit.problems).toEqual([
      jasmine.objectContaining({
        what: 'Die against the ferrule',
        have: 'hex die 6.48 mm (0.255 in)',
        need: 'hex die 5.41 mm (0.213 in)',
      }),
    ]);
  });
});

describe('plans that hands can’t follow', () => {
  const refusals = REFUSED_PLANS.map(({ cable, plan }) =>
    actOut(plan, BUILT_IN.cable(cable), 'made'),
  );

  it('are refused, each for what is wrong with it', () => {
    expect(refusals).toEqual([
      'slide-ferrule: the shrink lies between the ferrule and the cut end',
      'slide-ferrule: the shrink lies between the ferrule and the cut end',
      'inspect-insulation: what it touches lies under the shield',
      'wipe-gel: what it touches lies under the shield',
      'tie-rear: it pulls on ends that were trimmed flush',
      'tie-cable: it pulls on cores that hold only in their slots',
      'inspect-insulation: what it touches lies under the shield',
      'inspect-insulation: what it touches lies under the shield',
      'the drawing trims a braid that no step cuts',
    ]);
  });

  it('are refused for the next thing once the first is mended', () => {
    const mended = (
      index: number,
      ...moves: readonly (readonly [id: string, before: string])[]
    ) => {
      const row = REFUSED_PLANS[index];
      if (!row) throw new Error(`No plan ${index}`);
      const steps = moves.reduce((list, [id, before]) => {
        const step = list.find((one) => one.id === id);
        const rest = list.filter((one) => one !== step);
        const at = rest.findIndex((one) => one.id === before);
        return step ? [...rest.slice(0, at), step, ...rest.slice(at)] : rest;
      }, row.plan.steps);
      return actOut({ ...row.plan, steps }, BUILT_IN.cable(row.cable), 'made');
    };
    const shrinkFirst = ['thread-shrink', 'thread-ferrule'] as const;
    expect(mended(1, shrinkFirst)).toBe('wrap-joint: taped before the shrink is over it');
    expect(mended(1, shrinkFirst, ['wrap-joint', 'label-end'])).toBe(
      'wrap-joint: nothing is mated on the bench',
    );
    const foilFirst = ['fold-foil', 'inspect-insulation'] as const;
    expect(mended(2, foilFirst)).toBe('close-hood: the drain wire is wound round the foil');
    expect(mended(7, foilFirst)).toBe(
      'crimp: the shield’s joint is shut in before anyone looked at it',
    );
    expect(mended(4, ['tie-rear', 'trim-flush'])).toBe(
      'tie-rear: it pulls the cores out of their slots',
    );
  });
});

describe('the bench itself', () => {
  const plan = inEnglish(planTermination(pairs[0] as TerminationTask, BUILT_IN));
  const { cable } = pairs[0] as TerminationTask;
  const moved = (id: string, to: number) => {
    const step = plan.steps.find((row) => row.id === id);
    const rest = plan.steps.filter((row) => row.id !== id);
    return { ...plan, steps: step ? [...rest.slice(0, to), step, ...rest.slice(to)] : rest };
  };

  it('refuses a plan with a part too late, a check too late, or a step left out', () => {
    expect(actOut(plan, cable, 'made')).toBeNull();
    expect(actOut(moved('thread-boot', 9), cable, 'made')).toContain("can't pass");
    expect(actOut(moved('thread-boot', 9), cable, 'bare')).toBeNull();
    expect(actOut(moved('read-before-crimp', 9), cable, 'made')).toContain(
      'before it was looked at',
    );
    expect(actOut(moved('strip-jacket', 5), cable, 'made')).toContain('whole jacket');
    const without = (id: string) => ({ ...plan, steps: plan.steps.filter((row) => row.id !== id) });
    expect(actOut(without('thread-boot'), cable, 'made')).toContain('never slid on');
    expect(actOut(without('seat-boot'), cable, 'made')).toContain('never moved up');
    expect(actOut(without('crimp'), cable, 'made')).toBe('nothing was fixed');
    expect(actOut(without('prove-plug'), cable, 'made')).toContain('not looked at');
  });
});
