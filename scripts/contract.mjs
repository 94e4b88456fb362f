/*
 * Holds answers of the server against its OpenAPI document: used by the server's and the browser's tests, for every answer.
 */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import Ajv from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';

const file = path.join(fileURLToPath(new URL('..', import.meta.url)), 'server/openapi.json');

export class Contract {
  constructor() {
    this.document = JSON.parse(readFileSync(file, 'utf8'));
    this.ajv = new Ajv.default({ strict: false, allErrors: true });
    addFormats.default(this.ajv);
    this.ajv.addSchema({ $id: 'api', components: this.document.components });
    this.checks = new Map();
    this.routes = Object.entries(this.document.paths)
      .map(([template, operations]) => ({
        template,
        operations,
        pattern: new RegExp(`^${template.replaceAll('.', '\\.').replace(/\{\w+\}/g, '[^/]+')}/?$`, 'i'),
      }))
      .sort((x, y) => Number(x.template.includes('{')) - Number(y.template.includes('{')));
    this.checked = 0;
  }

  /** Says how an answer differs from its document, or null. Addresses outside the API are left alone. */
  troubleOf({ method, path: asked, status, contentType, body }) {
    if (!/^\/(api|calendar)(\/|$)/.test(asked)) return null;
    const told = `${method} ${asked} answered ${String(status)}`;
    const route = this.routes.find((r) => r.pattern.test(asked) && r.operations[method.toLowerCase()] !== undefined);
    this.checked++;
    // Nobody is told which routes there are: an unknown one is refused like a known one.
    if (route === undefined) return [401, 403, 404].includes(status) ? null : `${told}, and is not in the document`;
    const declared = this.responseOf(route.operations[method.toLowerCase()].responses[String(status)]);
    if (declared === undefined) return `${told}, which is not declared for ${route.template}`;
    return this.bodyTrouble(told, declared.content ?? {}, contentType, body);
  }

  /** A response as it is written out; equal refusals are one component. */
  responseOf(response) {
    const name = response?.$ref?.split('/').at(-1);
    return name === undefined ? response : this.document.components.responses[name];
  }

  bodyTrouble(told, content, contentType, body) {
    const type = contentType.split(';')[0].trim();
    if (Object.keys(content).length === 0) return body === '' ? null : `${told} with a body where none is declared`;
    const schema = content[type]?.schema;
    if (schema === undefined) return `${told} with ${type}, which is not declared`;
    if (!type.endsWith('json')) return null;
    const check = this.checkOf(schema);
    if (check(JSON.parse(body))) return null;
    const errors = check.errors.slice(0, 6).map((e) => `${e.instancePath} ${e.message} ${JSON.stringify(e.params)}`);
    return `${told}, and is not as declared: ${errors.join('; ')}`;
  }

  /** A compiled schema of the document; references lead into its components. */
  checkOf(schema) {
    const key = JSON.stringify(schema);
    if (!this.checks.has(key)) this.checks.set(key, this.ajv.compile(JSON.parse(key.replaceAll('"#/', '"api#/'))));
    return this.checks.get(key);
  }

  /** Says how a value differs from a component of the document, or null. */
  componentTrouble(name, value) {
    const check = this.checkOf({ $ref: `#/components/schemas/${name}` });
    return check(value) ? null : `${name}: ${this.ajv.errorsText(check.errors)}`;
  }
}
