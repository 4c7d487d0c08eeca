<script setup lang="ts">
useHead({ title: 'How the verdict is worked out · Juxtachrome' })
</script>

<template>
  <article class="mx-auto w-full max-w-3xl space-y-3 p-4">
    <h1>How the verdict is worked out</h1>
    <p>
      Painters find out what a palette can do by painting charts of every pair for days. Juxtachrome makes those charts
      by calculation: it mixes every one, two and three of the paints in small parts, thins each mixture in twelve steps
      from masstone to a pale wash, and looks which colours come out.
    </p>
    <h2>What a paint is, to the computation</h2>
    <p>
      A film that swallows some light and scatters some, for each part of the spectrum. It is worked out from the
      paint’s masstone and wash; a tint test and your notes of real mixtures say how strong one part of it is. Where
      nothing is painted out, the usual colours of its pigment codes stand in, and the paint is marked as assumed.
      Paints that shine, glow or shimmer are left out: a film of this kind cannot describe them.
    </p>
    <h2>What is asked of the palette</h2>
    <p>
      By default everything that your whole collection can mix, as cells of hue, chroma and value that are about equally
      far apart to the eye. Or the colours of a subject, of photographs of the place, or of a list of your own. A colour
      counts as reached when a mixture comes nearer than the difference that you call near enough; 3 is close, 5 is
      plain to see only side by side, 8 is the same colour in another mood.
    </p>
    <h2>What each figure means</h2>
    <dl class="grid gap-x-4 gap-y-2 sm:grid-cols-[10rem_1fr]">
      <dt class="font-semibold">Reach</dt>
      <dd>The share of those colours that the palette mixes near enough, by their weights.</dd>
      <dt class="font-semibold">Effort</dt>
      <dd>How much of it comes straight from the pan, by two paints, by three.</dd>
      <dt class="font-semibold">What a paint brings</dt>
      <dd>
        What would no longer be reached if it went. For a paint that is not in: what it would add. The bars also count
        that a colour by two paints is worth a little less than one from the pan (0.85), by three less again (0.7).
      </dd>
      <dt class="font-semibold">Near twins</dt>
      <dd>
        Two paints that differ by less than 5 at masstone and in the wash. Their mixtures with every other paint are
        compared, too: some pairs are alike alone and part in mixtures.
      </dd>
      <dt class="font-semibold">The rest mixes it</dt>
      <dd>
        The other paints come near it at masstone and in the wash. What the mixture does otherwise on the paper,
        granulate, stain, fade, is said with it: that may be the reason to keep it.
      </dd>
      <dt class="font-semibold">Neutralisers</dt>
      <dd>
        For every colour the partner with which it comes nearest to grey, with the chroma (C*, below 8 passes for grey)
        and the value (L*) reached. Blacks and greys do not count: they dull everything.
      </dd>
      <dt class="font-semibold">Gaps</dt>
      <dd>
        Named as painters name them. A green, orange or violet is missing when the collection mixes one clearly cleaner.
        The paint that is proposed is the owned one of that kind that would bring most and does not break your brief.
      </dd>
    </dl>
    <h2>What stands in for what</h2>
    <p>
      A stand-in is compared alone, masstone and wash, and in the same mixtures with the other paints of the palette:
      some pairs are alike alone and part in every green. Then by what it does otherwise on the paper, how long it
      lasts, what it costs, and how many places it takes; you say what of this matters. What you tried on paper comes
      before anything that is predicted. A pan without a label is compared with everything you own, then with the
      reference: its colours count by how sure they are, each step on a scale of behaviour shortens the odds.
    </p>
    <h2>How sure it is</h2>
    <p>
      A predicted mixture is off by about 3, one in twenty by as much as 10; more with much water, and more where a
      strong paint is only assumed. Shares of many colours are sturdier than any single mixture, because errors fall
      both ways. Nothing here knows how a colour feels beside another, how a paint flows under your brush, or that you
      love it. Your eye has the last word: a paint that must be in is in, whatever the figures say.
    </p>
    <p class="hint">
      The film is Kubelka and Munk’s (1931, 1948); colour differences are CIEDE2000; that mixtures add up by parts of
      absorption and scattering is Duncan’s rule (1940). Colours of subjects, the worth of less mixing and the limits
      named here are judgement.
    </p>
    <p><NuxtLink class="link" to="/palettes">To the palettes</NuxtLink></p>
  </article>
</template>
