### Effects: how a soft edge, a smooth light, a lamp, a highlight is made.

effect-edges = { $medium ->
    [watercolour] With the { $tool } while the wash is shiny
    [acrylic] With the { $tool } before the paint grows tacky
    [oil] With the { $tool } while the paint is open
   *[pastel] With the { $tool }
}: { $edges }{ $more ->
    [0] {""}
    [one] {" "}and one more, { $length } cm in all
   *[other] {" "}and { $more } more, { $length } cm in all
}.
effect-edge = { $how ->
    [lost] lose
    [broken] break
   *[soft] soften
} { $mass } toward { $toward } ({ $length } cm{ $faded ->
    [yes] , { $wide } mm wide
   *[no] {""}
})
effect-smooth = { $mass } in one go: wet it with clear water first and wait until the water stands no more; begin at the lightest place, { $light }, and drop in { $stops ->
    [1] the darker colour
   *[other] { $stops } colours, each darker,
} outward to { $dark } while it is shiny. Draw the light { $larger } % larger than it is: it closes in while the wash runs.{ $bridge ->
    [yes] {" "}Where warm meets cool lay { $over } between: side by side they would go grey.
   *[no] {""}
}
effect-lamp = { $mass } is a lamp, { $lead } over what is around it: { $kept ->
    [yes] its core stays bare paper; what is around it is softened toward it while wet, darker outward over { $reach } mm.
   *[no] lay it in { $touches } touches over { $reach } mm, the outermost darkest and richest, the core nearly white and last.
}
effect-glint = { $masses }: one firm touch{ $count ->
    [one] {""}
   *[other] {" "}each
}, about { $lead } over what is around, with nothing soft beside it.

effect-rows = { $masses } are { $count } of a kind: one stage for all of them, then the next, each turned and sized a little otherwise.

effect-foliage = Leaves of { $masses }: first the mass, then { $touches } touches: dark gaps down to { $dark }{ $lights ->
    [yes] , light clumps and single leaves up to { $light }, most of them near the focus
   *[no] {""}; leave the light of the first wash as the leaves
}. They stir by { $stirs }: a flat tone would read as paper cut out.
effect-grass = Upright strokes of { $masses }: { $lights ->
    [yes] dark, then light between, then dark again
   *[no] keep the light of the first wash and set the dark between, twice
}, down to { $dark }, { $touches } touches from the ground upward, lifting off. They stir by { $stirs }.
effect-hair = Strands of { $masses } run at { $way }°: lay darks along them first, then lights between, { $touches } in all, and a few lightest last. They stir by { $stirs }; across the form they would flatten it.
effect-broken = { $masses }, rough by { $stirs }: { $medium ->
    [pastel] drag the side of the stick over the grain
    [watercolour] drag a dry brush over the dry wash
   *[other] drag a dry brush over it
}, darks first{ $lights ->
    [yes] , then lights
   *[no] {""}
}, in all directions.
effect-ripples = Ripples across { $masses } last of all: level strokes { $step } { $lights ->
    [yes] darker and lighter
   *[no] darker
}, { $touches } of them, broader and farther apart toward you.
effect-sparkle = Sparkle on { $masses }: { $touches } firm touches of { $value } when all is dry, { $share } % of it and no more{ $medium ->
    [watercolour] ; on heavy paper a blade's point scratches the finest, away from the hand
   *[other] {""}
}.
effect-branches = Branches of { $masses }: a dark mass with a light touch ({ $dark }), carve the sky into it ({ $hole }, a step darker than the open sky), soften its edge with the dark, then twigs { $medium ->
    [pastel] with a hard stick
    [watercolour] with the tip of the rigger
   *[other] with the rigger
}, lifting off.
effect-clouds = Clouds in { $masses }: { $medium ->
    [watercolour] lay the sky at { $dark } and blot the lights out of it while it is shiny, up to { $light }
    [acrylic] lay the sky at { $dark } and blot the lights out of it before it grows tacky, up to { $light }
    [pastel] lay { $dark } and { $light } side by side and rub them into each other with a finger
   *[oil] lay { $dark } and { $light } side by side and work them into each other
}, crisper above, softer below, smaller toward the horizon.
effect-blended = { $mass } in { $bands } bands from { $light } to { $dark }, each lapping the last, then blend along them { $medium ->
    [pastel] with a finger or sponge, once and lightly: rubbed twice the grain is gone
    [acrylic] with a damp soft brush before they grow tacky
   *[other] with a dry soft brush, wiped clean after each stroke
}.
effect-form = { $mass } turns { $turns ->
    [round] round its light
    [curved] along its form
   *[straight] to one side
}: set { $light }, { $middle } and { $dark } side by side, then join them { $medium ->
    [watercolour] while wet
    [pastel] with a finger along the form
   *[other] with a soft brush along the form
}; leave the lightest place untouched.
effect-petals = { $count } petals, { $masses }: each from { $light } at its edge to { $dark } within it while it is wet; { $medium ->
    [watercolour] no two that touch while one is wet
   *[other] the far ones first
}.
effect-mist = { $mass } is lost in mist below: from { $dark } above to { $light } below, { $medium ->
    [watercolour] lift it with a thirsty brush while it is shiny
    [pastel] rub it down with a finger
   *[other] drag it down with a clean soft brush
}, so that nobody sees where it stops.
effect-cast-shadow = The shadow of { $thing } on { $ground }: { $dark } and firm where it leaves the thing, { $light } and soft away from it, { $darker } under the ground in the middle. Lay it in one go with the thing.
effect-shadow-colour = Mix { $mass } as { $lit } in shadow: the same colour with a breath of its opposite, { $cooler ->
    [yes] cooler
   *[no] warmer
} by { $off }, at { $value }. The lit colour with black would be dead.
effect-joined-shadow = { $masses } are one shadow at { $value }: lay them as one with one outline and change the colour inside ({ $apart } apart) { $medium ->
    [watercolour] wet in wet
   *[other] without an edge between
}.
effect-glow = The glow of { $masses }: one gradient from the light outward, { $light } to { $dark } over { $reach } cm, clear and warm near it, richest half way; what it does not reach stays darker. It falls by { $falls }: nothing beside it may be as light or as colourful.
effect-lit-across = Light across { $mass }: { $light } beside the light, then richer { $middle }, then { $dark } and grey away from it, in one thing.
effect-rims = The light along { $mass }, { $length } cm of its outline: first muted and wide, then lighter ({ $value }), warmer, narrower and shorter{ $medium ->
    [watercolour] , in opaque white with a touch of the light's colour
   *[other] {""}
}; { $step } over the thing itself.
effect-rays = { $count } rays over { $masses }: { $medium ->
    [watercolour] lift them with a damp brush along a card's edge
   *[other] lay them a little too strong
}, by { $step }, then knock them back, so that nobody sees where they start.
effect-around = First a margin of { $masses }, { $wide } cm wide, round { $thing }: no colour can be judged against bare ground.
effect-counterchange = { $behind } { $how ->
    [darker] darker
   *[lighter] lighter
} behind { $things }: to { $value } there, by { $step }, running out softly over { $area } cm².
effect-wiped-colour = What is wiped has the colour of the tone. When that is dry, glaze { $masses }, each with its own colour; the worst is { $off } off before.
effect-reflections = { $mirrors } { $medium ->
    [watercolour] in one go with the water, straight below
   *[other] right after
} { $thing }: mirrored at the shore, { $above } above is { $below } below, with { $keeps } % of the contrast, softer, pulled straight down.
effect-negatives = { $masses } lie behind each other in { $layers } layers, { $light } to { $dark }: paint round the lighter ones, and in each gap another behind, { $step } darker each time, on the dry layer before.
effect-near-white = { $mass } is no white but its own { $value }: { $medium ->
    [watercolour] a thin first wash of its own, never bare paper
   *[other] white with a breath of its own colour, never white alone
}.
effect-tinted = { $mass } was kept at { $surface } and is { $value }: when all is dry give it its own light { $coloured ->
    [yes] colour
   *[no] grey
}, and soften one side of it with clean water.
effect-far-lamps = { $masses }: { $count } lamps far off, one touch each ({ $value }), warm, smaller and closer with distance; a halo only for the near ones.

effect-spared = There is no time for it in the minutes that you have.
effect-off = You left it out.
effect-no-time = The wash is open for { $open } min, and this would take { $minutes } min more.
effect-asks = The picture does not tell it surely enough; say what it is.

effect-name-rows = Row
effect-name-edges = Soft edges
effect-name-smooth = Smooth light
effect-name-lamp = Lamp
effect-name-glint = Highlight
effect-name-foliage = Leaves
effect-name-grass = Upright strokes
effect-name-hair = Strands
effect-name-broken = Broken colour
effect-name-ripples = Ripples
effect-name-sparkle = Sparkle
effect-name-branches = Branches
effect-name-clouds = Clouds
effect-name-blended = Smooth light
effect-name-form = Soft form
effect-name-petals = Petals
effect-name-mist = Mist
effect-name-cast-shadow = Cast shadow
effect-name-shadow-colour = Colour of a shadow
effect-name-joined-shadow = Joined shadow
effect-name-glow = Glow
effect-name-lit-across = Light across
effect-name-rims = Rim of light
effect-name-rays = Rays
effect-name-around = Background round it
effect-name-counterchange = Counterchange
effect-name-wiped-colour = Colour after wiping
effect-name-reflections = Reflection
effect-name-negatives = Layers behind
effect-name-near-white = Near white
effect-name-far-lamps = Lamps far off
effect-name-tinted = Tinted light

### Edges: why a stretch of border is proposed as it is.

edge-why-soft-seen = the photo fades over { $wide } mm here
edge-why-lost-step = both sides are only { $step } apart
edge-why-firm-seen = the photo is firm here, { $step } apart
edge-why-broken-rough = both sides are rough
edge-why-soft-light = the form turns toward the light here, and all edges of the photo are firm
edge-why-soft-away = it lies away from the focus, and all edges of the photo are firm
