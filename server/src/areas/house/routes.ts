import { Router, type Request } from 'express';
import { rateLimit } from 'express-rate-limit';
import { houseChange, pairing } from '@ypsigram/contract/house';
import type { House } from '../../house/index.js';
import { endEventStreams } from '../../http/event-stream.js';
import { isHere } from '../../http/is-here.js';
import { ProblemError, notFound, onlyMethods } from '../../http/problem.js';
import { restoreRoute } from '../../http/removal.js';
import { parseId, validBody } from '../../http/validate.js';
import { NO_DEVICE, type Devices } from './devices.js';
import { DEVICE_COOKIE, askingDevice, onlyPaired } from './only-paired.js';
import type { HouseService } from './service.js';

const MINUTE_MILLISECONDS = 60_000;
/** Wrong passcodes a minute, from one address and from all together: 10^8 would take months. */
const TRIES_OF_ONE = 5;
const TRIES_OF_ALL = 30;

const triesLimit = (limit: number, keyGenerator?: () => string) =>
  rateLimit({
    windowMs: MINUTE_MILLISECONDS,
    limit,
    skipSuccessfulRequests: true,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    ...(keyGenerator && { keyGenerator }),
    handler: (_request, _response, next) =>
      next(new ProblemError(429, 'Too many wrong passcodes. Wait a minute, then try again.')),
  });

export interface HouseParts {
  readonly house: House;
  readonly devices: Devices;
  readonly service: HouseService;
}

export function houseRoutes({ house, devices, service }: HouseParts): Router {
  const router = Router();
  const paired = onlyPaired(devices);
  const now = async (request: Request) =>
    service.read({ device: await askingDevice(request, devices), isHere: isHere(request) });

  router
    .route('/devices')
    .post(
      triesLimit(TRIES_OF_ALL, () => 'all'),
      triesLimit(TRIES_OF_ONE),
      async (request, response) => {
        const asked = validBody(pairing, request);
        if (!(await house.passcode?.matches(asked.passcode))) {
          throw new ProblemError(
            403,
            'That is not the passcode. It stands in the settings, under Devices.',
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
    .put(async (request, response) => {
      const { isOpen } = validBody(houseChange, request);
      if (!isHere(request)) {
        throw new ProblemError(
          403,
          'The house is opened and closed on the machine that Ypsigram runs on.',
        );
      }
      await service.set(isOpen);
      response.json(await now(request));
    })
    .all(onlyMethods('GET', 'PUT'));
  router
    .route('/passcode')
    .post(async (request, response) => {
      await service.renewPasscode();
      response.json(await now(request));
    })
    .all(onlyMethods('POST'));
  const list = Router();
  list
    .route('/:id')
    .delete(async (request, response) => {
      const id = parseId(request.params.id, NO_DEVICE);
      await devices.remove(id);
      response.status(204).end();
      endEventStreams(id);
    })
    .all(onlyMethods('DELETE'));
  restoreRoute(list, devices, NO_DEVICE);
  router.use('/devices', list);
  return router;
}
