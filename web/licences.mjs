// What is shipped of scripts, styles and fonts, each with its licence; one that is not allowed stops the build.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { promisify } from "node:util";
import { init } from "license-checker-rseidelsohn";

const ALLOWED = ["MIT", "ISC", "0BSD", "BSD-3-Clause", "Apache-2.0", "OFL-1.1"];
const REVIEWED = "../docs/licences/scripts.txt";

const packages = await promisify(init)({
  start: ".",
  production: true,
  excludePrivatePackages: true,
  onlyAllow: ALLOWED.join(";"),
  customFormat: { licenseText: "" },
});
const names = Object.keys(packages).sort();
const texts = new Map();
for (const name of names) {
  const text = (packages[name].licenseText ?? "").replaceAll("\r", "").trim();
  texts.set(text, [...(texts.get(text) ?? []), name]);
}
const list = names.map((name) => `  (${packages[name].licenses}) ${name}`).join("\n");
const whole = [...texts].map(([text, of]) => `${"-".repeat(80)}\n${of.join(", ")}\n\n${text}`).join("\n\n");
const now = `Scripts, styles and fonts in the pages of Bright Keel, ${names.length} packages.\n\n${list}\n\n${whole}\n`;

mkdirSync("dist/licences", { recursive: true });
writeFileSync("dist/licences/scripts.txt", now);
if (process.env.KEEL_WRITE === "1") writeFileSync(REVIEWED, now);
if (!existsSync(REVIEWED) || readFileSync(REVIEWED, "utf8") !== now) {
  console.error(`what is shipped is not what ${REVIEWED} says: KEEL_WRITE=1 node licences.mjs in web writes it`);
  process.exit(1);
}
console.log(`web: ${names.length} licences`);
