import { lazyPart } from '@/ui/blocks';

export { cardOf } from './card';

/** The room of tools: one at a time, out of a list of its own. */
export const ToolsRoom = lazyPart(() => import('./tools-room').then((part) => part.ToolsRoom));
