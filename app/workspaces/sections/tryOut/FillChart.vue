<script setup lang="ts">
import { BarController, BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js'
import { Bar } from 'vue-chartjs'
import type { Fill } from '../../../../core/checks/fill'
import { fillColour } from './fillColours'
import { tryOutWords } from '../words/tryOut'

const say = tryOutWords.fillChart

/** How many pages show how many products of a section; what is live beside it, where that is another. */
const props = defineProps<{
  fill: Fill
  /** What the fill is of: the draft, or what is live. */ label: string
  live: Fill | null
  pagesInWords: (count: number) => string
}>()
Chart.register(BarController, BarElement, CategoryScale, LinearScale, Tooltip)

const bars = computed(() => ({
  labels: props.fill.pages.map((_, count) => String(count)),
  datasets: [
    {
      label: props.label,
      data: props.fill.pages,
      backgroundColor: props.fill.pages.map((_, count) => fillColour(count, props.fill)),
      borderRadius: 4,
      minBarLength: 2,
    },
    ...(props.live ? [{ label: say.live, data: props.live.pages, backgroundColor: '#e3dccd', borderRadius: 4 }] : []),
  ],
}))
const options = {
  responsive: true,
  maintainAspectRatio: false,
  animation: false as const,
  plugins: {
    tooltip: {
      callbacks: {
        title: ([item]: { label: string }[]) => say.shown(item!.label),
        label: ({ raw, dataset }: { raw: unknown; dataset: { label?: string } }) =>
          `${dataset.label}: ${props.pagesInWords(raw as number)}`,
      },
    },
  },
  scales: {
    x: { grid: { display: false }, border: { color: '#ddd5c6' }, ticks: { color: '#5b6470' } },
    y: { display: false, beginAtZero: true },
  },
}
/** What the picture says, for those who don't see it. */
const spoken = computed(() => props.fill.pages.map((pages, count) => say.shownWithPages(count, pages)).join(', '))
</script>

<template>
  <div class="chart">
    <Bar :data="bars" :options="options" role="img" :aria-label="say.pagesByHowManyProducts(spoken)" />
  </div>
</template>

<style scoped>
.chart {
  flex: 1 1 0;
  min-width: 0;
  height: 112px;
}
</style>
