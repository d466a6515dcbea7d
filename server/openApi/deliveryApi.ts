import { z } from 'zod'
import type { ZodOpenApiPathsObject } from 'zod-openapi'
import { createDocument } from 'zod-openapi'
import {
  articleAnswerSchema,
  brandAnswerSchema,
  categoryAnswerSchema,
  pricedQuerySchema,
  linesAnswerSchema,
  linesQuerySchema,
  listQuerySchema,
  draftableQuerySchema,
  productQuerySchema,
  productAnswerSchema,
  searchAnswerSchema,
  searchQuerySchema,
  shopAnswerSchema,
} from '../../core/delivery/contract/catalogue'
import { cartAnswerSchema, cartRequestSchema, orderAnswerSchema, orderRequestSchema } from '../../core/delivery/contract/cart'
import { pageAnswerSchema, pageQuerySchema } from '../../core/delivery/contract/pages'
import { pageKinds, pageTypes } from '../../core/pageTypes/registry'
import { json, licence, refusals, tokenScheme } from './parts'

function route(
  operationId: string,
  summary: string,
  path: z.ZodObject | undefined,
  query: z.ZodObject,
  answer: z.ZodType,
): ZodOpenApiPathsObject[string] {
  return {
    get: {
      operationId,
      summary,
      requestParams: { ...(path && { path }), query },
      responses: {
        200: { description: 'The answer, with an ETag.', content: json(answer) },
        304: { description: 'The answer that the caller has (If-None-Match) still holds.' },
        ...refusals({
          400: 'A parameter is malformed.',
          ...('draft' in query.shape && { 401: 'Drafts and reasons are not for everybody.', 403: 'The token does not allow drafts.' }),
          ...(path && { 404: 'There is no such product, category, brand or article.' }),
        }),
      },
    },
  }
}

function post(
  operationId: string,
  summary: string,
  body: z.ZodType,
  status: 200 | 201,
  answer: z.ZodType,
  more: { params?: { header?: z.ZodObject; query?: z.ZodObject }; refused?: Record<number, string> } = {},
): ZodOpenApiPathsObject[string] {
  return {
    post: {
      operationId,
      summary,
      ...(more.params && { requestParams: more.params }),
      requestBody: { required: true, content: json(body) },
      responses: {
        [status]: { description: 'The answer.', content: json(answer) },
        ...refusals({ 400: 'The body is malformed.', 429: 'Too many requests from one address.', ...more.refused }),
      },
    },
  }
}

const capital = (word: string) => word[0]!.toUpperCase() + word.slice(1)

const skuSchema = z.object({ sku: z.string().meta({ description: 'SKU of a product or a variant, percent-encoded.' }) })
const keySchema = z.object({ key: z.string() })

/** The delivery contract as an OpenAPI 3.1 document. */
export const deliveryApi = createDocument({
  openapi: '3.1.0',
  info: {
    title: 'Manada delivery',
    version: '1.0.0',
    license: licence,
    description:
      'What a shop calls to fill its recommendation sections. Public; only a simulated order writes. SKUs in lists are encoded one by ' +
      'one, so that commas and colons separate.',
  },
  servers: [{ url: '/' }],
  // Shoppers may see all of it, but for drafts and reasons.
  security: [{}, { token: [] }],
  components: {
    securitySchemes: { token: tokenScheme('A token with the scope draft:read, made in the studio.') },
  },
  paths: {
    ...Object.fromEntries(
      pageKinds.map(kind => {
        const { summary, name, query } = pageTypes[kind].address
        return [
          `/api/shop/v1/pages/${kind}${name ? `/{${name}}` : ''}`,
          route(
            `get${capital(kind)}Page`,
            summary,
            name ? { sku: skuSchema, key: keySchema }[name] : undefined,
            query ? pageQuerySchema.extend(query.shape) : pageQuerySchema,
            pageAnswerSchema,
          ),
        ]
      }),
    ),
    '/api/shop/v1/catalogue': route(
      'getShop',
      'The shop, its categories and its articles',
      undefined,
      draftableQuerySchema,
      shopAnswerSchema,
    ),
    '/api/shop/v1/catalogue/products/{sku}': route(
      'getProduct',
      'A product with its variants',
      skuSchema,
      productQuerySchema,
      productAnswerSchema,
    ),
    '/api/shop/v1/catalogue/categories/{key}': route(
      'getCategory',
      'A category and its products',
      keySchema,
      listQuerySchema,
      categoryAnswerSchema,
    ),
    '/api/shop/v1/catalogue/brands/{name}': route(
      'getBrand',
      'The products of a brand',
      z.object({ name: z.string().meta({ description: 'The brand, percent-encoded.' }) }),
      listQuerySchema,
      brandAnswerSchema,
    ),
    '/api/shop/v1/catalogue/articles/{key}': route(
      'getArticle',
      'An article and the products it names',
      keySchema,
      pricedQuerySchema,
      articleAnswerSchema,
    ),
    '/api/shop/v1/catalogue/search': route(
      'searchProducts',
      'Products on sale that have all the words looked for',
      undefined,
      searchQuerySchema,
      searchAnswerSchema,
    ),
    '/api/shop/v1/catalogue/lines': route(
      'getLines',
      'Products and variants by SKU, as cart lines need them',
      undefined,
      linesQuerySchema,
      linesAnswerSchema,
    ),
    '/api/shop/v1/cart': post('priceCart', 'What a cart costs', cartRequestSchema, 200, cartAnswerSchema, {
      params: { query: draftableQuerySchema },
      refused: { 401: 'Drafts are not for everybody.', 403: 'The token does not allow drafts.' },
    }),
    '/api/shop/v1/orders': post('placeOrder', 'Places an order of a simulated checkout', orderRequestSchema, 201, orderAnswerSchema, {
      params: {
        header: z.object({
          'Idempotency-Key': z.string().min(8).max(128).meta({
            description: 'Names this order: the same request with the same key again is answered as before, and is no second order.',
          }),
        }),
      },
      refused: {
        403: 'This server takes no orders.',
        409: 'Something is not there in this quantity, or costs something else by now.',
        422: 'Another order was placed with this key.',
      },
    }),
  },
})
