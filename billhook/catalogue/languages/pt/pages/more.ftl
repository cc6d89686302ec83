## Dito em vários sítios

help = Ajuda
what-is-known = O que se sabe

## HelpPage

first-steps = Primeiros passos
words-of-the-trade = Palavras do ofício
which-word = Que palavra
which-word-2 = que palavra
that-word-is-not-among = Essa palavra não está entre elas.
guide = Guia
the-guide = O guia
each-page-has-more-of = Cada página tem as suas; prima ? nela.
say-where-your-trees-stand = Diga onde estão as suas árvores e o que são.
today-says-what-is-due = Hoje diz o que é para fazer, o que está em atraso e o que vem a seguir.
open-a-tree-may-i = Abra uma árvore: se pode cortar hoje, quanto, e o que custa.
look-at-it-one-question = Veja-a: uma pergunta de cada vez, e o que fazer com isso.
plan-the-cuts-print-the = Planeie os cortes, imprima a folha, leve-a para debaixo da árvore.
what-was-done-stands-in = O que se fez está no livro; tudo se pode desfazer.

## KnownPage

so-many-values = { $n ->
    [one] { $n } valor
   *[other] { $n } valores
}
every-number-a-verdict-rests = Cada número em que assenta um veredicto: a unidade, o que se pode pôr no seu lugar e de onde vem.
how-sure = Com que certeza
fetching = A buscar …
catalogue = Catálogo { $version }
lemon-frost-side-branch = lemon, frost, side branch …
to-5 = { $low } a { $high } { $unitOf }
known = sabido
what = O quê
value = Valor
may-be = Pode ser
others-say-2 = Outros dizem

## MorePage

units = Unidades
the-same-on-every-device = As mesmas em cada aparelho, folha, lista e calendário.
colours = Cores
colours-on-this-device = Cores neste aparelho
data-out = Tirar os dados
as = { $name } como { $kind }
all-of-it-as-one = Tudo num pacote
metres-millimetres-c = Metros, milímetros, °C
feet-inches-f = Pés, polegadas, °F
the-holding = A exploração
say-what-stands-there-or = diga o que lá há, ou traga uma lista
climate-station-ways-of-working = clima, estação, maneiras de trabalhar, calendário
who-works-here-how-far = quem trabalha aqui, até onde chega, de quem são as linhas
heights-of-rows = Alturas das linhas
sun-on-the-walls-hedging = sol nas paredes, sebes, maneiras de renovar
before-a-cold-night-after = antes de uma noite fria, depois, e o que ficou ferido
what-opens-without-signal-what = o que se abre sem rede, o que espera ser enviado
trees-that-are-nobody-s = árvores de ninguém: ver, decidir, conversar
first-steps-words-of-the = primeiros passos, palavras do ofício, o guia, teclas
every-number-and-how-sure = cada número, e com que certeza
the-log = O registo
what-is-due = O que é para fazer
materials-of-the-months-ahead = Materiais dos próximos meses
as-geojson = { $name } como GeoJSON

## BackupsPart

backups = Cópias de segurança
backing-up = A fazer a cópia …
back-up-now = Fazer uma cópia agora
in = Em
on-the-computer-that-runs = no computador que corre o Billhook.
one-is-kept = Guarda-se uma
are-kept = Guardam-se { $kept }
the-newest-seven-one-of = As sete mais recentes, uma de cada uma de quatro semanas e uma de cada um de doze meses. Para repor uma, pare lá o Billhook e corra
with-the-file-what-stood = com o ficheiro; o que lá estava fica guardado.

## SignedIn

signed-in = Com sessão aberta
what-waits-here-to-be = O que espera aqui ser enviado fica até { $account } voltar.
from-now-on-this-device = A partir de agora o bloqueio deste aparelho deixa-o entrar.
come-in-by-this-device = Entrar com o bloqueio deste aparelho
language-of-this-device = Língua deste aparelho
notes-stay-as-typed = Fala-a o telefone ou computador que está a ver; os outros escolhem a sua. O que alguém escreveu fica como se escreveu.
