/** Passkeys: the device’s own lock in place of a PIN, where the browser knows them. */
import { api, heed } from '@/api/client'

type Json = Record<string, unknown>
interface Kinds {
  parseCreationOptionsFromJSON?: (json: Json) => PublicKeyCredentialCreationOptions
  parseRequestOptionsFromJSON?: (json: Json) => PublicKeyCredentialRequestOptions
}
const kinds = () => (globalThis as unknown as { PublicKeyCredential?: Kinds }).PublicKeyCredential

/** Whether this browser can make and use them. */
export const canPasskey = () =>
  !!kinds()?.parseCreationOptionsFromJSON && !!kinds()?.parseRequestOptionsFromJSON

const said = (credential: Credential | null) =>
  (credential as unknown as { toJSON(): Json } | null)?.toJSON()

/** Makes one for whoever is signed in. False where the person let it be. */
export async function makePasskey(): Promise<boolean> {
  const { asked, options } = await heed(api.POST('/api/passkeys/options'))
  const publicKey = kinds()!.parseCreationOptionsFromJSON!(options as Json)
  const credential = said(await navigator.credentials.create({ publicKey }).catch(() => null))
  if (!credential) return false
  await heed(api.POST('/api/passkeys', { body: { asked, credential } }))
  return true
}

/** Signs in by one. False where the person let it be, or this device has none. */
export async function enterByPasskey(): Promise<boolean> {
  const { asked, options } = await heed(api.POST('/api/session/passkey/options'))
  const publicKey = kinds()!.parseRequestOptionsFromJSON!(options as Json)
  const credential = said(await navigator.credentials.get({ publicKey }).catch(() => null))
  if (!credential) return false
  await heed(api.POST('/api/session/passkey', { body: { asked, credential } }))
  return true
}
