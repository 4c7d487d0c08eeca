<script setup lang="ts">
import { computed } from 'vue'
import ViewNav from '~/shared/ui/ViewNav.vue'

/** How the verdict is worked out: one page in words, a second with the symbols and figures. */
const VIEWS = [
  { id: 'words', label: 'In words', to: '/how' },
  { id: 'figures', label: 'Figures and symbols', to: '/how?view=figures' },
]
const route = useRoute()
const view = computed(() => (route.query.view === 'figures' ? 'figures' : 'words'))
useHead({ title: 'How the verdict is worked out · Juxtachrome' })
</script>

<template>
  <article class="mx-auto w-full max-w-3xl space-y-3 p-4">
    <h1>How the verdict is worked out</h1>
    <ViewNav label="How much of it" :views="VIEWS" :here="view" />
    <template v-if="view === 'words'">
      <p>
        Painters find out what a palette can do by painting charts of every pair for days. Juxtachrome makes those
        charts by calculation: it mixes every one, two and three of the paints in small parts, thins each mixture from
        masstone (the paint at full strength) to a pale wash, and looks which colours come out.
      </p>
      <h2>What it knows of a paint</h2>
      <p>
        How a paint looks at full strength and thinned. From that it works out how much light the paint swallows and how
        much it throws back. Your own swatches come first; a tint test and your notes of real mixtures say how strong
        one part of it is. Where nothing is painted out, the usual colours of its pigment codes stand in, and the paint
        is marked as assumed. Paints that shine, glow or shimmer are left out: a screen cannot show them.
      </p>
      <h2>What is asked of the palette</h2>
      <p>
        What you say it is for: a subject, the colours of a photograph, or a list of your own. Where nothing was said,
        everything that your whole collection can mix. A colour counts as reached when a mixture comes as near to it as
        you call close enough.
      </p>
      <h2>What the sentences mean</h2>
      <dl class="grid gap-x-4 gap-y-2 sm:grid-cols-[10rem_1fr]">
        <dt class="font-semibold">Mixes …</dt>
        <dd>How much of what is asked the palette mixes near enough, and how much of that from two paints.</dd>
        <dt class="font-semibold">You would hardly miss …</dt>
        <dd>
          The other paints mix nearly the same, at full strength and in the wash. What the mixture does otherwise on the
          paper, granulate, stain, fade, is said with it: that may be the reason to keep it.
        </dd>
        <dt class="font-semibold">Nearly the same</dt>
        <dd>
          Two paints that you could not tell apart alone. They are compared in mixtures, too: some pairs are alike alone
          and part in every green.
        </dd>
        <dt class="font-semibold">Greys</dt>
        <dd>
          For every colour the partner that takes it nearest to grey. Blacks and greys do not count: they dull
          everything.
        </dd>
        <dt class="font-semibold">Your oranges will be dull</dt>
        <dd>
          Something is missing, named as painters name it. A paint is proposed only after it was tried: with it the gap
          is closed, and it lasts and breaks none of your wishes.
        </dd>
      </dl>
      <h2>What stands in for what</h2>
      <p>
        A stand-in is compared alone and in the same mixtures with the other paints of the palette; then by what it does
        otherwise on the paper, how long it lasts, what it costs, and how many places it takes. You say what must not be
        lost. What you tried on paper comes before anything that is predicted. A pan without a label is compared with
        everything you own, then with the reference.
      </p>
      <h2>How sure it is</h2>
      <p>
        A predicted mixture differs a little from the real one, now and then visibly; more with much water, and more
        where a strong paint is only assumed. What is said of many colours together is sturdier than any single mixture,
        because errors fall both ways. Nothing here knows how a colour feels beside another, how a paint flows under
        your brush, or that you love it. Your eye has the last word: a paint that must be in is in, whatever is said.
      </p>
    </template>
    <template v-else>
      <h2>The model</h2>
      <p>
        A paint is a film with absorption K and scattering S in 36 bands from 380 to 730 nm (Kubelka and Munk 1931,
        1948), fitted to its masstone and wash. Mixtures add K and S by parts times strength (Duncan’s rule, 1940).
        Colours are CIE L*a*b* under D65 for the 2° observer; differences are CIEDE2000, written as plain numbers here:
        below 1 hardly visible, 3 close, 5 plain to see only side by side, 8 the same colour in another mood.
      </p>
      <h2>The map</h2>
      <p>
        What is asked by default is a lattice of hue, chroma and value whose cells are about equally far apart to the
        eye: eight values of L*, rings of chroma C*, hue h around. A cell is reached when the nearest mixture lies
        within the difference that you chose. Mixtures are tried in small parts and in twelve steps of water.
      </p>
      <dl class="grid gap-x-4 gap-y-2 sm:grid-cols-[10rem_1fr]">
        <dt class="font-semibold">Reach</dt>
        <dd>
          The share of the colours asked for that are mixed near enough, by their weights; in points of a hundred.
        </dd>
        <dt class="font-semibold">Worth</dt>
        <dd>
          A colour straight from the pan counts whole, by two paints 0.85, by three 0.7 (judgement). What a paint brings
          is the worth that would go with it.
        </dd>
        <dt class="font-semibold">Near twins</dt>
        <dd>Two paints that differ by less than 5 at masstone and in the wash.</dd>
        <dt class="font-semibold">Neutralisers</dt>
        <dd>The mixture of two nearest to grey: chroma C* below 8 passes for grey, value L* as reached.</dd>
        <dt class="font-semibold">Error</dt>
        <dd>
          Two figures: half of such predictions lie within the first, nineteen of twenty within the second. A predicted
          mixture is off by about 3, one in twenty by as much as 10.
        </dd>
      </dl>
      <p class="hint">
        Colours of subjects, the worth of less mixing and the limits named here are judgement; where they come from, and
        how well they hold, stands in docs/judgement.md and docs/accuracy.md of the source.
      </p>
    </template>
    <p><NuxtLink class="link" to="/palettes">To the palettes</NuxtLink></p>
  </article>
</template>
