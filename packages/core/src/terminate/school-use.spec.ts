import { BUILT_IN, DEFAULT_SCHOOLS, SCHOOLS, assignCores } from '../catalogue';
import { inEnglish } from '../testing/in-english';
import { EVERY_PAIR } from '../testing/tasks';
import { planTermination } from './plan-termination';
import { schoolMismatch, schoolsInUse } from './school-use';

const fitting = EVERY_PAIR.filter((task) => planTermination(task, BUILT_IN).fit.ok);

describe('schoolsInUse', () => {
  it('names every school that changes how an end is made or wired', () => {
    for (const task of fitting) {
      const used = schoolsInUse(task);
      const made = (schools = DEFAULT_SCHOOLS) =>
        JSON.stringify([
          planTermination({ ...task, schools }, BUILT_IN).steps,
          assignCores(task.cable, task.connector, task.scheme, schools),
        ]);
      const usual = made();
      for (const { id, options } of SCHOOLS) {
        const changes = options.some(
          (option) => made({ ...DEFAULT_SCHOOLS, [id]: option.id }) !== usual,
        );
        if (changes)
          expect(used).withContext(`${task.connector.id} on ${task.cable.id}: ${id}`).toContain(id);
      }
    }
  });

  it('asks how a shield is bonded where there is one to bond, and never of coax', () => {
    for (const task of fitting)
      if (task.cable.shield === 'none' || task.cable.family === 'coax')
        expect(schoolsInUse(task))
          .withContext(`${task.connector.id} on ${task.cable.id}`)
          .not.toContain('bond');
    expect(
      fitting.some(
        (task) => task.cable.family === 'four-pair' && schoolsInUse(task).includes('bond'),
      ),
    ).toBeTrue();
  });

  it('is called the job’s where somebody chose it, and the usual one where nobody did', () => {
    const saysOf = (chosen: readonly (keyof typeof DEFAULT_SCHOOLS)[]) =>
      fitting.flatMap((task) =>
        inEnglish(planTermination({ ...task, chosen }, BUILT_IN)).steps.map(({ why }) => why),
      );
    const [nobody, all] = [saysOf([]), saysOf(SCHOOLS.map(({ id }) => id))];
    const count = (list: readonly string[], begin: string) =>
      list.filter((why) => why.startsWith(begin)).length;
    expect(count(nobody, 'The school of this job:')).toBe(0);
    expect(count(nobody, 'As usual:')).toBeGreaterThan(0);
    expect(count(all, 'As usual:')).toBe(0);
    expect(count(all, 'The school of this job:')).toBe(count(nobody, 'As usual:'));
  });

  it('names none where nothing is to choose', () => {
    const box = fitting.find(({ connector }) => connector.id === 'lamp-tester');
    expect(box && schoolsInUse(box)).toEqual(['scheme']);
  });
});

describe('schoolMismatch', () => {
  it('says where a connector is not what the job has chosen, and only there', () => {
    const told = (id: string, rest = {}) =>
      inEnglish(
        schoolMismatch(BUILT_IN.connector(id), { ...DEFAULT_SCHOOLS, ...rest }, ['plug', 'joint']),
      );
    expect(told('plug-8p8c')).toBeNull();
    expect(told('plug-8p8c-pass-through')).toBe(
      'This job’s school is standard plugs; 8P8C plug, pass-through is pass-through plugs.',
    );
    expect(told('plug-8p8c-pass-through', { plug: 'pass-through' })).toBeNull();
    expect(told('splice-twist')).toContain('is twisted');
    expect(told('keystone-punch-down', { plug: 'pass-through' })).toBeNull();
    // What nobody chose is nobody’s school.
    expect(
      schoolMismatch(BUILT_IN.connector('plug-8p8c-pass-through'), DEFAULT_SCHOOLS, []),
    ).toBeNull();
  });
});
