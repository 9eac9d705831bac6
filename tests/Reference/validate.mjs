// Reads {"schema": …, "documents": […]} and prints, for each document, the places an independent validator objects to.
import { readFileSync } from 'node:fs';
import Ajv2020 from 'ajv/dist/2020.js';

const { schema, documents } = JSON.parse(readFileSync(0, 'utf8'));
// Keys beside $ref and a type that only a $ref names are right in this draft, though the strict mode asks for more.
const validate = new Ajv2020({ allErrors: true, strictTypes: false }).compile(schema);
console.log(JSON.stringify(documents.map((document) => (validate(document) ? [] : validate.errors.map((error) => error.instancePath)))));
