### What was learnt of the painter, and what is offered.

learnt-pace = { $count ->
    [one] One pass
   *[other] { $count } passes
}{ $scope ->
    [large] {" "}with a large brush or stick
    [middle] {" "}with a middle brush or stick
    [fine] {" "}with a fine brush or edge
   *[other] {""}
}: you take { $figure } times as long as usual, between { $low } and { $high }.
learnt-drying = { $count ->
    [one] One layer
   *[other] { $count } layers
} on { $scope }: they dry in { $figure } times the usual, between { $low } and { $high }.
learnt-bias = In { $count ->
    [one] one painting
   *[other] { $count } paintings
} your { $band } came out { $more ->
    [even] as planned
    [yes] { $figure } too light
   *[no] { $figure } too dark
}, between { $low } and { $high }.
learnt-warmth = In { $count ->
    [one] one painting
   *[other] { $count } paintings
} your colours came out { $more ->
    [even] as warm as planned
    [yes] { $figure } units too warm
   *[no] { $figure } units too cool
}, between { $low } and { $high }.
learnt-waste = { $count ->
    [one] One mixture
   *[other] { $count } mixtures
}: you mix { $figure } times what is planned, between { $low } and { $high }.
band-light = lights
band-middle-high = upper middles
band-middle-low = lower middles
band-dark = darks
offer-pace = Plan with { $figure } times the minutes
offer-drying = Plan with { $figure } times the waits
offer-bias = Mix { $band } { $by } { $way } from now on
offer-waste = Mix { $figure } times as much
