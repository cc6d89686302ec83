## Dicho en varios sitios

name = Nombre

## PeoplePage

who-works-here-a-name = Quién trabaja aquí. Así el nombre está a un toque dondequiera que se pregunte quién hizo algo. Las filas y parcelas se dan a alguien en su
and-today-can-be-read = , y Hoy se puede leer por ayudante.
take-off-the-list = Quitar de la lista
theirs = De él o ella:
somebody-new = Alguien nuevo
reaches = alcanza { $reach }
with-a-pole = con pértiga { $pole }
carries = lleva { $carries }
h-a-week = { $hoursWeek } h a la semana
row-3 = { $of }, fila { $n }

## SignIn

come-in = Entrar
sign-in = Iniciar sesión
take-a-pin-of-six = Elija un PIN de seis signos o más. Con su nombre abre Billhook en cualquiera de sus aparatos.
you-come-in-as = Entra como
your-name = Su nombre
pin = PIN
with-this-device-s-lock = Con el bloqueo de este aparato
no-pin-yet-or-lost = ¿Todavía sin PIN, o perdido? Un dueño de la explotación le deja entrar con un código, en
an-owner-comes-in-with = ; un dueño entra con el que
shows-on-the-computer-that = muestra en el ordenador que lleva Billhook. Lo que escribió en este aparato se queda aquí hasta que vuelva.

## MayComeIn

who-may-come-in = Quién puede entrar
what-is = Qué es { $name }
let-in-no-more = No dejar entrar más
sees-all-rows-none-are = Ve todas las filas: ninguna está a este nombre.
sees-rows-those-of-this = Ve { $ownRows } { $ownRows ->
    [one] fila
   *[other] filas
 }, las de este nombre.
this-device = este aparato
seen-2 = visto { $seen }
let-somebody-in = Dejar entrar a alguien
let-somebody-in-or-give = Dejar entrar a alguien, o dar un PIN nuevo
show-a-code = Mostrar un código
whoever-points-a-phone-at = Quien apunte un teléfono hacia él en { $minutes } minutos entra, una vez, y elige su propio PIN. O por esta dirección:
what-happened-at-the-door = Lo que pasó en la puerta
from-4 = , desde { $where }

## PersonForm

reaches-by-hand = Alcanza con la mano
with-a-pole-2 = Con pértiga
may-carry = Puede llevar, { $which }
cannot-read-this-type-15 = No se entiende; escriba 15
hours-a-week-for-the = Horas a la semana para los árboles
cannot-read-this-type-24 = No se entiende; escriba 24
works = Trabaja
may = Puede
keep-it = Guardarlo
put-on-the-list = Poner en la lista

## WhoseWork

whose-work = De quién es el trabajo
whose-work-it-is = De quién es el trabajo
as-its-block-says = como diga su parcela
nobody-named-2 = nadie nombrado
put-somebody-on-the-list = Poner a alguien en la lista
