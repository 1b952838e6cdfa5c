import { CONES, coneAboutC } from '@/core/clay';
import { commands } from '@/store';
import { NameInput, WordChoice } from '@/ui/fields';
import { run } from '@/ui/state';
import type { ReactNode } from 'react';
import type { ClayView } from './use-clay-view';

const NONE = '';

interface Props {
  readonly view: ClayView;
  readonly fresh: boolean;
  /** What leads elsewhere. */
  readonly children: ReactNode;
}

/** A clay's name, and the sentence of what is looked at: which batch, fired to which cone. */
export function ClayTitle({ view, fresh, children }: Props) {
  const { body, batches, batchId, known } = view;
  const about = coneAboutC(known.firing.cone);
  return (
    <div className="place-head">
      <div className="sentence-line">
        <NameInput
          label="Name of the clay"
          fresh={fresh}
          shown={body.name}
          take={(name, key) => {
            if (name.trim() === '') return 'A clay needs a name, such as Heron Buff.';
            run(commands.editBody(body.id, { name }, `name of ${body.name}`, key));
            return undefined;
          }}
        />
        <p className="sentence">
          {body.kind},{' '}
          <WordChoice
            label="Batch"
            value={batchId ?? NONE}
            options={[{ value: NONE, words: 'no batch chosen' }, ...batches.map(({ id, name }) => ({ value: id, words: name }))]}
            onChoose={(id) => view.chooseBatch(id || undefined)}
            comma
          />
          fired to{' '}
          <WordChoice
            label="Fired to"
            value={known.firing.cone ?? NONE}
            options={[{ value: NONE, words: 'as usual' }, ...CONES.map((cone) => ({ value: cone, words: `cone ${cone}` }))]}
            onChoose={(cone) => view.chooseCone(cone || undefined)}
          />
          {about !== undefined && <span className="sentence-aside"> about {about} °C</span>}
        </p>
      </div>
      <div className="place-acts">{children}</div>
    </div>
  );
}
