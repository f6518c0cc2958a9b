import { mergeFields } from './merge-fields';

describe('Two people who change the same thing', () => {
  const base = {
    label: 'K04',
    lengthM: 30,
    near: { place: 'C1', connector: 'plug-8p8c' },
    route: [{ name: 'Tray', atM: 3 }],
    schools: {},
  };

  it('both win where they changed other fields, also of the same end', () => {
    const theirs = { ...base, lengthM: 43, near: { ...base.near, place: 'C1/A/04' } };
    const mine = { ...base, label: 'K4', near: { ...base.near, connector: 'keystone' } };
    expect(mergeFields(base, mine, theirs)).toEqual({
      changes: { label: 'K4', near: { place: 'C1/A/04', connector: 'keystone' } },
      conflicts: [],
    });
  });

  it('are asked where they changed the same field to something else, each by its path', () => {
    const theirs = { ...base, lengthM: 43, near: { ...base.near, place: 'C1/A' } };
    const mine = { lengthM: 41, near: { place: 'C1/B', connector: 'plug-8p8c' } };
    expect(mergeFields(base, mine, theirs).conflicts).toEqual(['lengthM', 'near.place']);
  });

  it('agree where both made it the same', () => {
    const theirs = { ...base, lengthM: 43 };
    expect(mergeFields(base, { lengthM: 43 }, theirs)).toEqual({
      changes: {},
      conflicts: [],
    });
  });

  it('leave what others did where a field was sent as it was', () => {
    const theirs = { ...base, lengthM: null, route: [] };
    const mine = { lengthM: 30, route: [{ atM: 3, name: 'Tray' }], schools: { pin: 'a' } };
    expect(mergeFields(base, mine, theirs)).toEqual({
      changes: { schools: { pin: 'a' } },
      conflicts: [],
    });
  });

  it('take out what one took out, beside what the other put in', () => {
    const with1 = { ...base, schools: { pin: 'a' } };
    const theirs = { ...base, schools: { pin: 'a', joint: 'b' } };
    expect(mergeFields(with1, { schools: {} }, theirs).changes).toEqual({
      schools: { joint: 'b' },
    });
  });

  it('take a list as one value', () => {
    const longer = [...base.route, { name: 'Riser', atM: 9 }];
    const theirs = { ...base, route: [{ name: 'Tray', atM: 4 }] };
    expect(mergeFields(base, { route: longer }, theirs).conflicts).toEqual(['route']);
  });
});
