import { Router, type Request, type RequestHandler } from 'express';
import { houseChange, pairing } from '@ypsigram/contract/house';
import type { HouseDoor } from '../../house/index.js';
import { endStreamsFor, letStreamsOf } from '../../http/event-stream.js';
import { isHere } from '../../http/is-here.js';
import { ProblemError, notFound, onlyMethods } from '../../http/problem.js';
import { triesLimit } from '../../http/tries-limit.js';
import { parseId, validBody } from '../../http/validate.js';
import { NO_DEVICE, type PairedDevices } from './devices.js';
import { DEVICE_COOKIE, askingDevice, onlyPaired } from './only-paired.js';
import type { HouseService } from './service.js';

/** Wrong passcodes a minute from one address. */
const MOST_TRIES = 5;

export interface HouseParts {
  readonly house: HouseDoor;
  readonly devices: PairedDevices;
  readonly service: HouseService;
}

/** @throws ProblemError 403 for a device: what lets others in or out belongs to the machine itself */
const onlyHere: RequestHandler = (request, _response, next) => {
  if (!isHere(request)) {
    throw new ProblemError(
      403,
      'That is done on the machine that Ypsigram runs on, in its settings under Devices.',
    );
  }
  next();
};

export function houseRoutes({ house, devices, service }: HouseParts): Router {
  const router = Router();
  const paired = onlyPaired(devices);
  const now = async (request: Request) =>
    service.read({ device: await askingDevice(request, devices), isHere: isHere(request) });

  router
    .route('/devices')
    .post(
      triesLimit({
        limit: MOST_TRIES,
        says: 'Too many wrong passcodes. Wait a minute, then try again.',
        counts: 'refused',
      }),
      async (request, response) => {
        const asked = validBody(pairing, request);
        if (!(await house.isPasscode(asked.passcode))) {
          throw new ProblemError(
            403,
            'That is not the passcode. It stands on the machine that Ypsigram runs on, in its settings under Devices.',
            { field: 'passcode' },
          );
        }
        const { device, key } = await devices.add(asked);
        response.status(201).cookie(DEVICE_COOKIE.name, key, DEVICE_COOKIE.options).json(device);
      },
    )
    .all(onlyMethods('POST'));
  router
    .route('/certificate')
    .get((_request, response) => {
      if (!house.authority) throw notFound('The house is closed to other devices.');
      response
        .type('application/x-x509-ca-cert')
        .attachment('ypsigram-house.crt')
        .send(house.authority.certificate);
    })
    .all(onlyMethods('GET'));

  router.use(paired);
  router
    .route('/')
    .get(async (request, response) => {
      response.json(await now(request));
    })
    .put(onlyHere, async (request, response) => {
      const { isOpen } = validBody(houseChange, request);
      await service.set(isOpen);
      response.json(await now(request));
    })
    .all(onlyMethods('GET', 'PUT'));
  router
    .route('/passcode')
    .post(onlyHere, async (request, response) => {
      await service.renewPasscode();
      response.json(await now(request));
    })
    .all(onlyMethods('POST'));
  const list = Router();
  list
    .route('/:id')
    .delete(async (request, response) => {
      const id = parseId(request.params.id, NO_DEVICE);
      // A device may go; who else goes is decided at the machine.
      if (id !== (await askingDevice(request, devices)))
        onlyHere(request, response, () => undefined);
      await service.remove(id);
      response.status(204).end();
      endStreamsFor(id);
    })
    .all(onlyMethods('DELETE'));
  list
    .route('/:id/restore')
    .post(onlyHere, async (request, response) => {
      const id = parseId(request.params.id, NO_DEVICE);
      const device = await service.restore(id);
      letStreamsOf(id);
      response.json(device);
    })
    .all(onlyMethods('POST'));
  router.use('/devices', list);
  return router;
}
