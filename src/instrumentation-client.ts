import { workspaceStore } from '@/ui/state';

// the workshop is read while the page is made ready, not after
void workspaceStore().open();
