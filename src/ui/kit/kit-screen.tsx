'use client';

import { OwnMeasures, useBench } from '@/ui/bench';
import { Place, type RailMark } from '@/ui/frame';
import { useWorkspace } from '@/ui/state';
import { Box } from '@chakra-ui/react';
import { useRouter, useSearchParams } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import { Battens } from './battens';
import { Cutters } from './cutters';
import { Formers } from './formers';
import { KitAnswer } from './kit-answer';
import { KitShelf } from './kit-shelf';
import { type KitRoom, ROOMS_OF_KIT, thingsOf } from './kit-things';
import { BoughtThings } from './stock';
import { WheelTools } from './wheel-tools';

const WORDS: Readonly<Record<KitRoom, string>> = {
  formers: 'Formers',
  bought: 'Bought',
  cutters: 'Cutters',
  wheel: 'Wheel tools',
  rolling: 'Battens',
};

const LISTS: Readonly<Record<KitRoom, () => ReactNode>> = {
  formers: () => <Formers />,
  bought: () => <BoughtThings />,
  cutters: () => <Cutters />,
  wheel: () => <WheelTools />,
  rolling: () => (
    <>
      <Battens />
      <OwnMeasures />
    </>
  ),
};

/** What stands in the maker's workshop, in silhouette at one scale; the kind that is open is measured below it. */
export function KitScreen() {
  const { status, workspace } = useWorkspace();
  const { shop } = useBench();
  const router = useRouter();
  const asked = useSearchParams().get('of');
  const [picked, pick] = useState<string | undefined>();
  if (status === 'opening')
    return (
      <Box padding="6" color="fg.muted">
        Loading…
      </Box>
    );
  const room = ROOMS_OF_KIT.find((each) => each === asked) ?? 'formers';
  const things = thingsOf(workspace, shop);
  const marks = ROOMS_OF_KIT.map((value): RailMark => ({
    value,
    words: WORDS[value],
    figure: String(things.filter((thing) => thing.room === value).length + (value === 'rolling' ? (shop.measures ?? []).length : 0)),
  }));
  const go = (to: string) => router.push(to === 'formers' ? '/kit' : `/kit?of=${to}`);
  const own = things.filter((thing) => thing.room === room);
  return (
    <Place
      label="Kinds of kit"
      marks={marks}
      current={room}
      go={go}
      title={<h1>Kit</h1>}
      answer={<KitAnswer room={room} thing={own.find(({ key }) => key === picked) ?? own[0]} />}
    >
      <KitShelf
        things={things}
        room={room}
        pick={(thing) => {
          pick(thing.key);
          if (thing.room !== room) go(thing.room);
        }}
      />
      <Box marginTop="5" maxWidth="880px">
        {LISTS[room]()}
      </Box>
    </Place>
  );
}
