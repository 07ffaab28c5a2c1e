// Makes src/generated/*.ts from the OpenAPI documents given as name=path, in a folder given first.
import { readFile, writeFile } from "node:fs/promises";
import openapiTS, { astToString } from "openapi-typescript";

const [folder, ...documents] = process.argv.slice(2);
for (const document of documents) {
  const [name, path] = document.split("=");
  const schema = JSON.parse(await readFile(path, "utf8"), withoutTuples);
  const types = astToString(await openapiTS(schema, { alphabetize: true }));
  await writeFile(
    `${folder}/${name}.ts`,
    `// Made from the server's OpenAPI by \`make types\`. Never edited.\n\n${types}`,
  );
}

// openapi-fetch reads tuples as arrays of any length, which then fit no type that has tuples.
function withoutTuples(_, value) {
  if (!value?.prefixItems) return value;
  const { prefixItems, ...others } = value;
  return { ...others, items: prefixItems[0] };
}
