import { cleanup, configure } from '@testing-library/react'
import { afterEach } from 'vitest'

// A busy machine may be slow; a test waits for what it expects, it does not time it.
configure({ asyncUtilTimeout: 20_000 })
afterEach(cleanup)
