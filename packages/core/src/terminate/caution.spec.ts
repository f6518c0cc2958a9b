import { BUILT_IN, JACKETS } from '../catalogue';
import { inEnglish } from '../testing/in-english';
import { EVERY_PAIR } from '../testing/tasks';
import { CAUTIONS } from './caution';
import { tell } from './messages';
import { planTermination } from './plan-termination';

const plans = JACKETS.flatMap((environment) =>
  EVERY_PAIR.map((task) => ({
    task,
    environment,
    plan: inEnglish(planTermination({ ...task, environment }, BUILT_IN)),
  })),
).filter(({ plan }) => plan.fit.ok);

const sentenceOf = (id: string) => inEnglish(tell('caution', { id }));

describe('cautions', () => {
  it('are each told somewhere, and none twice at one step', () => {
    const told = new Set<string>();
    for (const { plan } of plans)
      for (const { id, cautions } of plan.steps) {
        cautions.forEach((sentence) => told.add(sentence));
        expect(new Set(cautions).size).withContext(id).toBe(cautions.length);
      }
    for (const { id } of CAUTIONS)
      expect(told.has(sentenceOf(id)))
        .withContext(id)
        .toBeTrue();
  });

  it('stand wherever a jacket is opened: what may be live, and the knife', () => {
    for (const { task, plan } of plans)
      for (const step of plan.steps)
        if (step.operation === 'strip' && step.layer === 'jacket') {
          const said = step.cautions.join(' ');
          const where = `${task.connector.id} on ${task.cable.id}`;
          expect(said)
            .withContext(where)
            .toMatch(/Cut away from your hand/);
          expect(said)
            .withContext(where)
            .toMatch(/unplugged|feeds these cores|voltage|transmitter/);
        }
  });

  it('stand at every hot iron and at hot air', () => {
    for (const { plan } of plans)
      for (const { tools, operation, cautions } of plan.steps) {
        if (tools.includes('soldering iron') && /solder|tin/.test(operation))
          expect(cautions.join(' ')).toContain('Rosin flux only');
        if (tools.includes('heat gun')) expect(cautions.join(' ')).toContain('Hot air burns');
      }
  });

  it('tell of bonding and lightning outdoors, of rated parts in plenums, and nowhere else', () => {
    for (const { task, environment, plan } of plans) {
      const said = plan.steps.flatMap(({ cautions }) => cautions).join(' ');
      const outside = [environment, task.cable.environment].some((place) =>
        ['outdoor', 'burial'].includes(place),
      );
      const strips = plan.steps.some(({ operation }) => operation === 'strip');
      expect(said.includes('thunderstorm. Local codes')).toBe(outside && strips);
      const rated = [environment, task.cable.environment].some((place) =>
        ['riser', 'plenum'].includes(place),
      );
      expect(said.includes('rated space')).toBe(rated && strips);
    }
  });

  it('defer to those who may decide, wherever mains or bonding are named', () => {
    for (const sentence of CAUTIONS.map(({ id }) => sentenceOf(id)))
      if (/mains|bonding|rated space/.test(sentence)) expect(sentence).toMatch(/[Ll]ocal codes/);
  });
});
