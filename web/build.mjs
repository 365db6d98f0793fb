// Builds the screens for Maven: each step runs only if what it reads has changed since it last passed.
import { execFileSync } from "node:child_process";
import { createHash } from "node:crypto";
import { copyFileSync, existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";

const STAMPS = "target/stamps";
const bin = (name) => join("node_modules", ".bin", name);

function files(path) {
  if (!existsSync(path)) return [];
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path)
    .sort()
    .flatMap((name) => files(join(path, name)));
}

function hash(paths) {
  const sum = createHash("sha256");
  for (const file of paths.flatMap(files)) sum.update(file).update("\0").update(readFileSync(file));
  return sum.digest("hex");
}

function step(name, inputs, output, run) {
  const stamp = join(STAMPS, name);
  const now = hash(["build.mjs", ...inputs]);
  if (existsSync(output) && existsSync(stamp) && readFileSync(stamp, "utf8") === now) return;
  console.log(`web: ${name}`);
  run();
  mkdirSync(STAMPS, { recursive: true });
  writeFileSync(stamp, now);
}

function call(command, ...args) {
  execFileSync(command, args, { stdio: "inherit" });
}

const SETTINGS = ["package.json", "tsconfig.json", "vite.config.ts", "index.html"];
step("install", ["package.json", "package-lock.json"], "node_modules", () => call("npm", "ci"));
step("types", ["../docs/openapi.json"], "src/api/generated/api.d.ts", () =>
  call(bin("openapi-typescript"), "../docs/openapi.json", "-o", "src/api/generated/api.d.ts"),
);
step("client", ["../docs/openapi.json"], "contract/client/sdk.gen.ts", () =>
  call(bin("openapi-ts"), "-i", "../docs/openapi.json", "-o", "contract/client", "-c", "@hey-api/client-fetch", "--silent"),
);
const CONTRACT = ["lint.mjs", "session.contract.ts", "tsconfig.json", "vitest.config.ts"].map((file) => `contract/${file}`);
step("contract", ["../docs/openapi.json", ...CONTRACT], "node_modules", () => {
  call("node", "contract/lint.mjs");
  call(bin("tsc"), "-p", "contract/tsconfig.json");
  call(bin("prettier"), "--check", ...CONTRACT);
});
step("check", ["src", "../docs/units.json", "../docs/choices.json", "../core/src/test/resources/amounts.csv", ...SETTINGS], "node_modules", () => {
  call(bin("tsc"), "--noEmit");
  call(bin("prettier"), "--check", "src", "index.html", "vite.config.ts");
  call(bin("oxlint"), "--deny-warnings", "src");
  call(bin("vitest"), "run", "--reporter=dot");
});
step("bundle", ["src", "../docs/units.json", "../docs/choices.json", "package-lock.json", ...SETTINGS], "dist/index.html", () => call(bin("vite"), "build"));
// the letters of pictures that are saved as files, with the font's own licence beside them
const FONT = "node_modules/@fontsource-variable/atkinson-hyperlegible-next";
step("font", ["package-lock.json", "dist/index.html"], "dist/fonts/LICENSE.txt", () => {
  mkdirSync("dist/fonts", { recursive: true });
  copyFileSync(`${FONT}/files/atkinson-hyperlegible-next-latin-wght-normal.woff2`, "dist/fonts/letters.woff2");
  copyFileSync(`${FONT}/LICENSE`, "dist/fonts/LICENSE.txt");
});
step("licences", ["package-lock.json", "licences.mjs", "../docs/licences/scripts.txt", "dist/index.html"], "dist/licences/scripts.txt", () =>
  call("node", "licences.mjs"),
);
