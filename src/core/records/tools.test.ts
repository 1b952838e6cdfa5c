import { describe, expect, it } from 'vitest';
import { batFor, chucksFor } from '.';

const bats = [
  { name: 'Large', width: 400, thickness: 22 },
  { name: 'Small', width: 200, thickness: 12 },
  { name: 'Plaster', width: 300, thickness: 25, plaster: true },
];

describe('the kit at the wheel', () => {
  it.each([
    [150, 'Small'],
    [200, 'Small'],
    [201, 'Plaster'],
    [399, 'Large'],
    [401, undefined],
  ])('takes for a base of %d mm the smallest bat that holds it', (base, name) => {
    expect(batFor(bats, base)?.name).toBe(name);
  });

  it('names the chucks that go inside, the closest first', () => {
    const chucks = [70, 78, 79.5, 80, 81].map((across) => ({ name: `${across}`, across }));
    expect(chucksFor(chucks, 80).map(({ name }) => name)).toEqual(['80', '79.5', '78']);
  });
});
