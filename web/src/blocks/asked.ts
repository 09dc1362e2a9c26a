/** What is asked and what is right, of an item that carries its answer: crunch [ch | tch]. */
export function askedOf(text: string): { says: string; answer: string } | undefined {
  const found = /^(.+) \[([^\]|]+)[^\]]*\]$/.exec(text)
  return found?.[1] && found[2] ? { says: found[1], answer: found[2].trim() } : undefined
}
