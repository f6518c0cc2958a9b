import { BUILT_IN, DEFAULT_SCHOOLS, SCHOOLS, assignCores } from '../catalogue';
import { EVERY_PAIR } from '../testing/tasks';
import { planTermination } from './plan-termination';
import { schoolDeparture, schoolsInUse } from './school-use';

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

  it('names none where nothing is to choose', () => {
    const box = fitting.find(({ connector }) => connector.id === 'lamp-tester');
    expect(box && schoolsInUse(box)).toEqual(['scheme']);
  });
});

describe('schoolDeparture', () => {
  it('says where a connector is not what the job has chosen, and only there', () => {
    const told = (id: string, rest = {}) =>
      schoolDeparture(BUILT_IN.connector(id), { ...DEFAULT_SCHOOLS, ...rest }, ['plug', 'joint']);
    expect(told('plug-8p8c')).toBeNull();
    expect(told('plug-8p8c-pass-through')).toBe(
      'This job’s school is standard plugs; 8P8C plug, pass-through is pass-through plugs.',
    );
    expect(told('plug-8p8c-pass-through', { plug: 'pass-through' })).toBeNull();
    expect(told('splice-twist')).toContain('is twisted');
    expect(told('keystone-punch-down', { plug: 'pass-through' })).toBeNull();
    // What nobody chose is nobody’s school.
    expect(
      schoolDeparture(BUILT_IN.connector('plug-8p8c-pass-through'), DEFAULT_SCHOOLS, []),
    ).toBeNull();
  });
});
