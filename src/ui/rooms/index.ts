export { type OpenRoom, ROOMS, type Room, type RoomName, type Section } from './rooms';
export { type OpenedRoom, openRoom, roomOfKey, useRoom } from './use-room';
