### The painting beside its plan: what came out otherwise, what to correct, when to stop.

review-go-on = Go on: what is done after pass { $after } is as planned
review-relations-only = { $count ->
    [0] What stands beside what is as planned
    [one] One pair of neighbours stands otherwise than planned
   *[other] { $count } pairs of neighbours stand otherwise than planned
}
review-unsure = { $count ->
    [one] One mass may be off
   *[other] { $count } masses may be off
}: a grey card beside a bare margin would tell
review-stop = Stop here: no correction would be seen
review-first = First { $masses }{ $more ->
    [0] {""}
   *[other] , then { $more } more
}
review-light = { $source ->
    [margin] The light is evened out by the bare margin: values are good to { $sd }.
    [strips] The light is evened out by the white strips beside the sheet: values are good to { $sd }.
    [inside] The light is evened out by bare places in the picture: values are good to { $sd }.
    [relative] The light is evened out by bare places in the picture, but the photo has more contrast than a hand gives: a phone's doing, as it seems. So only what stands beside what is told. A grey card beside a bare margin would tell values.
    [card] The light is known from the grey card: values are good to { $sd }.
   *[none] Nothing in the photo tells how bright the light is: only what stands beside what is told. Leave a margin bare, or lay strips of white paper along two sides, a finger away. A grey card tells it where the sheet lies on something of one colour.
}{ $shines ->
    [yes] { " " }{ $hidden } % of the picture shines and is left out: photograph it again from another side.
   *[no] {""}
}{ $sheen ->
    [yes] { " " }A weak shine lies over a part of the picture and is taken off, as well as it can be told beside the plan.
   *[no] {""}
}{ $phone ->
    [off] { " " }The phone changed the contrast: that is taken off by the grey card.
    [plan] { " " }The photo has more contrast than a hand gives: a phone's doing, as it seems, and taken off. A grey card beside a bare margin would make that sure.
    [known] {""}
   *[unknown] { " " }A phone that changes the contrast shifts middle values: a grey card beside a bare margin tells by how much.
}
review-off = { $masses } came out { $off } too { $way }{ $hue ->
    [warm] {" "}and too warm
    [cool] {" "}and too cool
   *[none] {""}
}.
review-as-planned = { $masses } came out as planned, at { $value }.
review-not-shines = { $masses } shines in the photo and is not judged.
review-not-small = { $masses } is too small in the photo to be judged.
review-not-open = { $masses } is not finished yet.
review-not-neighbours = { $masses } is judged when its neighbours are painted.
review-not-unsure = { $masses } reads { $off } from the plan, but may be as planned: this photo is not sure enough. A grey card beside a bare margin would tell.
review-not-light = { $masses } is only judged beside its neighbours: nothing tells how bright the light is.
review-correct = { $masses } came out { $off } too { $way }: { $act }, from { $now } to { $to }, { $minutes } min.
review-small = Leave { $masses }, { $off } too { $way }: it is small, and { $minutes } min would gain nothing that one sees.
review-leave = Leave { $masses }, { $off } too { $way }: nothing brings it nearer that would not cost more than it gains.
review-turned = { $darker } is now lighter than { $lighter }, by { $apart }: planned was { $planned } darker, along { $length } cm.
review-gap = { $lighter } and { $darker } stand { $apart } apart instead of { $planned }, along { $length } cm.
review-against-log = { $kind ->
    [nothing] Nothing was logged yet.
   *[other] The log says { $logged } passes are done.
}{ $first ->
    [0] {" "}The photo looks like before the first pass.
   *[other] {" "}The photo looks like after pass { $first }{ $same ->
        [no] {" "}to { $last }
       *[yes] {""}
    }.
}
