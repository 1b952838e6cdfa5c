'use client';

import { type Money, type Room, ROOMS_DRY, shopOf, USUAL_MONEY, USUAL_WEEK, WORK, type WorkWeek } from '@/core/records';
import { readDay } from '@/core/units';
import { commands, madeActs } from '@/store';
import { Block } from '@/ui/blocks';
import { LabelledChoice, OptionalLength, OptionalNumber, OptionalPercent, TextInput } from '@/ui/fields';
import { run, useUnits, useWorkspace } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';

const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

const ROOM_WORDS: Readonly<Record<Room, string>> = { damp: 'damp and cool', usual: 'in between', warm: 'warm and dry' };

/** What days, kiln and money are worked out from; set once. */
export function HowWeWork() {
  return (
    <Box maxWidth="760px">
      <chakra.h2 fontSize="sm" color="fg.muted" marginBottom="3">
        What days, kiln and costs are worked out from
      </chakra.h2>
      <Week />
      <Kiln />
      <Costs />
      <Stock />
    </Box>
  );
}

function Week() {
  const { workspace } = useWorkspace();
  const week = shopOf(workspace).week ?? USUAL_WEEK;
  const edit = (change: Partial<WorkWeek>, key?: string) =>
    run(commands.setShop('week', (now = USUAL_WEEK) => ({ ...now, ...change }), undefined, key));
  const toggle = (day: number) => {
    const workdays = week.workdays.includes(day) ? week.workdays.filter((each) => each !== day) : [...week.workdays, day].sort();
    edit({ workdays });
  };
  return (
    <Block title="Days">
      <HStack as="fieldset" gap="3" flexWrap="wrap">
        <chakra.legend fontSize="sm" color="fg.muted">
          Worked
        </chakra.legend>
        {WEEKDAYS.map((name, i) => (
          <chakra.label key={name} display="inline-flex" alignItems="center" gap="1.5" minHeight="44px">
            <input
              type="checkbox"
              checked={week.workdays.includes(i + 1)}
              onChange={() => toggle(i + 1)}
              style={{ width: 20, height: 20 }}
            />
            {name}
          </chakra.label>
        ))}
      </HStack>
      {week.workdays.length === 0 && (
        <Box role="alert" color="bad">
          Choose at least one working day.
        </Box>
      )}
      <HStack gap="4" flexWrap="wrap" alignItems="flex-start">
        <OptionalNumber
          label="Pieces thrown per day"
          min={1}
          max={5000}
          whole
          example="20"
          value={week.perDay}
          onValue={(perDay, key) => (perDay === undefined ? 'Enter a rough number per day.' : edit({ perDay }, key))}
        />
        <LabelledChoice
          label="Drying room"
          value={week.room}
          options={(Object.keys(ROOMS_DRY) as Room[]).map((value) => ({ value, words: ROOM_WORDS[value] }))}
          onChoose={(room) => edit({ room })}
        />
        <Box flex="1 1 260px">
          <TextInput
            label="Days off, separated by commas"
            shown={week.off.join(', ')}
            take={(text, key) => {
              const read = text
                .split(',')
                .filter((each) => each.trim())
                .map((each) => readDay(each, madeActs.today()));
              const wrong = read.find((each) => !each.ok);
              if (wrong && !wrong.ok) return wrong.problem.message;
              return edit({ off: read.flatMap((each) => (each.ok ? [each.value] : [])).sort() }, key) ?? undefined;
            }}
          />
        </Box>
      </HStack>
    </Block>
  );
}

const USUAL_KILN = { width: 400, depth: 400, shelves: 3 };

function Kiln() {
  const { workspace } = useWorkspace();
  const { kiln } = shopOf(workspace);
  const edit = (change: Partial<typeof USUAL_KILN>, key: string) =>
    run(commands.setShop('kiln', (now = USUAL_KILN) => ({ ...now, ...change }), undefined, key));
  return (
    <Block title="Kiln">
      <HStack gap="4" flexWrap="wrap">
        <OptionalLength
          label="Shelf width"
          value={kiln?.width}
          onValue={(width, key) => (width ? edit({ width }, key) : 'A shelf has a width.')}
        />
        <OptionalLength
          label="Shelf depth"
          value={kiln?.depth}
          onValue={(depth, key) => (depth ? edit({ depth }, key) : 'A shelf has a depth.')}
        />
        <OptionalNumber
          label="Shelves"
          min={1}
          max={100}
          whole
          example="4"
          value={kiln?.shelves}
          onValue={(shelves, key) => (shelves ? edit({ shelves }, key) : 'One shelf at least.')}
        />
      </HStack>
    </Block>
  );
}

const COSTS = {
  glaze: 'Glaze, a piece',
  firing: 'Firing, a piece',
  packing: 'Packing, a piece',
  wantPerHour: 'Target per hour',
  minutes: 'Minutes per piece, total',
} as const satisfies Partial<Record<keyof Money, string>>;

const KG_PER_LB = 0.45359237;

function Costs() {
  const { workspace } = useWorkspace();
  const money = shopOf(workspace).money;
  const pounds = useUnits().choice.mass === 'lb-oz';
  const perKg = pounds ? KG_PER_LB : 1;
  const edit = (change: Partial<Money>, key: string) =>
    run(commands.setShop('money', (now = USUAL_MONEY) => ({ ...now, ...change }), undefined, key));
  return (
    <Block title="What things cost">
      <HStack gap="4" flexWrap="wrap" alignItems="flex-end">
        <Box width="5.625rem">
          <TextInput
            label="Currency"
            shown={money?.currency ?? ''}
            take={(currency, key) =>
              (currency.trim().length > 10 ? 'A short sign, such as €.' : edit({ currency: currency.trim() }, key)) ?? undefined
            }
          />
        </Box>
        <OptionalPercent
          label="Shop commission"
          most={99}
          value={money && money.shop * 100}
          onValue={(percent, key) => edit({ shop: (percent ?? 0) / 100 }, key)}
        />
        <OptionalNumber
          label={`Clay, a ${pounds ? 'lb' : 'kg'}`}
          min={0}
          max={1e6}
          example="1.4"
          width="9.375rem"
          value={money?.clayPerKg ? Math.round(money.clayPerKg * perKg * 1e4) / 1e4 : undefined}
          onValue={(amount, key) => edit({ clayPerKg: (amount ?? 0) / perKg }, key)}
        />
        {(Object.keys(COSTS) as (keyof typeof COSTS)[]).map((name) => (
          <OptionalNumber
            key={name}
            label={COSTS[name]}
            min={0}
            max={1e6}
            example="1.4"
            width="9.375rem"
            value={money?.[name] || undefined}
            onValue={(amount, key) => edit({ [name]: amount ?? 0 }, key)}
          />
        ))}
      </HStack>
      <HStack gap="3" flexWrap="wrap" marginTop="2">
        {WORK.map((work) => (
          <OptionalNumber
            key={work}
            label={`${work}, minutes`}
            min={0}
            max={6000}
            example="4"
            width="6.25rem"
            value={money?.byWork?.[work]}
            onValue={(took, key) => {
              const { [work]: _, ...others } = money?.byWork ?? {};
              return edit({ byWork: took === undefined ? others : { ...others, [work]: took } }, key);
            }}
          />
        ))}
      </HStack>
      <Box fontSize="sm" color="fg.muted">
        Minutes per step replace the total. Minutes from your log replace both.
      </Box>
    </Block>
  );
}

function Stock() {
  const { workspace } = useWorkspace();
  const { clayStock = {} } = shopOf(workspace);
  return (
    <Block title="Clay in stock, kg">
      <HStack gap="4" flexWrap="wrap">
        {workspace.bodies.map(({ id, name }) => (
          <OptionalNumber
            key={id}
            label={name}
            min={0}
            max={1e5}
            example="12.5"
            value={clayStock[id]}
            onValue={(kg, key) =>
              run(
                commands.setShop(
                  'clayStock',
                  (now = {}) => {
                    const { [id]: _, ...others } = now;
                    return kg === undefined ? others : { ...others, [id]: kg };
                  },
                  undefined,
                  key,
                ),
              )
            }
          />
        ))}
      </HStack>
    </Block>
  );
}
