import { KERNEL_BYTES } from './kernel.generated'
import type { Layout } from './layout'
import type { KernelCore } from './kernelCore'

/** The parts of WebAssembly that are used; core is compiled without the DOM's types. */
interface Wasm {
  Module: new (bytes: Uint8Array) => object
  Memory: new (size: { initial: number }) => { buffer: ArrayBuffer }
  Instance: new (module: object, imports: object) => { exports: Record<string, (...args: number[]) => number> }
  validate(bytes: Uint8Array): boolean
}

const PAGE = 65_536
let compiled: object | null | undefined

/** Bytes of the compiled kernel. */
function bytes(): Uint8Array {
  const text = (globalThis as unknown as { atob(base64: string): string }).atob(KERNEL_BYTES)
  return Uint8Array.from(text, (c) => c.charCodeAt(0))
}

/** The compiled kernel; null where there is no WebAssembly with vectors, or it may not run. */
function moduleOf(wasm: Wasm | undefined): object | null {
  if (!wasm) return null
  try {
    const code = bytes()
    return wasm.validate(code) ? new wasm.Module(code) : null
  } catch {
    return null
  }
}

/** The kernel compiled from `core/kernel`; undefined where it cannot run. */
export function wasmKernel(
  { bytes: size, head }: Omit<Layout, 'memory'>,
  fill: (memory: ArrayBufferLike) => void,
): KernelCore | undefined {
  const wasm = (globalThis as unknown as { WebAssembly?: Wasm }).WebAssembly
  if (compiled === undefined) compiled = moduleOf(wasm)
  if (!compiled || !wasm) return undefined
  const memory = new wasm.Memory({ initial: Math.ceil(size / PAGE) })
  fill(memory.buffer)
  const { exports } = new wasm.Instance(compiled, { env: { memory } })
  exports.prepare!(head)
  return { ...(exports as unknown as Omit<KernelCore, 'memory'>), memory: memory.buffer }
}
