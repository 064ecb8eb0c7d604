#!/usr/bin/env node
import { runCommand } from './commands/index.js';

// What other parts of the program tell a person to type is this command's.
process.env['STARTED_BY'] ??= 'ypsigram';
process.exitCode = await runCommand(process.argv.slice(2));
