export {
  CHANGING_AREAS,
  changeEvent,
  type ChangeEvent,
  type Changes,
  type ChangingArea,
} from './changes.js';
export {
  device,
  house,
  houseChange,
  pairing,
  type Device,
  type House,
  type HouseChange,
  type Pairing,
} from './house.js';
