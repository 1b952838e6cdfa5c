export { InstrumentTray } from './tray';
