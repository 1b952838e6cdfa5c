import { StageMark } from './stage-mark';
import { memo } from 'react';

/** What a rounded wet figure comes out of the kiln at. */
export const Finishes = memo(function Finishes({ children }: { children: string }) {
  return (
    <div className="answer-finishes">
      <StageMark stage="glazed" size={11} />
      <span>finishes {children}</span>
    </div>
  );
});
