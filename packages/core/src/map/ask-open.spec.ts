import { askOpen } from './ask-open';
import { namedContact, type Port } from './port';

const port = (...names: string[]): Port => ({
  id: '',
  name: 'Device',
  connector: 'd-sub-9',
  gender: 'plug',
  contacts: names.map((name, index) => namedContact(String(index + 1), name)),
  leastSupplyV: null,
  leadAwg: null,
});
const all = ({ contacts }: Port) => contacts.map(({ contact }) => contact);
const asked = (near: Port, far: Port) =>
  askOpen({ near: all(near), far: all(far) }, { near, far }).map(({ choices }) =>
    choices.map(({ label }) => label),
  );

describe('What is open on both sides', () => {
  it('is asked about with the best guess first, wherever it stands in the table', () => {
    const [choices] = asked(port('ALARM'), port('X7', 'Q3', 'ALARM 2'));
    expect(choices?.[0]).toBe('With far 3 (ALARM 2)');
    expect(choices).toContain('Leave it open');
  });

  it('is left open first where nothing is known of the names', () => {
    const [choices] = asked(port('X7'), port('Q3'));
    expect(choices?.[0]).toBe('Leave it open');
  });
});
