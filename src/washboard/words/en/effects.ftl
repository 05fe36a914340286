### Effects: how a soft edge, a smooth light, a lamp, a highlight is made.

effect-edges = Edges, { $medium ->
    [watercolour] with the { $tool } while the wash is shiny
    [acrylic] with the { $tool } before the paint grows tacky
    [oil] with the { $tool } while the paint is open
   *[pastel] with the { $tool }
}: { $edges }{ $more ->
    [0] {""}
    [one] {" "}and one more, { $length } cm in all
   *[other] {" "}and { $more } more, { $length } cm in all
}.
effect-edge = { $how ->
    [lost] lose
   *[soft] soften
} { $mass } toward { $toward } ({ $length } cm, { $wide } mm wide)
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

effect-off = You left it out.
effect-asks = The picture does not tell it surely enough; say what it is.

effect-name-rows = Row
effect-name-edges = Soft edge
effect-name-smooth = Smooth light
effect-name-lamp = Lamp
effect-name-glint = Highlight
