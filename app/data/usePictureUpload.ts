import { z } from 'zod'
import { useMessages } from './messages'
import { callApi } from './callApi'

/** Takes the picture that a file field was given, and hands on the address that it has in the shop. */
export function usePictureUpload(onUploaded: (image: string) => void | Promise<void>) {
  const messages = useMessages()
  return async ({ target }: Event): Promise<void> => {
    const field = target as HTMLInputElement
    const file = field.files?.[0]
    field.value = ''
    if (!file) return
    try {
      const { image } = await callApi(z.object({ image: z.string() }), '/api/pictures', {
        method: 'POST',
        body: file,
        headers: { 'content-type': 'application/octet-stream' },
      })
      await onUploaded(image)
    } catch (error) {
      messages.refuse(error)
    }
  }
}
