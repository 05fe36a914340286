# What stands on the page, by the file that says it.

## api/client.ts

client-program-does-answer = The program does not answer. Nothing is lost; see whether it still runs.

## api/hooks.ts

hooks-stopped-everything = Stopped; nothing was changed.

## mix/ByHand.tsx

by-hand-thinner = thinner
by-hand-stronger = stronger
by-hand-reset = Reset

## mix/MeetingRow.tsx

meeting-row-between = as it is: { $fault } in between
meeting-row-touch-between = with a touch of { $through } in between

## mix/Mix.tsx

mix-smaller = { $count ->
    [one] one smaller mixture
   *[other] { $count } smaller mixtures
}
mix-mixtures-amount = { $count ->
    [one] one mixture, { $ml } ml with some to spare
   *[other] { $count } mixtures, { $ml } ml with some to spare
}
mix-mixtures = { $count ->
    [one] one mixture
   *[other] { $count } mixtures
}
mix-pass-titled = Pass { $pass }: { $title }
mix-pass-choice = Pass
mix-pass-numbered = Pass { $pass }
mix-working-mixtures-out = Working the mixtures out…
mix-reference = The photo
mix-colours-modelled-films = Colours are modelled from films of pigment, not measured from your tubes. Amounts are guessed from usual film weights.
mix-test-strips = test strips
mix-nothing-mixed-pass = Nothing is mixed in this pass.

## mix/PileNotes.tsx

pile-notes-lifts = lifts to { $value } when dry
pile-notes-lifts-granulates = lifts to { $value } when dry, granulates
pile-notes-again-thinner = Or { $mixture } again, with more water: nearly the same.
pile-notes-again-stronger = Or { $mixture } again, stronger: nearly the same.
pile-notes-leaves-tooth-rubbed = leaves { $tooth } % of the tooth · rubbed with a finger { $rubbed }, fixed { $fixed }
pile-notes-your-paints-come = Your paints come only near this colour; { $helps } would help.

## mix/PileRow.tsx

pile-row-mix-to = { $count ->
    [one] Mix to <b>{ $wet }</b> wet; dries to <b>{ $value }</b> · <b>{ $ml } ml</b> · one layer
   *[other] Mix to <b>{ $wet }</b> wet; dries to <b>{ $value }</b> · <b>{ $ml } ml</b> · { $count } layers
}
pile-row-sticks = { $count ->
    [one] <b>{ $value }</b> with one stick
   *[other] <b>{ $value }</b> with { $count } sticks, in this order
}
pile-row-close = close
pile-row-leaves = leaves { $band }
pile-row-too-light = { $by } too light
pile-row-too-dark = { $by } too dark
pile-row-exact = exact
pile-row-near = close
pile-row-under = under
pile-row-wanted = wanted
pile-row-laid = laid
pile-row-is-dry = dry
pile-row-is-wet = wet
pile-row-graded = graded { $from } to { $to }
pile-row-hand = by hand
pile-row-another-way = another way ({ $chosen } of { $count })
pile-row-off-colour = off in colour
pile-row-what-lies = What lies there
pile-row-target = The target
pile-row-dry = Dry
pile-row-wet = Wet

## mix/Used.tsx

used-runs-out = <b>{ $paint }</b>: { $ml } ml wanted, { $left } ml left on the shelf. It will run out.
used-caution = <b>{ $paints }</b>: { $caution }. Read the labels.
used-sticks-working-order = The sticks, in working order
used-palette-working-order = On the palette, in working order
used-touch = a touch
used-ml = { $ml } ml
used-your-shelf = Not on your shelf: { $missing }.

## mix/ValueChart.tsx

value-chart-near = <b>{ $mixture } { $value }</b> is { $by } from the border of its band: keep it there.
value-chart-light = Light
value-chart-middle = Middle
value-chart-dark = Dark
value-chart-whole-piece-three = The whole piece in three columns
value-chart-bare = bare
value-chart-bare-surface = The bare surface

## mix/Ways.tsx

ways-cooler = cooler
ways-warmer = warmer
ways-warm-meant = as warm as meant
ways-same-value = At the same value
ways-test-strip-dried = A test strip of it dried at value
ways-looked = and looked
ways-mix-instead = so mix instead

## mix/names.ts

names-one-side = { $mass }, { $side ->
    [light] its light side
    [dark] its dark side
    [between] between its sides
    [warm] its warm side
   *[cool] its cool side
}
names-and-more = { $named } and { $count } more
names-where-both-meet = Where both sides meet wet: { $mass }
names-where-meets-wet = Where two meet wet: { $one }, { $other }

## mix/table.ts

table-touch = a touch of
table-trace = a trace of
table-light-pressure = light pressure:
table-medium-pressure = medium pressure:
table-firm-pressure = firm pressure:

## order/Actions.tsx

actions-passes = { $count ->
    [one] one pass
   *[other] { $count } passes
}
actions-ties = { $counts } would do as well
actions-one-pass-fewer = One pass fewer
actions-one-pass-more = One pass more
actions-pass-cards = pass cards
actions-cards-pdf = { $piece } cards.pdf
actions-one-sheet = one sheet
actions-plan-pdf = { $piece } plan.pdf
actions-export = export

## order/Below.tsx

below-weak-points = { $count ->
    [0] no weak points
    [one] one weak point
   *[other] { $count } weak points
}
below-whites = { $count ->
    [one] one white kept
   *[other] { $count } whites kept
}
below-passes = { $count ->
    [one] one pass
   *[other] { $count } passes
}
below-masses = { $count ->
    [one] one mass
   *[other] { $count } masses
}
below-areas = areas
below-approaches = approaches
below-below-washboard = Below the washboard

## order/Findings.tsx

findings-before-now = Weak points before: { $before }, now: { $now }. On the left: before.
findings-before = Before
findings-tried = Tried: { $tried }.
findings-keep = Keep
findings-undo = Undo
findings-nothing-weakens-plan = Nothing weakens this plan that can be measured.
findings-pass = pass { $number }
findings-try = Try: { $fix }

## order/KeepOrder.tsx

keep-order-eight-orders-saved = Eight orders are saved; delete one to save another.
keep-order-save-order = Save this order as
keep-order-save = Save
keep-order-save-approach-other = Save as an approach for other pieces
keep-order-name-taken = That name is taken.

## order/Lights.tsx

lights-none = No light of this plan is kept as bare surface.
lights-none-opaque = No light of this plan is kept as bare surface: opaque paint sets its lights last.
lights-opaque-white-may = Opaque white may be used
lights-how-kept = How { $name } is kept
lights-reset = Reset

## order/Mixing.tsx

mixing-area = an area
mixing-paint-one-area = Paint one area first:
mixing-approach = approach
mixing-add = Add
mixing-remove = Remove

## order/MoveNote.tsx

move-note-fix = Fix: { $moves }.
move-note-pass-place = pass { $from } to place { $to }
move-note-so-for = So for <lit>{ $count } more</lit>.
move-note-work-more = { $minutes } more work.
move-note-work-less = { $minutes } less work.
move-note-waiting-more = { $minutes } more waiting.
move-note-waiting-less = { $minutes } less waiting.
move-note-fine = { $asked }: fine.
move-note-keep-order = Keep this order
move-note-put-back = Put it back
move-note-cannot = { $asked } cannot be:
move-note-only-old-order = Only the old order works.
move-note-use-fix = Use the fix

## order/NameThings.tsx

name-things-sky = sky
name-things-water = water
name-things-ground = ground
name-things-wall = wall
name-things-table = table
name-things-tree = tree
name-things-house = house
name-things-figure = figure
name-things-shadow = shadow
name-things-invite = <b>Name what you see.</b> The plan then speaks of sky and table.
name-things-begin = Begin
name-things-now = Not now
name-things-what = What is this? { $at } of { $count }
name-things-next = Next
name-things-skip = Skip
name-things-done = Done
name-things-touch = or touch:

## order/Order.tsx

order-toning = { $what } { $work } of work, { $wait } to dry.
order-nothing-laid = Nothing is laid yet.
order-press = Press → for pass 1, or click a pass under the chart.
order-after-pass = <b>Pass { $pass } of { $count }</b>, dry
order-ground = The ground
order-bare-surface = The bare surface

## order/EdgesLayer.tsx

edges-layer-edges = Edges of the masses: lines are firm, grey bands soft, dots lost, dashes broken

## order/Edges.tsx

edges-edge = Edge
edges-section = Edges of this pass
edges-choose = { $count ->
    [one] choose it, or touch it on the picture with E
   *[other] choose one of { $count }, or touch it on the picture with E
}
edges-named = { $one } · { $other }, { $length } cm, { $how }
edges-told = { $length } cm, { $wished ->
    [yes] { $how } as you want it. Proposed otherwise: { $why }.
   *[no] { $how }: { $why }.
}
edges-when = { $how ->
    [firm] Cut it with a loaded brush or a sharp stick and leave it.
    [broken] { $medium ->
        [pastel] Drag the side of the stick over it.
       *[other] Drag a dry brush over it, flat to the surface.
    }
   *[other] { $when ->
        [wet] { $medium ->
            [watercolour] Draw a damp brush along it while the wash is shiny.
            [pastel] Draw a finger along it.
            [acrylic] Draw a damp brush along it before the paint grows tacky.
           *[other] Draw a dry soft brush along it while the paint is open.
        }
       *[other] { $medium ->
            [watercolour] When the first side is dry, wet it with clear water there and lay the other into it.
            [pastel] Draw a finger along it, from the later side.
           *[other] Lay the later side short of it and drag it over with a dry soft brush.
        }
    }
}
edges-kind = { $how }
edges-behind = What lies behind it
edges-behind-told = The two sides are { $step } apart. Behind it:
edges-behind-kind = { $how ->
    [darker] darker
    [lighter] lighter
   *[as-seen] as it is seen
}
edges-proposed = proposed

## order/Tones.tsx

tones-section = Value and colour of a mass
tones-touch = Touch a mass to make it lighter or darker, louder or quieter, warmer or cooler than planned.
tones-moved = { $mass }: { $how }
tones-back = as planned
tones-lighter = { $way ->
    [more] { $by } lighter
    [less] { $by } darker
   *[same] value as planned
}
tones-colour = { $way ->
    [more] { $by } % more colour
    [less] { $by } % less colour
   *[same] colour as planned
}
tones-warmer = { $way ->
    [more] { $by } warmer
    [less] { $by } cooler
   *[same] warmth as planned
}
tones-lever-lighter = { $mass }, lighter or darker
tones-lever-colour = { $mass }, more or less colour
tones-lever-warmer = { $mass }, warmer or cooler

## order/Building.tsx

building-stages = Stages of a thing
building-around = Background round it, cm
building-usual = usual
building-nothing-under = Never paint across
building-forbid = Forbid
building-allow = allow again
building-cool = all that is cool
building-warm = all that is warm
building-pass = pass { $number } over masses

## order/OwnPass.tsx

own-pass-over = over { $mass }
own-pass-over-same = over the same masses
own-pass-add-pass-after = Add a pass after { $pass }:
own-pass-along = along the stroke
own-pass-within = within the outline
own-pass-stroke = Draw a stroke
own-pass-outline = Draw an outline
own-pass-whole = Whole masses
own-pass-wide = mm wide
own-pass-try = Try it
own-pass-reset-passes = Reset passes

## order/PassList.tsx

pass-list-marks = Small marks
pass-list-marks-up-to = { $count ->
    [0] No small marks
   *[other] Small marks: up to { $count }
}
pass-list-amount = { $word ->
    [none] none
    [few] few
    [some] some
   *[many] many
}
pass-list-pinned = pinned
pass-list-pin = pin
pass-list-split = split
pass-list-join = join
pass-list-tone-first = Tone first: { $title }
pass-list-reset-which-masses = reset which masses go where
pass-list-join-pass-next = Join pass { $k } with the next
pass-list-split-pass-two = Split pass { $k } in two
pass-list-pin-pass = Pin pass { $k }
pass-list-pinned-pass-stays = A pinned pass stays where it is when others are moved
pass-list-leave-out = leave out
pass-list-leave-out-pass = Leave out pass { $k }

## order/PassNote.tsx

pass-note-to = { $low } to { $high }
pass-note-work = work
pass-note-between-coats = between coats
pass-note-let-dry = let dry
pass-note-value = value
pass-note-edges = edges
pass-note-before = before
pass-note-why = Why.
pass-note-with = With
pass-note-tool-pass = Tool of this pass
pass-note-usual-tool = the usual tool

## order/Ridges.tsx

ridges-passes-drag-one = Passes: drag one, or hold Alt and press an arrow, to move it
ridges-pass = Pass { $k }, { $title }, { $minutes }
ridges-step-without-return = A step without return

## order/Rows.tsx

rows-kept = kept
rows-marks = marks
rows-masses = Masses by passes, with the value after each
rows-areas = Areas by passes, with the value after each
rows-mass = Mass
rows-area = Area

## order/SchoolRow.tsx

school-row-layers = { $count ->
    [one] one layer
   *[other] up to { $count } layers
}
school-row-sittings = { $count ->
    [one] one sitting
   *[other] { $count } sittings
}
school-row-irreversible = { $count ->
    [one] one step cannot be undone
   *[other] { $count } steps cannot be undone
}
school-row-mixtures = { $count ->
    [one] one mixture
   *[other] { $count } mixtures
}
school-row-passes = { $count ->
    [one] one pass
   *[other] { $count } passes
}
school-row-picture = { $title }, after pass { $pass }
school-row-after = after { $pass }
school-row-not = Not here: { $why }.
school-row-work = { $minutes } work
school-row-drying = { $minutes } drying
school-row-lightest-darkest-stand = lightest and darkest stand from pass { $pass }
school-row-colours-off = colours { $mean } ΔE off, worst { $worst }
school-row-values-off = values { $mean } off
school-row-use = in use
school-row-delete = Delete
school-row-more = more
school-row-waiting = no waiting
school-row-lightest-darkest-never = lightest and darkest never stand side by side before the last pass

## order/Schools.tsx

schools-marks-besides = Small marks come besides, in every approach.
schools-use = Use
schools-working-out-every = Working out every approach…

## order/Stage.tsx

stage-after-pass = The picture after pass { $pass }
stage-after-pass-values = The picture after pass { $pass }, values only
stage-reference = The photo
stage-draw = Draw a line where it belongs.
stage-draw-round = Draw round the place.

## order/Toggles.tsx

toggles-photo = photo
toggles-outlines = outlines
toggles-where = where
toggles-hand = hand
toggles-edges = edges
toggles-squint = squint
toggles-values-only = values

## order/Variants.tsx

variants-use = Use
variants-passes = { $count ->
    [one] one pass
   *[other] { $count } passes
}
variants-being-worked-out = being worked out

## order/Washboard.tsx

washboard-work = { $work } work
washboard-work-waiting = { $work } work, { $wait } waiting
washboard-values-all-masses = Values of all masses after every pass
washboard-highlights = Highlights
washboard-dark-accents = Dark accents

## order/WhereLayer.tsx

where-layer-coats = { $count }×
where-layer-where-pass-painted = Where this pass is painted
where-layer-what-lit = What is lit

## order/useMove.ts

use-move-pass-moved-place = Pass { $pass } moved to place { $place }
use-move-after-pass = “{ $act }” after pass { $pass }
use-move-plan-without-pass = The plan without pass { $pass }

## prepare/Pairs.tsx

pairs-title = Pairs you like to mix
pairs-one = Mix
pairs-other = with
pairs-add = Keep this pair
pairs-forget = forget

## parts/Corners.tsx

corners-photo = The photo
corners-upper-left = Upper left corner
corners-upper-right = Upper right corner
corners-lower-right = Lower right corner
corners-lower-left = Lower left corner
corners-take = Take these corners
corners-leave = Leave them

## parts/Frame.tsx

frame-surround-light = light surround
frame-surround-middle = middle surround
frame-surround-dark = dark surround
frame-pieces = Pieces
frame-shelf = Shelf
frame-drills = Drills
frame-devices = Tablet and phone
frame-all-pieces = All pieces
frame-stages = Stages
frame-surround = Surround

## parts/KeysDialog.tsx

keys-dialog-keys = Keys
keys-dialog-turn-letter-keys = Turn letter keys off

## parts/Naming.tsx

naming-of-mass = Name of this mass
naming-of-area = Name of this area
naming-of-family = Name of these marks
naming-give-name = Give it a name
naming-name-b = name it

## parts/NotHere.tsx

not-here-kept = Nothing is lost.
not-here-pieces = Pieces
not-here-nothing-address = There is nothing at this address
not-here-go-pieces = Go to the pieces

## parts/PhotoPick.tsx

photo-pick-reading-photo = reading the photo

## parts/Progress.tsx

progress-stage = { $stage }, { $done } %.
progress-making-plan = Making the plan
progress-progress = Progress
progress-stop = Stop
progress-photo = The photo
progress-masses = The photo in masses
progress-order = The order, before effects and small marks

## parts/SceneDrawing.tsx

scene-drawing-red = red
scene-drawing-orange = orange
scene-drawing-yellow = yellow
scene-drawing-green = green
scene-drawing-sea-green = sea green
scene-drawing-blue = blue
scene-drawing-violet = violet
scene-drawing-grey = grey
scene-drawing-scene-masses = The scene: { $count } masses
scene-drawing-value = Value
scene-drawing-value-b = Value { $v }
scene-drawing-hue = Hue
scene-drawing-delete-mass = Delete this mass
scene-drawing-choose-value-draw = Choose a value and draw round a mass; touch one to change it. Draw what is far first.

## parts/keys.ts

keys-squint = squint
keys-photo = photo
keys-outlines = outlines
keys-weak-points = weak points
keys-undo = undo
keys-redo = redo
keys-previous-pass = previous pass
keys-next-pass = next pass
keys-mass-area-before = mass or area before
keys-next-mass-area = next mass or area
keys-hold-q = hold Q
keys-hold-c = hold C
keys-plan-beside = in Review: the plan in place of the painting
keys-values-only = values only
keys-where-pass-painted = where the pass is painted
keys-hand = as laid by a hand
keys-edges = edges: firm, soft, lost, broken
keys-to = 1 to 9
keys-one-band-alone = one band alone, 0 for all
keys-play-passes = play the passes
keys-ctrl-z = Ctrl or ⌘ Z
keys-ctrl-shift-z = Ctrl or ⌘ Shift Z
keys-these-keys = these keys

## parts/time.ts

time-minutes = { $minutes } min
time-hours = { $hours } h { $minutes }
time-days = { $days ->
    [one] { $days } day
   *[other] { $days } days
}
time-short-minutes = { $minutes }′
time-short-hours = { $hours }h{ $minutes }
time-short-days = { $days } d

## pieces/Decisions.tsx

decisions-cm = cm
decisions-white = White
decisions-light-grey = Light grey 7
decisions-middle-grey = Middle grey 5
decisions-black = Black
decisions-what-do-you = What do you paint with?
decisions-what-you-painting = What are you painting on?
decisions-another = Another
decisions-another-tone = Another tone
decisions-how-large = How large?
decisions-width-cm = Width in cm
decisions-height-cm = Height in cm
decisions-see-order = See the order

## pieces/DropPhoto.tsx

drop-photo-drop = <b>Drop a photo here</b> or <choose>choose one</choose>, and say what you paint with, on what, and how large. The order comes at once.
drop-photo-reading = <b>Reading the photo</b> or <choose>choose one</choose>, and say what you paint with, on what, and how large. The order comes at once.
drop-photo-none = No photo?
drop-photo-from-mind = From mind
drop-photo-choose-photo = Choose a photo
drop-photo-draw-scene-you = Draw a scene that you have in mind

## pieces/History.tsx

history-undo = undo
history-redo = redo
history-undo-what = undo: { $what }
history-redo-what = redo: { $what }
history-nothing-to-undo = Nothing to undo
history-nothing-to-redo = Nothing to redo

## pieces/NewPiece.tsx

new-piece-reference = The photo
new-piece-is-painting = It is a photo of a painting: straighten it
new-piece-drag-corners = Drag each corner to one of the painting, with its margin or without, but never its frame.
new-piece-straighten = Looking for its edges

## pieces/PieceRoom.tsx

piece-room-facts = { $medium } on { $surface }, { $wide } × { $high } cm
piece-room-see = See
piece-room-prepare = Prepare
piece-room-order = Order
piece-room-mix = Mix
piece-room-paint = Paint
piece-room-review = Review
piece-room-try-again = Try again

## pieces/Pieces.tsx

pieces-pieces = Pieces
pieces-piece-yet = No piece yet
pieces-drop-photo-you = Drop the photo you want to paint from. You say what you paint with, on what, and how large; the order of passes comes at once, with the picture after each.

## pieces/Strip.tsx

strip-first-and-all = { $first } to begin with. In all { $work } of work.
strip-first-and-all-waiting = { $first } to begin with. In all { $work } of work and { $wait } of waiting.
strip-next-and-rest = { $first } of work next, { $work } until it is finished.
strip-next-and-rest-waiting = { $first } of work next. Until it is finished { $work } of work and { $wait } of waiting.
strip-finished-on = Finished on { $day }.
strip-outdated = Changed since: worked out anew when it is opened.
strip-not-worked-out = Worked out when it is opened.
strip-passes = { $count ->
    [one] one pass
   *[other] { $count } passes
}
strip-cm = { $medium }, { $wide } × { $high } cm
strip-being-worked-out = Being worked out.

## prepare/Composition.tsx

composition-smaller = smaller
composition-larger = larger
composition-crop = crop
composition-move-thing = move a thing
composition-dark-accent = a dark accent
composition-highlight = a highlight
composition-set-focus = set the focus
composition-set-light = set the light
composition-new-light = put in a light
composition-leave-out = leave it out
composition-what-do-picture = What to do in the picture
composition-photographed = as photographed
composition-thing-touched = The thing touched
composition-nothing-weakens-arrangement = Nothing weakens the arrangement.
composition-try = Try it: { $fix }

## prepare/CompositionFacts.tsx

composition-facts-lamps = { $count ->
    [one] from a lamp in the picture, of value { $value }
   *[other] from { $count } lamps in the picture, the strongest of value { $value }
}
composition-facts-focus-proposed = { $cm } cm from a crossing of the thirds, proposed
composition-facts-focus-set = { $cm } cm from a crossing of the thirds, as you set it
composition-facts-bright-spot = Bright spot { $number }, { $value }:
composition-facts-light-agreed = falls { $way }: { $count ->
    [one] one area says so
   *[other] { $count } areas agree
}
composition-facts-light-set = falls { $way }, as you set it
composition-facts-horizon = Horizon
composition-facts-focus = Focus
composition-facts-light = Light
composition-facts-lamp = a lamp
composition-facts-reflection = a reflection
composition-facts-light-shadow = Light and shadow
composition-facts-area-shows-both = no area shows both
composition-facts-largest-areas = Largest areas
composition-facts-dotted-how-eye = dotted: how the eye gets to the focus ({ $leads } along contrasts)
composition-facts-path = Path
composition-facts-none-found = none found
composition-facts-cm-top-both = { $leftCm } cm from the top on both sides, { $share } of the height
composition-facts-cm-top-left = { $leftCm } cm from the top left, { $rightCm } cm right: { $tiltDeg }° off level
composition-facts-areas-do-agree = the areas do not agree on a direction: correct them, or set it
composition-facts-apart = { $gap } apart
composition-facts-hardly-apart = hardly apart
composition-facts-light-shadow-mix = light and shadow mix ({ $gap })
composition-facts-darkest-light-lightest = darkest in light { $darkestLight }, lightest in shadow { $lightestShadow }, { $words }

## prepare/CropPicture.tsx

crop-picture-left = left side of the frame
crop-picture-top = top of the frame
crop-picture-right = right side of the frame
crop-picture-bottom = bottom of the frame
crop-picture-whole-reference = The whole photo

## prepare/Ghost.tsx

ghost-cut-out = cut out

## prepare/Grounds.tsx

grounds-best = <b>{ $ground }</b> suits best.
grounds-spares = <b>{ $percent } %</b> of the picture needs no paint
grounds-coats = { $coats } coats on average
grounds-coats-lights = { $coats } coats for the lights
grounds-coats-fewer = { $count } of { $masses } masses need fewer coats
grounds-value = Value { $value }, { $lightest }, { $darkest }
grounds-at-lightest = as light as the lightest
grounds-at-darkest = as dark as the darkest
grounds-to-lightest = { $by } below the lightest
grounds-to-darkest = { $by } above the darkest
grounds-in-use = in use
grounds-shelf = on your shelf
grounds-take = Use
grounds-shares-counted-photo = Shares are counted in the photo: what is close in value and colour. Coats are modelled from how much each paint hides, a guess that test strips correct.
grounds-begun = Begun on { $words }
grounds-lay-dry = { $minutes } to lay, { $dryMinutes } to dry
grounds-lights-lose = lights lose { $lightsLost }

## prepare/IntentForm.tsx

intent-form-darker = darker
intent-form-lighter = lighter
intent-form-seen = as seen
intent-form-values-closer-together = values closer together
intent-form-which-area-leads = Which area leads?
intent-form-leave-out = leave it out
intent-form-focus-proposed-inside = The focus is proposed inside it; composition is judged by it.
intent-form-mood = Mood
intent-form-moves-all-planned = It moves all planned values; black and white stay. Order shows the result.
intent-form-minutes-hand = Minutes in hand
intent-form-deadline = Deadline
intent-form-deadline-you-write = Deadline, as you write it
intent-form-what-about-one = What is it about, in one sentence?

## prepare/Measures.tsx

measures-horizon = Horizon
measures-top-left-right = { $topCm } from the top on the left, { $topCm2 } on the right
measures-none-found = none found
measures-focus = Focus
measures-left-top = { $x } from the left, { $y } from the top
measures-inches = inches
measures-clear-places = clear the places
measures-figure = { $what }, figure
measures-touch-two-places = Touch two places: length and angle show here. A third gives a ratio.

## prepare/Palette.tsx

palette-reach = { $count ->
    [one] <b>One paint</b> comes close to { $share } of the picture.
   *[other] <b>{ $count } paints</b> come close to { $share } of the picture.
}
palette-swap = Take { $taken } for { $left }
palette-within-e-average = Within ΔE₀₀ 6; { $mean } on average
palette-out-reach-furthest = Out of reach, the furthest first
palette-looks-mixtures-modelled = Looks and mixtures are modelled, not measured. Paints with metal in them: no sanding, no spraying, wash hands; read the labels.
palette-take-reach-best = Take the { $count } that reach it best
palette-sticks-reach = { $count ->
    [one] <b>One stick</b> comes close to { $share } of the picture.
   *[other] <b>{ $count } sticks</b>, one or two over each other, come close to { $share } of the picture.
}
palette-take-sticks-best = Take the { $count } sticks that reach it best
palette-take-shelf-sticks = Take the { $count } sticks on your shelf
palette-take-whole-set = Take the whole set
palette-take-more = Take { $what } as well
palette-take-your-shelf = Take the { $count } on your shelf

## prepare/Prepare.tsx

prepare-part-ground = ground
prepare-part-composition = composition
prepare-part-measures = measures
prepare-part-transfer = transfer
prepare-part-palette = palette
prepare-part-intent = what it is about
prepare-cm-sheet = { $widthCm } × { $heightCm } cm on the sheet
prepare-about = About: { $sentence }
prepare-what-settle = What to settle
prepare-weighing-grounds-looking = Weighing grounds and looking at the composition…

## prepare/NewLight.tsx

new-light-section = New light
new-light-kind = { $by ->
    [lamp] lamp
   *[sun] sun
}
new-light-strength = How strong
new-light-invents = This is how it would be lit. What turns to the light is guessed from outlines and depth.
new-light-take = Light it so
new-light-leave = Leave it as it is
new-light-there = A new { $by ->
    [lamp] lamp
   *[sun] sun
} lights the picture.
new-light-out = Take it out

## prepare/PreparePicture.tsx

prepare-picture-in-new-light = The picture in the light that is tried
prepare-picture-piece-arranged = The piece as arranged
prepare-picture-outline = The outline

## prepare/SheetForm.tsx

sheet-form-margin = margin
sheet-form-high = high
sheet-form-in-inches = in inches
sheet-form-in-cm = in cm
sheet-form-longer = The sheet is { $cm } cm longer than the picture: <crop>crop to it</crop>, <spread>spread</spread>, or leave a margin.
sheet-form-sheet-wide = Sheet, wide
sheet-form-do-spread = do not spread

## prepare/SurfaceForm.tsx

surface-form-either = either
surface-form-black = black
surface-form-white = white
surface-form-light-grey = light grey 7
surface-form-middle-grey = middle grey 5
surface-form-usually = as it usually is
surface-form-on = On
surface-form-kind-surface = Kind of surface
surface-form-surface-my-own = a surface of my own
surface-form-side = side
surface-form-side-b = Side
surface-form-tone = tone
surface-form-tone-surface = Tone of the surface
surface-form-own = its own
surface-form-value = value
surface-form-value-surface = Value of the surface
surface-form-read-off-photo = read it off a photo

## prepare/ToneReading.tsx

tone-reading-now-white-beside = Now the white beside it.
tone-reading-touch-surface = Touch the surface.
tone-reading-leave = leave it
tone-reading-surface-beside-white = The surface beside white

## prepare/Transfer.tsx

transfer-fine-mm = fine, 0.5 mm
transfer-plain-mm = plain, 1.5 mm
transfer-coarse-mm = coarse, 4 mm
transfer-notan = Notan
transfer-three-values = Three values
transfer-five-values = Five values
transfer-pages = on { $key } pages
transfer-one-page = one page
transfer-grid = no grid
transfer-detail = Detail
transfer-grid-b = Grid
transfer-lines = Lines
transfer-mirrored-rub-through = mirrored, to rub through
transfer-light-lines-dark = light lines, for a dark ground
transfer-paper = Paper
transfer-print-pdf = Print it (PDF)
transfer-drawing-svg = Drawing (SVG)
transfer-project = Project it
transfer-true-size-every = True size. Every page has a line of exactly 100 mm to check the print by, and marks where it meets its neighbours. A projector fills its picture: measure the frame on the sheet.
transfer-studies-few-values = Studies in a few values
transfer-values = In { $bands } values
transfer-print = print it
transfer-study-pdf = study-{ $bands }.pdf

## prepare/arrangement.ts

arrangement-in = { $cm } in
arrangement-cm = { $cm } cm

## prepare/looks.ts

looks-touch-places-picture = Touch places in the picture to measure between them
looks-outline-will-drawn = The outline as it will be drawn
looks-drag-side-frame = Drag a side of the frame: the whole photo shows
looks-drag-thing-where = Drag a thing to where it should stand, or touch it to scale it
looks-touch-where-dark = Touch where a dark accent should stand
looks-touch-where-highlight = Touch where a highlight should stand
looks-touch-place-should = Touch the place that should lead
looks-drag-way-light = Drag the way the light falls
looks-touch-where-new-light = Touch where a sun or a lamp is to be
looks-picture-arranged-invented = The picture as arranged; { $invented } % of it is invented
looks-picture-arranged = The picture as it is arranged

## prepare/measures.ts

measures-place = Place { $k }
measures-place-at = { $x } from the left, { $y } from the top
measures-from-to = From { $k } to { $k2 }
measures-level = { $cm }, { $angle }° from level
measures-last-two-lengths = The last two lengths

## see/AloneChoice.tsx

alone-choice-everything = everything
alone-choice-show = Show
alone-choice-than = darker than
alone-choice-lights = the lights
alone-choice-accents = the accents
alone-choice-mass-pointed = the mass pointed at
alone-choice-show-alone = Show alone
alone-choice-darker-than = Darker than
alone-choice-only = only { $band }

## see/AreaList.tsx

area-list-split = split
area-list-join = join
area-list-outline = outline
area-list-mark-light = Mark as light
area-list-mark-shadow = Mark as shadow
area-list-light = light
area-list-shadow = shadow
area-list-draw-over = draw over
area-list-draw-over-thing = Draw over a thing to make it one area.
area-list-draw-roughly-round = Draw roughly round a thing; it snaps to the edge.
area-list-draw-across-areas = Draw across the areas that are one thing.
area-list-draw-along-one = Draw along one of the two things.
area-list-areas-far-near = Areas, far to near
area-list-what-line-means = What a line means
area-list-now-along-other = Now along the other.
area-list-choose-area-name = Choose an area to name it; drag it in the list to where it lies, far to near.
area-list-farther = farther
area-list-nearer = nearer
area-list-split-into-light = Split into light and shadow
area-list-join-with = join with
area-list-light-shadow = light or shadow? { $value }

## see/AreaPicture.tsx

area-picture-reference = The photo
area-picture-outlines-areas = Outlines of the areas

## see/Ladder.tsx

ladder-values-each-area = Values of each area, far to near
ladder-value-black-white = Value: 0 black to 10 white. A tall block varies in value; a wide one is large in the picture.
ladder-values-masses = Values of the masses
ladder-area = In no area
ladder-threshold = Threshold { $k }

## see/MassNote.tsx

mass-note-outline = { $count ->
    [one] outline, one piece
   *[other] outline, { $count } pieces
}
mass-note-area = { $cm2 } cm²
mass-note-cm = { $cm } cm
mass-note-mm = { $mm } mm
mass-note-wide-narrowest = wide, { $mm } at the narrowest
mass-note-borders = Borders: { $borders }.
mass-note-border = { $mass } { $cm } cm, { $mm } mm soft
mass-note-measured = All measured in the photo, on a surface of { $wide } × { $high } cm.
mass-note-flat = flat
mass-note-graded = graded
mass-note-accent = accent
mass-note-form = { $form ->
    [straight] runs straight, { $way }
    [round] spreads about a light
   *[curved] follows the form
}
mass-note-stops = { $count ->
   *[other] { $count } stops, { $from } to { $to }
}
mass-note-straighten = Make straight
mass-note-follow = Follow the form
mass-note-darker = gets darker { $way }
mass-note-value = value, { $low } to { $high }
mass-note-picture = { $share } % of the picture
mass-note-one-value = one value

## see/Meters.tsx

meters-from = From
meters-near = near
meters-away = { $metres } m
meters-squint = Squint
meters-bands = Bands
meters-find-bands-picture = find the bands in the picture
meters-space-them-evenly = space them evenly
meters-metres-away = Metres away

## see/PhotoNote.tsx

photo-note-draw-round = <b>Draw roughly round the thing.</b> It snaps to the edge and comes onto your photo, to be placed.
photo-note-lost = { $white } of the photo is blown to white, { $black } crushed to black.
photo-note-leave = leave it
photo-note-hide-where = hide where
photo-note-show-where = show where
photo-note-nothing-photo-blown = Nothing of the photo is blown to white or crushed to black.
photo-note-open-darks = Open the darks
photo-note-open-lights = Open the lights
photo-note-cut-thing-another = cut a thing from another photo
photo-note-put-another-photo = put another photo in its place
photo-note-borrowed-thing = borrowed thing { $k }
photo-note-drag-place = Drag it to its place.
photo-note-larger = larger
photo-note-smaller = smaller
photo-note-turn-round = turn it round
photo-note-leave-out = leave it out

## see/PhotoPicture.tsx

photo-picture-what-thing-cut = What a thing is cut from
photo-picture-reference = The photo
photo-picture-lost-detail = Lost detail

## see/See.tsx

see-look-reference = photo
see-look-values = values
see-look-bands = bands
see-look-masses = masses
see-look-areas = areas
see-look-edges = edges
see-look-windows = windows
see-point = { $count ->
    [one] <b>One mass.</b> Point at it, or press ↓, for its measures.
   *[other] <b>{ $count } masses.</b> Point at a mass, or press ↓, for its measures.
}
see-photographed = As photographed
see-values-only = Values only
see-bands = In bands
see-masses = In masses
see-areas = In areas
see-edges-alone = Edges alone
see-two-windows = Two windows
see-squinted = Squinted at
see-how-look = How to look

## see/SeePicture.tsx

see-picture-reference = The photo: { $look }

## see/WindowsNote.tsx

windows-note-standing = The first, { $value }, belongs to <b>{ $band }</b>, { $by } from its border.
windows-note-looks = On the bare surface it looks like { $bare }, here like { $here }: { $words }.
windows-note-small = small
windows-note-middle = middle
windows-note-large = large
windows-note-reading-two-windows = Reading the two windows…
windows-note-predicted = 2, as predicted
windows-note-second = The second is { $difference }
windows-note-second-predicted-picture = second on the predicted picture
windows-note-both-one-place = both at one place
windows-note-drag-across-picture = drag across the picture
windows-note-values-along-line = values along a line
windows-note-as-it-looks = As it looks here
windows-note-published-rule-contrast = (By published rules of contrast, CIECAM02 and Hunt’s; not measured.)
windows-note-values-along-line-b = Values along the line

## see/WindowsPicture.tsx

windows-picture-reference = The photo
windows-picture-second = Second window
windows-picture-first = First window
windows-picture-across-down = { $x } % across, { $y } % down

## see/bands.ts

bands-dark-middle = Dark middle
bands-light-middle = Light middle
bands-very-dark-middle = Very dark middle
bands-very-light-middle = Very light middle
bands-dark = Dark
bands-light = Light
bands-middle = Middle

## shelf/AddItem.tsx

add-item-left = Left
add-item-left-ml = Left, ml
add-item-what = What is it?
add-item-medium = Medium
add-item-pigment-made-nearest = The pigment it is made of, or nearest to
add-item-like = It is like
add-item-type-few-letters = type a few letters
add-item-your-name = Your name for it
add-item-set = Set
add-item-colour-comes-over = Its colour as it comes, over white, if you have it measured
add-item-put-shelf = Put it on the shelf
add-item-modelled-measured = { $thing }. Modelled, not measured.

## shelf/Calibration.tsx

calibration-left-out = left out: it fits with none of the others
calibration-misses = The listed paint misses your swatches by <b>{ $before }</b> units of colour on average, fitted to them by <b>{ $after }</b>. An eye sees about 1.
calibration-your-own-swatches = Your own swatches
calibration-print-strip-paint = print the strip to paint on
calibration-read-photo-cxf = read a photo or CxF of it
calibration-photo-cxf-file = A photo or CxF file of the strip
calibration-hold = hold the { $reader } on it
calibration-field = Field
calibration-expected = expected
calibration-l-b-read = L* a* b* as read
calibration-fitted = fitted
calibration-kept-recipes-use = Kept: recipes use your paint now.
calibration-keep-fitted-paint = Keep the fitted paint

## shelf/ItemRow.tsx

item-row-twins = does the same as { $things }
item-row-pieces = pieces
item-row-ml = ml
item-row-sheets = sheets
item-row-caution = Caution: { $caution }
item-row-left = { $item } left

## shelf/PaintDetail.tsx

paint-detail-measured = { $thing }. Measured: your own swatches.
paint-detail-modelled = { $thing }. Modelled as the listed pigment, not measured.
paint-detail-masstone = masstone
paint-detail-full-thin = <b>{ $full }</b>, thin <b>{ $thin }</b>
paint-detail-name = Name
paint-detail-set = Set
paint-detail-note = Note
paint-detail-take-off-shelf = take it off the shelf
paint-detail-tungsten-lamp = a tungsten lamp (A)
paint-detail-warm-daylight-d = warm daylight (D50)
paint-detail-daylight-d = daylight (D65)
paint-detail-north-light-d = north light (D75)
paint-detail-working-looks-out = Working its looks out…
paint-detail-seen = Seen by
paint-detail-thinned-over-white = Thinned over white
paint-detail-tinted-white = Tinted with white
paint-detail-white = { $white } % white
paint-detail-comes = as it comes
paint-detail-over-grounds-comes = Over grounds, as it comes and thin

## shelf/Shelf.tsx

shelf-taken = { $added } added, { $updated } changed, { $same } unchanged.
shelf-close = close
shelf-export = export <csv>CSV</csv> or <cxf>CxF</cxf>
shelf-paints = Paints
shelf-sticks = Sticks
shelf-surfaces = Surfaces
shelf-tools = Tools
shelf-nothing-stands-here = Nothing stands here yet. Add the paints you own, or take them in from a CSV or CxF file: recipes then use your tubes, and pieces say whether enough is left.
shelf-shelf = Shelf
shelf-add-something = add something
shelf-import = import
shelf-shelf-csv-cxf = A shelf as CSV or CxF

## order/MarksLayer.tsx

marks-layer-where = Small marks of this pass

## order/ModellingLayer.tsx

modelling-layer-how = How masses are modelled, from light to dark

## order/Effects.tsx

effects-list = How this is made
effects-bring-back = Bring it back
effects-sure = ({ $sure } % sure)
effects-leave-out = Leave it out
effects-question = A question about the picture
effects-is-it = Is the { $name } a { $called }?
effects-evidence = It stands { $lead } over what is around it, and { $halo } % of that is left just outside it.
effects-chance = In { $sure } of 100 such places.
effects-yes = Yes, a { $called }
effects-no = No, { $other ->
    [glint] a highlight
    [white-thing] a white thing
   *[other] something else
}
effects-number = question { $number } of { $count }

## order/Families.tsx

families-list = Small marks of this pass
families-fewer = fewer
families-more = more
families-none = leave out
families-draw = draw a line
families-width = wide, mm
families-value = value
families-bring-back = Bring back { $count ->
    [one] one group
   *[other] { $count } groups
} left out
families-line = { $cm } cm, { $mm } mm wide; { $tool }; { $minutes }
families-size = { $cm } cm of outline; { $tool }; { $minutes }
families-texture = { $mm } mm from grain to grain; { $tool }; { $minutes }

## order/HandLayer.tsx

hand-layer-laid = As it looks laid by hand

## paint/Paint.tsx

paint-sittings-ahead = Sittings ahead
paint-looking-for-sittings = Looking for the fewest sittings
paint-count-ahead = { $count ->
    [0] No sitting ahead
    [one] One sitting ahead
   *[other] { $count } sittings ahead
}
paint-proven = Proven: { $count } is the least.
paint-at-least = At least { $bound } are needed.
paint-filled = Of { $minutes } min of drying { $filled } are filled with other work.

## paint/NextPass.tsx

next-pass-all-done = Every pass is done.
next-pass-minutes = { $work }, then { $wait } to dry
next-pass-may-stay-out = This pass may stay out: it changes no value by more than one sees.
next-pass-take-easel = Take it to the easel
next-pass-leave-out = Leave this pass out
next-pass-note = A note for the log
next-pass-on-device = On a tablet or phone beside it

## paint/Ready.tsx

ready-more-steps = and { $count } more steps
ready-have-ready = Have ready
ready-runs-out = <b>{ $paint }</b> runs out: this pass takes { $ml } ml, { $left } ml is left on the shelf.
ready-ml = { $ml } ml

## paint/Real.tsx

real-planned-real = Planned and real
real-nothing-timed = Passes that are begun and done at the easel show here.
real-together = Together { $real }, planned { $planned }.
real-minutes = { $real } min, planned { $planned }
real-waited = waited { $wait }, planned { $planned }
real-mixed = { $ml } ml mixed

## paint/Hands.tsx

hands-sittings-ahead = The sittings ahead

## paint/FreeHours.tsx

free-hours-free = Free: { $hours }.
free-hours-assumed = Free hours are assumed: { $hours }.
free-hours-calendar = Free as in { $name }.
free-hours-read-calendar = Read them from a calendar file
free-hours-calendar-of-free = A calendar of your free hours
free-hours-your-hours = Your free hours
free-hours-calendar-file = Write a calendar file
free-hours-air = The room: { $celsius } °C, { $humidity } %; things dry { $pace } times as long as usual.
free-hours-air-assumed = The room is assumed: { $celsius } °C, { $humidity } %; drying { $pace } times as long as usual.
free-hours-your-room = Your room
free-hours-celsius = Degrees Celsius
free-hours-humidity = Humidity in per cent
free-hours-read-sensor = Read the sensor
free-hours-left-handed = I paint with the left hand
free-hours-when = When do you have time? (Tuesdays 19-21, Saturday mornings)

## paint/queries.ts

queries-not-kept = This could be neither kept on this device nor sent. Write it down, or free some space on the device and tell it again.

## paint/LogSoFar.tsx

log-so-far-log = The log so far
log-so-far-empty = Nothing is logged yet.
log-so-far-event = { $kind ->
    [sitting-begun] sat down to paint
    [sitting-ended] stopped for the day
    [pass-begun] begun: { $pass }
    [step-done] step done
    [pass-done] done: { $pass }
    [pass-skipped] left out: { $pass }
    [pass-repeated] laid again: { $pass }
    [changed] done otherwise
    [interrupted] interrupted
    [resumed] went on
    [accident] something went wrong: { $what }
    [measured] measured
    [photo] photo
    [note] { $words }
    [mixture] mixture used
    [still-wet] still wet
    [dry] dry
   *[other] { $kind }
}

## devices/Devices.tsx

devices-title = Tablet and phone
devices-what = The easel works on any tablet or phone of your own network, also after the network is gone: what it needs is kept on the device when a piece is opened there, and what was logged comes back here later.
devices-closed = Washboard answers to this machine only. Switch an address on, and paired devices can reach it there; nothing else can.
devices-no-network = This machine has no address on a network of its own. Connect it to one and open this page again.
devices-switch-on = Switch on { $address }
devices-open-at = Open for paired devices at { $url }
devices-switch-off = Switch off
devices-code = Pair a device
devices-another-code = Another code
devices-code-old = This code is too old by now.
devices-qr = The address with the code, to be scanned
devices-scan = Scan it with the device, or open there
devices-type = and type the code
devices-valid = Valid for { $minutes } min { $seconds } s, once.
devices-warning = The device will warn that it does not know this machine: its certificate was made here and by nobody else. Go on, or install the certificate that the page offers; only then can the device show the easel without the network.
devices-paired = Paired devices
devices-none = No device yet.
devices-seen = seen { $seen }
devices-forget = Forget

## easel/Easel.tsx

easel-waits = { $count ->
    [one] 1 entry waits
   *[other] { $count } entries wait
} to be sent
easel-being-kept = being kept here
easel-kept = kept here
easel-not-kept = not kept here
easel-what-now = What now
easel-back = Back
easel-stop-here = Stop here today
easel-went-wrong = Something went wrong
easel-all-done = All done
easel-pass = Pass { $pass } of { $count }
easel-dry-now = It is dry now
easel-begin = Begin
easel-done-next = Done. Next: { $next }
easel-done-drying = Done, it is drying

## easel/Next.tsx

next-drying = { $minutes } to dry
next-then = Then: { $title }
next-until-dry = Dry after { $minutes }
next-still-wet = It is still wet
next-takes = { $minutes }, { $count ->
    [one] one step
   *[other] { $count } steps
}.
next-say-it = Say it
next-wet-for = It stays wet for { $minutes }
next-step = Step { $step } of { $count }
next-what-to-do = What to do now
next-all-done = Every pass is done.
next-mend-waits = What went wrong is noted; the plan follows as soon as the program is there.

## easel/WetClock.tsx

wet-clock-shiny = shiny
wet-clock-satin = satin
wet-clock-damp = damp
wet-clock-dry = dry
wet-clock-gone = { $minutes } gone

## easel/Wrong.tsx

wrong-where = Touch the place in the picture
wrong-what = { $name }: what happened?
wrong-several = Touch every place that it happened to.
wrong-choose = or choose it by its name
wrong-nothing = Nothing, go on
wrong-white-lost = A white is lost
wrong-too-dark = Too dark
wrong-too-pale = Too light
wrong-bloom = A bloom
wrong-hard-line = A hard line
wrong-mud = Mud
wrong-lift-off = Paint came off
wrong-tear = Paper torn
wrong-tooth-gone = No hold left
wrong-fixative-wet = Fixative still wet
wrong-skinned = Paint skinned
wrong-wrong-colour = Wrong colour
wrong-mask-torn = Mask tore the paper
wrong-drip = A drip

## paint/mixture.ts

mixture-value = <b>{ $value }</b>
mixture-dry-wet = <b>{ $dry }</b> dry, <b>{ $wet }</b> wet

## review/Review.tsx

review-parts = What to look at
review-part-corrections = Corrections
review-part-learning = Your hand
review-part-back = Look back
review-no-photo = What to correct first, or that it is done, is told from a photo of the painting.
review-your-painting = <b>Your painting</b>, straightened; in the windows <b>the plan</b>
review-the-plan = <b>The plan</b> at the same place

## review/useLooks.tsx

review-hold-plan = plan

## review/SeenPicture.tsx

review-painting-alt = The painting, straightened

## review/Corners.tsx

review-drag-corners = Drag each corner near to that of the sheet, margins and tape included: it snaps to the edge.

## review/FirstPhoto.tsx

review-photograph = Photograph the painting
review-photograph-how = The whole sheet in the picture, with all of its bare margin. Without a margin lay strips of white paper along two sides, a finger away. Light from one side, no flash, no shine.

## review/TakePhoto.tsx

review-take-photo = Photograph it
review-made-photo = Take a made photo with the simulated camera
review-made-coming = The simulated camera takes one…

## review/PhotoNote.tsx

review-move-corners = Move the corners
review-difference-alt = Where the painting differs from the plan
review-too-dark = too dark
review-even = even
review-too-light = too light

## review/Corrections.tsx

review-judged = { $judged } of { $count } masses judged
review-within = { $count ->
    [one] One more is
   *[other] { $count } more are
} as near to the plan as one sees.
review-cannot-say = { $count ->
    [one] Of one the photo cannot say whether it is off
   *[other] Of { $count } the photo cannot say whether they are off
}: a grey card beside a bare margin would tell.
review-may-stop-card = A photo with a grey card beside a bare margin tells whether to stop
review-may-stop = You may stop here
review-may-stop-after = { $count ->
    [one] After the first you may stop
    [2] After the second you may stop
   *[other] After all { $count } you may stop
}
review-off = The painting is { $off } values off in the mean, by area.
review-relations-hold = What stands beside what is as planned
review-relations-not = Beside each other
review-try = Try it
review-tried = It is the next pass: to the easel
review-take-as-done = { $count ->
    [one] Log this pass as done
   *[other] Log these { $count } passes as done
}
review-taken-as-done = Logged: the plan goes on from here.

## review/Gains.tsx

review-gains = What each would gain
review-gains-unit = nearer to the plan in the mean, in values

## review/ReadLadder.tsx

review-ladder = On the ladder
review-ladder-how = thin: planned, thick: measured

## drills/Drills.tsx

drills-title = Drills
drills-kinds = What to practise
drills-all = all
drills-none = There is nothing to ask yet. Make a piece, and questions come of its plan.
drills-all-guessed = Every pass that can be told is guessed.
drills-of = { $number } of { $count }
drills-next = Next question
drills-another-round = Finish the round

## drills/Asked.tsx

drills-after-pass = after pass { $pass }
drills-before = before the first pass{ $pass ->
   *[0] {""}
}
drills-keys = R photo, V values only
drills-keys-photo = R photo
drills-colour = The colour to mix
drills-right = Right
drills-wrong = Not this one
drills-why-this = Why this.
drills-why-not = Why not yours.

## drills/Options.tsx

drills-is-right = right
drills-yours = yours

## drills/Better.tsx

drills-week = { $right } of { $count } this week.
drills-week-and-before = { $right } of { $count } this week, { $before } % { $weeks ->
    [one] a week
   *[other] { $weeks } weeks
} ago.
drills-again = This one comes again in { $days ->
    [one] a day
   *[other] { $days } days
}.

## review/Learnt.tsx

learnt-title = What is learnt of your hand
learnt-how = From the log and from photos. What is not sure is shown and not offered; nothing changes by itself.
learnt-nothing = Nothing yet. Log passes at the easel and photograph what came of them.
learnt-taken = Taken into new pieces.
learnt-take-back = Leave it out again

## review/LookBack.tsx

look-back-title = The look back
look-back-page = On one page, to print
look-back-again = Start another try
look-back-guess = Guess its passes
look-back-off = { $off } off in the mean
look-back-no-photo = No photo of the painting yet.

## parts/FirstSteps.tsx

first-step-number = { $number } of { $count }
first-step-lights = <b>Look at the lights.</b> Each is kept in the way that its own figures ask for.
first-step-go-lights = Look
first-step-approach = <b>Choose an approach.</b> All stand side by side, with the painting on the way.
first-step-go-approach = Compare
first-step-mix = <b>Mix.</b> What to mix for each pass, and how much of it.
first-step-go-mix = To the mixtures
first-step-along = <b>Take it along.</b> The easel tells one thing at a time, also without a network.
first-step-go-along = To the easel

## pieces/Demo.tsx

demo-show = Look at the demo pieces
demo-back = Put the demo pieces back
