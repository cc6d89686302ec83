value-crops = { $part ->
    [none] nenhuma colheita
    [twentieth] um vigésimo de colheita
    [tenth] um décimo de colheita
    [fifth] um quinto de colheita
    [quarter] um quarto de colheita
    [third] um terço de colheita
    [half] meia colheita
    [two-thirds] dois terços de colheita
    [three-quarters] três quartos de colheita
    [whole] uma colheita inteira
   *[more] { $n } colheitas
}
