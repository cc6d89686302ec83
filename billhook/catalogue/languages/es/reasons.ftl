value-crops = { $part ->
    [none] ninguna cosecha
    [twentieth] un vigésimo de cosecha
    [tenth] una décima parte de cosecha
    [fifth] un quinto de cosecha
    [quarter] un cuarto de cosecha
    [third] un tercio de cosecha
    [half] media cosecha
    [two-thirds] dos tercios de cosecha
    [three-quarters] tres cuartos de cosecha
    [whole] una cosecha entera
   *[more] { $n } cosechas
}
