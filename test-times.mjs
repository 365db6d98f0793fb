// Prints what each class of tests took of a run, the longest first: node test-times.mjs SECONDS-OF-ALL
import { existsSync, readdirSync, readFileSync, statSync } from "node:fs";

const SHOWN = 24;
const whole = Number(process.argv[2] ?? 0);
const since = Date.now() - whole * 1000;
const classes = new Map();

for (const [module, reports] of [
  ["core", "core/target/surefire-reports"],
  ["server", "server/target/surefire-reports"],
  ["e2e", "e2e/target/failsafe-reports"],
]) {
  const written = existsSync(reports) ? readdirSync(reports) : [];
  for (const name of written.filter((each) => /^TEST-.*\.xml$/.test(each))) {
    const path = `${reports}/${name}`;
    if (statSync(path).mtimeMs < since) continue;
    for (const test of readFileSync(path, "utf8").matchAll(/<testcase\b[^>]*>/g)) {
      const told = (what) => new RegExp(` ${what}="([^"]*)"`).exec(test[0])?.[1] ?? "";
      const key = `${module} ${told("classname").split(".").pop()}`;
      const known = classes.get(key) ?? { seconds: 0, tests: 0 };
      classes.set(key, {
        seconds: known.seconds + Number(told("time").replaceAll(",", "")),
        tests: known.tests + 1,
      });
    }
  }
}

const all = [...classes].sort((one, other) => other[1].seconds - one[1].seconds);
const sum = all.reduce((seconds, [, each]) => seconds + each.seconds, 0);
const line = (what, seconds, tests) =>
  `${seconds.toFixed(1).padStart(8)} s ${((100 * seconds) / (sum || 1)).toFixed(0).padStart(3)} % ${String(tests).padStart(5)}  ${what}`;
console.log(`\nTests by what they took (${Math.round(whole)} s for all, the build with it):`);
for (const [what, { seconds, tests }] of all.slice(0, SHOWN)) console.log(line(what, seconds, tests));
const rest = all.slice(SHOWN);
if (rest.length > 0) {
  const seconds = rest.reduce((total, [, each]) => total + each.seconds, 0);
  const tests = rest.reduce((total, [, each]) => total + each.tests, 0);
  console.log(line(`${rest.length} others`, seconds, tests));
}
for (const module of ["core", "server", "e2e"]) {
  const own = all.filter(([what]) => what.startsWith(`${module} `));
  const seconds = own.reduce((total, [, each]) => total + each.seconds, 0);
  const tests = own.reduce((total, [, each]) => total + each.tests, 0);
  console.log(line(`all of ${module}`, seconds, tests));
}
