import { sizes } from './bench/bundles';

// No load grows unseen: each is compared with what it may not grow past.

let grown = false;
for (const { name, size, unit, ceiling } of await sizes()) {
  const isOver = size > ceiling;
  grown ||= isOver;
  console.log(`${isOver ? 'OVER' : 'ok  '} ${name}: ${size.toFixed(3)} ${unit} (ceiling ${ceiling})`);
}
process.exitCode = grown ? 1 : 0;
