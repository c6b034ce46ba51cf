import { useQueryClient } from '@tanstack/vue-query'
import type { Ref } from 'vue'
import { askAnew } from '@/api/askAnew'
import { call, problemsOf } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { adopt, type Block, freeKey, withoutBlock } from './edit/blocks'
import { ownBlocksKey, type ShelfBlock } from './queries'

export interface BlockActionsOptions {
  design: Readonly<Ref<QuiltDesign>>
  /** Key of the block on the bench. */
  building: Ref<string | undefined>
  change: (part: Partial<QuiltDesign>) => void
  /** Tells the quilter what became of it. */
  say: (text: string) => void
}

/** New blocks, blocks from a shelf, blocks for the shelf, blocks taken out. */
export function useBlockActions({ design, building, change, say }: BlockActionsOptions) {
  const client = useQueryClient()

  function newBlock() {
    const key = freeKey(design.value, 'block')
    change({
      blocks: [...design.value.blocks, { key, name: 'New block', columns: [1, 1, 1], rows: [1, 1, 1], parts: [] }],
    })
    building.value = key
  }

  function takeBlock(block: ShelfBlock) {
    change(adopt(design.value, block.blocks, block.ownId === '').design)
    say(`${block.name} is among the blocks of this quilt.`)
  }

  /** A block in its frame stands among the others, and on the bench. */
  function takeFramed(block: Block) {
    change({ blocks: [...design.value.blocks, block] })
    building.value = block.key
    say(`${block.name} is among the blocks of this quilt.`)
  }

  /** Whether a block lies in another, however deep. */
  function uses(block: Block, key: string): boolean {
    return block.parts.some((part) => {
      const inner =
        part.unit.kind === 'BLOCK' ? design.value.blocks.find((each) => each.key === part.unit.block) : undefined
      return inner !== undefined && (inner.key === key || uses(inner, key))
    })
  }

  async function keepOwn() {
    const built = design.value.blocks.find((block) => block.key === building.value)
    if (!built) return
    const smaller = design.value.blocks.filter((block) => block.key !== built.key && uses(built, block.key))
    try {
      await call('POST', '/api/blocks/own', { body: { blocks: [built, ...smaller] } })
      say(`${built.name} is kept among your own blocks.`)
      void askAnew(client, ownBlocksKey)
    } catch (thrown) {
      say(
        problemsOf(thrown)
          .map((problem) => `${problem.where}: ${problem.why} – ${problem.fix}.`)
          .join(' '),
      )
    }
  }

  function removeBlock() {
    if (building.value) change(withoutBlock(design.value, building.value))
    building.value = undefined
  }

  return { newBlock, takeBlock, takeFramed, keepOwn, removeBlock }
}
