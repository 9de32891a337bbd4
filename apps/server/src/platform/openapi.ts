import type { INestApplication } from '@nestjs/common';
import { DocumentBuilder, type OpenAPIObject, SwaggerModule } from '@nestjs/swagger';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';

type Schemas = NonNullable<NonNullable<OpenAPIObject['components']>['schemas']>;

const problemSchema = {
  type: 'object',
  required: ['type', 'title', 'status', 'detail'],
  properties: {
    type: { type: 'string' },
    title: { type: 'string' },
    status: { type: 'integer' },
    detail: { type: 'string' },
    instance: { type: 'string' },
    errors: {
      type: 'array',
      items: { type: 'object', properties: { field: { type: 'string' }, message: { type: 'string' } } },
    },
    current: { description: 'For a conflict: what stands on the server now.' },
  },
};

const schemasOfContract = (refPointerPrefix: string) =>
  validationMetadatasToSchemas({ classTransformerMetadataStorage: defaultMetadataStorage, refPointerPrefix });

/** What a backup holds, as JSON Schema (draft 2020-12). */
export function backupSchema(): object {
  const { BackupDocument: document, ...$defs } = schemasOfContract('#/$defs/');
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Backup of a kitchen',
    ...document,
    $defs,
  };
}

/** Nest describes the routes, class-validator metadata the bodies, and every route may answer with a problem. */
export function openApiDocument(app: INestApplication): OpenAPIObject {
  const document = SwaggerModule.createDocument(
    app,
    new DocumentBuilder()
      .setTitle('Alterum')
      .setDescription(
        'Formulas, people, larder and predictions of a dairy-free kitchen. Errors are problem documents (RFC 9457).',
      )
      .setVersion('1')
      .build(),
  );
  const schemas = schemasOfContract('#/components/schemas/');
  document.components = {
    ...document.components,
    schemas: { ...document.components?.schemas, ...(schemas as Schemas), Problem: problemSchema },
  };
  for (const path of Object.values(document.paths)) {
    for (const operation of Object.values(path) as { responses?: Record<string, unknown> }[]) {
      if (!operation.responses) continue;
      operation.responses['default'] = {
        description: 'A problem',
        content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
      };
    }
  }
  return document;
}

export function serveApiDocs(app: INestApplication): void {
  SwaggerModule.setup('api/docs', app, () => openApiDocument(app), { jsonDocumentUrl: 'api/docs-json' });
}
