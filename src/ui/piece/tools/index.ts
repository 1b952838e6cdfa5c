import { lazyPart } from '@/ui/blocks';
import type { Panels } from '../model/panels';

export { cardOf } from './card';

/** The room of tools: one at a time, out of a list of its own. */
export const ToolsRoom = lazyPart(() => import('./tools-room').then((part) => part.ToolsRoom));

/** What the tools answer; their stage is the room's own list with one of them beside it. */
export const TOOLS_ANSWERS: Panels = {
  templates: { Answer: lazyPart(() => import('./templates-answer').then((part) => part.TemplatesAnswer)) },
  gauges: { Answer: lazyPart(() => import('./gauges-answer').then((part) => part.GaugesAnswer)) },
};
