<script setup lang="ts">
import { computed } from 'vue'
import type { Problem, Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import BorderEditor from './BorderEditor.vue'
import ClothSelect from './ClothSelect.vue'
import LengthField from './LengthField.vue'
import { type Border, PLAIN_BORDER } from './edit/borders'
import { edgesOfBorders } from './edit/edges'

export interface BordersPanelProps {
  design: QuiltDesign
  top: Schemas['TopView']
  problems: readonly Problem[]
}

const props = defineProps<BordersPanelProps>()
const emit = defineEmits<{ changed: [part: Partial<QuiltDesign>, typing: boolean] }>()

const unit = computed(() => props.top.unitOfLength)
const prints = (i: number) => props.top.prints.filter((each) => each.border === i)
const fit = (i: number) => props.top.fits.find((each) => each.border === i)

function borders(list: Border[], typing = false) {
  emit('changed', { borders: list }, typing)
}
function change(i: number, border: Border, typing: boolean) {
  borders(
    props.design.borders.map((each, at) => (at === i ? border : each)),
    typing,
  )
}
function add() {
  borders([...props.design.borders, { ...PLAIN_BORDER, width: props.design.system === 'INCH' ? '3' : '8' }])
}
/** Borders come, go or change places, and single units that are dressed otherwise go with them. */
function rearrange(list: Border[], now: (border: number) => number | undefined) {
  emit('changed', { borders: list, edgePlaces: edgesOfBorders(props.design, now) }, false)
}
function remove(i: number) {
  rearrange(
    props.design.borders.filter((_, at) => at !== i),
    (border) => (border === i ? undefined : border > i ? border - 1 : border),
  )
}
function move(i: number, by: number) {
  const list = [...props.design.borders]
  const order = list.map((_, at) => at)
  list.splice(i + by, 0, list.splice(i, 1)[0]!)
  order.splice(i + by, 0, order.splice(i, 1)[0]!)
  rearrange(list, (border) => order.indexOf(border))
}
function spacer(i: number) {
  const list = [...props.design.borders]
  list.splice(i, 0, {
    ...PLAIN_BORDER,
    kind: 'SPACER',
    width: props.design.system === 'INCH' ? '1/2' : '1',
    cloth: list[i - 1]?.cloth ?? props.design.setting.cloth,
  })
  rearrange(list, (border) => (border >= i ? border + 1 : border))
}
const finish = (part: Partial<QuiltDesign['finishing']>, typing = false) =>
  emit('changed', { finishing: { ...props.design.finishing, ...part } }, typing)
</script>

<template>
  <div class="space-y-4">
    <p v-if="!design.borders.length" class="text-soft">No border yet. They are added from the inside out.</p>
    <BorderEditor
      v-for="(border, i) in design.borders"
      :key="i"
      :number="i + 1"
      :last="i === design.borders.length - 1"
      :border="border"
      :cloths="design.cloths"
      :problems="problems"
      :fit="fit(i)"
      :prints="prints(i)"
      :unit-of-length="unit"
      @changed="(changed, typing) => change(i, changed, typing)"
      @removed="remove(i)"
      @moved="(by) => move(i, by)"
      @spaced="spacer(i)"
    />
    <button class="button w-full" :disabled="design.borders.length >= 12" @click="add">Add a border outside</button>

    <section aria-label="Binding, backing and batting" class="space-y-2 border-t border-line pt-3">
      <h3 class="panel-title">Binding, backing, batting</h3>
      <ClothSelect
        label="Binding"
        :cloths="design.cloths"
        :value="design.finishing.bindingCloth"
        none="not chosen"
        @chosen="finish({ bindingCloth: $event })"
      />
      <LengthField
        :label="`Binding strips cut, ${unit}`"
        :value="design.finishing.bindingStrip"
        :problems="top.finishing.problems"
        place="Binding"
        @typed="finish({ bindingStrip: $event }, true)"
      />
      <ClothSelect
        label="Backing"
        :cloths="design.cloths"
        :value="design.finishing.backingCloth"
        none="not chosen"
        @chosen="finish({ backingCloth: $event })"
      />
      <div class="flex gap-2">
        <LengthField
          label="Its usable width"
          :value="design.finishing.backingWidth"
          :problems="top.finishing.problems"
          place="Backing, usable"
          @typed="finish({ backingWidth: $event }, true)"
        />
        <LengthField
          label="Larger all round by"
          :value="design.finishing.overhang"
          :problems="top.finishing.problems"
          place="Backing, larger"
          @typed="finish({ overhang: $event }, true)"
        />
      </div>
      <label class="block">
        <span>Its panels run</span>
        <select
          class="field w-full"
          :value="design.finishing.panels"
          data-panels
          @change="finish({ panels: ($event.target as HTMLSelectElement).value as typeof design.finishing.panels })"
        >
          <option value="LEAST">as takes less fabric</option>
          <option value="UPRIGHT">from top to bottom</option>
          <option value="LYING">from side to side</option>
        </select>
      </label>
      <dl>
        <div class="flex justify-between gap-2 border-b border-line py-1">
          <dt>Binding</dt>
          <dd class="font-bold" data-binding>{{ top.finishing.binding }}</dd>
        </div>
        <div class="flex justify-between gap-2 border-b border-line py-1">
          <dt>Backing</dt>
          <dd class="text-right font-bold" data-backing>{{ top.finishing.backing }}</dd>
        </div>
        <div class="flex justify-between gap-2 border-b border-line py-1">
          <dt>Backing and batting cut</dt>
          <dd class="text-right font-bold">{{ top.finishing.behind }} {{ unit }}</dd>
        </div>
      </dl>
      <details class="text-sm">
        <summary class="cursor-pointer">How it was worked out</summary>
        <p v-for="each in top.finishing.workings" :key="each.what">
          <span class="text-soft">{{ each.what }}:</span> {{ each.how }}
        </p>
      </details>
      <p
        v-for="problem in top.finishing.problems"
        :key="problem.where"
        class="rounded-lg border border-[#d99a8f] bg-brick-pale p-2"
      >
        <strong class="block">{{ problem.where }}</strong>{{ problem.why }} – {{ problem.fix }}.
      </p>
    </section>
  </div>
</template>
