/** The text of a worker's script, bundled by bundleWorkers. */
declare module '*?worker-script' {
  const script: string
  export default script
}
