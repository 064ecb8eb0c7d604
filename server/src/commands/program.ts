import { Command, CommanderError, Option } from 'commander';
import { readSettings } from '../settings.js';
import { UsageError } from './input.js';

/** What a command ends with: it went well; something needs a look; it was not understood. */
const NEEDS_A_LOOK = 1;
const NOT_UNDERSTOOD = 2;

type Action = (...given: never[]) => Promise<number>;

/**
 * The program `ypsigram`. What a command does is loaded only when it is asked for.
 * @param end takes the exit code of what was done
 */
export function program(end: (code: number) => void): Command {
  const doing =
    (load: () => Promise<Action>) =>
    async (...given: unknown[]): Promise<void> => {
      const action = await load();
      end(await action(...(given as never[])));
    };
  const kitchenOption = (): Option =>
    new Option('--kitchen <file>', 'another kitchen than your own');
  const demoOption = (): Option => new Option('--demo', 'the demo kitchen');
  const usualOption = (): Option =>
    new Option('--usual', 'usual tools and weights, not those of your kitchen');
  const cupsOption = (): Option =>
    new Option('--cups <whose>', 'whose cups the recipe is written in: us, metric, uk, au, ...');

  const all = new Command('ypsigram')
    .description('Cups, spoons and grams that agree.')
    .version(readSettings({}).version)
    .showHelpAfterError('(“ypsigram --help” shows what there is)')
    .exitOverride()
    .enablePositionalOptions();

  all
    .command('start', { isDefault: true })
    .description('start your kitchen and open it in the browser')
    .option('--home', 'let phones and tablets connect')
    .option('--port <number>', 'another port than 4310')
    .option('--no-browser', 'only say the address')
    .addOption(kitchenOption())
    .action(doing(async () => (await import('./start.js')).start));
  all
    .command('demo')
    .description('start the demo kitchen, beside your own')
    .option('--reset', 'begin it anew')
    .option('--home', 'let phones and tablets connect')
    .option('--port <number>', 'another port than 4310')
    .option('--no-browser', 'only say the address')
    .action(
      doing(async () => {
        const { start } = await import('./start.js');
        return (options: Parameters<typeof start>[0]) => start({ ...options, demo: true });
      }),
    );
  all
    .command('stop')
    .description('stop it, once what is in flight is done')
    .addOption(demoOption())
    .addOption(kitchenOption())
    .action(doing(async () => (await import('./stop.js')).stop));
  all
    .command('backup [file]')
    .description('save the whole kitchen in one file')
    .addOption(demoOption())
    .addOption(kitchenOption())
    .action(doing(async () => (await import('./backup.js')).backup));
  all
    .command('restore [backup]')
    .description('put a backup file, or one of the daily copies, in place of the kitchen')
    .addOption(demoOption())
    .addOption(kitchenOption())
    .action(doing(async () => (await import('./restore.js')).restore));
  all
    .command('doctor')
    .description('look at everything a kitchen needs, and say what to do')
    .addOption(demoOption())
    .addOption(kitchenOption())
    .action(
      doing(async () => {
        const { doctor } = await import('./doctor.js');
        return (options: Parameters<typeof doctor>[0]) => doctor(options);
      }),
    );
  all
    .command('passcode')
    .description('show what lets a phone or tablet in')
    .option('--renew', 'make another')
    .addOption(demoOption())
    .addOption(kitchenOption())
    .action(doing(async () => (await import('./passcode.js')).passcode));

  const devices = all
    .command('devices')
    .description('list the phones and tablets that were let in')
    .addOption(demoOption())
    .addOption(kitchenOption())
    .action(doing(async () => (await import('./devices.js')).listDevices));
  const inherited = (_options: object, command: Command): object => command.optsWithGlobals();
  devices
    .command('remove <name>')
    .description('remove one, by its name')
    .addOption(demoOption())
    .addOption(kitchenOption())
    .action(
      doing(async () => {
        const { removeDevice } = await import('./devices.js');
        return (name: string, options: object, command: Command) =>
          removeDevice(name, inherited(options, command));
      }),
    );
  for (const [name, isOpen, says] of [
    ['allow', true, 'let phones and tablets connect, now and at the next start'],
    ['refuse', false, 'let none connect any more'],
  ] as const) {
    devices
      .command(name)
      .description(says)
      .addOption(demoOption())
      .addOption(kitchenOption())
      .action(
        doing(async () => {
          const { allowDevices } = await import('./devices.js');
          return (options: object, command: Command) =>
            allowDevices(isOpen, inherited(options, command));
        }),
      );
  }

  all
    .command('convert [files...]')
    .description(
      'convert recipes, and scale their batch; from standard input where no file is named',
    )
    .option('--to <column>', 'weights, cups or both', 'both')
    .option('--batch <factor>', 'how many times the recipe: 2, 1.5, 3/2', '1')
    .option('--pieces <number>', 'a batch of so many pieces')
    .addOption(cupsOption())
    .option('--my-cups <whose>', 'measure with usual tools of this standard')
    .option('--hand <name>', 'who measures, of the people of your kitchen')
    .addOption(new Option('--json', 'the whole plan').conflicts(['markdown', 'csv']))
    .addOption(new Option('--markdown', 'a table for notes').conflicts('csv'))
    .option('--csv', 'a row for each ingredient')
    .addOption(usualOption())
    .addOption(kitchenOption())
    .action(doing(async () => (await import('./convert.js')).convert));
  all
    .command('check [files...]')
    .description('say what in a recipe is open, and how many grams hang on it')
    .addOption(cupsOption())
    .option('--json', 'as data')
    .addOption(usualOption())
    .addOption(kitchenOption())
    .action(doing(async () => (await import('./check.js')).check));
  all
    .command('ask <question...>')
    .description('answer a quick question, such as "1 3/4 cups cocoa"')
    .option('--json', 'as data')
    .addOption(usualOption())
    .addOption(kitchenOption())
    .action(
      doing(async () => {
        const { ask } = await import('./ask.js');
        return (words: readonly string[], options: Parameters<typeof ask>[1]) =>
          ask(words.join(' '), options);
      }),
    );
  return all;
}

const isCommand = (all: Command, name: string): boolean =>
  name === 'help' || all.commands.some((command) => command.name() === name);

/** Does what was typed. The exit code: 0 went well, 1 something needs a look, 2 not understood. */
export async function runCommand(typed: readonly string[]): Promise<number> {
  let code = 0;
  const all = program((ended) => (code = ended));
  const [first] = typed;
  if (first !== undefined && /^[a-z]/i.test(first) && !isCommand(all, first)) {
    console.error(`There is no command “${first}”. All of them: ypsigram --help`);
    return NOT_UNDERSTOOD;
  }
  try {
    await all.parseAsync([...typed], { from: 'user' });
    return code;
  } catch (error) {
    // It has been said already, with what there is.
    if (error instanceof CommanderError) return error.exitCode === 0 ? 0 : NOT_UNDERSTOOD;
    console.error(error instanceof Error ? error.message : error);
    return error instanceof UsageError ? NOT_UNDERSTOOD : NEEDS_A_LOOK;
  }
}
