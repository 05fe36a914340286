### A plan: titles, how a pass is done, reasons, what to mind, notes.

## Titles

title-mask = Brush on masking fluid: { $masses }
title-unmask = Rub off the masking fluid: { $masses }
title-recover = Bring the lights back: { $masses }
title-wipe = Wipe out the lights: { $masses }
title-tone = One middle tone over everything
title-patches = An underpainting in patches
title-restate = Restate the darkest darks: { $masses }
title-first-wash = First wash over everything: { $mixture }
title-more-wash = Wash over everything: { $mixture }
title-first-wash-except = First wash over everything except { $masses }
title-more-wash-except = Wash over everything except { $masses }
title-wash = Wash in { $masses }: { $mixture }
title-joined-wash = Wash in together: { $masses } ({ $mixture })
title-last-wash = Last wash: { $masses }
title-block-in-darkest = Block in the darkest darks: { $masses }
title-block-in = Block in the { $tones }: { $masses }
title-tones = { $medium ->
    [pastel] Lay the { $tones }: { $masses }
   *[other] Paint the { $tones }: { $masses }
}
title-last-tones = Last, the { $tones }: { $masses }
title-accents-lights = Highlights: { $masses }
title-accents-darks = Dark accents: { $masses }
title-accents-both = Highlights and dark accents: { $masses }
title-strand = { $strand }, { $tones }: { $masses }
title-strand-alone = { $strand }: { $tones }
title-own = { $act }: { $masses }

strand-thing = { $thing } ({ $number } of { $count })
strand-nameless = the rest
strand-small-things = { $things ->
    [one] a small thing on it ({ $number } of { $count })
   *[other] { $things } small things on it ({ $number } of { $count })
}
strand-small-lights = { $things ->
    [one] a small light ({ $number } of { $count })
   *[other] { $things } small lights ({ $number } of { $count })
}
strand-own-area = { $thing } by itself ({ $school })
strand-stage = stage { $number } of { $count }
strand-lights = mark the lightest lights
strand-darks = the darkest darks
strand-middles = between lightest and darkest
strand-glow = the glow, in one gradation
strand-beyond-glow = what the light does not reach

mixture = { $tone } { $hue }
mixture-of-two = { $tone } { $hue } and { $other }

everywhere = everywhere
only-masses = { $masses }

## How a pass is done

how-one = Use { $mixture }, { $low }.
how-spread = Use { $mixture }, { $low } to { $high }.
how-joined = Give each its own mixture, { $low } to { $high }, and join them while wet.
how-everywhere = Lay it over everything.
how-under = Lay it under { $masses }.
how-opaque-white = Set { $masses } in opaque white.
how-restate = Go over { $masses } once more.
how-negative = Paint the dark round what is lighter; so it comes forward.
how-placeholder = Mark { $masses } with a tint.
how-tone = Lay the tone over { $masses }.
how-mask = Cover { $masses } with masking fluid and let it dry.
how-unmask = Rub the fluid off { $masses } with a clean finger.
how-lift-dry = Wet { $masses }, wait a moment, and lift the paint off.
how-lift-wet = Lift { $masses } while the wash is wet.
how-stencil-lift = Lift { $masses } through a stencil.
how-scratch = Scratch { $masses } with the point of a blade.
how-sand = Sand { $masses } lightly.
how-scrape = Scrape { $masses } off.
how-wipe-out = Wipe { $masses } out with a rag.
how-blot = Blot { $masses }.
how-layer = Lay { $masses }.
how-patches = Lay { $colours } muted colours thinly, one for each area.
how-steps = Build { $masses } in { $steps } steps: darkest outside, lightest last.
how-coats-all = { $medium ->
    [watercolour] { $count ->
        [2] Two washes: let the first dry.
       *[other] { $count } washes: let each dry.
    }
    [pastel] { $count } layers.
   *[other] { $count ->
        [2] Two coats: let the first dry.
       *[other] { $count } coats: let each dry.
    }
}
how-coats = { $medium ->
    [watercolour] { $count ->
        [2] Wash { $masses } twice; let the first wash dry.
       *[other] Wash { $masses } { $count } times; let each wash dry.
    }
    [pastel] Lay { $masses } in { $count } layers.
   *[other] { $count ->
        [2] Paint { $masses } twice; let the first coat dry.
       *[other] Paint { $masses } in { $count } coats; let each dry.
    }
}
how-across = { $masses-count ->
    [one] Paint straight across { $masses }; it comes later.
   *[other] Paint straight across { $masses }; they come later.
}
how-grade = Grade { $mass }: { $from } to { $to }.
how-grade-from-top = Grade { $mass } from the top: { $from } down to { $to }.
how-grade-from-left = Grade { $mass } from the left: { $from } to { $to }.
how-grade-in-two = Grade { $mass }: { $first } { $from } to { $second } { $to }.
how-grade-from-top-in-two = Grade { $mass } from the top: { $first } { $from } down to { $second } { $to }.
how-grade-from-left-in-two = Grade { $mass } from the left: { $first } { $from } to { $second } { $to }.
how-grade-over = Grade { $mass }: { $first } { $from } over { $between } to { $second } { $to }.
how-grade-from-top-over = Grade { $mass } from the top: { $first } { $from } over { $between } to { $second } { $to }.
how-grade-from-left-over = Grade { $mass } from the left: { $first } { $from } over { $between } to { $second } { $to }.
how-tool = Take { $tool }.
own-how-rays = Lay them too strong, then soften them until nobody sees where they begin.
own-how-soften = The picture shows edges as soft as the photo has them, so that it stays as it is.
own-how-feather = The picture shows edges as soft as the photo has them, so that it stays as it is.
own-how-blend = It evens out a mass that is modelled; a flat one stays as it is.
own-how-restate = It brings the same value back where later paint ran over it; where none did, the picture stays.
own-how-stays = What lies there is as light, or as dark, as that brings it: the picture stays.
own-how-scumble = The same colour once more, broken, over what lies below; where that has it already, the picture stays.
how-toning = Lay { $ground } ({ $paint }) evenly over the whole sheet.

edges-none = no edges
edges-listed = { $kinds }
edges-of = { $how } { $cm } cm
edges-firm = firm, { $firm } cm
edges-soft = soft, { $soft } cm
edges-both = firm { $firm } cm, soft { $soft } cm

needs-dry-surface = dry surface
needs-dry = dry
needs-wet = wet
needs-nothing = nothing to wait for
needs-wet-beside = dry; neighbours may be wet

## Why

why-meets-bare = { $masses-count ->
    [one] From here { $masses } reads as white. What is round it is { $step } darker.
   *[other] From here { $masses } read as white. What is round them is { $step } darker.
}
why-goes-round = Paint round { $masses } ({ $length } cm of edge). Painted over, { $masses-count ->
    [one] it is lost.
   *[other] they are lost.
}
why-runs-under = Going straight across saves painting { $length } cm of edge twice.
why-runs-under-minutes = Going straight across saves painting { $length } cm of edge twice ({ $minutes } min).
why-keeps-off = Leave { $masses } out: this colour under it would dull it.
why-nested = { $masses-count ->
    [one] It outshines all round by { $step } values, and glows only when built in steps.
   *[other] They outshine all round by { $step } values, and glow only when built in steps.
}
why-last = Last: nothing goes over it.
why-beside = It is hardly told from what follows: mix their colours together.
why-before-darker = Before the darker passes: they are judged against this one ({ $step } darker).
why-before-lighter = Before the lighter passes: they are judged against this one ({ $step } lighter).
why-waits = Let pass { $number } dry ({ $minutes } min), or { $edge } run.
why-ground-paints = Leave { $masses } bare. The ground already has the value ({ $share } % of the picture).
why-muted-first = Put a duller, darker layer under { $masses } first. Alone, the bright colour would look raw.
why-loose = Leave the edge toward { $masses } rough. It is painted over later ({ $length } cm).
why-accents-lighter = Last, when all round is painted: the strongest is { $step } lighter than that.
why-accents-darker = Last, when all round is painted: the strongest is { $step } darker than that.
why-accent-lighter = Last, when all round is painted: it is { $step } lighter than that.
why-accent-darker = Last, when all round is painted: it is { $step } darker than that.
why-lights-kept = { $first } The same goes for { $masses }.
why-won-back = All round is dry and { $step } values darker: the fluid can come off.
why-toned = One tone of { $value } paints { $share } % of the picture at once.
why-patches = No speck of bare surface shows later, and { $share } % is painted already.
why-wiped = Wipe while the tone is wet, up to { $value }. Wiped too far, it hardly comes back.
why-restated = Everything else is in: now judge the darks, and deepen those that have paled.
why-surrounds = Painted round { $masses }, this layer lies under all that is darker ({ $share } %).
why-middles = Lightest { $high } and darkest { $low } stand: judge every middle between them.
why-ends = Place lightest and darkest first. Without them every middle is a guess.
why-glow = The light fades from { $high } to { $low }: lay it while nothing stands in the way.
why-thing-first = It lies farthest, so it comes first. Finish it while its colours are mixed.
why-thing = Farther things are in. Finish this one while its colours are mixed.
why-thing-last = It is { $step } lighter than all else: judge it when everything stands.
why-own = You set it in here: { $minutes } min.

## What to mind

seam-marked = marked
sharp-edge = { $length } cm of sharp edge

mind-too-long = This takes { $minutes } min and the wash dries after { $open }. Wet the paper first, or lay it in two parts.
mind-seam = This takes { $minutes } min and the wash dries after { $open }. Stop where { $first } meets { $second } ({ $seam }).
mind-grading = Grading { $masses } takes { $minutes } min, but paint dries after { $open }. Keep it damp, or take a larger brush.
mind-tone-stays = The tone is left on { $masses }: at { $value } it is near enough.
mind-wiped = { $masses } comes out at { $value } only: what is wiped keeps a little of the tone.
mind-taken = { $masses } comes back to { $value } only: what is taken off is never quite white again.
mind-left-bare = { $masses } stays bare at { $value }: near enough to what is planned.
mind-lighter = { $masses } comes out at { $value }, lighter than planned. Add a coat, or let it be.
mind-darker = { $masses } comes out at { $value }, darker than planned: what is below shows through.
mind-no-darker = { $masses } comes out at { $value }: this paint goes no darker here.
mind-no-lighter = { $masses } comes out at { $value }: nothing here goes lighter.

## Ways to keep a light

way = { $act }: { $why }.
way-asked = { $act }, as you asked.
way-round = { $width } mm is wide enough for a brush
way-round-small = { $width } mm is too small to paint round
way-round-late = going round makes { $minutes } min of a wash that dries after { $open }
way-round-many = { $count } of them, one by one, takes patience
way-round-soft = soften { $soft } mm of its edge afterwards
way-round-tinted = give it a tint of { $value } afterwards
way-mask = { $width } mm is too small to paint round
way-mask-wide = at { $width } mm, fluid keeps it safe and the wash runs through
way-mask-many = { $count } small ones, and the wash runs through
way-mask-large = at { $width } mm, fluid is slow and may tear the paper
way-mask-fine = finer than fluid can be drawn
way-mask-soft = fluid leaves a hard edge; { $soft } mm of it must be softened
way-lift = its edge is soft ({ $soft } mm), as lifting leaves it
way-lift-firm = lifting leaves a softer edge than this one
way-lift-white = lifting would not get back to white
way-lift-stains = the paint round it stains too much to come off
way-scratch = a hairline for the point of a blade, when bone dry
way-scratch-wide = at { $width } mm it is too wide for a blade
way-scratch-thin = paper of { $weight } g/m² bears no blade
way-sand = { $count } sparkles on rough paper
way-sand-toxic = the paint round it is toxic: make no dust
way-sand-smooth = only heavy, rough paper sparkles when sanded
way-sand-no = it is no broken sparkle
way-white = a touch as the very last thing; chalky beside paper
way-white-none = you want no opaque white
way-tint = a tint of { $value } marks it and becomes the light itself
way-tint-none = bare paper needs no tint

do-reserve = paint round it
do-mask = mask it
do-placeholder = mark it with a tint
do-lift-wet = lift it while wet
do-lift-dry = lift it when dry
do-stencil-lift = lift it through a stencil
do-scratch = scratch it out
do-sand = sand it
do-opaque-white = set it in opaque white
do-wipe-out = wipe it out
do-leave = leave it

## Notes

school-chosen = You chose it.
school-fits = { $medium }: { $fits }.
key-fits = Your paints reach { $lowest } to { $highest }: the photo's values fit as they are.
key-closer = Your paints reach { $lowest } to { $highest }. The photo runs from { $seen_lowest } to { $seen_highest }: its lightest and darkest are planned a little closer.
margin-sides = The picture is narrower than the sheet: { $margin } cm stay free at left and right.
margin-ends = The picture is lower than the sheet: { $margin } cm stay free at top and bottom.
note-only-darkens = { $medium } only darkens: nothing gets lighter than this surface ({ $value }). Choose a lighter one to keep the light.
note-ground-paints = The surface already paints { $share } % of the picture.
held-as-seen = Already so as seen: { $wanted }.
held-lighter = So that { $wanted }, { $masses } were moved, by up to { $step } lighter.
held-darker = So that { $wanted }, { $masses } were moved, by up to { $step } darker.
conflict = { $masses } cannot all keep their steps: they ask for { $excess } values too much.
conflict-in-reach = { $masses } cannot all keep their steps: paint and surface lack { $excess } values.
conflict-gave = Given up: { $relation }, by { $by }.
holds-order = neighbours keep their order
holds-edges = sharp-edged neighbours stay half a value apart
holds-light = the light outshines everything
holds-families = every shadow stays below the lights
holds-land = land stays darker than the sky
holds-depth = the distance stays lighter than what is near

surface = { $tone } { $hue } { $value }

note-box-misses = { $masses } cannot be matched with the { $kind } that come along: Prepare tells what would help.
note-order-rests = Your own order of passes rests. { $why }
note-empty-area = No mass lies mostly in { $thing }: it is painted with the rest.
note-frames = The file holds { $count } pictures; the first was taken.
note-exif-damaged = The photo's EXIF data is damaged and was read as far as possible: see whether it stands upright.
note-profile-damaged = The file's colour profile is damaged and was passed over: colours are taken as sRGB.
note-opened = { $flat ->
    [yes] { $lost } % of the photo is flat { $end } and stays flat: nothing was recorded there.{" "}
   *[no] {""}
}Near { $end } one step of the file becomes up to { $steps }: grain and patches that show up are the camera's, not the scene's.
note-seam = { $thing } comes from another photo: along its seam it stands { $apart } values from what lies beside it{ $melts ->
    [yes] , { $lost } % of the border nearly lost
   *[no] {""}
}. See that its light falls as in the main photo, and soften the cut where the thing turns.
note-invented = { $share } % of the picture is invented: filled by its neighbours where something stood.
note-mood-lighter = For the mood, all values between lightest and darkest are lifted.
note-mood-darker = For the mood, all values between lightest and darkest are lowered.
note-mood-closer = For the mood, all values are brought closer together.
note-in-time = In { $hand } min: { $total } of { $before } min, with its waits. Given up: { $given }.
note-not-in-time = Even its quickest way takes { $total } min, waits included; you have { $hand }. Take a smaller sheet or a second sitting. Given up: { $given }.
gave-up = { $what ->
    [passes] { $now ->
        [one] one pass, not { $had }
       *[other] { $now } passes, not { $had }
    }
    [effects] { $now ->
        [0] all { $had } effects
        [one] one effect, not { $had }
       *[other] { $now } effects, not { $had }
    }
    [tones] { $now } tones, not { $had }
   *[marks] { $now ->
        [0] all { $had } small marks
        [one] one small mark, not { $had }
       *[other] { $now } small marks, not { $had }
    }
}
gave-up-tools = fine tools for large ones
note-colours-off = Without glazes colours come out { $off } off, on average; 1 is hardly seen. Glaze what matters most, or take another approach.
note-relit = The light is put in. What faces it is a guess from outlines and depth; the { $by ->
    [lamp] lamp
   *[sun] sun
}, warm lights and cool shadows are invented.

# Small marks

note-marks-left-out = Small marks tell { $share } % of what the masses leave out. The rest is finer than { $minutes } min can tell: let it stay soft.
while-dries = While it dries: { $colours ->
    [0] clean brushes and look at the whole from afar.
    [one] mix the colour of pass { $pass }, { $minutes } min.
   *[other] mix the { $colours } colours of pass { $pass }, { $minutes } min.
}
while-days = It dries for days: go on with another piece.
title-effects = Last touches: { $count ->
    [one] one effect
   *[other] { $count } effects
}
reason-effects = It goes over { $count ->
    [one] a mass that is finished, which
   *[other] { $count } masses that are finished, which
} must be dry for it and must not be covered after it.
title-effects-and-marks = Last touches: { $effects ->
    [one] one effect
   *[other] { $effects } effects
}, marks: { $marks }
title-details = Last marks: { $count ->
    [one] one
   *[other] { $count }
}
how-keep-marks = Leave { $count ->
    [one] one small light
   *[other] { $count } small lights
} in { $masses } unpainted, as the picture shows.
how-keep-texture = Brush { $masses } on with little paint on the brush, so that what lies below glitters through.
how-draw = Draw { $marks }, { $value }.
how-recover = Touch in { $marks } in opaque white, tinted, { $value }.
how-texture = Drag { $marks }, { $value }, on with little paint{ $way ->
    [crossing] {""}
    [upright] , up and down
    [level] , from side to side
   *[slanting] , at a slant
}; leave gaps.
how-draw-more = Set { $count ->
    [one] one more group
   *[other] { $count } more groups
} as the picture shows.
marks-named = { $name }: { $marks }
marks-line-dark = { $count ->
    [one] one dark
   *[other] { $count } dark
} { $way ->
    [upright] upright{" "}
    [level] level{" "}
    [slanting] slanting{" "}
   *[crossing] {""}
}{ $count ->
    [one] line
   *[other] lines
}{ $spread ->
    [yes] {" "}here and there
   *[no] {" "}on { $masses }
}
marks-line-light = { $count ->
    [one] one light
   *[other] { $count } light
} { $way ->
    [upright] upright{" "}
    [level] level{" "}
    [slanting] slanting{" "}
   *[crossing] {""}
}{ $count ->
    [one] line
   *[other] lines
}{ $spread ->
    [yes] {" "}here and there
   *[no] {" "}on { $masses }
}
marks-dab-dark = { $count ->
    [one] one dark touch
   *[other] { $count } dark touches
}{ $spread ->
    [yes] {" "}here and there
   *[no] {" "}on { $masses }
}
marks-dab-light = { $count ->
    [one] one light touch
   *[other] { $count } light touches
}{ $spread ->
    [yes] {" "}here and there
   *[no] {" "}on { $masses }
}
marks-shape-dark = { $count ->
    [one] one small dark form
   *[other] { $count } small dark forms
}{ $spread ->
    [yes] {" "}here and there
   *[no] {" "}on { $masses }
}
marks-shape-light = { $count ->
    [one] one small light form
   *[other] { $count } small light forms
}{ $spread ->
    [yes] {" "}here and there
   *[no] {" "}on { $masses }
}
marks-texture-dark = { $grain ->
    [fine] fine dark texture
    [coarse] coarse dark texture
   *[even] dark texture
}{ $spread ->
    [yes] {" "}here and there
   *[no] {" "}on { $masses }
}
marks-texture-light = { $grain ->
    [fine] fine light texture
    [coarse] coarse light texture
   *[even] light texture
}{ $spread ->
    [yes] {" "}here and there
   *[no] {" "}on { $masses }
}
edges-firm-marks = firm, lifting off
reason-marks = Set them last: they tell { $share } % of what the masses leave out.
