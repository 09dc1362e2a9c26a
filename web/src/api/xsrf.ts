/** What a write shows, so that no other page can make it. */
export function xsrfToken(): string | undefined {
  const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1]
  return token && decodeURIComponent(token)
}
