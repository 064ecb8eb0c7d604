import { bootstrapApplication } from '@angular/platform-browser';
import { App } from './app/app';
import { appConfig } from './app/app.config';
import { followTheme } from './app/kit/theme/theme';

/** The page is kept once it is there and at rest: nobody waits for it. */
const REST_MILLISECONDS = 3000;

followTheme();
bootstrapApplication(App, appConfig)
  .then(() => {
    setTimeout(() => {
      void import('./app/shell/keep-page').then(({ keepPage }) => keepPage());
    }, REST_MILLISECONDS);
  })
  .catch((error: unknown) => console.error(error));
