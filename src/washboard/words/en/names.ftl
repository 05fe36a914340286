### Names of masses and areas, value words and hues.

as-given = { $text }
term = { $words }
count-more = { $count ->
    [one] one more
   *[other] { $count } more
}
count-whites = { $count ->
    [one] one white
   *[other] { $count } whites
}
count-masses = { $count ->
    [one] one mass
   *[other] { $count } masses
}
count-highlights = { $count } highlights
count-dark-accents = { $count } dark accents

# A name in a list or at the head of a row, and the same inside a sentence.
name-listed = { $look }, { $place }
name-listed-alone = { $look }
name-listed-within = { $look }, { $thing }
# The same in a row of names, as a title has it: without its article, and without a comma of its own.
name-in-row = { $look } { $place }
name-in-row-alone = { $look }
name-in-row-within = { $look } in { $thing }
name-in-sentence = the { $look } { $place }
name-in-sentence-alone = the { $look }
name-in-sentence-within = the { $look } in { $thing }
own-name = the { $name }
look = { $size } { $tone } { $hues } { $noun } { $letter }

area-lettered = area { $letter }

noun-background = background
noun-foreground = foreground
noun-corner = corner
noun-ring = ring
noun-strip = strip
noun-spot = spot
noun-patch = patch
noun-highlight = highlight
noun-dark-accent = dark accent

size-large = large
size-small = small
size-lighter = lighter
size-darker = darker

# Value words: the same limits everywhere.
tone-black = black
tone-dark = dark
tone-dark-middle = dark middle
tone-middle = middle
tone-light-middle = light middle
tone-light = light
tone-white = white

tones-black = blacks
tones-dark = darks
tones-dark-middle = dark middles
tones-middle = middles
tones-light-middle = light middles
tones-light = lights
tones-white = whites

hue-grey = grey
hue-warm-grey = warm grey
hue-cool-grey = cool grey
hue-rose = rose
hue-red = red
hue-orange = orange
hue-ochre = ochre
hue-yellow = yellow
hue-green-yellow = yellow-green
hue-green = green
hue-blue-green = blue-green
hue-blue = blue
hue-violet = violet
hue-purple = purple
hue-brown = brown
hue-red-brown = red-brown
hue-olive = olive
hue-brown-grey = brown-grey
hue-rose-grey = rose-grey
hue-red-grey = red-grey
hue-orange-grey = orange-grey
hue-ochre-grey = ochre-grey
hue-yellow-grey = yellow-grey
hue-green-grey = green-grey
hue-blue-grey = blue-grey
hue-violet-grey = violet-grey
hue-purple-grey = purple-grey
hue-olive-grey = olive-grey

place-everywhere = nearly all
place-top-left = top left
place-top = top
place-top-right = top right
place-upper-left = upper left
place-upper = upper centre
place-upper-right = upper right
place-left = left
place-centre = centre
place-right = right
place-lower-left = lower left
place-lower = lower centre
place-lower-right = lower right
place-bottom-left = bottom left
place-bottom = bottom
place-bottom-right = bottom right

place-far-top-left = top far left
place-far-top-right = top far right
place-far-upper-left = upper far left
place-far-upper-right = upper far right
place-far-left = far left
place-far-right = far right
place-far-lower-left = lower far left
place-far-lower-right = lower far right
place-far-bottom-left = bottom far left
place-far-bottom-right = bottom far right
place-near-top-left = top, left of centre
place-near-top-right = top, right of centre
place-near-upper-left = upper, left of centre
place-near-upper-right = upper, right of centre
place-near-left = left of centre
place-near-right = right of centre
place-near-lower-left = lower, left of centre
place-near-lower-right = lower, right of centre
place-near-bottom-left = bottom, left of centre
place-near-bottom-right = bottom, right of centre

at-everywhere = over nearly all
at-top-left = at the top left
at-top = at the top
at-top-right = at the top right
at-upper-left = at the upper left
at-upper = in the upper centre
at-upper-right = at the upper right
at-left = on the left
at-centre = in the centre
at-right = on the right
at-lower-left = at the lower left
at-lower = in the lower centre
at-lower-right = at the lower right
at-bottom-left = at the bottom left
at-bottom = at the bottom
at-bottom-right = at the bottom right

at-far-top-left = at the top far left
at-far-top-right = at the top far right
at-far-upper-left = at the upper far left
at-far-upper-right = at the upper far right
at-far-left = at the far left
at-far-right = at the far right
at-far-lower-left = at the lower far left
at-far-lower-right = at the lower far right
at-far-bottom-left = at the bottom far left
at-far-bottom-right = at the bottom far right
at-near-top-left = at the top left of centre
at-near-top-right = at the top right of centre
at-near-upper-left = up left of centre
at-near-upper-right = up right of centre
at-near-left = left of centre
at-near-right = right of centre
at-near-lower-left = low left of centre
at-near-lower-right = low right of centre
at-near-bottom-left = at the bottom left of centre
at-near-bottom-right = at the bottom right of centre
