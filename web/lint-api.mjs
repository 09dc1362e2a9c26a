// Looks the OpenAPI document over: every operation says what it is for and which problems it answers with.
import { createConfig, formatProblems, lint } from '@redocly/openapi-core'

const config = await createConfig({
  rules: {
    struct: 'error',
    'no-unresolved-refs': 'error',
    'no-unused-components': 'error',
    'operation-operationId': 'error',
    'operation-operationId-unique': 'error',
    'operation-operationId-url-safe': 'error',
    'operation-summary': 'error',
    'operation-description': 'error',
    'operation-2xx-response': 'error',
    'operation-4xx-response': 'error',
    'operation-4xx-problem-details-rfc7807': 'error',
    'no-identical-paths': 'error',
    'no-ambiguous-paths': 'off',
    'path-not-include-query': 'error',
    'path-params-defined': 'error',
    'tag-description': 'error',
    'operation-parameters-unique': 'error',
    'no-enum-type-mismatch': 'error',
    'security-defined': 'off',
  },
})
const problems = await lint({ ref: 'openapi.json', config })
formatProblems(problems, { format: 'stylish', totals: { errors: problems.length, warnings: 0, ignored: 0 }, version: '' })
const { default: document } = await import('./openapi.json', { with: { type: 'json' } })
const operations = Object.values(document.paths).flatMap((path) => Object.keys(path))
console.log(`The OpenAPI document: ${operations.length} operations, ${problems.length} problems.`)
process.exitCode = problems.length > 0 ? 1 : 0
