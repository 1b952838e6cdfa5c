'use client';

import { BOARD, boardsFor, kilnLoads, type LineWork, type OrderWork, worthFor } from '@/core/orders';
import { shopOf } from '@/core/records';
import { madeActs } from '@/store';
import { Act, Saves } from '@/ui/fields';
import { Figure } from '@/ui/stage';
import { run, useUnits, useWorkspace } from '@/ui/state';
import { weighOutText } from '@/ui/steps';
import { type UnitChoice, type Written, text, unbroken, writeLength, writeMass } from '@/core/units';
import { Box, HStack } from '@chakra-ui/react';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { STEP } from './step-words';

/** Clay by the bag: kilograms to a tenth, or pounds. */
const bagged = (kg: number, choice: UnitChoice): Written =>
  choice.mass === 'g' ? { whole: kg.toFixed(1), unit: 'kg' } : writeMass(kg * 1000, choice);

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box as="section" aria-label={title} paddingBlock="3" borderTopWidth="1px" borderColor="line">
      <Box fontSize="sm" color="fg.muted">
        {title}
      </Box>
      {children}
    </Box>
  );
}

/** The answer to an order: how many to make, the clay and the balls to weigh. */
export function Takes({ work }: { work: OrderWork }) {
  const lines = work.lines.filter(({ items }) => items.length > 0);
  if (lines.length === 0)
    return (
      <Box as="aside" color="fg.muted">
        Add what was ordered to see how many to make and what you need.
      </Box>
    );
  return (
    <Box as="aside">
      {lines.map((line, i) => (
        <HowMany key={line.line.id} line={line} first={i === 0} />
      ))}
      <Clay work={work} />
    </Box>
  );
}

/** What the kiln holds of an order, whether it is worth it, and its days as a file. */
export function MoreOfOrder({ work, today }: { work: OrderWork; today: string }) {
  const lines = work.lines.filter(({ items }) => items.length > 0);
  if (lines.length === 0) return null;
  return (
    <Box display="grid" gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }} columnGap="6" marginTop="5">
      <Kiln work={work} />
      {lines.map((line) => (
        <WorthIt key={line.line.id} line={line} />
      ))}
      <Calendar work={work} today={today} />
    </Box>
  );
}

function HowMany({ line: { line, name, items }, first: leads }: { line: LineWork; first: boolean }) {
  const all = items.reduce((sum, { make }) => sum + make, 0);
  const [first] = items;
  const begin = () => {
    for (const { plan, make } of items) run(madeActs.setRunWanted(plan, plan.id, () => make));
  };
  return (
    <Box paddingBottom="3">
      <div className="answer-words">
        Make this many to get {line.count} × {name}
      </div>
      <HStack gap="3" color="wet" className="links">
        <Box
          className={leads ? 'answer-big' : undefined}
          fontFamily="figure"
          fontSize={leads ? undefined : '2.5rem'}
          fontWeight="700"
          lineHeight="1"
          data-make
        >
          {all}
        </Box>
        {first && (
          <Link href={`/wheel?plan=${first.plan.id}`} onClick={begin}>
            Start throwing
          </Link>
        )}
      </HStack>
    </Box>
  );
}

function Clay({ work }: { work: OrderWork }) {
  const units = useUnits();
  const { choice } = units;
  const bag = (kg: number) => text(bagged(kg, choice));
  const items = work.lines.filter(({ line }) => !line.done?.includes('throw')).flatMap((line) => line.items);
  if (items.length === 0) return null;
  const boards = boardsFor(items);
  return (
    <Part title="Clay to wedge, with what is put on and 3% lost in wedging">
      {work.clay.map(({ name, kg, stockKg }) => (
        <Box key={name} marginBottom="1">
          <Box color="wet" data-clay>
            <Figure written={bagged(kg, choice)} size="1.875rem" />
          </Box>
          <Box>{name}</Box>
          {stockKg !== undefined && (
            <Box fontSize="sm" color={stockKg < kg ? 'warn' : 'fg.muted'}>
              {bag(stockKg)} in stock{stockKg < kg ? `: ${bag(kg - stockKg)} short` : ''}
            </Box>
          )}
        </Box>
      ))}
      <Box as="ul" fontSize="sm" data-balls>
        {items.map(({ name, part, make, copies, ballG }) => (
          <li key={name}>
            {ballG === undefined
              ? `${make} × ${name}`
              : `${make * copies} balls of ${unbroken(weighOutText(ballG, part, units))}, ${name}${copies > 1 ? `, ${copies} pressed together for each` : ''}`}
          </li>
        ))}
      </Box>
      {boards > 0 && (
        <Box fontSize="sm">
          {boards} ware {boards === 1 ? 'board' : 'boards'} of {text(writeLength(BOARD.width, choice))} by{' '}
          {text(writeLength(BOARD.depth, choice))}
        </Box>
      )}
      {work.bats.length > 0 && <Box fontSize="sm">bats: {work.bats.map(({ name, count }) => `${count} × ${name}`).join(', ')}</Box>}
    </Part>
  );
}

const shelves = (count: number, of: number): string => {
  const loads = Math.ceil(count / of);
  return `${count} ${count === 1 ? 'shelf' : 'shelves'} of ${of}${loads > 1 ? `: ${loads} firings` : ''}`;
};

function Kiln({ work }: { work: OrderWork }) {
  const { length } = useUnits();
  const { workspace } = useWorkspace();
  const items = work.lines.flatMap((line) => line.items);
  const loads = kilnLoads(workspace, items);
  const { kiln } = shopOf(workspace);
  if (!loads || !kiln)
    return (
      <Part title="kiln">
        <Link href="/orders?order=work">Enter your kiln shelf size</Link>
      </Part>
    );
  const tooWide = [...new Set(loads.bisque.tooWide.map(({ name }) => name))];
  return (
    <Part title="kiln">
      <Box>
        bisque {shelves(loads.bisque.shelves.length, kiln.shelves)}
        <br />
        glaze {shelves(loads.glaze.shelves.length, kiln.shelves)}
      </Box>
      {Math.max(loads.bisque.shelves.length, loads.glaze.shelves.length) > kiln.shelves && (
        <Box color="warn" fontSize="sm">
          The days count one firing of each kind. Allow for the others.
        </Box>
      )}
      {tooWide.length > 0 && (
        <Box color="warn">Wider than a shelf: {tooWide.join(', ')}. Such ware lies on one whole shelf, never across two.</Box>
      )}
      <Box fontSize="sm" color="fg.muted">
        Assumes {length(10)} between pieces. Put wide ware on one whole shelf. Keep grog from falling on glazed ware below.
      </Box>
    </Part>
  );
}

function WorthIt({ line }: { line: LineWork }) {
  const { workspace } = useWorkspace();
  const { money } = shopOf(workspace);
  const worth = worthFor(workspace, line);
  if (!worth || !money) {
    const why =
      line.line.price === undefined ? 'Enter a price to see what it earns.' : 'Enter your costs, hourly target and minutes first.';
    return (
      <Part title={`Price and time: ${line.name}`}>
        <Box fontSize="sm">
          {why} <Link href="/orders?order=work">How we work</Link>
        </Box>
      </Part>
    );
  }
  const cash = (amount: number) => `${money.currency}${amount.toFixed(2)}`;
  const most = worth.byWork.reduce((a, b) => (b.minutes > (a?.minutes ?? 0) ? b : a), worth.byWork[0]);
  const over = worth.minutes - worth.mostMinutes;
  const all = line.items.reduce((sum, { make }) => sum + make, 0);
  return (
    <Part title={`Price and time: ${line.name}`}>
      <HStack gap="5" flexWrap="wrap" fontFamily="figure" fontVariantNumeric="tabular-nums" data-worth>
        <Box>
          <Box fontSize="1.625rem" fontWeight="680">
            {cash(worth.leaves)}
          </Box>
          <Box fontSize="sm" fontFamily="body">
            left per piece
          </Box>
        </Box>
        <Box>
          <Box fontSize="1.625rem" fontWeight="680" color={worth.perHour < money.wantPerHour ? 'warn' : 'act'}>
            {cash(worth.perHour)}
          </Box>
          <Box fontSize="sm" fontFamily="body">
            per hour, target {cash(money.wantPerHour)}
          </Box>
        </Box>
      </HStack>
      <Box fontSize="sm">
        {worth.leaves <= 0
          ? 'The price does not cover what it costs.'
          : over > 0
            ? `Takes ${worth.minutes.toFixed(0)} minutes. To earn your target it may take ${worth.mostMinutes.toFixed(0)}.`
            : `Takes ${worth.minutes.toFixed(0)} minutes; up to ${worth.mostMinutes.toFixed(0)} would do.`}{' '}
        {most && `The longest step is ${most.work}: ${most.minutes.toFixed(0)} minutes.`} Saving 1 minute on each saves {all} minutes in
        all. {worth.learned ? 'Minutes from your log.' : 'Minutes you entered.'}
      </Box>
    </Part>
  );
}

/** The days as a file for any calendar. */
function Calendar({ work, today }: { work: OrderWork; today: string }) {
  const dated = work.lines.flatMap(({ line, name, items, dates }) =>
    dates?.ok ? dates.value.map((step) => ({ line, name, items, step })) : [],
  );
  if (dated.length === 0) return null;
  const make = async () => {
    const { writeCalendar } = await import('@/core/encode');
    const entries = dated.map(({ line, name, items, step }) => ({
      uid: `${work.order.id}-${line.id}-${step.name}@rimbet`,
      summary: `${STEP[step.name].words}: ${name}`,
      description: `${work.order.name}. ${items.map((each) => `${each.make} × ${each.name}`).join(', ')}${step.typical ? '. Days are typical.' : ''}`,
      from: step.from,
      to: step.to,
    }));
    return { name: 'rimbet-days.ics', type: 'text/calendar', content: writeCalendar(entries, `${today}T00:00:00Z`) };
  };
  return (
    <Part title="Export">
      <Saves files={[{ words: 'Calendar file', make }]}>
        <Act onClick={() => window.print()}>Print</Act>
      </Saves>
    </Part>
  );
}
