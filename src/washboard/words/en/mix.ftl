### Mixtures: what each is best at.

merit-nearest = nearest
merit-fewest = fewest paints
merit-cleanest = cleanest
merit-lifts = lifts best
merit-out = of paints already on the palette
merit-lightfast = most lightfast
merit-cheapest = cheapest
