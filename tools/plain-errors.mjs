import { tell } from './refusal.mjs';

// A command that fails says what is wrong and what to do; where in the program, only with DEBUG=1.
for (const event of ['uncaughtException', 'unhandledRejection'])
  process.on(event, (error) => {
    tell(error);
    process.exit(1);
  });
