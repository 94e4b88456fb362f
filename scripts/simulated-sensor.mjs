/*
 * A stand-in for the thermometer and hygrometer of a wet room: one line of JSON for each reading, `{"celsius":21.3,
 * "humidity":0.58}`. Damp while the day's baths run, drier toward the evening; the same seed gives the same day. A real
 * sensor's reader writes the same lines and is named by AIR_SENSOR.
 *
 *   node scripts/simulated-sensor.mjs [seconds between readings] [seed]
 */
const everyMs = Math.max(0.05, Number(process.argv[2] ?? 60)) * 1000;
let state = Number(process.argv[3] ?? 7) >>> 0;
let count = 0;

/** Between -1 and 1, by a small congruential generator. */
function toss() {
  state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
  return state / 2 ** 31 - 1;
}

function read() {
  // Four hours from one damp peak to the next, counted in readings of a minute.
  const wave = Math.sin((count++ / 240) * 2 * Math.PI);
  const celsius = 21 + 1.5 * wave + 0.2 * toss();
  const humidity = 0.58 + 0.1 * wave + 0.02 * toss();
  console.log(JSON.stringify({ celsius: Number(celsius.toFixed(1)), humidity: Number(humidity.toFixed(2)) }));
}

read();
setInterval(read, everyMs);
// Whoever reads is gone: nobody needs the readings any more.
process.stdout.on('error', () => process.exit(0));
