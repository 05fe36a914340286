### Mixtures: what each is best at.

merit-nearest = nearest
merit-fewest = fewest paints
merit-cleanest = cleanest
merit-lifts = lifts best
merit-out = of paints already on the palette
merit-lightfast = most lightfast
merit-cheapest = cheapest

## A strong paint let down first

mix-tint-beside = 1 { $strong } and { $beside } { $other }
mix-tint-strong = 1 { $strong }
mix-tint = First a tint: { $strong } in { $parts } { $into }. Then { $taken } of the tint, { $rest }.
mix-tint-alone = A tint: { $strong } in { $parts } { $into }.

## What a palette or a box of sticks cannot do

limit-whites = There are only white { $kind }: they go no darker than value { $value }.
limit-one = One { $kind ->
    [sticks] stick
   *[paints] paint
} alone, { $what }, gives values of one hue: plan by values.
limit-dark = The darkest that these give is value { $value }; the picture goes down to { $wanted }.
limit-light = The lightest that these give is value { $value }; the picture goes up to { $wanted }.
limit-name = Two { $kind } are called { $what }: rename one on the shelf, or recipes cannot tell them apart.
limit-help = These { $kind } come close to { $share } % of the picture. { $what } as well would help most: then { $then } %.
