import { onceEach } from '@/core/remember';
import type { Shop, ShopName, ShopRow, Workspace } from './records';

/** What each setting of the shop is called. */
export const SHOP_WORDS: Readonly<Record<ShopName, string>> = {
  place: 'size limits',
  wheel: 'bat and clearances',
  printers: 'printers',
  measures: 'own measures',
  bats: 'bats',
  dies: 'extruder dies',
  chucks: 'chucks',
  stock: 'bought lids and stoppers',
  battens: 'battens',
  rollerWidth: 'width of the roller',
  slabLength: 'longest slab',
  coils: 'your coil notes',
  week: 'working days',
  kiln: 'kiln',
  money: 'what things cost',
  clayStock: 'clay in stock',
  slips: 'slips',
};

const byName = onceEach((shop: readonly ShopRow[]) => Object.fromEntries(shop.map(({ id, value }) => [id, value])) as Partial<Shop>);

/** The shop's settings by name; what was never set is missing. The same rows give the same object. */
export const shopOf = ({ shop }: Pick<Workspace, 'shop'>): Partial<Shop> => byName(shop);

/** Settings by name as rows; what is not set has none. */
export const shopRows = (shop: Partial<Shop>): ShopRow[] =>
  Object.entries(shop).flatMap(([id, value]) => (value === undefined ? [] : [{ id, value } as ShopRow]));
