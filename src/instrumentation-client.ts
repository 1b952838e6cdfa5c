import { keepEarlyKeys, workspaceStore } from '@/ui/state';

// the workshop is read while the page is made ready, not after
void workspaceStore().open();

// a new piece is begun by typing, before its page is made too
if (location.pathname === '/new') keepEarlyKeys();
