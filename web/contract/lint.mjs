// The contract by the rules of a standard linter: no error and no warning.
import { createConfig, lint } from "@redocly/openapi-core";

const config = await createConfig({ extends: ["recommended"] });
const found = await lint({ ref: "../docs/openapi.json", config });
for (const each of found) {
  console.error(`${each.severity} ${each.ruleId}: ${each.message} ${each.location[0]?.pointer ?? ""}`);
}
console.log(`web: contract linted, ${found.length} found`);
process.exit(found.length === 0 ? 0 : 1);
