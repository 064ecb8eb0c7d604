export { HouseDoor, type HouseSettings } from './house.js';
export { addressesNow, namesNow } from './home-networks.js';
export { removedDevices, type RemovedDevices } from './removed-devices.js';
