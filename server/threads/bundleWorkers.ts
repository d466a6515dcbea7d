import { build } from 'esbuild'
import type { Plugin } from 'rollup'

const suffix = '?worker-script'

/**
 * Lets the server import a worker thread as the text of a script that stands for itself: `import script from './….worker?worker-script'`.
 * A module that it shared with the server would run the server once more.
 */
export function bundleWorkers(): Plugin {
  return {
    name: 'bundle-workers',
    async resolveId(source, importer) {
      if (!source.endsWith(suffix)) return null
      const worker = await this.resolve(`${source.slice(0, -suffix.length)}.ts`, importer)
      return worker && worker.id + suffix
    },
    async load(id) {
      if (!id.endsWith(suffix)) return null
      const { outputFiles, metafile } = await build({
        // No window: the server's build replaces the word wherever it stands, in a text too.
        entryPoints: [id.slice(0, -suffix.length)],
        bundle: true,
        define: { window: 'undefined' },
        platform: 'node',
        format: 'cjs',
        target: 'node20',
        write: false,
        metafile: true,
        logLevel: 'silent',
      })
      for (const input of Object.keys(metafile.inputs)) this.addWatchFile(input)
      return `export default ${JSON.stringify(outputFiles[0]!.text)}`
    },
  }
}
