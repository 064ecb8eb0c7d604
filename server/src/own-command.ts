/** What a person can ask of the program by name. */
export type OwnCommand = 'start' | 'demo' | 'home' | 'stop' | 'restore';

const INSTALLED: Readonly<Record<OwnCommand, string>> = {
  start: 'ypsigram',
  demo: 'ypsigram demo',
  home: 'ypsigram --home',
  stop: 'ypsigram stop',
  restore: 'ypsigram restore',
};
const FROM_SOURCES: Readonly<Record<OwnCommand, string>> = {
  start: 'npm start',
  demo: 'npm run demo',
  home: 'npm start -- --home',
  stop: 'Ctrl-C where it runs',
  restore: 'npm run restore',
};

/** The command as this person types it: the installed program's, or the one of the sources. */
export const ownCommand = (command: OwnCommand): string =>
  (process.env['STARTED_BY'] === 'ypsigram' ? INSTALLED : FROM_SOURCES)[command];

/** How another port is chosen: `PORT=4312 npm start`, `ypsigram --port 4312`. */
export const ownPortCommand = (variable: 'PORT' | 'HOUSE_PORT', port: number): string =>
  process.env['STARTED_BY'] === 'ypsigram' && variable === 'PORT'
    ? `ypsigram --port ${port}`
    : `${variable}=${port} ${ownCommand('start')}`;
