import { useSounds } from '../lib/sounds'

/** A sound in the signs of the class. */
export function Sound({ ipa, look = '' }: { ipa: string; look?: string }) {
  return <span className={`font-ipa ${look}`}>{useSounds()(ipa)}</span>
}
