<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import { ProblemNote, spellCount } from '@/shared'
import PiecePicture from './PiecePicture.vue'
import UnitHeap from './UnitHeap.vue'
import type { MethodAnswer } from './useYieldQuestion'

export interface MethodRowProps {
  /** What this method says. */
  method: MethodAnswer
  /** The whole answer, for the piece. */
  yields: Schemas['YieldView']
  /** How yields fall as the unit grows. */
  limits?: Schemas['Limits']
  /** The size asked, as typed. */
  size: string
  /** Whether it is pinned to compare. */
  pinned: boolean
  /** Whether its steps are open. */
  stepsShown: boolean
}

const props = defineProps<MethodRowProps>()
const emit = defineEmits<{ pinned: []; steps: []; sizeTaken: [size: string] }>()

const workingShown = ref(false)
const part = ref(0)
const gives = computed(() => props.method.gives)
const unit = computed(() => props.yields.unitOfLength)
const shownPart = computed(() => gives.value?.parts[Math.min(part.value, gives.value.parts.length - 1)])

/** Up to which size the count stays, and what comes after. */
const jump = computed(() => {
  const limits = props.limits
  const units = limits?.methods.find((each) => each.method === props.method.key)?.units
  const at = limits?.sizes.indexOf(props.size.trim()) ?? -1
  if (!limits || !units || at < 0) return undefined
  let last = at
  while (last + 1 < units.length && units[last + 1] === units[at]) last++
  const after = units[last + 1]
  return { upTo: limits.sizes[last]!, after: after ?? 0 }
})
const smallerHint = computed(() => gives.value?.hints.find((hint) => hint.where === 'A little less'))
const otherHints = computed(() => gives.value?.hints.filter((hint) => hint.where !== 'A little less') ?? [])
const ofEach = computed(() =>
  gives.value!.cloths === 1 ? 'from one piece' : `from one piece of each of ${gives.value!.cloths} fabrics`,
)
</script>

<template>
  <li class="card p-4" :data-method="method.key" :data-possible="method.possible || undefined">
    <div class="flex items-start gap-x-5">
      <template v-if="gives && shownPart">
        <div class="w-36 shrink-0 space-y-4 xl:w-44">
          <PiecePicture :yields="yields" :part="shownPart" :role="part" class="w-full" />
          <UnitHeap :units="gives.units" :picture="yields.picture" :label="`${gives.units} units`" />
        </div>
        <div class="min-w-0 flex-1">
          <div class="flex flex-wrap items-baseline gap-x-3">
            <h2 class="text-lg font-bold">{{ method.name }}</h2>
            <p class="text-lg">
              <strong class="text-2xl">{{ gives.units }}</strong> {{ gives.units === 1 ? 'unit' : 'units' }}
              <span class="text-base text-soft">{{ ofEach }}</span>
            </p>
            <p v-if="yields.pieces > 1" data-from-all>
              <strong>{{ gives.unitsFromAll }}</strong> from all {{ yields.pieces
              }}<span v-if="gives.cloths > 1" class="text-soft">, shared evenly among {{ gives.cloths }} fabrics</span>
            </p>
            <span v-if="gives.tight" class="rounded border border-[#d9b95a] bg-tape-pale px-2 text-sm font-medium"
              >tight fit</span
            >
          </div>
          <dl class="mt-1 grid grid-cols-2 gap-x-6 gap-y-0.5 xl:grid-cols-3">
            <div>
              <dt class="me-1.5 inline text-soft">cut</dt>
              <dd class="inline font-bold">{{ gives.cutSizes }} {{ unit }}</dd>
            </div>
            <div>
              <dt class="me-1.5 inline text-soft">raw</dt>
              <dd class="inline">{{ gives.rawSize }} {{ unit }}</dd>
            </div>
            <div>
              <dt class="me-1.5 inline text-soft">trimmed</dt>
              <dd class="inline">{{ gives.trimmedSize }} {{ unit }}</dd>
            </div>
            <div>
              <dt class="me-1.5 inline text-soft">one set ({{ gives.setName }}) gives</dt>
              <dd class="inline">{{ gives.unitsPerSet }}</dd>
            </div>
            <div>
              <dt class="me-1.5 inline text-soft">outer edges</dt>
              <dd class="inline">{{ gives.edges }}</dd>
            </div>
            <div>
              <dt class="me-1.5 inline text-soft">waste</dt>
              <dd class="inline">{{ gives.wastePercent }} %</dd>
            </div>
            <div>
              <dt class="me-1.5 inline text-soft">cuts</dt>
              <dd class="inline">{{ gives.straightCuts }}</dd>
            </div>
            <div>
              <dt class="me-1.5 inline text-soft">seams</dt>
              <dd class="inline">{{ gives.seamLength }}</dd>
            </div>
            <div v-if="gives.widestSeam">
              <dt class="me-1.5 inline text-soft">big enough with a seam up to</dt>
              <dd class="inline">{{ gives.widestSeam }}</dd>
            </div>
            <div v-if="gives.leftHand">
              <dt class="me-1.5 inline text-soft">hands</dt>
              <dd class="inline">{{ gives.leftHand }} left, {{ gives.rightHand }} right</dd>
            </div>
            <div v-if="gives.clothPairings > 1">
              <dt class="me-1.5 inline text-soft">pairings of fabrics a set</dt>
              <dd class="inline">{{ gives.clothPairings }}</dd>
            </div>
          </dl>
          <p class="mt-1">
            <span class="text-soft">left of the piece: </span>{{ shownPart.left || 'nothing to keep' }}
          </p>
          <p v-if="gives.wanted" class="mt-1 rounded bg-leaf-pale px-2 py-1" data-wanted>
            For <strong>{{ gives.wanted.units }}</strong>: {{ spellCount(gives.wanted.sets, 'set', 'sets') }} ({{
              gives.setName
            }}), {{ gives.wanted.made }} made,
            <strong>{{ spellCount(gives.wanted.spare, 'spare unit', 'spare units') }}</strong>. Pieces:
            <template v-for="(each, i) in gives.wanted.pieces" :key="each.cloth"
              >{{ i ? ', ' : '' }}{{ each.pieces }} of {{ each.cloth }}</template
            >
          </p>
          <p class="mt-1 text-soft">
            <template v-if="jump && jump.upTo !== size.trim() && jump.upTo !== gives.largestFinished"
              >{{ gives.units }} up to {{ jump.upTo }} {{ unit }} finished, then {{ jump.after || 'none' }}.
            </template>
            <template v-if="gives.largestFinished"
              >The largest is {{ gives.largestFinished }} {{ unit }} finished.</template
            >
          </p>
          <p v-if="smallerHint" class="mt-1 font-medium text-tape-deep">{{ smallerHint.why }}</p>
          <div class="mt-3 flex flex-wrap gap-2">
            <button class="button" :aria-expanded="workingShown" @click="workingShown = !workingShown">
              How it was worked out
            </button>
            <button class="button" :aria-expanded="stepsShown" @click="emit('steps')">Steps</button>
            <button
              class="button data-[on]:bg-ink data-[on]:text-tape"
              :aria-pressed="pinned"
              :data-on="pinned || undefined"
              @click="emit('pinned')"
            >
              {{ pinned ? 'Pinned' : 'Pin to compare' }}
            </button>
            <div
              v-if="gives.parts.length > 1"
              role="group"
              aria-label="Which fabric the picture shows"
              class="flex flex-wrap gap-1"
            >
              <button
                v-for="(each, i) in gives.parts"
                :key="each.cloth"
                class="button min-h-9 data-[on]:border-2 data-[on]:border-ink"
                :aria-pressed="part === i"
                :data-on="part === i || undefined"
                @click="part = i"
              >
                {{ each.cloth }}: {{ each.perPiece }}
              </button>
            </div>
          </div>
        </div>
      </template>
      <div v-else class="min-w-0 flex-1">
        <h2 class="text-lg font-bold text-soft">{{ method.name }}: not from this piece</h2>
        <p>{{ method.refused?.problem.why }}.</p>
        <p v-if="method.refused?.nearest">
          The largest it gives is {{ method.refused.nearest }} finished.
          <button class="button ml-2 min-h-8" @click="emit('sizeTaken', method.refused!.nearestTyped)">
            Take {{ method.refused.nearest }}
          </button>
        </p>
        <p v-else>It gives no size at all by this method.</p>
      </div>
    </div>

    <div v-if="workingShown && gives" class="mt-3 rounded-xl border border-[#d9b95a] bg-tape-pale p-3">
      <p v-for="each in gives.workings" :key="each.what + each.how">
        <span class="text-soft">{{ each.what }}:</span> {{ each.how }}
      </p>
      <p v-for="each in gives.parts" :key="each.cloth">
        <span class="text-soft">{{ each.cloth }}:</span> {{ each.cut }} {{ unit }}, {{ each.perSet }} a set;
        {{ each.perPiece }} from one piece serve {{ spellCount(each.sets, 'set', 'sets') }}
      </p>
    </div>
    <ProblemNote v-if="otherHints.length" :problems="otherHints" hint class="mt-3" />
    <slot />
  </li>
</template>
