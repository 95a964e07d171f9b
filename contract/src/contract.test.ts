// The contract: the schema says what the core's own lists say.
import { FORMS, PRACTICES } from '@zanfirico/core';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { PieceSchema } from './piece';

const choices = (schema: { anyOf: { const?: unknown }[] }): unknown[] =>
  schema.anyOf.map((s) => s.const);

describe('the piece schema', () => {
  it('knows the same forms and practices as the core', () => {
    expect(choices(PieceSchema.properties.form)).toEqual([...FORMS]);
    expect(choices(PieceSchema.properties.firing.properties.practice)).toEqual(
      Object.keys(PRACTICES),
    );
  });

  it('is published in docs/schemas as it is (else: npm run schemas)', () => {
    const path = join(__dirname, '../../docs/schemas/piece-1.json');
    expect(JSON.parse(readFileSync(path, 'utf8'))).toEqual(JSON.parse(JSON.stringify(PieceSchema)));
  });

  it('is closed: no field slips in anywhere', () => {
    const open: string[] = [];
    const walk = (node: unknown, path: string): void => {
      if (typeof node !== 'object' || node === null) return;
      const schema = node as { type?: string; additionalProperties?: unknown };
      if (schema.type === 'object' && schema.additionalProperties !== false) open.push(path);
      for (const [key, value] of Object.entries(node)) walk(value, `${path}/${key}`);
    };
    walk(PieceSchema, '');
    expect(open).toEqual([]);
  });

  it('has no dollar-id that could be fetched: the host is reserved to lead nowhere (RFC 2606)', () => {
    expect(PieceSchema.$id).toMatch(/^https:\/\/zanfirico\.invalid\//);
  });
});
