import { z } from 'zod';
import { changeEvent, device, house, houseChange, pairing } from '../house/index.js';
import { idPath, json, missing, problemOf, refused } from './parts.js';

const unpaired = { '401': problemOf('This device is not paired, or was removed.') };
const elsewhere = { '403': problemOf('Only on the machine that the server runs on.') };

/** The paths of the devices of the house, and of what changes on them. */
export const housePaths = {
  '/api/house': {
    get: {
      summary: 'Who else in the house may come in, and how',
      responses: { '200': { description: 'The house.', ...json(house) }, ...unpaired },
    },
    put: {
      summary: 'Let the devices of the house in, or no longer',
      requestBody: json(houseChange),
      responses: {
        '200': { description: 'The house as it is now.', ...json(house) },
        ...refused,
        ...elsewhere,
        '503': problemOf('The port of the house is taken.'),
      },
    },
  },
  '/api/house/passcode': {
    post: {
      summary: 'Another passcode; paired devices stay paired',
      responses: {
        '200': { description: 'The house as it is now.', ...json(house) },
        ...elsewhere,
      },
    },
  },
  '/api/house/certificate': {
    get: {
      summary: 'The certificate that devices of the house may trust',
      responses: {
        '200': {
          description: 'The certificate, as PEM.',
          content: { 'application/x-x509-ca-cert': { schema: z.string() } },
        },
        ...missing,
      },
    },
  },
  '/api/house/devices': {
    post: {
      summary: 'Pair this device; the answer sets a cookie that only the server reads',
      requestBody: json(pairing),
      responses: {
        '201': { description: 'Paired.', ...json(device) },
        ...refused,
        '403': problemOf('That is not the passcode.'),
        '429': problemOf('Too many wrong passcodes. Wait a minute.'),
      },
    },
  },
  '/api/house/devices/{id}': {
    delete: {
      summary: 'Remove a device: it is refused from now on, and the passcode is another',
      requestParams: { path: idPath },
      responses: {
        '204': { description: 'Removed.' },
        '403': problemOf('Another device than this one is removed where the server runs.'),
        ...missing,
      },
    },
  },
  '/api/house/devices/{id}/restore': {
    post: {
      summary: 'Undo the removal of a device',
      requestParams: { path: idPath },
      responses: {
        '200': { description: 'Paired again.', ...json(device) },
        ...elsewhere,
        ...missing,
      },
    },
  },
  '/api/changes': {
    get: {
      summary: 'A stream of server-sent events: which areas were changed, whenever they are',
      responses: {
        '200': {
          description: 'Events named "changes", the first one at once.',
          content: { 'text/event-stream': { schema: changeEvent } },
        },
      },
    },
  },
};
