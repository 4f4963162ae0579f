import { InputProblem } from './commands';
import { run } from './run';

// Whoever reads may stop early (`| head`): that is no fault.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code !== 'EPIPE') throw error;
  process.exit(0);
});

try {
  const answer = await run(process.argv.slice(2));
  // Help and version are for people, a PDF is bytes; everything else is JSON.
  process.stdout.write(
    answer instanceof Uint8Array
      ? answer
      : `${typeof answer === 'string' ? answer : JSON.stringify(answer, null, 2)}\n`,
  );
} catch (error) {
  if (error instanceof InputProblem) {
    process.stderr.write(`${error.message}\n`);
    process.exitCode = 2;
  } else {
    process.stderr.write(`Our fault: ${error instanceof Error ? error.message : String(error)}\n`);
    process.exitCode = 1;
  }
}
