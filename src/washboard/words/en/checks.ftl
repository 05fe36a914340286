### What weakens a plan: what is seen, why it matters, what can be tried.

check-families = A shadow is lighter than a light: { $shadow } { $dark }, { $light } { $pale }.
check-families-why = Form gets lost. Darken the one, or correct which of them lies in light.
check-families-try = keep shadows darker than lights
check-glow = { $rival } comes within { $gap } of { $lamp }.
check-glow-why = A lamp glows only when it outshines all else clearly.
check-glow-try = let the lamp outshine everything
check-silhouette = { $one } and { $other } melt together along { $edge }.
edge-length = { $length } cm
check-silhouette-why = Their values are too near. Make one side darker, or keep it as a lost edge.
check-silhouette-try = keep sharp-edged neighbours apart
check-darkest-dark = The darkest dark is only { $value }; your paint reaches { $lowest }.
check-darkest-dark-why = Without a true dark the lights look weak.
check-darkest-dark-try = plan the whole darker
check-paper-white = { $share } % of the picture stays as white as the paper.
check-paper-white-why = Paper white tells most where there is little of it. White things in shade are darker.
check-equal-values = Lights, middles and darks are equal.
check-equal-values-why = Usually one of them dominates and another is the accent.
check-one-column = { $most ->
    [dark] Nearly all is dark.
    [light] Nearly all is light.
   *[middle] Nearly all is middle.
}
check-one-column-why = { $most ->
    [dark] A little light makes it tell.
    [light] A little dark makes it tell.
   *[middle] Add a little dark or light.
}
check-land-against-sky = { $land } comes near the sky: { $value } to { $sky }.
check-land-against-sky-why = Land is usually darker than the sky; snow and storms are exceptions.
check-land-against-sky-try = keep the land darker than the sky
check-far-too-dark = { $far } lies farthest and is { $gap } darker than { $near }.
check-far-too-dark-why = Air lightens what is far: so dark, it comes forward.
check-far-too-dark-try = keep the distance lighter than what is near
check-falls-off = { $masses }, far from the lamp, is { $gap } lighter than what stands beside it.
check-falls-off-why = Light falls off with distance: something lighter far away asks for a lamp of its own.
check-louder-than-glow = { $mass }, outside the light, is more coloured than all round { $lamp }, by { $louder }.
check-louder-than-glow-why = A light seems to shine where the richest colour lies close about it.
check-louder-than-glow-try = mute it
check-far-too-loud = { $far } lies farthest and is more coloured than all that is nearer, by { $louder }.
check-far-too-loud-why = Air takes colour and warmth: so loud, it comes forward.
check-far-too-loud-try = make it cooler, quieter and a little lighter
check-no-counterpart = { $share } % of what is coloured is { $side ->
    [cool] warm, and nothing is cool
   *[warm] cool, and nothing is warm
}.
check-no-counterpart-why = Beside a little of its opposite a colour of light is seen as one. There is room in { $mass }.
check-no-counterpart-try = { $side ->
    [cool] cool it a little
   *[warm] warm it a little
}
check-no-neutral = Only { $share } % of the picture is neutral.
check-no-neutral-why = Beside a neutral a colour shines, and the eye rests there. Least is lost in { $mass }.
check-no-neutral-try = mute it
check-many-colours = There are { $colours } colours, and { $masses } have one to themselves.
check-many-colours-why = Few colours that come back hold a picture together. Let one echo elsewhere.
check-edges-all-firm = Of { $all } cm of edges { $firm } are sharp.
check-edges-all-firm-why = Sharp all round, things look cut from paper. Soften some away from the focus.
check-all-alike = { $masses } are all of one size.
check-all-alike-why = Alike, they look printed. Vary them and let some overlap.
check-open-time = Pass { $number } takes { $minutes } min, and a wash dries after { $open }.
check-open-time-why = Fresh paint on a drying edge leaves a hard line or a bloom.
check-open-time-try = divide it: one pass more
check-long-drying = { $waiting } min of waiting for { $working } min of work.
check-long-drying-why = Join passes, or work at something else meanwhile.
check-long-drying-try = do with a pass fewer
check-tooth = { $masses } gets { $layers } layers; this surface holds about { $most }.
check-tooth-why = The last touches must find a hold, and overworked colour turns to mud.
check-tooth-try = one pass fewer
check-stains-under-lift = { $masses } is to be lifted, but the paint there stains.
check-stains-under-lift-why = Staining paint gives little back. Keep the light, or lay other paint.
check-stains-under-lift-try = mask it instead
check-mask-too-long = Masking fluid stays on { $masses } for { $hours } hours.
check-mask-too-long-why = Left overnight or warmed, it tears the paper when it comes off.
check-mask-too-long-try = paint round it instead
check-irreversible-early = { $steps } steps that cannot be undone come in the first half.
check-irreversible-early-why = They are safer when all round is painted and can be judged.
check-irreversible-early-try = take the medium's usual order
check-judged-late = Lightest and darkest stand side by side only after pass { $number } of { $count }.
check-judged-late-why = Till then every middle is a guess.
check-judged-late-try = lightest and darkest first
