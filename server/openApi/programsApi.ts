import { z } from 'zod'
import type { ZodOpenApiOperationObject } from 'zod-openapi'
import { createDocument } from 'zod-openapi'
import { invitedSchema, invitingSchema, madeTokenSchema, newTokenSchema, tokensAnswerSchema } from '../../core/access/people'
import type { Scope } from '../../core/access/scopes'
import { exportQuerySchema, importQuerySchema, setUpImportQuerySchema, setUpQuerySchema } from '../../core/exchange/requests/fileRequests'
import { fileFormatKeys, fileFormatOf } from '../../core/exchange/formats/registry'
import { importReportSchema } from '../../core/exchange/importReport'
import { setUpReportSchema, setUpSchema } from '../../core/exchange/setUp/setUp'
import { importProgressSchema } from '../../core/studio/exchangeAnswers'
import { json, licence, refusals, tokenScheme } from './parts'

/** What it takes to call an operation: a scope of a token, the operator's token, or nothing. */
type Takes = Scope | 'MANADA_ADMIN_TOKEN' | 'nothing'

/** @param answers by status, and those that refuse something in words */
function operation(
  operationId: string,
  takes: Takes,
  summary: string,
  { refused = {}, responses, ...more }: Partial<ZodOpenApiOperationObject> & { refused?: Record<number, string> },
): ZodOpenApiOperationObject {
  const takesToken = takes !== 'nothing'
  return {
    operationId,
    summary,
    ...(takesToken && { description: `Takes ${takes === 'MANADA_ADMIN_TOKEN' ? takes : `a token with the scope ${takes}`}.` }),
    security: takesToken ? [{ token: [] }] : [],
    ...more,
    responses: {
      ...responses,
      ...refusals({
        ...(takesToken && { 401: 'There is no token, or it does not hold.', 403: 'The token does not allow this.' }),
        503: 'Manada is reading its data, or has too much to do. Ask again in a moment.',
        ...refused,
      }),
    },
  }
}

const files = Object.fromEntries(
  fileFormatKeys.map(key => [fileFormatOf(key).mediaType, { schema: z.string().meta({ description: `${fileFormatOf(key).name}.` }) }]),
)
const malformed = { 400: 'The request is malformed.' }
const done = (description: string, schema: z.ZodType) => ({ 200: { description, content: json(schema) } })
const nothing = { 204: { description: 'It is done.' } }
const text = (type: string) => ({ [type]: { schema: z.string() } })
const job = { path: z.object({ job: z.uuid().meta({ description: 'As the import was named.' }) }) }
const id = { path: z.object({ id: z.string() }) }
const cantBeWritten = { 507: 'The server’s disk is full. Nothing was changed.' }

/** What programs may do besides what a shop calls, as an OpenAPI 3.1 document. */
export const programsApi = createDocument({
  openapi: '3.1.0',
  info: {
    title: 'Manada for programs',
    version: '1.0.0',
    license: licence,
    description: 'Files in and out, the set-up, tokens and people, and how the server does. What a shop calls is in a document of its own.',
  },
  servers: [{ url: '/' }],
  security: [{ token: [] }],
  components: { securitySchemes: { token: tokenScheme('A token made in the studio, or MANADA_ADMIN_TOKEN, which may do everything.') } },
  paths: {
    '/api/exchange/export': {
      get: operation('exportFile', 'exchange:read', 'All there is of a kind, as a file that import takes back', {
        requestParams: { query: exportQuerySchema },
        responses: { 200: { description: 'The file.', content: files } },
        refused: malformed,
      }),
    },
    '/api/exchange/import': {
      post: operation('importFile', 'exchange:write', 'Imports a file, or tells what it would do', {
        requestParams: { query: importQuerySchema },
        requestBody: { required: true, content: files },
        responses: done('What was done, or why rows were rejected, which without `keep` keeps the whole file out.', importReportSchema),
        refused: {
          ...malformed,
          413: 'The file is too large.',
          415: 'Files of this type are not read.',
          422: 'The file can’t be read, or was stopped on its way; the answer says how far it came.',
          ...cantBeWritten,
        },
      }),
    },
    '/api/exchange/jobs/{job}': {
      get: operation('getImportProgress', 'exchange:write', 'How far an import is', {
        requestParams: job,
        responses: done('How far it is.', importProgressSchema),
        refused: { 404: 'It has ended, or it was never begun.' },
      }),
      delete: operation('stopImport', 'exchange:write', 'Stops an import; what it has written is in', {
        requestParams: job,
        responses: nothing,
        refused: malformed,
      }),
    },
    '/api/exchange/set-up': {
      get: operation('getSetUp', 'exchange:read', 'Kinds of links, sections, page plans and looks as one document', {
        requestParams: { query: setUpQuerySchema },
        responses: done('The set-up.', setUpSchema),
        refused: malformed,
      }),
      post: operation('importSetUp', 'exchange:write', 'Takes a set-up, also of an older version', {
        requestParams: { query: setUpImportQuerySchema },
        requestBody: { required: true, content: json(setUpSchema) },
        responses: done('What was done, or would be.', setUpReportSchema),
        refused: { ...malformed, 413: 'The set-up is too long.', 422: 'The set-up can’t be taken. Nothing was changed.', ...cantBeWritten },
      }),
    },
    '/api/exchange/set-up.schema.json': {
      get: operation('getSetUpSchema', 'exchange:read', 'The form of a set-up, as a JSON Schema', {
        responses: {
          200: { description: 'A JSON Schema, draft 2020-12.', content: { 'application/schema+json': { schema: z.looseObject({}) } } },
        },
        refused: malformed,
      }),
    },
    '/api/tokens': {
      get: operation('listTokens', 'MANADA_ADMIN_TOKEN', 'Tokens of programs, without what they are', {
        responses: done('The tokens.', tokensAnswerSchema),
        refused: malformed,
      }),
      post: operation('makeToken', 'MANADA_ADMIN_TOKEN', 'Makes a token, which is told this once', {
        requestBody: { required: true, content: json(newTokenSchema) },
        responses: done('The token.', madeTokenSchema),
        refused: { ...malformed, ...cantBeWritten },
      }),
    },
    '/api/tokens/{id}': {
      delete: operation('takeBackToken', 'MANADA_ADMIN_TOKEN', 'Takes a token back: it holds no more', {
        requestParams: id,
        responses: nothing,
        refused: { 404: 'It is gone already.' },
      }),
    },
    '/api/people/invite': {
      post: operation('invite', 'MANADA_ADMIN_TOKEN', 'Makes a link that lets somebody in, once', {
        requestBody: { required: true, content: json(invitingSchema) },
        responses: done('The link.', invitedSchema),
        refused: { ...malformed, ...cantBeWritten },
      }),
    },
    '/api/metrics': {
      get: operation('getMetrics', 'results:read', 'How the server does, in Prometheus’ text format', {
        responses: { 200: { description: 'The metrics.', content: text('text/plain') } },
        refused: malformed,
      }),
    },
    '/api/health/live': {
      get: operation('isLive', 'nothing', 'Whether the process runs', {
        responses: done('It runs.', z.object({ live: z.literal(true) })),
        refused: malformed,
      }),
    },
    '/api/health/ready': {
      get: operation('isReady', 'nothing', 'Whether shops are answered, and what whoever runs the server has to see to', {
        responses: done(
          'Shops are answered.',
          z.object({ ready: z.literal(true), troubles: z.array(z.enum(['disk-full', 'read-only', 'damaged'])) }),
        ),
        refused: malformed,
      }),
    },
  },
})
