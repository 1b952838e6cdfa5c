import { type Order, type PieceSet, type Shop, USUAL_WEEK } from '@/core/records';

/** What the guesthouse ordered, and how the two potters' days go. */

const AT = '2026-11-23T08:30:00.000Z';

export const sets: PieceSet[] = [
  { id: 'set-seed-nest', name: 'Seed bowls, largest and smallest', planIds: ['plan-serving-bowl', 'plan-seed-bowl'], createdAt: AT },
  {
    id: 'set-seed-five',
    name: 'Seed bowls, sets of five',
    planIds: ['plan-seed-bowl'],
    sorting: { size: 5, at: 'bisque', within: { rimDiameter: 2, height: 3 }, held: [], out: [] },
    createdAt: AT,
  },
];

export const orders: Order[] = [
  {
    id: 'order-winter-table',
    name: 'Guesthouse, winter table',
    words: 'twelve jars with stoppers, a set of five seed bowls that match, by the eighteenth',
    due: '2026-12-18',
    odds: 0.9,
    lines: [
      { id: 'line-jars', planId: 'plan-honey-jar', count: 12, price: 34 },
      { id: 'line-bowls', setId: 'set-seed-five', count: 1, price: 120 },
    ],
    createdAt: AT,
  },
  {
    id: 'order-yard',
    name: 'Yard order',
    words: 'four planters like the one by the gate, before the frost is deep',
    due: '2027-01-08',
    odds: 0.9,
    lines: [{ id: 'line-planters', planId: 'plan-yard-planter', count: 4, price: 95 }],
    createdAt: AT,
  },
];

export const orderShop: Partial<Shop> = {
  week: { ...USUAL_WEEK, off: ['2026-12-25', '2026-12-26', '2027-01-01'], perDay: 12 },
  kiln: { width: 500, depth: 450, shelves: 4 },
  money: { currency: '€', shop: 0.45, wantPerHour: 45, clayPerKg: 1.4, glaze: 0.4, firing: 1.1, packing: 0.5, minutes: 19 },
  clayStock: { 'body-heron-buff': 10, 'body-chalk-down': 12 },
};
