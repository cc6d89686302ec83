## Dito em vários sítios

name = Nome

## PeoplePage

who-works-here-a-name = Quem trabalha aqui. Assim o nome está a um toque onde quer que se pergunte quem fez algo. As linhas e talhões dão-se a alguém na sua
and-today-can-be-read = , e Hoje pode ler-se por ajudante.
take-off-the-list = Tirar da lista
theirs = Dele ou dela:
somebody-new = Alguém novo
reaches = chega a { $reach }
with-a-pole = com vara { $pole }
carries = carrega { $carries }
h-a-week = { $hoursWeek } h por semana
row-3 = { $of }, linha { $n }

## SignIn

come-in = Entrar
sign-in = Iniciar sessão
take-a-pin-of-six = Escolha um PIN de seis sinais ou mais. Com o seu nome abre o Billhook em qualquer dos seus aparelhos.
you-come-in-as = Entra como
your-name = O seu nome
pin = PIN
with-this-device-s-lock = Com o bloqueio deste aparelho
no-pin-yet-or-lost = Ainda sem PIN, ou perdido? Um dono da exploração deixa-o entrar com um código, em
an-owner-comes-in-with = ; um dono entra com o que
shows-on-the-computer-that = mostra no computador que corre o Billhook. O que escreveu neste aparelho fica aqui até voltar.

## MayComeIn

who-may-come-in = Quem pode entrar
what-is = O que é { $name }
let-in-no-more = Não deixar entrar mais
sees-all-rows-none-are = Vê todas as linhas: nenhuma está neste nome.
sees-rows-those-of-this = Vê { $ownRows } { $ownRows ->
    [one] linha
   *[other] linhas
 }, as deste nome.
this-device = este aparelho
seen-2 = visto { $seen }
let-somebody-in = Deixar entrar alguém
let-somebody-in-or-give = Deixar entrar alguém, ou dar um PIN novo
show-a-code = Mostrar um código
whoever-points-a-phone-at = Quem lhe apontar um telefone dentro de { $minutes } minutos entra, uma vez, e escolhe o seu próprio PIN. Ou por este endereço:
what-happened-at-the-door = O que aconteceu à porta
from-4 = , de { $where }

## PersonForm

reaches-by-hand = Chega com a mão
with-a-pole-2 = Com vara
may-carry = Pode carregar, { $which }
cannot-read-this-type-15 = Não se percebe; escreva 15
hours-a-week-for-the = Horas por semana para as árvores
cannot-read-this-type-24 = Não se percebe; escreva 24
works = Trabalha
may = Pode
keep-it = Guardar
put-on-the-list = Pôr na lista

## WhoseWork

whose-work = De quem é o trabalho
whose-work-it-is = De quem é o trabalho
as-its-block-says = como disser o talhão
nobody-named-2 = ninguém indicado
put-somebody-on-the-list = Pôr alguém na lista
